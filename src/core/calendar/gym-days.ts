import { addDays, weekdayOf, type Day } from './day';

/** A squad's standing gym time: weekday (Monday 1 … Sunday 7), local start 'HH:MM' and minutes. */
export interface GymDay {
  readonly weekday: number;
  readonly start: string;
  readonly minutes: number;
}

/**
 * The first gym day after `after` (strictly), or null when the squad has none.
 * @example nextGymDay('2026-11-24', [{ weekday: 4, start: '18:30', minutes: 55 }]) // '2026-11-26'
 */
export function nextGymDay(after: Day, gymDays: readonly GymDay[]): Day | null {
  for (let ahead = 1; ahead <= 7; ahead++) {
    const day = addDays(after, ahead);
    if (gymDays.some((gym) => gym.weekday === weekdayOf(day))) return day;
  }
  return null;
}

/** The gym time that falls on a day, or null. */
export const gymDayOn = (day: Day, gymDays: readonly GymDay[]): GymDay | null =>
  gymDays.find((gym) => gym.weekday === weekdayOf(day)) ?? null;
