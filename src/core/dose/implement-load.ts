import type { Exercise } from '../library';
import { fail, ok, type Result } from '../result';
import { loadable, type PlateSet } from './loadable';

/** What a place has to load with. Kg. */
export interface LoadingKit {
  readonly barbell: PlateSet;
  /** single bells (dumbbells, kettlebells), kg, any order */
  readonly bellsKg: readonly number[];
}

/**
 * The heaviest load ≤ target for the implement of an entry at a place.
 * @returns kg, or an issue `below_bar` (bar or lightest bell above the target) or `not_loadable` (body weight, band)
 */
export function implementLoad(targetKg: number, kind: Exercise['load']['kind'], kit: LoadingKit): Result<number> {
  if (kind === 'barbell') return loadable(targetKg, kit.barbell);
  if (kind === 'landmine') return loadable(targetKg, { ...kit.barbell, bar: 0 });
  if (kind !== 'dumbbell' && kind !== 'kettlebell') return fail('not_loadable', ['kind'], { kind });
  const lighter = kit.bellsKg.filter((bell) => bell <= targetKg + 1e-9);
  if (lighter.length === 0) return fail('below_bar', ['target'], { target: targetKg, bar: Math.min(...kit.bellsKg) });
  return ok(Math.max(...lighter));
}

/**
 * The smallest load above `loadKg` that the implement can make, or null when there is none to find.
 * Bars look upwards in steps of a quarter kilogram, so that odd plate sets are found too.
 */
export function nextLoadUp(loadKg: number, kind: Exercise['load']['kind'], kit: LoadingKit): number | null {
  if (kind === 'dumbbell' || kind === 'kettlebell') {
    const heavier = kit.bellsKg.filter((bell) => bell > loadKg + 1e-9);
    return heavier.length > 0 ? Math.min(...heavier) : null;
  }
  for (let target = loadKg + 0.25; target <= loadKg + 60; target += 0.25) {
    const found = implementLoad(target, kind, kit);
    if (found.ok && found.value > loadKg + 1e-9) return found.value;
  }
  return null;
}
