import type { Exercise, Level, Rung } from '../library';
import type { DoseRow, MethodTables } from '../method';
import type { Dose } from './dose';

/** Where in the ranges a dose is set (DOSE-1): `bottom` for the new, the unknown and foundation level. */
export type DoseLevel = 'bottom' | 'middle' | 'top';

/**
 * A dose from a row of the dose table for one entry (DOSE-1, 3, 4). A line keeps its rung's range, else its row's.
 * Sets follow `level`. Reps go the other way round for loaded rows (more reps, less load, early in a block) and
 * with the sets for everything else. RIR falls as the level rises; rest is the middle of its range, or the school's.
 * @param restSchoolSeconds rest of body-weight jumps under the chosen school (REST-1), s
 * @returns null when the row cannot be written in the entry's unit
 */
export function chooseDose(
  row: DoseRow,
  exercise: Exercise,
  rung: Rung | null,
  level: DoseLevel,
  settings: MethodTables['settings'],
): Dose | null {
  const unit = row.amounts[exercise.doseUnit] ? exercise.doseUnit : null;
  const range = rung?.amount ?? (unit ? row.amounts[unit] : undefined);
  if (!range) return null;
  const sets = between(rung?.sets ?? row.sets, level);
  const loaded = row.intensity !== null && exercise.load.oneRepMax !== null;
  const amount = loaded ? between(range, level === 'top' ? 'bottom' : 'middle') : between(range, level);
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
    restSeconds: restOf(row, exercise, sets, amount, settings),
    tempo: row.tempo ?? (row.fast ? 'fast' : null),
  };
}

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
): number | null {
  if (sets <= 1 && row.rest !== 'school') return null;
  if (row.rest === 'school') {
    const perUnitS =
      exercise.doseUnit === 'reps' ? settings.rest.secondsPerLanding * (exercise.plyo?.contactsPerRep ?? 1) : 1;
    const workS = amount * perUnitS * (exercise.per ? 2 : 1);
    return Math.min(
      Math.max(settings.rest.fullSeconds, Math.round(workS * settings.rest.fullWorkRest)),
      settings.rest.fullRange[1],
    );
  }
  if (row.rest === 'work') return Math.round(amount);
  return row.rest[0] === 0 ? null : Math.round((row.rest[0] + row.rest[1]) / 2 / 15) * 15;
}

/** The level of dose an athlete or squad is given: bottom where START-2, foundation or a fresh start ask for it. */
export function doseLevelFor(level: Level, allKnown: boolean, weekOfBlock: number): DoseLevel {
  if (level === 'foundation' || !allKnown) return 'bottom';
  return weekOfBlock >= 3 ? 'top' : 'middle';
}
