/** Numbers of the start line (method 4). */
export interface StartSettings {
  readonly tests: {
    readonly range: readonly string[];
    readonly control: readonly string[];
    readonly force: readonly string[];
    readonly skill: readonly string[];
    /** what the levers are read from (START-6, 7) */
    readonly lever: readonly string[];
  };
  /** lifts that tell of squat and hinge, and their part of it */
  readonly ratios: {
    readonly squat: Readonly<Record<string, number>>;
    readonly hinge: Readonly<Record<string, number>>;
  };
  readonly target: { readonly squat: number; readonly hinge: number };
  readonly youngTarget: { readonly squat: number; readonly hinge: number };
  readonly youngUnder: number;
  /** no maximum from fewer reps under that age (SAFE-3) */
  readonly youngReps: number;
  /** K3 counts from this weight of cutting on */
  readonly cutsFrom: number;
  readonly eur: { readonly low: number; readonly usualSd: number };
  readonly rsi: { readonly athletes: number };
  readonly strongerBy: number;
  /** knee share of a history that leans (START-5) */
  readonly leans: { readonly hipBelow: number; readonly kneeAbove: number };
  readonly trainedDays: number;
  /** the block START-11 looks back over, and how far its ends lie apart at least */
  readonly result: { readonly blockDays: number; readonly leastDays: number };
  /** how long a weak moment weighs (START-12): one block */
  readonly momentDays: number;
  readonly rescreenDays: readonly number[];
  /** the control ladder and its rung for each failed screen (START-3) */
  readonly controlLadder: string;
  readonly controlRungs: Readonly<Record<string, number>>;
}
