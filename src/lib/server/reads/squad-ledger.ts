import { addDays, type Day } from '$core/calendar';
import type { Dose } from '$core/dose';
import { readLedger, type LedgerReading } from '$core/ledger';
import type { Library } from '$core/library';
import type { DoseRowId } from '$core/method';
import type { DosedEntry } from '$core/season';
import type { loadSetsDone } from '../repositories/balance';
import type { ClubContext } from '../repositories/club-context';

const DONE: Dose = {
  sets: 1,
  amount: 0,
  unit: 'reps',
  per: null,
  percent: null,
  loadKg: null,
  rir: null,
  restSeconds: null,
  tempo: null,
};

export interface Counted {
  readonly day: Day;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly dose: Dose;
}

export type SetsDone = Awaited<ReturnType<typeof loadSetsDone>>[number];

/** Sets done as the ledger counts them: a squad's are those of its average athlete. */
export function asCounted(done: readonly SetsDone[]): Counted[] {
  const people = new Set(done.map(({ athleteId }) => athleteId)).size || 1;
  return done.map(({ sets, rir, ...of }) => ({ ...of, dose: { ...DONE, sets: sets / people, rir } }));
}

/** The ledger over the last days: what many did of one entry is read as one. */
export const ledgerOver = (
  days: number,
  of: readonly Counted[],
  library: Library,
  { today, method }: Pick<ClubContext, 'today' | 'method'>,
): LedgerReading => {
  const after = addDays(today, -days);
  const found = new Map<string, DosedEntry>();
  for (const { day, exerciseId, row, dose } of of) {
    const exercise = library.exercises.get(exerciseId);
    if (!exercise || day <= after) continue;
    const key = [exerciseId, row, dose.rir].join(' ');
    const sets = (found.get(key)?.dose.sets ?? 0) + dose.sets;
    found.set(key, { exercise, row, dose: { ...dose, sets } });
  }
  return readLedger([...found.values()], method);
};

export const squadLedger = (
  done: readonly SetsDone[],
  days: number,
  library: Library,
  club: Pick<ClubContext, 'today' | 'method'>,
): LedgerReading => ledgerOver(days, asCounted(done), library, club);
