import { implementLoad, nextLoadUp, type LoadingKit } from '../dose';
import type { Exercise } from '../library';
import type { MethodTables } from '../method';
import type { LoggedSet } from '../track';
import type { Change } from './change';
import type { JudgedCase } from './progress-case';

/**
 * PROG-9: reps missed or short by two RIR take 2.5 to 5 % off the load, whatever the morning says: silence, tightness and
 * pain never leave a heavier bar than *fine* would.
 * @returns null when the lift was not done short, has no load, or nothing lighter can be loaded
 */
export function fallOfLift(
  { exercise, last, owned, kit }: Pick<JudgedCase, 'exercise' | 'last' | 'owned' | 'kit'>,
  { settings: { progress } }: MethodTables,
): Change | null {
  const writtenKg = last.dose.loadKg;
  if (writtenKg === null || owned.loadKg === null || last.sets.length === 0) return null;
  const target = last.dose.rir ?? 0;
  const leastReps = Math.min(...last.sets.map((set) => set.amount));
  const leastRir = leastOf(last.sets, target);
  const missed = leastReps < last.dose.amount;
  if (!missed && target - leastRir < progress.shortRir) return null;
  const loadKg = lighter(writtenKg, missed ? progress.missedCut : progress.shortCut, progress.shortCut, exercise, kit);
  if (loadKg === null || loadKg >= owned.loadKg) return null;
  const from = { exerciseId: exercise.id, dose: owned };
  return {
    kind: 'load-down',
    from,
    to: { ...from, dose: { ...owned, loadKg, percent: null } },
    rules: ['PROG-9'],
    saw: { day: last.day, leastReps, writtenReps: last.dose.amount, leastRir, targetRir: target, loadKg: writtenKg },
  };
}

/** A set without a typed RIR is taken at its target: it was logged as written. */
export const leastOf = (sets: readonly LoggedSet[], target: number): number =>
  Math.min(...sets.map((set) => set.rir ?? target));

/** The load nearest to `share` off and no further, else the first one that is at least `least` off. */
function lighter(
  loadKg: number,
  share: number,
  least: number,
  { load: { kind } }: Exercise,
  kit: LoadingKit,
): number | null {
  const highest = implementLoad(loadKg * (1 - least) + 1e-9, kind, kit);
  if (!highest.ok) return null;
  const wanted = loadKg * (1 - share) - 1e-9;
  const under = implementLoad(wanted, kind, kit);
  if (!under.ok) return highest.value;
  const up = under.value >= wanted - 1e-6 ? under.value : nextLoadUp(under.value, kind, kit);
  return up !== null && up <= highest.value ? up : highest.value;
}
