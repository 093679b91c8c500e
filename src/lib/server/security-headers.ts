import { origin } from './config';

/** What the pages never use, so that nothing put into them can. */
const NEVER_USED = ['camera', 'microphone', 'geolocation', 'payment', 'usb', 'midi'];

/**
 * Headers of every answer. A private answer is kept by no cache on the way and not by the browser's own: the pages of the
 * hall are kept by our service worker, which knows whose they are.
 */
export function setSecurityHeaders(headers: Headers, person: string | null, isPrivate: boolean): void {
  headers.set('x-content-type-options', 'nosniff');
  // not "no-referrer": the browser would then send forms without their origin, which is checked
  headers.set('referrer-policy', 'same-origin');
  headers.set('permissions-policy', NEVER_USED.map((feature) => `${feature}=()`).join(', '));
  headers.set('cross-origin-opener-policy', 'same-origin');
  if (origin().startsWith('https:')) headers.set('strict-transport-security', 'max-age=31536000');
  if (isPrivate) headers.set('cache-control', 'private, no-store');
  if (person !== null) headers.set('x-person', person);
}
