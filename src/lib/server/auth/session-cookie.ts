import { createHmac, timingSafeEqual } from 'node:crypto';
import { authSecret } from '../config';

/**
 * The session's token out of its signed cookie, as sign-in's library writes it: `token.signature`, HMAC-SHA-256 in base64.
 * @param raw the cookie's value, decoded
 * @returns null when there is none or somebody else wrote it
 */
export function readSessionToken(raw: string | undefined): string | null {
  const at = raw?.lastIndexOf('.') ?? -1;
  if (raw === undefined || at < 1) return null;
  const [token, signature] = [raw.slice(0, at), Buffer.from(raw.slice(at + 1), 'base64')];
  const expected = createHmac('sha256', authSecret()).update(token).digest();
  return signature.length === expected.length && timingSafeEqual(signature, expected) ? token : null;
}
