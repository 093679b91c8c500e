import type { Day } from '../calendar';
import type { Exercise } from '../library';
import type { MethodTables } from '../method';
import type { Track } from '../track';
import { answerActsOn } from './acts-on-answer';

/** Why an athlete does one step less than the squad today (PROG-16). */
export type WhyLess = LightCard | 'voted-down' | 'not-answered';
/** Why a whole card is light: by the mornings, or at the coach's word (PROG-10). */
export type LightCard = 'light-card' | 'asked-lighter';

/** Answered sessions a light card lasts, the answers looked back over, and those among them that make it. */
export const LIGHT_FOR = 3;
export const LIGHT_OF = 4;
export const LIGHT_FROM = 2;
/** Fine mornings after which who voted down does as the squad again. */
export const FINE_AGAIN = 2;

/** The coach's word on an athlete's whole cards: from which day lighter, or full again; null = none. */
export interface CardWord {
  readonly lighterFrom: Day | null;
  readonly fullFrom: Day | null;
}

/**
 * Whether the whole card is light: two *overly tight* in the last four answers, or the coach's word, for the three answered
 * sessions after them. From the day of the word *full again* on what was trained before says nothing of it.
 * @param tracks all of the athlete's
 * @param day the day of the card
 */
export function lightCard(tracks: readonly Track[], { lighterFrom, fullFrom }: CardWord, day: Day): LightCard | null {
  const since = fullFrom !== null && fullFrom <= day ? fullFrom : '';
  const answers = new Map<Day, string>();
  for (const { exposures } of tracks)
    for (const exposure of exposures)
      if (exposure.response && exposure.day < day && exposure.day >= since)
        answers.set(exposure.day, exposure.response.answer);
  const newest = [...answers].sort(([a], [b]) => (a < b ? 1 : -1)).map(([, answer]) => answer);
  const isTired = Array.from({ length: LIGHT_FOR }, (_, since) => newest.slice(since, since + LIGHT_OF)).some(
    (window) => window[0] === 'tight' && window.filter((answer) => answer === 'tight').length >= LIGHT_FROM,
  );
  if (isTired) return 'light-card';
  if (lighterFrom === null || lighterFrom > day || lighterFrom < since) return null;
  return [...answers.keys()].filter((answered) => answered >= lighterFrom).length < LIGHT_FOR ? 'asked-lighter' : null;
}

/**
 * Why an athlete does less on one line, beside a light card: voted down and not fine twice since, or the squad's line has
 * just risen and the athlete has not answered for it.
 */
export function lessOnLine(
  track: Track | null,
  exercise: Exercise,
  hasRisen: boolean,
  method: MethodTables,
): Exclude<WhyLess, LightCard> | null {
  const exposures = track?.exposures ?? [];
  if (hasRisen && exposures[0] && exposures[0].response === null) return 'not-answered';
  let fine = 0;
  for (const { response } of exposures) {
    if (response?.answer === 'fine') fine += 1;
    if (response?.answer === 'tight' && answerActsOn(exercise, response.place, method))
      return fine < FINE_AGAIN ? 'voted-down' : null;
  }
  return null;
}
