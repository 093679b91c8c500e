import proxyAddr from 'proxy-addr';
import type { RequestEvent } from '@sveltejs/kit';
import type { IncomingMessage } from 'node:http';

/** Proxies whose word on who asked is believed: addresses or ranges, comma-separated. Empty = nobody's. */
const trusted = (): string[] =>
  (process.env.JALEO_PROXIES ?? '')
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '');

/** Where a request comes from: the connection's own end, or what a configured proxy says of it. */
export function clientAddress(event: Pick<RequestEvent, 'platform' | 'getClientAddress'>): string {
  const request = (event.platform as { req?: IncomingMessage } | undefined)?.req;
  if (!request) return event.getClientAddress();
  return addressOf(request, trusted());
}

/** @param proxies believed ones; a forged header from anybody else changes nothing */
export const addressOf = (request: IncomingMessage, proxies: readonly string[]): string =>
  proxyAddr(request, [...proxies]);
