import { frozenView, squadView, type DayLine } from '../../day';
import type { Library } from '../../library';
import type { MethodTables } from '../../method';
import type { Card } from '../../session';
import type { Brief } from '../brief';
import { makeContext } from '../context';
import { assessCard, type Assessment } from './assess-card';

/** A stored card as it is read: what each athlete does of it, and what it measures. */
export interface MeasuredCard {
  readonly view: readonly DayLine[];
  readonly assessment: Assessment;
}

/**
 * Reads a stored card on its day: what holds now for each athlete, worked out anew each time.
 * @throws {RangeError} a line's entry is not in the library
 */
export function measureCard(card: Card, brief: Brief, library: Library, method: MethodTables): MeasuredCard {
  const context = makeContext({ ...brief, shape: card.shape }, library, method);
  const view = squadView(card, brief.athletes, context);
  return { view, assessment: assessCard(card, view, context) };
}

/** Reads a card of an earlier day: as written beside as done. Nothing is judged anew. */
export function measureFrozen(card: Card, brief: Brief, library: Library, method: MethodTables): MeasuredCard {
  const context = makeContext({ ...brief, shape: card.shape }, library, method);
  const view = brief.athletes.flatMap(({ id }) => frozenView(card, id, brief.begun));
  return { view, assessment: { ...assessCard(card, view, context), findings: [] } };
}
