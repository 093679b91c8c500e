import { meetsGate, ownedRung, type AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import type { Exercise, Library } from '../library';
import type { MethodTables } from '../method';
import { doseRange, entryOnRung, rungOf } from './range';
import { mayStep, type MayRise, type SquadLine, type StepDays, type Votes } from './squad-vote';

/** A squad's line that goes up a rung: the entry it comes from, the one it goes to, and its dose there. */
export interface SquadClimb {
  readonly from: string;
  readonly to: string;
  readonly dose: Dose;
  /** those who own the rung below and meet what the next asks */
  readonly ready: number;
  readonly votes: Votes;
}

/** Whether an athlete may stand on the rung above an entry: owns this one and meets the next one's gates (PROG-13, JUMP-2). */
export function isReadyAbove(exercise: Exercise, athlete: AthleteFacts, library: Library): boolean {
  const next = entryOnRung(exercise, 1, library);
  if (!exercise.ladder || !next || ownedRung(exercise.ladder.id, athlete, library) < exercise.ladder.rung) return false;
  return [...(rungOf(next, library)?.rung.gates ?? []), ...next.gates].every((gate) =>
    meetsGate(gate, athlete, library),
  );
}

/**
 * The rung a squad's line climbs when it stands at the most of its own and half of those who do it are ready for the next;
 * the others stay below it (PROG-16). Rungs of jumps are judged at a block's start instead (JUMP-10).
 * @returns null = the line stays on its rung
 */
export function squadClimb(
  line: SquadLine,
  { votes, ready }: { readonly votes: Votes; readonly ready: number },
  may: MayRise,
  days: StepDays,
  library: Library,
  method: MethodTables,
): SquadClimb | null {
  const { exercise, dose } = line;
  const { squad } = method.settings.progress;
  const range = doseRange(exercise, method.doses[line.row], library);
  const next = entryOnRung(exercise, 1, library);
  const nextRange = next && doseRange(next, method.doses[line.row], library);
  if (!range || !next || !nextRange || may === 'kept' || exercise.plyo || next.plyo || dose.pyramid) return null;
  if (!mayStep(line, votes, may, days, method) || votes.down >= votes.answered * squad.downShare) return null;
  // a kept ladder goes by reps, then rung, never by sets (PROG-15)
  const isAtMost = dose.amount >= range.amount[1] && (may === 'kept-ladder' || dose.sets >= range.sets[1]);
  if (!isAtMost || ready < votes.did * squad.upShare) return null;
  const to: Dose = {
    ...dose,
    sets: may === 'kept-ladder' ? Math.min(dose.sets, nextRange.sets[1]) : nextRange.sets[0],
    amount: nextRange.amount[0],
    unit: next.doseUnit,
    per: next.per,
    loadKg: null,
    percent: null,
  };
  return { from: exercise.id, to: next.id, dose: to, ready, votes };
}
