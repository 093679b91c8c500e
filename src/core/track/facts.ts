import type { Day } from '../calendar';
import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import type { Facts } from '../result';

/** What the morning answer said (PROG-1). */
export type Answer = 'fine' | 'usual' | 'tight' | 'pain';
export const ANSWERS: readonly Answer[] = ['fine', 'usual', 'tight', 'pain'];

export interface Response {
  readonly answer: Answer;
  readonly place: string | null;
  /** 0–10, only with pain */
  readonly score: number | null;
}

/** One set as it was logged. Null = not counted. */
export interface LoggedSet {
  readonly amount: number;
  readonly loadKg: number | null;
  readonly rir: number | null;
  readonly fault: string | null;
  /** best height or distance, m, or reps of a timed set; absent in what was logged before outputs were */
  readonly output?: number | null;
}

interface FactBase {
  readonly id: string;
  /** the club's day it speaks of, whenever it was written */
  readonly day: Day;
  /** order of writing, over all facts of the club */
  readonly seq: number;
}

/** A morning answer; of several on a day the last one counts. */
export interface AnswerFact extends FactBase {
  readonly kind: 'answer';
  readonly response: Response;
}

/** One set of a line: what was written, what was done. Of several taps on one set the one done last counts. */
export interface SetFact extends FactBase, LoggedSet {
  readonly kind: 'set';
  readonly sessionId: string;
  readonly slot: string;
  readonly setNumber: number;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly written: Dose;
  /** the dose before the day eased it, which is what becomes owned; null = nothing to own (a capped or eased first time) */
  readonly based: Dose | null;
  /** rules that made `written` easier than `based` */
  readonly eased: readonly string[];
  /** when it was done, as an ISO instant: ranks taps on one set and nothing else */
  readonly doneAt: string;
  /** taken back: it was not done */
  readonly removed: boolean;
}

/** A session closed for an athlete who was there. What nobody tapped counts as done, and as nothing more. */
export interface ClosedFact extends FactBase {
  readonly kind: 'closed';
  readonly sessionId: string;
  readonly untapped: readonly { readonly exerciseId: string; readonly row: DoseRowId }[];
}

export type StepCause =
  /** what a club that came from before the tracks owned */
  | 'opened'
  /** the coach's word on what the rules asked */
  | 'accepted'
  | 'held'
  /** settled by a rule at the session's close: DOSE-2, PROG-9, PROG-7 */
  | 'found-load'
  | 'fall'
  | 'layoff';

/** A dose or a rung moved, by a person or a rule. `to` is absolute, so that later tables cannot change what it did. */
export interface StepFact extends FactBase {
  readonly kind: 'step';
  readonly cause: StepCause;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly to: { readonly exerciseId: string; readonly dose: Dose };
  /** the session a rule settled; null = a person's word */
  readonly sessionId: string | null;
  /** the rung was left because of tightness (PROG-4) */
  readonly tight: boolean;
  readonly rules: readonly string[];
  readonly saw: Facts;
}

export type TrackFact = AnswerFact | SetFact | ClosedFact | StepFact;
