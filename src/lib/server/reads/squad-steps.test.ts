import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { NO_HISTORY, type AthleteFacts } from '$core/athlete';
import { runningKey } from '$core/choose';
import type { Line } from '$core/session';
import type { Exposure, Track } from '$core/track';
import { athlete, brief, dose, trackOf } from '../../../../tests/fixtures';
import type { SessionRow } from '../repositories/sessions';
import { squadMoves } from './squad-steps';

const ENTRY = 'bent-knee-calf-raise';
const KEY = runningKey(ENTRY, 'D-STR');
const written = dose({ sets: 3, amount: 10 });
const card = (full: Line['full']): SessionRow =>
  ({
    id: 'card',
    day: '2026-11-17',
    phase: 'general',
    lines: [
      {
        slot: 'calf',
        exerciseId: ENTRY,
        row: 'D-STR',
        dose: full ? { ...written, sets: 2 } : written,
        full,
        reasons: [],
      },
    ],
  }) as unknown as SessionRow;
const did = (answer: 'fine' | 'tight', done: typeof written): Track => {
  const exposure: Exposure = {
    sessionId: 'card',
    day: '2026-11-17',
    dose: done,
    based: done,
    eased: [],
    sets: Array.from({ length: done.sets }, () => ({ amount: done.amount, loadKg: null, rir: null, fault: null })),
    response: { answer, place: answer === 'tight' ? 'calf' : null, score: null },
    settledBy: [],
  };
  return { ...trackOf(ENTRY, 'D-STR', done), exposures: [exposure] };
};
const PLACE = brief().place;
const moves = (
  cards: SessionRow[],
  people: { facts: AthleteFacts; tracks: Track[] }[],
  holds = false,
  today: readonly string[] = [],
  again: Record<string, { sets: number; amount: number }> = {},
) =>
  squadMoves(
    cards,
    people,
    PLACE,
    'general',
    '2026-11-24',
    holds,
    { today: new Set(today), again },
    {
      library: LIBRARY,
      method: METHOD,
    },
  );
const steps = (full: Line['full'], answer: 'fine' | 'tight') =>
  moves(
    [card(full)],
    ['a', 'b', 'c'].map((id) => ({
      facts: athlete({ id }),
      tracks: [did(answer, full ? { ...written, sets: 2 } : written)],
    })),
  ).steps[KEY];

describe('a squad’s line after its last time (PROG-16)', () => {
  it.each([
    [['none', 'none', 'gentle'], { sets: 4, amount: 10 }],
    [['none', 'sets', 'sets'], { sets: 3, amount: 11 }],
    [['gentle', 'gentle', 'none'], null],
  ] as const)('takes no step that most have to stay below: %j', (cautions, to) => {
    const people = cautions.map((caution, i) => ({
      facts: athlete({ id: String(i), caution }),
      tracks: [did('fine', written)],
    }));
    const step = moves([card(null)], people).steps[KEY];
    expect(step ? { sets: step.to.sets, amount: step.to.amount } : null).toEqual(to);
  });

  it('rises by the votes of those who did it whole, and falls by them', () => {
    expect(steps(null, 'fine')).toMatchObject({ kind: 'set-up', to: { sets: 4 } });
    expect(steps(null, 'tight')).toMatchObject({ kind: 'set-down' });
  });

  it.each(['BLOCK-1', 'WEEK-2'])('does not rise from what %s made shorter, and still falls', (rule) => {
    const full = { dose: written, rules: [rule] };
    expect(steps(full, 'fine')).toBeUndefined();
    expect(steps(full, 'tight')).toBeDefined();
  });
});

describe('a line that the clock or its part keeps at fewer sets (PROG-15)', () => {
  it.each(['TIME-1', 'SEL-7'])('rises by reps where %s takes its sets', (rule) => {
    const full = { dose: written, rules: [rule] };
    expect(steps(full, 'fine')).toMatchObject({ kind: 'amount-up', to: { sets: 3, amount: 11 } });
    expect(steps(full, 'tight')).toBeDefined();
    // reps taken too were not done
    expect(steps({ ...full, dose: { ...written, amount: 12 } }, 'fine')).toBeUndefined();
    expect(steps({ ...full, rules: [rule, 'WEEK-2'] }, 'fine')).toBeUndefined();
  });
});

describe('a lighter week (BLOCK-1)', () => {
  const week = { dose: written, rules: ['BLOCK-1'] };
  const lighter = { ...card(week), id: 'lighter', day: '2026-11-21' };
  const people = (answer: 'fine' | 'tight') =>
    ['a', 'b', 'c'].map((id) => {
      const before = did('fine', written);
      const less = did(answer, { ...written, sets: 2 }).exposures.map((one) => ({ ...one, sessionId: 'lighter' }));
      return { facts: athlete({ id }), tracks: [{ ...before, exposures: [...before.exposures, ...less] }] };
    });

  it('brings nothing more, and takes away what must go', () => {
    const of = (answer: 'fine' | 'tight') =>
      moves(
        [card(null)],
        people(answer).map(({ facts }) => ({ facts, tracks: [did(answer, written)] })),
        true,
      ).steps[KEY];
    expect(of('fine')).toBeUndefined();
    expect(of('tight')).toMatchObject({ kind: 'set-down' });
  });

  it('what was earned before it comes after it, unless it went badly', () => {
    expect(moves([lighter, card(null)], people('fine')).steps[KEY]).toMatchObject({ kind: 'set-up' });
    expect(moves([lighter, card(null)], people('tight')).steps[KEY]).toMatchObject({ kind: 'set-down' });
  });
});

