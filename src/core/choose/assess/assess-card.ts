import { checkPercent } from '../dose';
import { contactsOf, type JumpBudget } from '../jumps';
import { kneeHip, kneeShare } from '../ledger';
import { getExercise, type Library } from '../library';
import type { MethodTables } from '../method';
import { checkPairs, layOut, type Timeline } from '../order';
import type { Finding } from '../result';
import { heavyFamilies } from '../season';
import type { Card } from '../session';
import type { Brief } from './brief';
import { barredAthletes } from './barred-athletes';
import { makeContext, type Context } from './context';
import { dayBudget } from './day-budget';

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
 * Measures a card of the coach's with the rules it was chosen by. The server runs this on what it is asked to keep.
 * @throws {RangeError} a line's entry is not in the library.
 */
export function assessCard(
  card: Pick<Card, 'lines' | 'overrides'>,
  brief: Brief,
  library: Library,
  method: MethodTables,
): Assessment {
  const context = makeContext(brief, library, method);
  const entries = card.lines.map((line) => ({ ...line, exercise: getExercise(library, line.exerciseId) }));
  const timeline = layOut(entries, method.settings);
  const counted = entries.map(({ exercise, dose }) => contactsOf(exercise, dose, method.settings));
  const contacts = { raw: sum(counted.map((c) => c.raw)), weighted: sum(counted.map((c) => c.weighted)) };
  const budget = dayBudget(context.jumpLevel, false, context);
  const own = kneeHip(entries, method);
  const minutes = timeline.totalS / 60;
  const findings: Finding[] = [
    ...overMinutes(minutes, brief.minutes),
    ...overContacts(contacts, budget, context),
    ...heavyOnQuietDay(entries, context),
    ...entries.flatMap((entry) => withSlot(checkPercent(entry.dose, method), entry.slot)),
    ...checkPairs(entries, method.settings),
    ...barredAthletes(card, context),
  ];
  return {
    timeline,
    minutes,
    contacts,
    budget,
    kneeShareBefore: kneeShare(brief.balance, method),
    kneeShareAfter: kneeShare({ knee: brief.balance.knee + own.knee, hip: brief.balance.hip + own.hip }, method),
    findings,
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

function overContacts(
  contacts: { raw: number; weighted: number },
  budget: JumpBudget,
  { limits, method }: Context,
): Finding[] {
  const primer = method.settings.week.primerContacts;
  if (limits.primerOnly && contacts.raw > primer)
    return [
      {
        severity: 'warn',
        code: 'over_primer_contacts',
        rules: ['WEEK-2'],
        facts: { raw: contacts.raw, limit: primer },
      },
    ];
  if (contacts.weighted > budget.limit)
    return [
      {
        severity: 'warn',
        code: 'over_contacts',
        rules: ['JUMP-8'],
        facts: { weighted: contacts.weighted, limit: budget.limit },
      },
    ];
  if (contacts.raw > budget.rawCap)
    return [
      {
        severity: 'warn',
        code: 'over_raw_contacts',
        rules: ['JUMP-8'],
        facts: { raw: contacts.raw, limit: budget.rawCap },
      },
    ];
  return [];
}

function heavyOnQuietDay(entries: Parameters<typeof heavyFamilies>[0], { limits, method }: Context): Finding[] {
  if (!limits.quiet) return [];
  return heavyFamilies(entries, method).map((family) => ({
    severity: 'forbid',
    code: 'heavy_on_quiet_day',
    rules: ['WEEK-2'],
    facts: { family, daysBefore: limits.daysBefore ?? 0 },
  }));
}
