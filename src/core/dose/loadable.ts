import { fail, ok, type Result } from '../result';

/** A bar and the plates of one place. Mass in any one unit, kg or lb, the same throughout. */
export interface PlateSet {
  readonly bar: number;
  /** plate mass and how many pairs there are; null = as many as wanted */
  readonly pairs: readonly { readonly mass: number; readonly count: number | null }[];
}

/**
 * The heaviest load ≤ target that the bar and plate pairs can make (DOSE-2: always rounded down).
 * Exact for limited pairs: reachable sums are walked in steps of the smallest common mass.
 * @returns mass, or an issue `below_bar`
 * @example loadable(97.5, { bar: 20, pairs: [{ mass: 20, count: 1 }, { mass: 10, count: 1 }] }) // { ok: true, value: 80 }
 */
export function loadable(target: number, plates: PlateSet): Result<number> {
  if (!(target >= plates.bar)) return fail('below_bar', ['target'], { target, bar: plates.bar });
  const unit = 1000;
  const room = Math.round(((target - plates.bar) / 2) * unit + 1e-6);
  let reachable = new Set<number>([0]);
  for (const { mass, count } of plates.pairs) {
    const step = Math.round(mass * unit);
    const next = new Set<number>();
    for (const sum of reachable)
      for (let n = 0; n <= (count ?? Infinity) && sum + n * step <= room; n++) next.add(sum + n * step);
    reachable = next;
  }
  return ok(plates.bar + (2 * Math.max(...reachable)) / unit);
}
