import { addDays, type Day } from '../calendar';
import type { AnswerFact, Response } from './facts';

/** A morning answer speaks of a session until the third day after it. */
export const ANSWER_SPEAKS_OF_DAYS = 3;

/** Of several answers of one day the one written last, by day. */
export function answersByDay(answers: readonly AnswerFact[]): ReadonlyMap<Day, AnswerFact> {
  const byDay = new Map<Day, AnswerFact>();
  for (const answer of answers) {
    const before = byDay.get(answer.day);
    if (!before || answer.seq > before.seq) byDay.set(answer.day, answer);
  }
  return byDay;
}

/**
 * The first answer after a session and before, or at the door of, the athlete's next one (PROG-1).
 * @param sessionDays every day the athlete trained, in order
 */
export function responseTo(
  day: Day,
  sessionDays: readonly Day[],
  answers: ReadonlyMap<Day, AnswerFact>,
): Response | null {
  const next = sessionDays.find((other) => other > day);
  for (let ahead = 1; ahead <= ANSWER_SPEAKS_OF_DAYS; ahead++) {
    const on = addDays(day, ahead);
    if (next !== undefined && on > next) return null;
    const found = answers.get(on);
    if (found) return found.response;
  }
  return null;
}
