import { addDays, type Day } from '../calendar';
import type { Phase } from '../library';
import { fail, ok, type Result } from '../result';
import { isShut, mondayOf } from './lay-phases';
import type { SeasonChanges, SeasonInput } from './season-input';

/**
 * Puts a session on another day of its week; back on its gym day it is as if it had never moved.
 * @param from the day it stands on now
 * @param start null = at its usual hour
 * @returns the changes, or `day_is_over`, `no_session_there`, `other_week`, `day_taken`, `gym_is_closed`
 */
export function moveSession(
  { changes, gymDays, closures }: Pick<SeasonInput, 'changes' | 'gymDays' | 'closures'>,
  { from, to, start }: { readonly from: Day; readonly to: Day; readonly start: string | null },
  today: Day,
): Result<SeasonChanges> {
  if (from < today || to < today) return fail('day_is_over', ['to']);
  const monday = mondayOf(from);
  if (mondayOf(to) !== monday) return fail('other_week', ['to']);
  const days = gymDays.map(({ weekday }) => {
    const usual = addDays(monday, weekday - 1);
    return { usual, now: changes.moves.find((move) => move.from === usual)?.to ?? usual };
  });
  const session = days.find(({ now }) => now === from);
  if (!session) return fail('no_session_there', ['from']);
  if (from !== to && days.some(({ now }) => now === to)) return fail('day_taken', ['to']);
  if (isShut(to, closures)) return fail('gym_is_closed', ['to']);
  const others = changes.moves.filter((move) => move.from !== session.usual);
  const isHome = to === session.usual && start === null;
  return ok({ ...changes, moves: isHome ? others : [...others, { from: session.usual, to, start }] });
}

/** Gives weeks a phase; null = as the calendar says. @param from Monday of the first of them @param to of the last */
export function setPhase(changes: SeasonChanges, from: Day, to: Day, phase: Phase | null): SeasonChanges {
  const [first, last] = from <= to ? [from, to] : [to, from];
  // what was set of these weeks makes room: a run keeps its ends
  const others = changes.phases.flatMap((run) => {
    if (run.to < first || last < run.from) return [run];
    return [
      ...(run.from < first ? [{ ...run, to: addDays(first, -7) }] : []),
      ...(last < run.to ? [{ ...run, from: addDays(last, 7) }] : []),
    ];
  });
  const phases = phase === null ? others : [...others, { from: first, to: last, phase }];
  return { ...changes, phases: phases.sort((a, b) => (a.from < b.from ? -1 : 1)) };
}

/** Gives the block that begins in a week its length, the lighter week with it; null = as the rules lay it. */
export function setBlockLength(changes: SeasonChanges, from: Day, weeks: number | null): SeasonChanges {
  const others = changes.blocks.filter((block) => block.from !== from);
  return { ...changes, blocks: weeks === null ? others : [...others, { from, weeks }] };
}
