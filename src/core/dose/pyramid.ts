import type { Dose } from './dose';

/**
 * Holds of each round of a hold pyramid (D-PYR), as many rounds as the dose has sets: who does fewer leaves out the last.
 * @returns null when the dose is none
 * @example roundsOf({ sets: 3, pyramid: { holds: [5, 3, 1], offS: 4 } }) // [5, 3, 1]
 */
export function roundsOf({ sets, pyramid }: Pick<Dose, 'sets' | 'pyramid'>): readonly number[] | null {
  if (!pyramid) return null;
  const last = pyramid.holds.at(-1) ?? 1;
  return Array.from({ length: sets }, (_, round) => pyramid.holds[round] ?? last);
}

/**
 * Seconds of one round on one side: its holds and what is let go between them.
 * @param round from 0; absent = the mean of all, for what counts a line as sets × a set
 */
export function roundSeconds(dose: Dose, round?: number): number {
  const rounds = roundsOf(dose);
  if (!rounds || !dose.pyramid) return dose.amount;
  const { offS } = dose.pyramid;
  const of = (holds: number): number => holds * dose.amount + (holds - 1) * offS;
  if (round !== undefined) return of(rounds[round] ?? 1);
  return rounds.reduce((sum, holds) => sum + of(holds), 0) / Math.max(1, rounds.length);
}

/** Most holds of a round that a step comes to; more can be typed. */
const MOST_HOLDS = 10;

/**
 * The next step of a hold pyramid: one hold more, or fewer, in every round (D-PYR).
 * @returns null when a round would have none, or more than a step comes to
 */
export function stepPyramid(dose: Dose, by: 1 | -1): Dose | null {
  if (!dose.pyramid) return null;
  const holds = dose.pyramid.holds.map((of) => of + by);
  const stands = by === 1 ? holds.every((of) => of <= MOST_HOLDS) : holds.every((of) => of >= 1);
  return stands ? { ...dose, pyramid: { ...dose.pyramid, holds } } : null;
}

/** A dose's sets as plain ones. */
export function withoutPyramid(dose: Dose): Dose {
  const { pyramid, ...plain } = dose;
  return pyramid ? plain : dose;
}
