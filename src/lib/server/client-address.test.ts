import { expect, test } from 'vitest';
import type { IncomingMessage } from 'node:http';
import { addressOf } from './client-address';

const from = (peer: string, forwarded?: string): IncomingMessage =>
  ({
    socket: { remoteAddress: peer },
    headers: forwarded === undefined ? {} : { 'x-forwarded-for': forwarded },
  }) as unknown as IncomingMessage;

test.each([
  ['nobody forwards', '203.0.113.7', undefined, ['10.0.0.0/8'], '203.0.113.7'],
  ['a stranger forges it', '203.0.113.7', '198.51.100.1', ['10.0.0.0/8'], '203.0.113.7'],
  ['no proxy is configured', '10.0.0.2', '198.51.100.1', [], '10.0.0.2'],
  ['the proxy says it', '10.0.0.2', '198.51.100.1', ['10.0.0.0/8'], '198.51.100.1'],
  [
    'the client forged the first, the proxy added the last',
    '10.0.0.2',
    '1.1.1.1, 198.51.100.1',
    ['10.0.0.0/8'],
    '198.51.100.1',
  ],
  ['two of ours in a row', '10.0.0.2', '198.51.100.1, 10.0.0.9', ['10.0.0.0/8'], '198.51.100.1'],
] as const)('%s', (_, peer, forwarded, proxies, expected) => {
  expect(addressOf(from(peer, forwarded), proxies)).toBe(expected);
});
