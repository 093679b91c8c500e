/** The tiers of the start line, from the ground up (START-1). */
export const TIER_NAMES = ['range', 'control', 'force', 'skill'] as const;
export type TierName = (typeof TIER_NAMES)[number];

export const JOINTS = ['foot', 'knee', 'hip', 'trunk'] as const;

/** What a screen answers in words, worst first. */
export type Grades = readonly string[];

/** How a test passes, side by side where it has sides. */
export type PassRule =
  /** the grade at `from` or better */
  | { readonly kind: 'grade'; readonly from: number }
  /** no joint at 2 and at most one at 1 (START-3) */
  | { readonly kind: 'joints' }
  | { readonly kind: 'at-least'; readonly value: number; readonly sideDifference: number | null }
  /** weak side over strong side at least this */
  | { readonly kind: 'symmetry'; readonly value: number };

/** How a test is entered and kept. */
export type TestKind = 'grade' | 'joints' | 'lift' | 'number';

/** One test a coach may put on a testing day. */
export interface TestSpec {
  readonly id: string;
  readonly name: string;
  /** two short lines over a column */
  readonly short: string;
  /** the tier it is judged in; null = a lever, shown under its own heading (START-7) */
  readonly tier: TierName | null;
  readonly kind: TestKind;
  readonly grades: Grades;
  /** stored in SI units; shown × `per` in `unit` with `decimals` */
  readonly unit: string;
  readonly per: number;
  readonly decimals: number;
  readonly sides: boolean;
  readonly better: 'higher' | 'lower';
  readonly trials: number;
  readonly from: 'best' | 'mean';
  /** what a body can do, in the stored unit; outside is refused */
  readonly possible: readonly [low: number, high: number];
  readonly pass: PassRule | null;
  /** days it holds (method 3) */
  readonly holdsDays: number;
  /** typical error before the squad has its own: in the stored unit, or a share of the value */
  readonly assumed: { readonly m?: number; readonly share?: number };
  /** what it needs, fewest first among the cheapest (START-2) */
  readonly equipment: readonly string[];
  readonly minutes: number;
  /** not under this age (SAFE-3) */
  readonly fromYears: number | null;
  /** how to do it, in one or two sentences */
  readonly how: string;
}

export type TestSpecs = ReadonlyMap<string, TestSpec>;

export type RecordSide = 'left' | 'right' | 'both';

/** One kept value of one athlete. */
export interface TestRecord {
  readonly test: string;
  readonly day: string;
  readonly side: RecordSide;
  /** grade index, joint sum, or the number in the stored unit; null for a lift */
  readonly value: number | null;
  /** each trial, where there were several; `value` is what the test makes of them */
  readonly trials: readonly number[] | null;
  /** each joint 0–2, where they were scored one by one */
  readonly joints: readonly number[] | null;
  readonly loadKg: number | null;
  readonly reps: number | null;
  readonly rir: number | null;
  /** typed outside what is likely and not yet answered: it does not count */
  readonly asks: boolean;
  /** read from a set of training; absent = a test */
  readonly trained?: true;
}
