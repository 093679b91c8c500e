import type { Answer } from '$core/progress';

/** One athlete's part of a call about doses. */
export interface CallChange {
  readonly id: string;
  readonly athlete: string;
  readonly exercise: string;
  readonly from: string;
  readonly to: string;
}

export interface CallBase {
  readonly key: string;
  readonly squad: string;
  readonly squadId: string;
  /** `before 18:30` on a gym day, else `by Thursday` */
  readonly deadline: string;
  readonly rules: readonly string[];
  readonly ruleWords: string;
}

/** A decision that waits, as the screen shows it. */
export type Call =
  | (CallBase & {
      readonly kind: 'pain';
      readonly complaintId: string;
      readonly athleteId: string;
      readonly athlete: string;
      readonly place: string;
      readonly side: string | null;
      readonly score: number;
      readonly signs: readonly string[];
      readonly stops: string;
    })
  | (CallBase & {
      readonly kind: 'silent';
      readonly athletes: readonly { readonly id: string; readonly name: string }[];
      readonly session: string;
    })
  | (CallBase & {
      readonly kind: 'cut';
      readonly athlete: string;
      readonly athleteId: string;
      readonly answer: Answer;
      readonly place: string | null;
      readonly session: string;
      readonly contactsFewer: number;
      readonly mornings: readonly { day: string; answer: Answer }[];
      readonly changes: readonly CallChange[];
    })
  | (CallBase & { readonly kind: 'rise'; readonly exercise: string; readonly changes: readonly CallChange[] });

export type CallOf<K extends Call['kind']> = Extract<Call, { kind: K }>;
