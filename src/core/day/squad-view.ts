import type { AthleteFacts } from '../athlete';
import type { Card } from '../session';
import { capDoses } from './cap-doses';
import type { DayContext } from './day-context';
import type { DayLine } from './day-line';
import { dayView } from './day-view';

/** What a whole squad does of a card today: everybody's day, written in few enough doses to be run from one card (SEL-8). */
export const squadView = (
  card: Pick<Card, 'lines' | 'typed'>,
  athletes: readonly AthleteFacts[],
  context: DayContext,
): DayLine[] =>
  capDoses(
    card.lines,
    athletes.map((athlete) => ({ athlete, lines: dayView(card, athlete, context) })),
    context,
  ).flatMap(({ lines }) => lines);
