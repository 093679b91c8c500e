import type { ClientInit } from '@sveltejs/kit';
import { DAY_ORDERS } from '$core/calendar';
import { tellDaysBy } from '$lib/messages/dates';

/** The page says how its club tells days, so that what is drawn here reads as what was drawn there. */
export const init: ClientInit = () => {
  tellDaysBy(() => DAY_ORDERS.find((order) => order === document.documentElement.dataset.days) ?? 'day-first');
};
