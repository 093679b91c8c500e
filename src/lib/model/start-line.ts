import type { ActiveComplaint } from '$core/safety';
import type { SetFocus, SquadTargets, StartSettings } from '$core/startline';
import type { Noise, OneRepMaxFormula, TestRecord, TestSpec } from '$core/testing';
import type { CellView } from './results';

/** An athlete as the testing grid needs them. */
export interface GridAthlete {
  readonly id: string;
  readonly name: string;
  readonly sex: 'female' | 'male' | null;
  readonly ageYears: number | null;
  readonly bodyMassKg: number | null;
  /** × body mass where the squat is said to be strong enough */
  readonly squatEnough: number | null;
  /** only for those who may read health notes */
  readonly complaints: readonly ActiveComplaint[];
  readonly leans: 'hip' | 'knee' | 'even' | 'unknown';
  readonly focus: SetFocus | null;
  /** the last values before this day, lifts as their estimate */
  readonly last: readonly TestRecord[];
}

/** Everything a testing day works from without asking again. */
export interface GridPage {
  readonly squadId: string;
  readonly day: string;
  readonly today: string;
  readonly cuts: boolean;
  readonly targets: SquadTargets;
  readonly specs: readonly TestSpec[];
  /** test ids of the day, in the pyramid's order */
  readonly tests: readonly string[];
  readonly athletes: readonly GridAthlete[];
  readonly cells: readonly CellView[];
  readonly noise: Readonly<Record<string, Noise>>;
  readonly settings: StartSettings;
  readonly loading: { readonly formula: OneRepMaxFormula; readonly maxReps: number };
  readonly at: string;
}

/** One line of the tests table: the value, its change and where it stands. */
export interface TestLine {
  readonly id: string;
  readonly side: 'left' | 'right' | 'both';
  readonly value: number;
  readonly spread: number | null;
  readonly day: string;
  readonly passed: boolean | null;
  readonly stale: boolean;
  /** from a set of training: no test in date speaks of it */
  readonly trained: boolean;
  readonly joints: readonly number[] | null;
  readonly change: {
    readonly from: number;
    readonly fromDay: string;
    readonly by: number;
    readonly kind: string;
    readonly interval: readonly [number, number];
    readonly own: boolean;
    readonly worthwhile: number | null;
  } | null;
  /** among the squad and the club's athletes of the same sport and lift level, 0–100; own data only */
  readonly inSquad: number | null;
  readonly inLevel: number | null;
  readonly ofOwn: number | null;
  readonly middleHalf: readonly [number, number] | null;
}
