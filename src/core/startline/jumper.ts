import type { Noise } from '../testing';

/** From which take-off an athlete jumps higher. */
export interface Jumper {
  readonly kind: 'one-foot' | 'two-foot' | 'even';
  readonly differenceM: number;
}

/** One-foot or two-foot jumper: the difference of the approach jumps beyond the likely change decides (START-6). */
export function jumperOf(oneM: number, twoM: number, { typicalError }: Noise): Jumper {
  const differenceM = oneM - twoM;
  const even = Math.abs(differenceM) <= Math.SQRT2 * typicalError;
  return { kind: even ? 'even' : differenceM > 0 ? 'one-foot' : 'two-foot', differenceM };
}
