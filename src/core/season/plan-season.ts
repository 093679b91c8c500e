import { addDays, type Day } from '../calendar';
import type { MethodTables } from '../method';
import { fail, ok, type Result } from '../result';
import { holdsMain } from './deal-roles';
import { dealWeeks } from './deal-weeks';
import { layBlocks } from './lay-blocks';
import { layPhases } from './lay-phases';
import { layWeek } from './lay-week';
import { pickTestWeeks } from './pick-test-weeks';
import type { PlannedSession, PlannedWeek, SeasonPlan } from './planned';
import type { SeasonInput } from './season-input';
import { weekNotes } from './week-notes';
import { COUNTED, type ByCount } from './week-targets';

/** A season is planned for at most this many weeks. */
export const MOST_WEEKS = 60;

/**
 * Lays a season: phases, blocks, test weeks, peaks, and each week's sessions with role, main lifts and targets
 * (method 5). The same input gives the same plan.
 * @returns the plan, or an issue at `end`: before the start, or too long
 */
export function planSeason(input: SeasonInput, method: MethodTables): Result<SeasonPlan> {
  if (input.end < input.start) return fail('season_ends_before_start', ['end'], { start: input.start, end: input.end });
  const { weeks, chains, peaks } = layPhases(input, method.settings);
  if (weeks.length > MOST_WEEKS) return fail('season_too_long', ['end'], { weeks: weeks.length, most: MOST_WEEKS });
  const gentle = input.young || input.liftLevel === 'foundation';
  const blocks = layBlocks(weeks, gentle, method.settings);
  const dealt = dealWeeks(input, weeks, blocks, method);
  const tests = pickTestWeeks(
    weeks,
    blocks,
    dealt.map((days) => days.some(({ limits }) => holdsMain(limits) && !limits.quiet)),
    method.settings,
  );
  const loaded: ByCount[] = [];
  const planned: PlannedWeek[] = [];
  weeks.forEach((week, i) => {
    const block = blocks[i];
    if (!block) return;
    const laid = layWeek(input, week, block, dealt[i] ?? [], loaded, i, chains, method);
    const notes = weekNotes({ ...week, ...laid }, planned, input, method);
    planned.push({ ...week, ...laid, number: i + 1, block, test: tests.includes(i), notes });
    if (block.kind === 'loading') loaded.push(laid.sets);
  });
  return ok({ weeks: planned, chains, peaks });
}

export const totalSets = (sets: ByCount): number => COUNTED.reduce((sum, family) => sum + sets[family], 0);

/** The planned week a day lies in, or null outside the season. */
export function weekOf(plan: SeasonPlan, day: Day): PlannedWeek | null {
  return plan.weeks.find(({ start }) => start <= day && day <= addDays(start, 6)) ?? null;
}

/** The session planned for a day, or null. */
export const sessionOn = (plan: SeasonPlan, day: Day): PlannedSession | null =>
  weekOf(plan, day)?.sessions.find((session) => session.day === day) ?? null;
