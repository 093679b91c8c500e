import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { AS_TEMPLATE, type Card, type Line } from '$core/session';
import { keepCardSchema } from '$lib/model/bodies';
import { dose } from '../../../../tests/fixtures';
import { CardHistory, MOST_STEPS } from './card-history';
import {
  adding,
  banning,
  dosing,
  doubling,
  goneSince,
  holding,
  keeping,
  movedSince,
  moving,
  noting,
  overriding,
  pairing,
  parting,
  pinAll,
  removing,
  reserving,
  startingFrom,
  swapping,
  overrideOf,
  ungated,
} from './shape-card';

const line = (slot: string, block: string, group: string | null, own: Partial<Line> = {}): Line => ({
  slot,
  block,
  group,
  exerciseId: `x-${slot}`,
  row: 'D-ASST',
  dose: dose({ sets: 3 }),
  full: null,
  reasons: [],
  pinned: false,
  typed: false,
  substitutes: [],
  note: null,
  only: null,
  ...own,
});
const card = (own: Partial<Card> = {}): Card => ({
  template: 'full',
  phase: 'in-season',
  minutes: 60,
  lines: [
    line('jump-1', 'jumps', null),
    line('main', 'main', 'A', { pinned: true }),
    line('main-trunk', 'main', 'A'),
    line('guard', 'assist', 'C'),
    line('calf', 'assist', 'C'),
  ],
  typed: [],
  shape: AS_TEMPLATE,
  ...own,
});
const order = (asked: ReturnType<typeof moving>) => asked?.shape.order.join(' ');

