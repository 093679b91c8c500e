import { addDays, type Day } from '../calendar';
import type { Finding } from '../result';
import type { PlannedSession, PlannedWeek, SeasonPlan } from './planned';

/** Most that is told of one change: more than that is a new season. */
const MOST_TOLD = 24;

/**
 * What moved in a plan when it was laid anew, with the rule that moved it: weeks that changed their phase or are lighter
 * ones now, sessions that came, went or are for something else, tests in another week.
 * @param from first day that is compared
 * @returns in the order of the days; past the first ones a last entry counts the rest
 */
export function comparePlans(before: SeasonPlan | null, after: SeasonPlan | null, from: Day): Finding[] {
  const ahead = (plan: SeasonPlan | null): PlannedWeek[] =>
    (plan?.weeks ?? []).filter(({ start }) => addDays(start, 6) >= from);
  const was = new Map(ahead(before).map((week) => [week.start, week]));
  const found = ahead(after).flatMap((week) => {
    const old = was.get(week.start);
    return old ? [...compareWeeks(old, week), ...compareSessions(old, week, from)] : [];
  });
  const rest = found.length - MOST_TOLD;
  return rest > 0 ? [...found.slice(0, MOST_TOLD), note('plan_moved_more', [], { count: rest })] : found;
}

function compareWeeks(old: PlannedWeek, now: PlannedWeek): Finding[] {
  const { start } = now;
  const found: Finding[] = [];
  if (old.phase !== now.phase)
    found.push(note('week_phase_moved', phaseRules(now), { day: start, from: old.phase, to: now.phase }));
  else if (old.closed !== now.closed)
    found.push(note(now.closed ? 'week_closed' : 'week_open', ['PHASE-1'], { day: start }));
  else if (old.block.kind !== now.block.kind)
    found.push(note('week_kind_moved', ['BLOCK-1'], { day: start, from: old.block.kind, to: now.block.kind }));
  if (old.test !== now.test) found.push(note(now.test ? 'tests_here_now' : 'tests_gone', ['TEST-1'], { day: start }));
  return found;
}

const phaseRules = ({ phase }: PlannedWeek): string[] =>
  phase === 'peak' ? ['PHASE-2'] : phase === 'congested' ? ['WEEK-7'] : ['PHASE-1'];

function compareSessions(old: PlannedWeek, now: PlannedWeek, from: Day): Finding[] {
  const days = [...new Set([...old.sessions, ...now.sessions].map(({ day }) => day))].filter((day) => day >= from);
  return days.sort().flatMap((day) => {
    const was = old.sessions.find((one) => one.day === day);
    const is = now.sessions.find((one) => one.day === day);
    return compareOne(day, was, is);
  });
}

function compareOne(day: Day, was: PlannedSession | undefined, is: PlannedSession | undefined): Finding[] {
  if (!is) return was ? [note('session_gone', ['WEEK-2', 'WEEK-4'], { day, was: was.role ?? was.kind })] : [];
  const why = { before: is.limits.daysBefore, after: is.limits.daysAfter };
  const rules = dayRules(is);
  if (!was) return [note('session_new', rules, { day, is: is.role ?? is.kind, ...why })];
  if (was.kind !== is.kind)
    return [note('session_kind_moved', rules, { day, from: was.kind, to: is.kind, role: is.role ?? '', ...why })];
  if (was.role !== is.role)
    return [note('session_role_moved', ['WEEK-8'], { day, from: was.role ?? '', to: is.role ?? '', ...why })];
  if (was.limits.quiet !== is.limits.quiet)
    return [note(is.limits.quiet ? 'session_eased' : 'session_free', ['WEEK-2'], { day, role: is.role ?? '', ...why })];
  if (was.start !== is.start || was.minutes !== is.minutes)
    return [note('session_clock_moved', [], { day, start: is.start, minutes: is.minutes })];
  const [from, to] = [sayMains(was), sayMains(is)];
  return from === to ? [] : [note('session_mains_moved', ['BLOCK-5'], { day, from, to })];
}

const sayMains = ({ mains }: PlannedSession): string =>
  mains
    .map(
      ({ lead, sets, reps, rir }) =>
        `${lead} ${String(sets)} × ${String(reps)}${rir === null ? '' : ` @${String(rir)}`}`,
    )
    .join(', ');

/** The rule a session's kind follows from. */
function dayRules({ kind, limits }: PlannedSession): string[] {
  if (kind === 'micro') return ['WEEK-7'];
  if (limits.recovery) return ['WEEK-4'];
  return limits.quiet ? ['WEEK-2'] : ['WEEK-8'];
}

const note = (code: string, rules: readonly string[], facts: Finding['facts']): Finding => ({
  severity: 'note',
  code,
  rules,
  facts,
});
