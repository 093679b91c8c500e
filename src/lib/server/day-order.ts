import { AsyncLocalStorage } from 'node:async_hooks';
import { LRUCache } from 'lru-cache';
import type { DayOrder } from '$core/calendar';
import { tellDaysBy } from '$lib/messages';

/** How the request being answered tells and reads days. */
const request = new AsyncLocalStorage<{ order: DayOrder }>();
/** As each club was last read here: a page that is given from memory has read it before. Far more than are remembered. */
const clubs = new LRUCache<string, DayOrder>({ max: 5000 });

tellDaysBy(() => request.getStore()?.order ?? 'day-first');

/** Answers a request for a club, or for nobody known yet. */
export const withDaysOfRequest = <T>(clubId: string | null, work: () => T): T =>
  request.run({ order: (clubId === null ? undefined : clubs.get(clubId)) ?? 'day-first' }, work);

/** From here on the request tells days so: its form or its club says it. */
export function daysOfRequest(order: DayOrder): void {
  const store = request.getStore();
  if (store) store.order = order;
}

/** The club's own way, as just read. */
export function daysOfClub(clubId: string, order: DayOrder): void {
  clubs.set(clubId, order);
  daysOfRequest(order);
}
