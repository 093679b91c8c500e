import { origin } from './config';

/**
 * A place of our own to go on to, resolved as a browser would resolve it: a link must not send a signed-in coach elsewhere.
 * @returns path, query and fragment on our origin, or `fallback` for anything that leads (or could lead) away
 */
export function ownPath(to: string | null, fallback: string): string {
  const home = new URL(origin());
  const resolve = (text: string): URL | null => (URL.canParse(text, home) ? new URL(text, home) : null);
  const there = to?.startsWith('/') ? resolve(to) : null;
  if (there?.origin !== home.origin) return fallback;
  // what comes out is resolved once more by the browser: "/.//elsewhere" has become "//elsewhere"
  const path = there.pathname + there.search + there.hash;
  return resolve(path)?.href === there.href ? path : fallback;
}
