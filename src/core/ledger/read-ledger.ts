import { hardSets } from '../dose';
import { MUSCLES, type Exercise, type Muscle } from '../library';
import type { MethodTables } from '../method';
import type { DosedEntry } from '../season';

/** The ratios of the ledger (method 11), each a share a / (a + b). */
export type RatioId = 'kneeHip' | 'hamstrings' | 'adductors' | 'singleLeg' | 'push' | 'sideways';

export interface Ratio {
  readonly id: RatioId;
  /** 0–1; null below the number of sets it is judged from */
  readonly share: number | null;
  readonly band: readonly [number, number];
  readonly state: 'low' | 'inside' | 'high' | 'unjudged';
  readonly sets: number;
}

/** What was trained over a window of days. */
export interface LedgerReading {
  readonly ratios: readonly Ratio[];
  /** hard sets × share */
  readonly muscles: Readonly<Record<Muscle, number>>;
  /** muscles with too few hard sets (LED-1) */
  readonly neglected: readonly Muscle[];
  /** muscles that get slow work and nothing fast (LED-3) */
  readonly slowOnly: readonly Muscle[];
}

/** Muscles that LED-3 names before all: what drives the thigh back and what lifts it. */
const FAST_TOO: readonly Muscle[] = ['hipFlexors', 'glutes', 'hamstrings'];
const LEG_FAMILIES: readonly Exercise['family'][] = ['squat', 'hinge', 'single-leg-knee', 'single-leg-hip', 'lateral'];

/**
 * The balance ledger over lines, planned or done (method 11, LED-1, LED-3): hard sets × share.
 * @param entries each with the sets that count
 */
export function readLedger(entries: readonly DosedEntry[], method: MethodTables): LedgerReading {
  const { ledger, count } = method.settings;
  const counted = entries.map((entry) => ({
    ...entry,
    sets: hardSets(entry.dose, entry.exercise, method.doses[entry.row], method),
  }));
  const sum = (of: (entry: (typeof counted)[number]) => number): number =>
    counted.reduce((total, entry) => total + entry.sets * of(entry), 0);
  const muscles = Object.fromEntries(
    MUSCLES.map((muscle) => [muscle, sum(({ exercise }) => exercise.share[muscle] ?? 0)]),
  ) as Record<Muscle, number>;
  const isLeg = ({ exercise }: DosedEntry): boolean => LEG_FAMILIES.includes(exercise.family);
  const legs = sum((entry) => (isLeg(entry) ? 1 : 0));
  const ratio = (id: RatioId, a: number, whole: number): Ratio => {
    const band = ledger[id];
    // sums of shares carry rounding: six sets are six
    const share = whole >= ledger.judgedFromSets - 1e-9 ? a / whole : null;
    const state = share === null ? 'unjudged' : share < band[0] ? 'low' : share > band[1] ? 'high' : 'inside';
    return { id, share, band, state, sets: whole };
  };
  const knee = sum(({ exercise }) => exercise.dominance?.knee ?? 0);
  const hip = sum(({ exercise }) => exercise.dominance?.hip ?? 0);
  const movers = entries.map(({ exercise, row }) => ({
    exercise,
    fast: exercise.speed === 'fast' || exercise.speed === 'maximal',
    // rows that get somebody warm train nothing
    trains: method.doses[row].progresses,
  }));
  const gets = (muscle: Muscle, fast: boolean): boolean =>
    movers.some((one) => one.trains && one.fast === fast && (one.exercise.share[muscle] ?? 0) >= count.primeMoverShare);
  return {
    muscles,
    ratios: [
      ratio('kneeHip', knee, knee + hip),
      ratio('hamstrings', muscles.hamstrings, muscles.hamstrings + muscles.glutes),
      ratio('adductors', muscles.adductors, muscles.adductors + muscles.abductors),
      ratio(
        'singleLeg',
        sum((entry) => (isLeg(entry) && isSingleLeg(entry.exercise) ? 1 : 0)),
        legs,
      ),
      ratio('push', muscles.upperPush, muscles.upperPush + muscles.upperPull),
      ratio(
        'sideways',
        sum((entry) => (isLeg(entry) && entry.exercise.plane !== 'sagittal' ? 1 : 0)),
        legs,
      ),
    ],
    neglected: ledger.forgotten.muscles.filter((muscle) => muscles[muscle] < ledger.forgotten.sets - 1e-9),
    slowOnly: FAST_TOO.filter((muscle) => gets(muscle, false) && !gets(muscle, true)),
  };
}

/** Single-leg work is any stance but two-leg (method 1). */
const isSingleLeg = ({ stance }: Exercise): boolean => stance !== 'two-leg' && stance !== 'none';
