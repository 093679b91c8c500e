import type { MatchTag } from '../calendar';
import type { MethodSettings } from '../method';

/** What a day allows by its match-day tags (WEEK-2, WEEK-4). */
export interface DayLimits {
  /** the event's own day */
  readonly on: boolean;
  /** no heavy lower-body work, no high or shock tier */
  readonly quiet: boolean;
  /** quiet because a heavy session lies too short behind, no event near (WEEK-3) */
  readonly afterHeavy: boolean;
  /** the day before an event, and the event's own: a primer at most */
  readonly primerOnly: boolean;
  /** the day after an event */
  readonly recovery: boolean;
  /** days to the next event that counts, null when none is near */
  readonly daysBefore: number | null;
  readonly daysAfter: number | null;
}

/**
 * Limits of a day from its tags. A day may carry two tags and holds only what all of them allow (WEEK-7).
 * @param tags as `matchTags` gives them
 * @param afterHeavy the heavy session before lies less than two days behind (WEEK-3)
 */
export function dayLimits(tags: readonly MatchTag[], settings: MethodSettings, afterHeavy = false): DayLimits {
  const { quietDaysBefore, recoveryDaysAfter } = settings.week;
  const on = tags.some((tag) => tag.place === 'on');
  const ahead = tags.filter((tag) => tag.place === 'before');
  const behind = tags.filter((tag) => tag.place === 'after');
  const near = on || ahead.some((tag) => tag.friendly || tag.days <= quietDaysBefore);
  return {
    on,
    quiet: near || afterHeavy,
    afterHeavy: afterHeavy && !near,
    primerOnly: on || ahead.some((tag) => tag.days === 1),
    recovery: behind.some((tag) => tag.days <= recoveryDaysAfter),
    daysBefore: on ? 0 : (ahead[0]?.days ?? null),
    daysAfter: behind[0]?.days ?? null,
  };
}

/** The rule a quiet day follows from, with what a coach is told of it. */
export const whyQuiet = ({
  afterHeavy,
  daysBefore,
}: Pick<DayLimits, 'afterHeavy' | 'daysBefore'>): { rules: string[]; facts: { daysBefore: number | string } } =>
  afterHeavy
    ? { rules: ['WEEK-3'], facts: { daysBefore: AFTER_HEAVY } }
    : { rules: ['WEEK-2'], facts: { daysBefore: daysBefore ?? 0 } };

/** Stands where the days to an event are told. */
export const AFTER_HEAVY = 'heavy';
