import type { Brief } from '$core/choose';
import { hardSets } from '$core/dose';
import { ledBy } from '$core/ledger';
import type { Phase } from '$core/library';
import type { Counted } from '$core/season';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';
import type { SquadDay } from './squad-day';
import type { PlanRead } from './squad-plan';

/**
 * Hard sets left for a day of its week's rows: what the week plans less what its cards before hold, shared out over the
 * lifting sessions that are left (WEEK-9).
 * @returns null on days without a main lift, outside the plan, and for a card of another phase than the plan's
 */
export function setsLeft({ club, sessions, day }: SquadDay, { week, on }: PlanRead, phase: Phase): Brief['sets'] {
  if (!week?.targets || !on || on.kind !== 'lift' || on.phase !== phase) return null;
  const left = Math.max(1, week.sessions.filter((one) => one.kind === 'lift' && one.day >= day).length);
  const done = ledSets(
    sessions.filter((one) => one.athleteId === null && one.day >= week.start && one.day < day),
    club,
  );
  const { targets, sets } = week;
  const share = (kind: Counted): readonly [number, number] => {
    const least = Math.ceil(Math.max(0, targets[kind][0] - done[kind]) / left);
    return [least, Math.max(least, Math.round(Math.max(0, sets[kind] - done[kind]) / left))];
  };
  return { knee: share('knee'), hip: share('hip'), calfFoot: share('calfFoot'), trunk: share('trunk') };
}

/** Hard sets of cards by what leads them. */
function ledSets(cards: readonly SessionRow[], { library, method }: ClubContext): Record<Counted, number> {
  const sets = { knee: 0, hip: 0, calfFoot: 0, trunk: 0 };
  for (const { lines } of cards)
    for (const { exerciseId, row, dose } of lines) {
      const exercise = library.exercises.get(exerciseId);
      const kind = exercise && ledBy(exercise);
      if (exercise && kind) sets[kind] += hardSets(dose, exercise, method.doses[row], method);
    }
  return sets;
}
