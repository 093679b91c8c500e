import type { Exercise } from '../library';
import type { MethodTables } from '../method';
import type { Dose } from './dose';
import { takesLoad } from './prescribe-load';
import { implementLoad, type LoadingKit } from './implement-load';

/** One ramp set on the way to a working load. Kg. */
export interface RampSet {
  readonly loadKg: number;
  readonly reps: number;
}

/** Bars and bells that are picked up from rest; a landmine begins with its end empty. */
const emptyOf = (kind: Exercise['load']['kind'], kit: LoadingKit): number | null =>
  kind === 'barbell'
    ? kit.barbell.bar
    : kind === 'dumbbell' || kind === 'kettlebell'
      ? kit.bellsKg.length > 0
        ? Math.min(...kit.bellsKg)
        : null
      : null;

type Loading = MethodTables['settings']['loading'];

/**
 * How much of a ramp a lift takes by where it stands on its card: a first main lift all of it; a second one, whose athletes
 * are warm for heavy work, not the light sets; any other lift one set, and only where its working sets are heavy: a set of
 * twelve begins as lightly as the ramp would end.
 */
export type RampKind = 'whole' | 'second' | 'one';

/** The sets of a ramp to a load that is not rounded yet (ORD-7): the heavy ones not to a light working set. */
function setsOf(kind: RampKind, { percent, amount, rir }: Dose, loading: Loading): Loading['ramp'] {
  const isLight = percent !== null && percent < loading.rampLightBelow;
  const sets = loading.ramp.filter(({ share }) => !isLight || share <= loading.rampLightBelow);
  if (kind === 'whole') return sets;
  if (kind === 'second') return sets.filter(({ share }) => share >= loading.rampSecondFrom);
  if (amount + (rir ?? 0) > loading.rampOneReps) return [];
  return sets.filter(({ share }) => share <= loading.rampSecondFrom).slice(-1);
}

/** How many ramp sets a load takes that is not rounded yet (ORD-7). */
export const rampCount = (kind: RampKind, dose: Dose, loading: Loading): number => setsOf(kind, dose, loading).length;

/**
 * The ramp sets of a loaded lift (ORD-7): the empty bar or lightest bell, then rising parts of the first working load,
 * each rounded down to what this place can load; left out are those within a tenth of the one before, and the heavy ones
 * where the working set itself is light. They are never hard sets.
 * @param kind how much of a ramp it takes
 * @param dose of the day, with its load; a load still to be found has no ramp of its own: the first session looks for it
 * @returns lightest first; empty where there is nothing to ramp to
 * @example rampSets(squat, 100 kg × 5, kit, method) // bar × 5, 50 × 5, 70 × 3, 85 × 2
 */
export function rampSets(
  exercise: Exercise,
  dose: Dose,
  kit: LoadingKit,
  { settings: { loading } }: Pick<MethodTables, 'settings'>,
  kind: RampKind = 'whole',
): RampSet[] {
  const { loadKg } = dose;
  if (loadKg === null || loadKg <= 0 || !takesLoad(exercise, dose)) return [];
  const sets: RampSet[] = [];
  const add = (kg: number, reps: number): void => {
    const before = sets.at(-1)?.loadKg ?? 0;
    if (kg > 0 && kg >= before * (1 + loading.rampApart) && kg <= loadKg * (1 - loading.rampApart))
      sets.push({ loadKg: kg, reps });
  };
  for (const { share, reps } of setsOf(kind, dose, loading)) {
    if (share === 0) add(emptyOf(exercise.load.kind, kit) ?? 0, reps);
    else {
      const load = implementLoad(share * loadKg, exercise.load.kind, kit);
      if (load.ok) add(load.value, reps);
    }
  }
  return sets;
}
