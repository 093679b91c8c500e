import type { Reason } from '$core/result';
import type { Card } from '$core/session';

const HEALTH_CODES = ['barred_by_complaint', 'eased_for_complaint'];

/** A card for those who see what is barred and not why (SAFE-7): the place and score leave the reasons. */
export const hideHealth = (card: Card): Card => ({
  ...card,
  overrides: card.overrides.map((own) => ({ ...own, reasons: own.reasons.map(withoutHealth) })),
});

const withoutHealth = (reason: Reason): Reason =>
  HEALTH_CODES.includes(reason.code) ? { ...reason, facts: {} } : reason;
