import { runningKey, type Running, type SessionRole } from '$core/choose';
import type { Day } from '$core/calendar';
import type { Dose } from '$core/dose';
import { isFast, type Family, type Phase } from '$core/library';
import type { DoseRowId } from '$core/method';
import { doseRange } from '$core/progress';
import { weekOf } from '$core/season';
import { isMainSlot } from '$core/session';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';
import { cardsThatRun } from './cards-that-run';
import type { PlanRead } from './squad-plan';

/**
 * What the squad is in the middle of: the entry of each slot on the last card of this phase and role that had the slot
 * (BLOCK-4), and the dose of each entry on the last card that had it. A card of another kind in between has no say over
 * the others. A new block chooses anew what carries it.
 */
export function runningOf(
  all: readonly SessionRow[],
  phase: Phase,
  athleteId: string | null,
  role: SessionRole | null,
  { plan, week }: PlanRead,
  { library, method }: Pick<ClubContext, 'library' | 'method'>,
): Omit<Running, 'steps' | 'climbs' | 'rests' | 'held'> {
  const entries: Record<string, string> = {};
  const doses: Record<string, Dose> = {};
  const again: Record<string, Pick<Dose, 'sets' | 'amount'>> = {};
  const earlier = cardsThatRun(all, { method });
  const own = earlier.filter((session) => session.athleteId === athleteId);
  // a peak brings nothing new: what the loading weeks before it had runs on with fewer sets (PHASE-2)
  const isPeak = phase === 'peak';
  const inBlock = (day: Day): boolean => isPeak || !plan || weekOf(plan, day)?.block.block === week?.block.block;
  for (const session of own.length > 0 ? own : earlier.filter((one) => one.athleteId === null))
    for (const { slot, exerciseId, row, dose, full } of session.lines) {
      if (!library.exercises.has(exerciseId)) continue;
      // cards from before roles were dealt say what ran on every day
      const isSame = session.role === null || session.role === (role?.role ?? null);
      const family = library.exercises.get(exerciseId)?.family;
      // knee and hip take turns at leading: a main lift runs on in the slot that leans its way
      const at = role && isMainSlot(slot) ? mainSlotOf(family, role) : slot;
      // a week alone joins its neighbour's block with rows of its own: the main lift stays for the block (BLOCK-1, BLOCK-4)
      const runs = isPeak || session.phase === phase || (plan !== null && isMainSlot(slot));
      if (runs && isSame && at !== null && inBlock(session.day) && !Object.hasOwn(entries, at))
        entries[at] = exerciseId;
      const key = runningKey(exerciseId, row);
      if (Object.hasOwn(doses, key)) continue;
      const ran = full?.dose ?? dose;
      const low = plan && athleteId === null && !inBlock(session.day) && !isMainSlot(slot);
      const least = low ? beginsAgain(exerciseId, row, ran, { library, method }) : null;
      doses[key] = least ? { ...ran, ...least } : ran;
      if (least) again[key] = { sets: ran.sets, amount: ran.amount };
    }
  const last = all.find((one) => one.athleteId === athleteId) ?? all.find((one) => one.athleteId === null);
  const prep = (last?.lines ?? []).filter(({ block }) => block === 'prep').map(({ exerciseId }) => exerciseId);
  const lastBlock = own
    .filter((session) => (plan ? !inBlock(session.day) : session.phase !== phase))
    .flatMap(({ lines }) => lines.filter(({ slot, block }) => block !== 'prep' && !isMainSlot(slot)))
    .map(({ exerciseId }) => exerciseId);
  const otherDays = own
    .filter((one) => one.phase === phase && inBlock(one.day) && one.role !== (role?.role ?? null))
    .flatMap(({ lines }) => lines.filter(({ slot, block }) => block !== 'prep' && !isMainSlot(slot)))
    .map(({ exerciseId }) => exerciseId);
  return { phase, entries, prep, otherDays: [...new Set(otherDays)], lastBlock: [...new Set(lastBlock)], doses, again };
}

/**
 * A throw or a fast lift beside the mains begins a new block at its fewest sets and reps again, faster or with more in hand,
 * as jumps go from the bottom to the top of their range (JUMP-10).
 * @returns null = it runs on
 */
function beginsAgain(
  exerciseId: string,
  row: DoseRowId,
  ran: Dose,
  { library, method }: Pick<ClubContext, 'library' | 'method'>,
): Pick<Dose, 'sets' | 'amount'> | null {
  const exercise = library.exercises.get(exerciseId);
  if (!exercise || exercise.plyo || exercise.ladder || !isFast(exercise) || !method.doses[row].fast) return null;
  const range = doseRange(exercise, method.doses[row], library);
  return range && ran.amount > range.amount[0] ? { sets: range.sets[0], amount: range.amount[0] } : null;
}

/** The main slot of today's role that takes a lift of this family; null = neither. */
function mainSlotOf(family: Family | undefined, { leads }: SessionRole): 'main' | 'main-2' | null {
  const lead = family === 'squat' ? 'knee' : family === 'hinge' ? 'hip' : null;
  if (lead === null) return null;
  return leads[0] === lead ? 'main' : 'main-2';
}
