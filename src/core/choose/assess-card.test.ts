import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose } from '../../../tests/fixtures';
import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import { dayView } from '../day';
import { AS_TEMPLATE, type Line, type TypedLine } from '../session';
import { assessCard, makeContext, type Brief } from '.';

const line = (
  slot: string,
  exerciseId: string,
  row: DoseRowId,
  own: Partial<Dose> = {},
  group: string | null = null,
): Line => ({
  slot,
  block: 'main',
  group,
  exerciseId,
  row,
  dose: dose(own),
  full: null,
  reasons: [],
  pinned: true,
  typed: true,
  substitutes: [],
  note: null,
  only: null,
});
const assess = (
  lines: Line[],
  own: Partial<Brief> = {},
  typed: TypedLine[] = [],
  template = 'by hand',
  shape = AS_TEMPLATE,
) => {
  const context = makeContext(brief(own), LIBRARY, METHOD);
  const card = { template, lines, typed, shape };
  return assessCard(
    card,
    context.brief.athletes.flatMap((one) => dayView(card, one, context)),
    context,
  );
};
const codes = (lines: Line[], own: Partial<Brief> = {}, typed: TypedLine[] = []) =>
  assess(lines, own, typed).findings.map(({ severity, code }) => `${severity} ${code}`);

describe('assessCard', () => {
  it('measures minutes, contacts and balance', () => {
    const { minutes, contacts, kneeShareAfter, kneeShareBefore, budget } = assess(
      [
        line('a', 'countermovement-jump', 'D-SLOW', { sets: 4, amount: 4 }),
        line('b', 'back-squat', 'D-MAINT', { sets: 6, rir: 3 }),
      ],
      { balance: { knee: 2, hip: 6 } },
    );
    expect(minutes).toBeGreaterThan(10);
    expect(contacts).toEqual({ raw: 16, weighted: 16 });
    expect(kneeShareBefore).toBe(0.25);
    expect(kneeShareAfter).toBeCloseTo((2 + 6 * 0.62) / 14, 9);
    expect(budget).toMatchObject({ target: 50, limit: 60 });
  });

  it('finds nothing wrong with a quiet, short card', () => {
    expect(codes([line('a', 'plank', 'D-TRK', { amount: 20, unit: 'seconds' })])).toEqual([]);
  });

  it.each([
    ['nothing more', {}, 'covered'],
    ['a lighter week', { lighterWeek: true }, 'week'],
    ['the end of a season', { phase: 'transition' as const }, 'season'],
    ['an event in two days', { day: '2026-11-26' }, 'event'],
    ['a gentle start', { athletes: [athlete({ caution: 'gentle' })] }, 'gentle'],
  ])('says what a session’s minutes are kept for: %s', (_, own, kept) => {
    const of = (minutes: number) =>
      assess([line('a', 'plank', 'D-TRK', { amount: 20, unit: 'seconds' })], { ...own, minutes }, [], 'full').findings;
    expect(of(60)).toContainEqual(
      expect.objectContaining({ code: 'minutes_left', facts: { left: expect.any(Number), asked: 60, kept } }),
    );
    expect(assess([], { ...own, own: true, minutes: 60 }, [], 'full').findings).toEqual([]);
    expect(of(2).map(({ code }) => code)).not.toContain('minutes_left');
  });

  it.each([
    [
      'over its minutes',
      [line('a', 'back-squat', 'D-MAINT', { sets: 10, restSeconds: 300, rir: 3 })],
      { minutes: 30 },
      'warn over_minutes',
    ],
    [
      'over its contacts',
      [line('a', 'countermovement-jump', 'D-SLOW', { sets: 10, amount: 10, restSeconds: 60 })],
      { minutes: 180 },
      'warn over_contacts',
    ],
    [
      'over the raw cap',
      [line('a', 'pogo', 'D-FAST', { sets: 15, amount: 15, restSeconds: 60 })],
      { minutes: 180 },
      'warn over_raw_contacts',
    ],
    [
      'over a primer',
      [line('a', 'countermovement-jump', 'D-SLOW', { sets: 5, amount: 5 })],
      { day: '2026-11-27' },
      'warn over_primer_contacts',
    ],
    [
      'heavy two days before',
      [line('a', 'romanian-deadlift', 'D-MAINT', { sets: 3, rir: 1 })],
      { day: '2026-11-26' },
      'forbid heavy_on_quiet_day',
    ],
    [
      '% beyond the reps',
      [line('a', 'back-squat', 'D-MAINT', { amount: 8, rir: 3, percent: 0.9 })],
      {},
      'warn percent_above_reps',
    ],
    [
      'a pair on one mover',
      [
        line('a', 'back-squat', 'D-MAINT', { rir: 3 }, 'A'),
        line('b', 'split-squat', 'D-ASST', { rir: 3, per: 'side' }, 'A'),
      ],
      { minutes: 90 },
      'note pair_shares_mover',
    ],
  ] as [string, Line[], Partial<Brief>, string][])('%s', (_name, lines, own, expected) => {
    expect(codes(lines, own)).toContain(expected);
  });

  it('forbids what nobody may do and what a coach wrote for one who may not, and nothing that is only eased', () => {
    const hurt = athlete({
      id: 'hurt',
      name: 'Ada',
      complaints: [{ place: 'knee', side: null, score: 4, column: 'stop' }],
    });
    const squat = line('main', 'back-squat', 'D-MAINT', { rir: 3 });
    const own = (exerciseId: string | null): TypedLine => ({
      slot: 'main',
      athleteId: 'hurt',
      exerciseId,
      row: 'D-MAINT',
      dose: dose({ rir: 3 }),
    });
    expect(assess([squat], { athletes: [hurt] }).findings).toMatchObject([
      { severity: 'forbid', code: 'barred_by_complaint', facts: { slot: 'main' } },
    ]);
    const mixed = { athletes: [hurt, athlete({ id: 'well' })] };
    expect(codes([squat], mixed)).toEqual([]);
    expect(assess([squat], mixed, [own('front-squat')]).findings).toMatchObject([
      { severity: 'forbid', code: 'barred_by_complaint', facts: { slot: 'main', athlete: 'Ada' } },
    ]);
    expect(codes([squat], mixed, [own('hip-thrust')])).toEqual([]);
    expect(codes([squat], mixed, [own(null)])).toEqual([]);
  });

  it('throws on an entry nobody knows: the border must have turned it away', () => {
    expect(() => assess([line('a', 'no-such-entry', 'D-MAINT')])).toThrow(RangeError);
    expect(() => assess([], { sportId: 'no-such-sport' })).toThrow(RangeError);
  });
});
