import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { auditSeason, type AuditedPlan, type Breach } from '../../../tests/season-auditor';
import { anyInput, at, event, gym, input, laid, saturdays } from '../../../tests/season-input';
import { planSeason, type SeasonInput, type SeasonPlan } from '.';

/** Seasons drawn with a seed of their own, so that a run is the same everywhere; one in three has tournaments. */
const CALENDARS = 500;
const drawn = fc.sample(anyInput, { numRuns: CALENDARS, seed: 20261128 });
const withTournament = (of: SeasonInput, i: number): SeasonInput =>
  i % 3 === 0
    ? { ...of, events: [...of.events, ...[4, 5, 6].map((weekday) => event(at((i % 20) + 1, weekday), 'cup'))] }
    : of;

const breaches = (of: SeasonInput): Breach[] => {
  const plan = planSeason(of, METHOD);
  return plan.ok ? auditSeason(plan.value, of) : [];
};

describe('an auditor that shares no code with the planner', () => {
  it(`finds nothing in ${String(CALENDARS)} made-up seasons`, () => {
    const found = drawn.map(withTournament).flatMap((of, i) => breaches(of).map((breach) => ({ i, ...breach })));
    expect(found.slice(0, 5)).toEqual([]);
  }, 120_000);

  const of = input({
    events: [...saturdays(14, 22), event(at(20, 3)), event(at(30, 6), 'final'), ...saturdays(24, 29)],
    end: at(34, 7),
    gymDays: gym(1, 2, 4),
  });
  const plan = laid(of);
  type Week = SeasonPlan['weeks'][number];
  const broken = (week: number, change: (week: Week) => object): AuditedPlan => ({
    weeks: plan.weeks.map((one, i) => (i === week - 1 ? { ...one, ...change(one) } : one)),
  });
  const session = (week: Week, i: number, change: object) => ({
    sessions: week.sessions.map((one, n) => (n === i ? { ...one, ...change } : one)),
  });
  const main = { lead: 'knee', row: 'D-MAX', sets: 4, reps: 3, rir: 2, percent: 0.86, tempo: null };
  const ruleOf = (of_: AuditedPlan, calendar: SeasonInput = of): string[] => [
    ...new Set(auditSeason(of_, calendar).map(({ rule }) => rule)),
  ];

  it('finds nothing in this one', () => {
    expect(auditSeason(plan, of)).toEqual([]);
  });

  it.each<[string, AuditedPlan]>([
    ['PHASE-1', broken(3, () => ({ phase: 'pre-season' }))],
    ['PHASE-1', broken(3, (week) => session(week, 0, { day: at(3, 3) }))],
    ['PHASE-2', broken(10, () => ({ phase: 'peak' }))],
    ['PHASE-2', broken(30, (week) => ({ sets: { ...week.sets, knee: 20 } }))],
    ['WEEK-7', broken(16, () => ({ phase: 'congested' }))],
    ['BLOCK-1', broken(28, (week) => ({ block: { ...week.block, kind: 'lighter' } }))],
    ['WEEK-2', broken(15, (week) => session(week, 2, { mains: [main] }))],
    ['WEEK-2', broken(15, (week) => session(week, 2, { day: at(15, 6) }))],
    [
      'WEEK-3',
      broken(14, (week) => ({ sessions: week.sessions.map((one, n) => (n < 2 ? { ...one, mains: [main] } : one)) })),
    ],
    ['WEEK-4', broken(15, (week) => ({ sessions: [{ ...week.sessions[0], day: at(14, 7), kind: 'lift' }] }))],
    ['WEEK-1', broken(16, () => ({ notes: [{ code: 'strength_may_fade' }] }))],
    ['WEEK-6', broken(9, (week) => ({ sets: { ...week.sets, hip: 40 } }))],
    ['WEEK-8', broken(4, (week) => session(week, 0, { role: 'C' }))],
    [
      'WEEK-8',
      broken(4, (week) =>
        session(week, 0, {
          mains: week.sessions[0]?.mains.map((one) => ({ ...one, lead: one.lead === 'hip' ? 'knee' : 'hip' })),
        }),
      ),
    ],
    [
      'BLOCK-5',
      broken(2, (week) =>
        session(week, 0, { mains: week.sessions[0]?.mains.map((one) => ({ ...one, reps: one.reps + 1 })) }),
      ),
    ],
    ['TEST-1', broken(2, () => ({ test: true }))],
  ])('catches a breach of %s', (rule, of_) => {
    expect(ruleOf(of_)).toContain(rule);
  });

  it('catches too much for the young (SAFE-3)', () => {
    const young = { ...of, young: true };
    expect(ruleOf(laid(young), young)).not.toContain('SAFE-3');
    expect(ruleOf(plan, young)).toContain('SAFE-3');
  });
});
