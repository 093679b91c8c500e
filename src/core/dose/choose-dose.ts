import type { Exercise, Level, Rung } from '../library';
import type { DoseRow, MethodTables, Schools } from '../method';
import { amountRange, asWritten } from './amount-range';
import type { Dose } from './dose';

/** Where in the ranges a dose is set (DOSE-1): `bottom` for the new, the unknown and foundation level. */
export type DoseLevel = 'bottom' | 'middle' | 'top';

/**
 * A dose from a row of the dose table for one entry (DOSE-1, 3, 4). A line keeps its rung's range, else its row's.
 * Sets follow `level`. Reps go the other way round for loaded rows (more reps, less load, early in a block) and
 * with the sets for everything else. RIR falls as the level rises; rest is the middle of its range, or the school's.
 * @param jumpRest the school of rest between sets of jumps (REST-1)
 * @returns null when the row cannot be written in the entry's unit
 */
export function chooseDose(
  row: DoseRow,
  exercise: Exercise,
  rung: Rung | null,
  level: DoseLevel,
  settings: MethodTables['settings'],
  jumpRest: Schools['jumpRest'],
): Dose | null {
  const own = row.progresses ? rung : null;
  const unit = row.amounts[exercise.doseUnit] ? exercise.doseUnit : null;
  const range = own?.amount ?? (unit ? amountRange(row, exercise) : undefined);
  if (!range) return null;
  const sets = between(own?.sets ?? row.sets, level);
  const counted = isCounted(row, exercise);
  const wanted =
    level === 'bottom'
      ? range[counted ? 1 : 0]
      : counted
        ? between(range, level === 'top' ? 'bottom' : 'middle')
        : between(range, level);
  const amount = row.pyramid ? range[0] : asWritten(wanted, exercise.doseUnit, range[0]);
  const rir =
    row.rir && exercise.doseUnit === 'reps' && !exercise.plyo
      ? between(row.rir, level === 'bottom' ? 'top' : level === 'top' ? 'bottom' : 'middle')
      : null;
  return {
    sets,
    amount,
    unit: unit ?? exercise.doseUnit,
    per: exercise.per,
    percent: null,
    loadKg: null,
    rir,
    restSeconds: restOf(row, exercise, sets, amount, settings, jumpRest),
    tempo: row.tempo ?? (row.fast ? 'fast' : null),
    ...(row.pyramid && { pyramid: row.pyramid }),
    ...(changesSides(exercise) && { sides: 'alternate' as const }),
  };
}

/** What steps from one leg to the other rep by rep is counted a side and done alternating (DOSE-8). */
const changesSides = ({ per, stance, doseUnit }: Exercise): boolean =>
  per === 'side' && stance === 'alternating' && doseUnit === 'reps';

/** Rows with % or RIR begin with the most reps and the least load, eccentric work (SAFE-10) and all others with the fewest (START-2). */
const isCounted = (row: DoseRow, exercise: Exercise): boolean =>
  (row.intensity !== null || row.rir !== null) &&
  exercise.doseUnit === 'reps' &&
  !exercise.plyo &&
  !row.fast &&
  row.quality !== 'eccentric';

function between([low, high]: readonly [number, number], level: DoseLevel): number {
  if (level === 'bottom') return low;
  return level === 'top' ? high : Math.floor((low + high) / 2);
}

function restOf(
  row: DoseRow,
  exercise: Exercise,
  sets: number,
  amount: number,
  settings: MethodTables['settings'],
  jumpRest: Schools['jumpRest'],
): number | null {
  if (sets <= 1 && row.rest !== 'school') return null;
  if (row.rest === 'school') {
    // REST-1: dense sets breathe a fixed short while; self-paced jumps start again when the athlete is ready
    if (jumpRest === 'dense') return settings.rest.denseSeconds;
    if (jumpRest === 'self-paced') return null;
    const perUnitS =
      exercise.doseUnit === 'reps' ? settings.rest.secondsPerLanding * (exercise.plyo?.contactsPerRep ?? 1) : 1;
    const workS = amount * perUnitS * (exercise.per ? 2 : 1);
    return Math.min(
      Math.max(settings.rest.fullSeconds, inFifteens(workS * settings.rest.fullWorkRest)),
      settings.rest.fullRange[1],
    );
  }
  if (row.rest === 'work') return Math.ceil(amount / 15) * 15;
  return row.rest[0] === 0 ? null : inFifteens((row.rest[0] + row.rest[1]) / 2);
}

const inFifteens = (seconds: number): number => Math.round(seconds / 15) * 15;

/** The level of dose an athlete or squad is given: bottom where START-2, foundation or a fresh start ask for it. */
export function doseLevelFor(
  level: Level,
  allKnown: boolean,
  weekOfBlock: number,
  loading: Schools['loading'],
  dayOfWeek: number,
): DoseLevel {
  if (level === 'foundation' || !allKnown) return 'bottom';
  // straight-line keeps one level and adds load; daily waves change it from session to session within a week
  if (loading === 'straight-line') return 'middle';
  if (loading === 'daily waves') return dayOfWeek % 2 === 0 ? 'top' : 'middle';
  return weekOfBlock >= 3 ? 'top' : 'middle';
}
