import { measureCard, measureFrozen, type Brief, type MeasuredCard } from '$core/choose';
import type { DayLine } from '$core/day';
import type { Card } from '$core/session';
import { cardOf } from '../repositories/sessions';
import { hideHealth, withoutHealth } from './hide-health';
import { askedOf, makeBrief } from './make-brief';
import type { SquadDay } from './squad-day';

/** A stored card as everybody reads it: Bench, Floor, print, phone and Calls. */
export interface CardRead extends MeasuredCard {
  readonly card: Card;
  readonly brief: Brief;
  /** an earlier club day: as written beside as done */
  readonly frozen: boolean;
}

/**
 * The one read of a card: its lines, what each athlete does of them today, and what it measures.
 * @param health whether the reader may see why something is barred (SAFE-7)
 * @returns null when the day has no card
 */
export function readCard(rows: SquadDay, health: boolean): CardRead | null {
  const { session, club } = rows;
  if (!session) return null;
  const known = session.lines.filter(({ exerciseId }) => club.library.exercises.has(exerciseId));
  const card = cardOf({ ...session, lines: known });
  const brief: Brief = { ...makeBrief(rows, askedOf(rows, session.minutes)), typed: card.typed };
  const frozen = session.day < club.today;
  const measured = (frozen ? measureFrozen : measureCard)(card, brief, club.library, club.method);
  if (health) return { card, brief, frozen, ...measured };
  return {
    card: hideHealth(card),
    brief,
    frozen,
    view: measured.view.map(withoutReasons),
    assessment: { ...measured.assessment, findings: measured.assessment.findings.map((one) => withoutHealth(one)) },
  };
}

const withoutReasons = (line: DayLine): DayLine => ({
  ...line,
  reasons: line.reasons.map((reason) => withoutHealth(reason)),
  stopped: line.stopped && withoutHealth(line.stopped),
});
