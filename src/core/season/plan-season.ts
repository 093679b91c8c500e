import { addDays, type Day } from '../calendar';
import type { MethodTables } from '../method';
import { fail, ok, type Result } from '../result';
import { holdsMain } from './deal-roles';
import { dealWeeks, type Behind } from './deal-weeks';
import { withActions } from './actions';
import { isHeavySession } from './heavy-sessions';
import { layBlocks, type BlockWeek } from './lay-blocks';
import { layPhases, mondayOf, type PhaseWeek } from './lay-phases';
import { layWeek } from './lay-week';
import { pickTestWeeks } from './pick-test-weeks';
import type { PlannedSession, PlannedWeek, SeasonPlan } from './planned';
import type { SeasonInput } from './season-input';
import { weekNotes } from './week-notes';
import { COUNTED, type ByCount } from './week-targets';

/** A season is planned for at most this many weeks. */
export const MOST_WEEKS = 60;

/** An earlier plan that was followed up to a day. */
export interface Followed {
  /** first day that may be laid anew */
  readonly from: Day;
  /** its weeks, those ahead may be left out */
  readonly weeks: readonly PlannedWeek[];
}

/**
 * Lays a season: phases, blocks, test weeks, peaks, and each week's sessions with role, main lifts and targets
 * (method 5). The same input gives the same plan. What was followed stays as it was planned, whatever is known now: a
 * plan is laid anew forward only.
 * @param followed null = nothing of it is behind
 * @returns the plan, or an issue at `end`: before the start, or too long
 */
export function planSeason(
  input: SeasonInput,
  method: MethodTables,
  followed: Followed | null = null,
): Result<SeasonPlan> {
  if (input.end < input.start) return fail('season_ends_before_start', ['end'], { start: input.start, end: input.end });
  const { weeks: asLaid, chains, peaks } = layPhases(input, method.settings);
  if (asLaid.length > MOST_WEEKS) return fail('season_too_long', ['end'], { weeks: asLaid.length, most: MOST_WEEKS });
  const behind = behindIn(asLaid, followed);
  const weeks = asLaid.map((week, i) => behind.weeks.get(i) ?? week);
  const first =
    followed && behind.weeks.size > 0 ? weeks.filter(({ start }) => addDays(start, 6) < followed.from).length : 0;
  const gentle = input.young || input.liftLevel === 'foundation';
  const lay = (done: readonly BlockWeek[]): BlockWeek[] =>
    layBlocks(weeks, gentle, method.settings, input.changes.blocks, done);
  const fresh = lay([]);
  const laid = first === 0 ? fresh : lay(fresh.slice(0, first).map((own, i) => behind.weeks.get(i)?.block ?? own));
  const blocks = withActions(weeks, laid, input.schools, method.settings);
  const dealt = dealWeeks(input, weeks, blocks, behind, method);
  const tests = pickTestWeeks(
    weeks,
    blocks,
    dealt.map(({ days }) => days.some(({ limits }) => holdsMain(limits) && !limits.quiet)),
    method.settings,
    [...behind.weeks].flatMap(([i, { test }]) => (test ? [i] : [])),
    first,
  );
  const loaded: ByCount[] = [];
  const planned: PlannedWeek[] = [];
  weeks.forEach((week, i) => {
    const block = blocks[i];
    if (!block) return;
    const kept = behind.weeks.get(i);
    if (kept) planned.push({ ...kept, number: i + 1 });
    else {
      const done = behind.sessions.filter(({ day }) => mondayOf(day) === week.start);
      const heavy = planned.at(-1)?.sessions.findLast((session) => isHeavySession(session, method)) ?? null;
      const laid = layWeek(input, week, block, dealt[i]?.days ?? [], loaded, i, chains, done, heavy, method);
      const notes = weekNotes({ ...week, ...laid }, planned, input, method);
      planned.push({
        ...week,
        ...laid,
        number: i + 1,
        block,
        test: tests.includes(i),
        usual: [...(dealt[i]?.usual ?? [])],
        notes,
      });
    }
    const last = planned.at(-1);
    if (block.kind === 'loading' && last) loaded.push(last.sets);
  });
  return ok({ weeks: planned, chains, peaks });
}

/** What of a followed plan lies in the weeks of the season. */
function behindIn(weeks: readonly PhaseWeek[], followed: Followed | null): Behind {
  const kept = new Map<number, PlannedWeek>();
  if (!followed) return { weeks: kept, sessions: [], from: null };
  const byStart = new Map(followed.weeks.map((week) => [week.start, week]));
  let sessions: readonly PlannedSession[] = [];
  // a week under way of which nothing was written down is laid whole: its days are dealt together
  let from: Day | null = null;
  weeks.forEach(({ start }, i) => {
    const week = byStart.get(start);
    if (!week || start >= followed.from) return;
    if (addDays(start, 6) < followed.from) kept.set(i, week);
    else {
      sessions = week.sessions.filter(({ day }) => day < followed.from);
      from = followed.from;
    }
  });
  return { weeks: kept, sessions, from };
}

export const totalSets = (sets: ByCount): number => COUNTED.reduce((sum, family) => sum + sets[family], 0);

/** The planned week a day lies in, or null outside the season. */
export function weekOf(plan: SeasonPlan, day: Day): PlannedWeek | null {
  return plan.weeks.find(({ start }) => start <= day && day <= addDays(start, 6)) ?? null;
}

/** The planned week that begins on a Monday, or null. */
export const weekStarting = (plan: SeasonPlan, monday: Day): PlannedWeek | null =>
  plan.weeks.find(({ start }) => start === monday) ?? null;

/** The session planned for a day, or null. */
export const sessionOn = (plan: SeasonPlan, day: Day): PlannedSession | null =>
  weekOf(plan, day)?.sessions.find((session) => session.day === day) ?? null;
