import { sampleSd } from '../statistics';

/** Test–retest pairs below this leave the typical error unknown. */
const LEAST_PAIRS = 5;
/** 90 % (method 15). */
const REAL_TIMES = 1.64;

export interface Noise {
  readonly typicalError: number;
  /** 0.2 × the spread between athletes; null when it cannot be told */
  readonly smallestWorthwhile: number | null;
  /** from the squad's own repeats, or assumed */
  readonly own: boolean;
}

/**
 * Typical error and smallest worthwhile change from the same athletes tested twice.
 * @returns null with fewer than five pairs
 * @source Hopkins 2000
 */
export function noiseOf(pairs: readonly (readonly [test: number, retest: number])[]): Noise | null {
  const spread = sampleSd(pairs.map(([a, b]) => b - a));
  const between = sampleSd(pairs.map(([a]) => a));
  if (pairs.length < LEAST_PAIRS || spread === null || between === null) return null;
  return { typicalError: spread / Math.SQRT2, smallestWorthwhile: 0.2 * between, own: true };
}

/** The assumed error of a test nobody has repeated: its own constant, or a share of the value. */
export const assumedNoise = (assumed: { readonly m?: number; readonly share?: number }, value: number): Noise => ({
  typicalError: assumed.m ?? Math.abs(value) * (assumed.share ?? 0.05),
  smallestWorthwhile: null,
  own: false,
});

export interface ChangeReading {
  readonly change: number;
  readonly kind: 'real' | 'likely' | 'within the error';
  /** 90 % interval of the change */
  readonly interval: readonly [low: number, high: number];
}

/** A change beside its error: real beyond 1.64·√2·TE, likely beyond √2·TE. */
export function readChange(before: number, after: number, { typicalError }: Noise): ChangeReading {
  const change = after - before;
  const error = Math.SQRT2 * typicalError;
  const size = Math.abs(change);
  return {
    change,
    kind: size > REAL_TIMES * error ? 'real' : size > error ? 'likely' : 'within the error',
    interval: [change - REAL_TIMES * error, change + REAL_TIMES * error],
  };
}

/** Where a typed value is likely to lie: the last one ± max(3·√2·TE, 15 %). */
export function likelyRange(last: number, { typicalError }: Noise): readonly [low: number, high: number] {
  const reach = Math.max(3 * Math.SQRT2 * typicalError, 0.15 * Math.abs(last));
  return [last - reach, last + reach];
}