describe('of more rises than a session takes (PROG-16)', () => {
  const IDS = [ENTRY, 'goblet-squat', 'back-squat', 'deadlift'];
  const line = (exerciseId: string, reasons: object[] = []) => ({ ...card(null).lines[0]!, exerciseId, reasons });
  const people = ['a', 'b'].map((id) => ({
    facts: athlete({ id }),
    tracks: IDS.map((exerciseId) => ({ ...did('fine', written), exerciseId })),
  }));
  const rising = (today: readonly string[], cards = [{ ...card(null), lines: IDS.map((id) => line(id)) }]) =>
    Object.keys(moves(cards as SessionRow[], people, false, today).steps).map((key) => key.split(' ')[0]);

  it('two, those that run on the day’s card before those that do not', () => {
    expect(rising([])).toEqual(IDS.slice(0, 2));
    expect(rising(['back-squat', 'deadlift'])).toEqual(['back-squat', 'deadlift']);
    expect(rising(['deadlift'])).toEqual(['deadlift', ENTRY]);
  });

  it('what begins its block anew has earned nothing yet', () => {
    const people = [{ facts: athlete({ id: 'a' }), tracks: [did('fine', written)] }];
    expect(moves([card(null)], people, false, [], { [KEY]: written }).steps).toEqual({});
  });

  it('then those that stepped longest ago', () => {
    const stepped = [{ code: 'squad_step', rules: ['PROG-16'], facts: {} }];
    const before = { ...card(null), id: 'before', day: '2026-11-10', lines: [line(ENTRY, stepped)] };
    const earlier = { ...before, id: 'earlier', day: '2026-11-03', lines: [line('back-squat', stepped)] };
    const last = { ...card(null), lines: [ENTRY, 'back-squat', 'deadlift'].map((id) => line(id)) };
    expect(rising([], [last, before, earlier] as never)).toEqual(['deadlift', 'back-squat']);
  });
});

describe('a squad’s line that climbs a rung (PROG-16)', () => {
  const most = dose({ sets: 4, amount: 20, per: 'side', rir: 2 });
  const LOW = 'calf-raise-two-leg';
  const of = dose({ sets: 3, amount: 20 });
  const at = (id: string, day: string, lines: object[]): SessionRow =>
    ({ id, day, phase: 'general', lines }) as unknown as SessionRow;
  const line = (exerciseId: string, reasons: object[] = []) => ({
    slot: 'calf',
    exerciseId,
    row: 'D-STR',
    dose: exerciseId === LOW ? of : most,
    full: null,
    reasons,
  });
  const clean = (day: string, sessionId: string): Exposure => ({
    sessionId,
    day,
    dose: of,
    based: of,
    eased: [],
    sets: Array.from({ length: 3 }, () => ({ amount: 20, loadKg: null, rir: null, fault: null })),
    response: { answer: 'fine', place: null, score: null },
    settledBy: [],
  });
  const person = (id: string, owns: boolean) => ({
    facts: athlete({ id, history: { ...NO_HISTORY, mastered: owns ? { [LOW]: 9 } : {} } }),
    tracks: [{ ...trackOf(LOW, 'D-STR', of), exposures: [clean('2026-11-17', 'c1')] }],
  });

  it('is not made again at once when the coach took it back', () => {
    const people = [
      { ...person('a', true), tracks: [{ ...trackOf(LOW, 'D-STR', of), exposures: [clean('2026-11-21', 'c3')] }] },
    ];
    const back = at('c3', '2026-11-21', [line(LOW)]);
    const climbed = (day: string) =>
      at('c2', day, [line('calf-raise-one-leg', [{ code: 'squad_rung', facts: { from: LOW, today: true } }])]);
    expect(moves([back, climbed('2026-11-18')], people).climbs).toEqual([]);
    expect(moves([back, climbed('2026-11-17')], people).climbs).toHaveLength(1);
  });

  it('goes to the next rung at its fewest, and later cards remember from where', () => {
    const cards = [at('c1', '2026-11-17', [line(LOW)])];
    const half = moves(cards, [person('a', true), person('b', false)]);
    expect(half.climbs).toMatchObject([
      { from: LOW, to: 'calf-raise-one-leg', row: 'D-STR', dose: { sets: 2, amount: 8 } },
    ]);
    expect(moves(cards, [person('a', true), person('b', false), person('c', false)]).climbs).toEqual([]);
    const after = [
      at('c2', '2026-11-20', [line('calf-raise-one-leg', [{ code: 'squad_rung', facts: { from: LOW } }])]),
    ];
    expect(moves([...after, ...cards], [person('a', true)]).climbed).toEqual({
      'calf-raise-one-leg': { from: LOW, today: false },
    });
  });
});
