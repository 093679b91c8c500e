import { isWithin, ownTags, type OwnCalendar } from '../calendar';
import type { MethodTables } from '../method';
import type { Reason } from '../result';
import { dayLimits, LOWER_BODY, type DayLimits } from '../season';
import type { DayContext, DaySetting } from './day-context';
import { setsLeft } from './shared-week';
import { easedTo, type WorkingLine } from './working-line';

/** What of a day is an athlete's own, by a calendar beside the squad's. */
export type OwnDay = Pick<
  DayContext,
  'tags' | 'limits' | 'lighterWeek' | 'contactsBefore' | 'setsLeft' | 'stepped' | 'apart'
>;

/** How an athlete's day differs from the squad's, for what the card of the squad does not do by itself. */
export interface Apart {
  /** played elsewhere yesterday: recovery (WEEK-4) */
  readonly recovery: boolean;
  /** plays elsewhere today: nothing of the card (WEEK-2) */
  readonly event: boolean;
  /** plays elsewhere tomorrow: a primer's doses at most (WEEK-2) */
  readonly primer: boolean;
}

/** @param squad limits of the squad's day; null = there is none beside the athlete's */
export function ownDay(
  setting: Pick<DaySetting, 'day' | 'events' | 'afterHeavy' | 'lighterWeek'>,
  calendar: OwnCalendar,
  squad: DayLimits | null,
  method: MethodTables,
): OwnDay {
  const { settings } = method;
  const { day, events, afterHeavy } = setting;
  const { tagReachDays: reach, shortMinutes } = settings.week;
  const { tags, recovers } = ownTags(day, events, calendar, { reach, shortMinutes });
  const own = dayLimits(tags, settings, afterHeavy || calendar.heavyBefore);
  const limits = recovers ? own : { ...own, recovery: false };
  const lighterWeek = setting.lighterWeek || isWithin(day, calendar.lighter);
  return {
    tags,
    limits,
    lighterWeek,
    contactsBefore: calendar.contactsToday,
    setsLeft: calendar.sharedWeek && setsLeft(calendar.sharedWeek, lighterWeek, method),
    stepped: calendar.stepped,
    apart: {
      event: squad !== null && limits.on && !squad.on,
      recovery: squad !== null && limits.recovery && !squad.recovery,
      primer: squad !== null && limits.primerOnly && !squad.primerOnly,
    },
  };
}

/** On an event of their own athletes do nothing of the squad's card, the day after one what a recovery card would hold (WEEK-2, WEEK-4). */
export function barsOwnDay(
  { row }: Pick<WorkingLine, 'row'>,
  { apart, method }: Pick<DayContext, 'apart' | 'method'>,
): Reason | null {
  if (apart.event) return { code: 'own_event', rules: ['WEEK-2'], facts: {} };
  return apart.recovery && !method.settings.week.recoveryRows.includes(row)
    ? { code: 'own_recovery', rules: ['WEEK-4'], facts: {} }
    : null;
}

/** The day before an event of their own, athletes do at most a primer's sets and reps of the squad's leg work (WEEK-2). */
export function easeToPrimer(line: WorkingLine, { apart, method, limits }: DayContext): WorkingLine {
  const { primerSets, primerReps } = method.settings.week;
  const { dose, exercise } = line;
  if (!apart.primer || line.typed || exercise.plyo || !LOWER_BODY.includes(exercise.family)) return line;
  if (!method.doses[line.row].progresses) return line;
  const eased = {
    ...dose,
    sets: Math.min(dose.sets, primerSets),
    amount: dose.unit === 'reps' ? Math.min(dose.amount, primerReps) : dose.amount,
  };
  return eased.sets === dose.sets && eased.amount === dose.amount
    ? line
    : easedTo(line, eased, { code: 'own_primer', rules: ['WEEK-2'], facts: { daysBefore: limits.daysBefore ?? 0 } });
}
