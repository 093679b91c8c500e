import { daysBetween } from '../calendar';
import type { MethodSettings, MethodTables } from '../method';
import { hourOf } from './best-roles';
import type { MainLoad } from './main-load';
import type { PlannedSession } from './planned';

/** Whether a main lift's sets count towards heavy work: by row, by intensity or by what is left in reserve (WEEK-2). */
export const isHardMain = ({ row, percent, rir }: MainLoad, week: MethodSettings['week']): boolean =>
  row !== 'D-MICRO' &&
  (row === 'D-STR' || (percent ?? 0) >= week.heavyIntensity || (rir !== null && rir <= week.heavyRir));

/** Whether a session as planned is heavy lower-body work (WEEK-2). */
export const isHeavySession = ({ mains }: PlannedSession, { settings: { week } }: MethodTables): boolean =>
  mains.some((main) => main.sets >= week.heavySets && isHardMain(main, week));

/**
 * Whether a session would be heavy too soon after a heavy one: less than 48 hours from start to start. With four sessions
 * a week two days in a row may both be heavy when their mains differ in dominance (WEEK-3).
 * @param many the week has four sessions with a main lift
 */
export function isTooSoon(
  heavy: PlannedSession,
  session: PlannedSession,
  many: boolean,
  method: MethodTables,
): boolean {
  if (!isHeavySession(session, method)) return false;
  const differ = heavy.leads[0] !== session.leads[0];
  if (many && differ) return false;
  const hours = daysBetween(heavy.day, session.day) * 24 + hourOf(session.start) - hourOf(heavy.start);
  return hours < method.settings.season.heavyApartHours;
}

/** A session eased until it is not heavy. */
export const eased = (session: PlannedSession, { settings: { week } }: MethodTables): PlannedSession => ({
  ...session,
  near: true,
  mains: session.mains.map((main) =>
    isHardMain(main, week) ? { ...main, sets: Math.min(main.sets, week.heavySets - 1) } : main,
  ),
});