describe('a card shaped by hand', () => {
  it('gives an added entry a line of its own in its block, and holds only what is the coach’s', () => {
    const asked = adding(card(), 'x-new', 'jump', 'calf');
    expect(asked.slot).toBe('own-1');
    expect(asked.shape.order).toEqual(['jump-1', 'own-1', 'main', 'main-trunk', 'guard', 'calf']);
    expect(Object.keys(asked.pins)).toEqual(['main', 'own-1']);
    expect(asked.pins['own-1']).toMatchObject({
      exerciseId: 'x-new',
      byCoach: true,
      at: { block: 'jumps', group: null },
    });
    const again = adding(card({ lines: [...card().lines, line('own-1', 'assist', null)] }), 'x', 'mobility', 'main');
    expect(again.slot).toBe('own-2');
    // behind the pair the selected line is one of
    expect(again.shape.order.indexOf('own-2')).toBe(3);
  });

  it('keeps a slot of the template closed when its line is taken off, and forgets the coach’s own', () => {
    expect(removing(card(), 'calf').shape.without).toEqual(['calf']);
    expect(removing(card(), 'main').pins).toEqual({});
    const own = card({ lines: [...card().lines, line('own-1', 'assist', null)] });
    expect(removing(own, 'own-1').shape.without).toEqual([]);
    expect(banning(card(), 'x-main')).toMatchObject({ pins: {}, shape: { banned: ['x-main'] } });
  });

  it('moves a line, out of its pair and into the block and the pair it comes to stand in', () => {
    const up = moving(card(), 'calf', 'jump-1');
    expect(order(up)).toBe('calf jump-1 main main-trunk guard');
    expect(up?.pins.calf?.at).toEqual({ block: 'jumps', group: null });
    const between = moving(card(), 'jump-1', 'main-trunk');
    expect(between?.pins['jump-1']?.at).toEqual({ block: 'main', group: 'A' });
    expect(moving(card(), 'guard', null)?.pins.guard?.at).toEqual({ block: 'assist', group: 'C' });
    expect(moving(card(), 'calf', null)).toBeNull();
    expect(moving(card(), 'main', 'main')).toBeNull();
    expect(moving(card(), 'nothing', null)).toBeNull();
  });

  it('pairs a line with the next and parts them again', () => {
    const paired = pairing(card(), 'jump-1');
    expect(paired?.pins['jump-1']).toMatchObject({ byCoach: true, at: { group: 'pair-jump-1' } });
    // a pair of whatever slot can be kept
    const { group } = keepCardSchema.shape.lines.element.shape.line.shape;
    const slots = Object.values(METHOD.templates).flatMap((template) => template.slots.map(({ id }) => id));
    expect(slots.filter((slot) => !group.safeParse(`pair-${slot}`).success)).toEqual([]);
    expect(paired?.pins.main).toMatchObject({ byCoach: true, at: { block: 'jumps', group: 'pair-jump-1' } });
    expect(pairing(card(), 'calf')).toBeNull();
    const parted = parting(card(), 'main');
    expect([parted?.pins.main?.at?.group, parted?.pins['main-trunk']?.at?.group]).toEqual([null, null]);
    expect(parting(card(), 'jump-1')).toBeNull();
  });

  it('makes one set of lines, with whoever they were in turn with, and a turn of it again (DOSE-9)', () => {
    const joined = pairing(card(), 'jump-1', 'complex')!;
    const groups = (asked: typeof joined) => Object.entries(asked.pins).map(([slot, pin]) => [slot, pin.at?.group]);
    expect(groups(joined)).toEqual(
      expect.arrayContaining([
        ['jump-1', 'complex-jump-1'],
        ['main', 'complex-jump-1'],
        ['main-trunk', 'complex-jump-1'],
      ]),
    );
    const lines = card().lines.map((line) => ({ ...line, group: joined.pins[line.slot]?.at?.group ?? null }));
    expect(groups(pairing({ ...card(), lines }, 'main')!)).toContainEqual(['main-trunk', 'pair-jump-1']);
    expect(holding(card(), 'calf', true).pins.calf?.byCoach).toBe(true);
    expect(holding(card(), 'main', false).pins.main?.byCoach).toBe(false);
  });

  it('says what moved and what is gone, the line acted on aside', () => {
    const after = card({
      lines: [
        line('jump-1', 'jumps', null, { dose: dose({ sets: 4 }) }),
        line('main', 'main', 'A', { exerciseId: 'x-other' }),
        line('own-1', 'assist', null),
      ],
    });
    expect(movedSince(card(), after, 'own-1')).toEqual(['jump-1', 'main']);
    expect(goneSince(card(), after, 'calf')).toEqual(['x-main', 'x-main-trunk', 'x-guard']);
  });
});

