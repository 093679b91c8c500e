import { dayBudget, type DayLine } from '../../day';
import { checkPercent } from '../../dose';
import { contactsOf, type JumpBudget } from '../../jumps';
import { kneeHip, kneeShare } from '../../ledger';
import { getExercise } from '../../library';
import { checkPairs, layOut, type Timeline } from '../../order';
import type { Finding } from '../../result';
import type { Card } from '../../session';
import type { Context } from '../context';
import { checkOneCard } from './check-one-card';
import { checkTyped } from './check-typed';
import { minutesLeft } from './minutes-left';
import { weekLacks } from './week-lacks';

/** A card measured: its clock, contacts, balance, and everything the rules say against it. */
export interface Assessment {
  readonly timeline: Timeline;
  readonly minutes: number;
  readonly contacts: { readonly raw: number; readonly weighted: number };
  readonly budget: JumpBudget;
  readonly kneeShareBefore: number | null;
  readonly kneeShareAfter: number | null;
  readonly findings: readonly Finding[];
}

/**
 * Measures a card with the rules it was chosen by. The server runs this on what it is asked to keep: what forbids is a
 * person's word against SAFE, a gate or WEEK-2; everything else is the day view's to ease.
 * @param view the card as its athletes do it
 * @throws {RangeError} a line's entry is not in the library.
 */
export function assessCard(
  card: Pick<Card, 'template' | 'lines' | 'typed' | 'shape'>,
  view: readonly DayLine[],
  context: Context,
): Assessment {
  const { brief, library, method } = context;
  const entries = card.lines.map((line) => ({ ...line, exercise: getExercise(library, line.exerciseId) }));
  const timeline = layOut(entries, context.room, method.settings);
  const counted = entries.map(({ exercise, dose }) => contactsOf(exercise, dose, method.settings));
  const contacts = { raw: sum(counted.map((c) => c.raw)), weighted: sum(counted.map((c) => c.weighted)) };
  const budget = dayBudget(context.jumpLevel, false, context);
  const own = kneeHip(entries, method);
  const minutes = timeline.totalS / 60;
  return {
    timeline,
    minutes,
    contacts,
    budget,
    kneeShareBefore: kneeShare(brief.balance, method),
    kneeShareAfter: kneeShare({ knee: brief.balance.knee + own.knee, hip: brief.balance.hip + own.hip }, method),
    findings: [
      ...overMinutes(minutes, brief.minutes),
      ...minutesLeft(minutes, card, context),
      ...overContacts(contacts, budget, context),
      ...entries.flatMap((entry) => withSlot(checkPercent(entry.dose, method), entry.slot)),
      ...checkPairs(entries, method.settings),
      ...checkTyped(card, view, context),
      ...checkOneCard(card.lines, view, context),
      ...weekLacks(card, context),
      ...consentMissing(context),
    ],
  };
}

const sum = (values: readonly number[]): number => values.reduce((total, v) => total + v, 0);

const withSlot = (finding: Finding | null, slot: string): Finding[] =>
  finding ? [{ ...finding, facts: { ...finding.facts, slot } }] : [];

function overMinutes(minutes: number, asked: number): Finding[] {
  const over = Math.round(minutes - asked);
  return over > 0
    ? [{ severity: 'warn', code: 'over_minutes', rules: ['TIME-1'], facts: { minutes: asked + over, asked, over } }]
    : [];
}

/** Landings over the day's limit, whoever wrote them: said with the number, never taken away by itself (DOSE-12). */
function overContacts(
  { raw, weighted }: { raw: number; weighted: number },
  { limit, rawCap }: JumpBudget,
  { limits, method }: Context,
): Finding[] {
  const primer = method.settings.week.primerContacts;
  if (limits.primerOnly && raw > primer)
    return [{ severity: 'warn', code: 'over_primer_contacts', rules: ['WEEK-2'], facts: { raw, limit: primer } }];
  if (weighted > limit)
    return [{ severity: 'warn', code: 'over_contacts', rules: ['JUMP-8'], facts: { weighted, limit } }];
  if (raw > rawCap)
    return [{ severity: 'warn', code: 'over_raw_contacts', rules: ['JUMP-8'], facts: { raw, limit: rawCap } }];
  return [];
}

/** Under 18 without a guardian's consent noted: said wherever the card is made (SAFE-3). */
function consentMissing({ brief }: Context): Finding[] {
  const names = brief.athletes.filter((athlete) => athlete.consentMissing).map(({ name }) => name);
  return names.length > 0 ? [{ severity: 'warn', code: 'consent_missing', rules: ['SAFE-3'], facts: { names } }] : [];
}
