import type { Reason } from '$core/result';
import type { Card } from '$core/session';

const HEALTH_CODES = [
  'barred_by_complaint',
  'eased_for_complaint',
  'not_yet_in_return',
  'eased_for_return',
  'sides_apart',
  'injury_screen_open',
  'guards_injury',
];
const KEPT = ['slot', 'athleteId', 'athlete'];

/** A card for those who see what is barred and not why (SAFE-7): the place and score leave the reasons. */
export const hideHealth = (card: Card): Card => ({
  ...card,
  lines: card.lines.map((line) => ({ ...line, reasons: line.reasons.map((reason) => withoutHealth(reason)) })),
});

/** One reason or finding without the place and score of a health note; who and where on the card stay. */
export const withoutHealth = <T extends Reason>(reason: T): T =>
  HEALTH_CODES.includes(reason.code)
    ? { ...reason, facts: Object.fromEntries(Object.entries(reason.facts).filter(([key]) => KEPT.includes(key))) }
    : reason;