describe('the coach’s words, and cards kept to start from', () => {
  it('a noted or reserved line is the coach’s and holds everything else of it', () => {
    expect(noting(card(), 'main', 'slow').pins.main).toMatchObject({
      byCoach: true,
      said: { note: 'slow', only: null },
    });
    expect(reserving(card(), 'main', ['a']).pins.main).toMatchObject({
      byCoach: true,
      said: { note: null, only: ['a'] },
    });
  });

  it('a reason over a gate is the coach’s line’s own: it outlives a dose and not another entry, and is gone when taken back', () => {
    const why = 'squatted for years';
    const asked = overriding(card(), 'main', { override: why });
    expect(asked.pins.main).toMatchObject({ byCoach: true, said: { note: null, override: why } });
    expect(asked.pins.guard).toEqual(pinAll(card().lines).guard);
    expect(asked.still).toBe(true);
    const of = {
      ...card(),
      lines: card().lines.map((one) =>
        one.slot === 'main' ? ungated(one, { override: why, overrideFor: ['a'] }) : one,
      ),
    };
    expect(dosing(of, 'main', dose({ sets: 2 })).main?.said).toMatchObject({ override: why, overrideFor: ['a'] });
    expect(overrideOf(of.lines.find(({ slot }) => slot === 'main')!)).toEqual({ override: why, overrideFor: ['a'] });
    expect(swapping(of, 'main', 'x-other').main?.said).toEqual({ note: null, only: null });
    const back = overriding(of, 'main', null).pins.main;
    expect(back?.said).toEqual({ note: null, only: null });
    // absent and not empty: a line with none is the same line as one that never had any
    expect(Object.hasOwn(ungated(of.lines[1]!, null), 'override')).toBe(false);
    expect(ungated(of.lines[1]!, null)).toEqual(card().lines[1]);
  });

  it('words and whom a line is for outlive a typed dose; another entry keeps only whom it is for', () => {
    const of = card();
    const said = { note: 'slow', only: ['a'] };
    const noted = { ...of, lines: of.lines.map((line) => (line.slot === 'main' ? { ...line, ...said } : line)) };
    const typed = dose({ sets: 2, amount: 4 });
    expect(dosing(noted, 'main', typed).main).toMatchObject({
      said,
      typed: true,
      byCoach: true,
      dosed: { dose: typed, full: null },
    });
    expect(swapping(noted, 'main', 'x-other').main).toMatchObject({
      exerciseId: 'x-other',
      dosed: null,
      typed: false,
      byCoach: true,
      said: { note: null, only: ['a'] },
    });
    expect(swapping(noted, 'main', 'x-other').guard).toEqual(pinAll(noted.lines).guard);
  });

  it('an entry once more stands behind the first, alone', () => {
    const twice = doubling(card(), 'main')!;
    const at = twice.shape.order.indexOf(twice.slot);
    expect(twice.pins[twice.slot]).toMatchObject({ exerciseId: twice.pins.main?.exerciseId, at: { group: null } });
    expect(at).toBeGreaterThan(twice.shape.order.indexOf('main'));
    expect(doubling(card(), 'nothing')).toBeNull();
  });

  it('keeps the work without prep, at its whole dose, and starts a card with it alone', () => {
    const whole = { dose: dose({ sets: 5 }), rules: ['TIME-1'] };
    const of = card();
    const kept = keeping({
      ...of,
      lines: [
        { ...of.lines[0]!, slot: 'prep-1', block: 'prep', pinned: false },
        ...of.lines.map((line) => (line.slot === 'main' ? { ...line, full: whole, note: 'slow' } : line)),
      ],
    });
    expect(kept).toHaveLength(of.lines.length);
    expect(kept.find(({ note }) => note === 'slow')?.dose.sets).toBe(5);
    const { pins, shape } = startingFrom(kept);
    expect(shape).toEqual({ without: [], order: [], banned: [], alone: true, kind: null });
    expect(Object.keys(pins)).toEqual(of.lines.map((_, i) => `own-${String(i + 1)}`));
    expect(Object.values(pins).every(({ byCoach }) => byCoach)).toBe(true);
  });
});

describe('steps on a card', () => {
  const store = () => {
    const kept = new Map<string, string>();
    return {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
    };
  };
  const at = (minutes: number) => card({ minutes });

  it('go back and forth, past a reload, two hundred of them', () => {
    const kept = store();
    const steps = new CardHistory('s', kept);
    for (let minutes = 1; minutes <= MOST_STEPS + 5; minutes++) steps.push(at(minutes));
    const after = new CardHistory('s', kept);
    expect(after.undo(at(999))?.minutes).toBe(MOST_STEPS + 5);
    expect(after.redo(at(MOST_STEPS + 5))?.minutes).toBe(999);
    for (let i = 0; i < MOST_STEPS; i++) after.undo(at(i));
    expect([after.canUndo, after.canRedo]).toEqual([false, true]);
    after.push(at(1));
    expect(after.canRedo).toBe(false);
    expect(new CardHistory('other', kept).canUndo).toBe(false);
  });

  it('end with the page where nothing can be stored or what is stored does not read', () => {
    const full = {
      getItem: () => '{',
      setItem: () => {
        throw new Error('full');
      },
    };
    const steps = new CardHistory('s', full);
    steps.push(at(1));
    expect(steps.undo(at(2))?.minutes).toBe(1);
    expect(new CardHistory('s', null).undo(at(1))).toBeNull();
  });
});
