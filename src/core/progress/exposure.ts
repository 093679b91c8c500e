import type { Dose } from '../dose';
import type { Day } from '../calendar';

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
}

/** One time an athlete did an entry: what was written, what was done, and how the next morning was. */
export interface Exposure {
  readonly day: Day;
  readonly dose: Dose;
  readonly sets: readonly LoggedSet[];
  /** null = no answer (PROG-6) */
  readonly response: Response | null;
}

/**
 * Whether every set was done as written or above with no fault (COUNT-5). Per-side doses are logged set by set for
 * both sides together.
 */
export function isClean({ dose, sets }: Exposure): boolean {
  return (
    sets.length >= dose.sets &&
    sets.every(
      (set) =>
        set.fault === null &&
        set.amount >= dose.amount &&
        (dose.loadKg === null || set.loadKg === null || set.loadKg >= dose.loadKg) &&
        (dose.rir === null || set.rir === null || set.rir >= dose.rir),
    )
  );
}
