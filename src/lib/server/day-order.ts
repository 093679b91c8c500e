import { AsyncLocalStorage } from 'node:async_hooks';
import type { DayOrder } from '$core/calendar';
import { tellDaysBy } from '$lib/messages';

/** How the request being answered tells and reads days; known once its form or its club is. */
const request = new AsyncLocalStorage<{ order: DayOrder }>();

tellDaysBy(() => request.getStore()?.order ?? 'day-first');

export const withDaysOfRequest = <T>(work: () => T): T => request.run({ order: 'day-first' }, work);

export function daysOfRequest(order: DayOrder): void {
  const store = request.getStore();
  if (store) store.order = order;
}
