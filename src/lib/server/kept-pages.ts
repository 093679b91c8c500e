import { randomBytes } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import { v7 } from 'uuid';
import { stateOf, type Known } from './db/remembered';

/** What all kept pages of this process may take. */
const MOST_BYTES = 64_000_000;
/** Laying a page out takes ten times what reading it from here does; these are opened again and again by a whole staff. */
const KEPT = [
  '/(app)/calls',
  '/(app)/squad/[squadId]',
  '/(app)/bench/[squadId]/[day]',
  '/(app)/start/[squadId]/[day]',
  '/(app)/library',
  '/(floor)/floor/[sessionId]',
];
const NONCE = /'nonce-([^']+)'/;

interface KeptPage {
  readonly html: string;
  readonly headers: readonly (readonly [string, string])[];
  /** what must differ each time the page is given */
  readonly nonce: string | null;
  readonly onceIds: readonly string[];
}

const pages = new LRUCache<string, { state: Known; page: KeptPage }>({
  maxSize: MOST_BYTES,
  sizeCalculation: ({ page }) => 2 * page.html.length,
});
/** Pages being laid out: who asks meanwhile for the same one waits for it. */
const making = new WeakMap<Known, Map<string, Promise<KeptPage | null>>>();

export const mayBeKept = (routeId: string | null, method: string): boolean =>
  routeId !== null && method === 'GET' && KEPT.includes(routeId);

/**
 * Gives a page as it was laid out before, when nothing of the club was written since, with ids and nonce of its own; else
 * lays it out.
 * @param key everything the page depends on beside the club's rows: who, where, how it looks, which day
 * @param lay lays the page out, adding to `onceIds` what must be new each time
 */
export async function keptPage(
  clubId: string,
  key: string,
  onceIds: readonly string[],
  lay: () => Promise<Response>,
): Promise<Response> {
  const state = await stateOf(clubId);
  const there = pages.get(key);
  if (there?.state === state) return giveAnew(there.page);
  const waiting = making.get(state) ?? new Map<string, Promise<KeptPage | null>>();
  making.set(state, waiting);
  const before = waiting.get(key);
  const other = before && (await before);
  if (other) return giveAnew(other);
  let settle: (page: KeptPage | null) => void = () => undefined;
  waiting.set(key, new Promise((done) => (settle = done)));
  try {
    const response = await lay();
    const page = await pageOf(response, onceIds);
    if (page) pages.set(key, { state, page });
    settle(page);
    // what is refused or not found is nobody else's answer
    return page ? giveBack(page.html, page.headers) : response;
  } finally {
    settle(null);
    waiting.delete(key);
  }
}

async function pageOf(response: Response, onceIds: readonly string[]): Promise<KeptPage | null> {
  const isPage = response.status === 200 && response.headers.get('content-type')?.startsWith('text/html') === true;
  if (!isPage || response.headers.has('set-cookie')) return null;
  const nonce = NONCE.exec(response.headers.get('content-security-policy') ?? '')?.[1] ?? null;
  // the tag was of these bytes; the next ones differ by their ids
  const headers = [...response.headers].filter(([name]) => name !== 'etag' && name !== 'content-length');
  return { html: await response.text(), headers, nonce, onceIds };
}

function giveAnew({ html, headers, nonce, onceIds }: KeptPage): Response {
  let anew = html;
  for (const id of onceIds) anew = anew.replaceAll(id, v7());
  if (nonce === null) return giveBack(anew, headers);
  const fresh = randomBytes(16).toString('base64');
  return giveBack(
    anew.replaceAll(nonce, fresh),
    headers.map(([name, value]) => [name, value.replaceAll(nonce, fresh)] as const),
  );
}

const giveBack = (html: string, headers: KeptPage['headers']): Response =>
  new Response(html, { headers: headers.map(([name, value]) => [name, value] as [string, string]) });
