import { fitLine, sampleSd } from '../statistics';
import type { StartSettings } from './settings';

export type Lever = 'slow-ssc' | 'fast-ssc' | 'strength' | 'speed';

/** What the squad lends to the reading of one athlete: everybody's in-date values, the athlete's own among them. */
export interface SquadJumps {
  /** the test RSI is read from: two tests are two scales */
  readonly rsiTest: string;
  /** height and RSI of athletes of the same sex */
  readonly rsi: readonly (readonly [heightM: number, rsi: number])[];
  readonly eur: readonly number[];
}

export interface LeverInput {
  readonly cmjM: number | null;
  readonly sjM: number | null;
  readonly rsi: number | null;
  readonly relativeSquat: number | null;
  readonly squatTarget: number;
  /** × body mass where the squat is said to be strong enough (DOSE-6) */
  readonly squatEnough: number | null;
  readonly squad: SquadJumps;
}

/** The next thing to raise when no tier fails, with what it was read from and how sure it is (START-7). */
export interface LeverReading {
  readonly lever: Lever | null;
  readonly eur: number | null;
  /** residual below the squad's line in residual SDs; positive = below */
  readonly rsiGap: number | null;
  readonly relativeSquat: number | null;
  /** what could not be judged */
  readonly leftOut: readonly ('eur' | 'rsi' | 'squat')[];
  readonly sure: 'sure' | 'weak evidence' | 'less sure';
}

/**
 * Slow or fast stretch–shortening, strength or speed. What cannot be judged is left out and named.
 * @source Van Hooren & Zolotarjova 2017 on the limits of CMJ over SJ
 */
export function readLever(input: LeverInput, { eur: eurRule, rsi: rsiRule, strongerBy }: StartSettings): LeverReading {
  const { cmjM, sjM, rsi, relativeSquat, squatTarget, squatEnough, squad } = input;
  const strongFrom = Math.min(squatTarget + strongerBy, squatEnough ?? Infinity);
  const eur = cmjM !== null && sjM !== null && sjM > 0 ? cmjM / sjM : null;
  const eurGap = eur === null ? null : (eurRule.low - eur) / (sampleSd(squad.eur) || eurRule.usualSd);
  const rsiGap = gapBelowLine(cmjM, rsi, squad.rsi, rsiRule.athletes);
  // 0.42 over 0.40 is 1.05, whatever its last bit says
  const eurLow = eurGap !== null && eurGap > 1e-9 ? eurGap : null;
  const rsiLow = rsiGap !== null && rsiGap > 1 ? rsiGap : null;
  const leftOut = [
    ...(eurGap === null ? (['eur'] as const) : []),
    ...(rsiGap === null ? (['rsi'] as const) : []),
    ...(relativeSquat === null ? (['squat'] as const) : []),
  ];
  const byStrength: Lever | null = relativeSquat === null ? null : relativeSquat < strongFrom ? 'strength' : 'speed';
  // with nothing of the jumps known there is no lever to name
  const byJumps: Lever | null =
    eurLow !== null && (rsiLow === null || eurLow > rsiLow) ? 'slow-ssc' : rsiLow !== null ? 'fast-ssc' : null;
  const lever = byJumps ?? (eurGap === null && rsiGap === null ? null : byStrength);
  const sure =
    lever === 'slow-ssc'
      ? 'weak evidence'
      : (lever === 'strength' || lever === 'speed') && leftOut.length > 0
        ? 'less sure'
        : 'sure';
  return { lever, eur, rsiGap, relativeSquat, leftOut, sure };
}

function gapBelowLine(
  heightM: number | null,
  rsi: number | null,
  squad: SquadJumps['rsi'],
  least: number,
): number | null {
  if (heightM === null || rsi === null || squad.length < least) return null;
  const line = fitLine(squad);
  if (!line?.residualSd) return null;
  return (line.intercept + line.slope * heightM - rsi) / line.residualSd;
}
