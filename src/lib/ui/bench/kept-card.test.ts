import { describe, expect, it } from 'vitest';
import { AS_TEMPLATE, type Card, type Line } from '$core/session';
import type { CardAnswer, StoredCard } from '$lib/model/card';
import { dose } from '../../../../tests/fixtures';
import { changesFrom, isSame, mergeAnswer } from './kept-card';

const line = (slot: string, sets: number, own: Partial<Line> = {}): Line => ({
  slot,
  block: 'main',
  group: null,
  exerciseId: 'back-squat',
  row: 'D-MAINT',
  dose: dose({ sets }),
  full: null,
  reasons: [],
  pinned: false,
  typed: false,
  substitutes: [],
  note: null,
  only: null,
  ...own,
});
const HEAD = { minutes: 60, phase: 'in-season' as const, template: 'full', facilityId: null, shape: AS_TEMPLATE };
const card = (...lines: Line[]): Card => ({ ...HEAD, lines, typed: [] });
const stored = (of: Card, version = 1): StoredCard => ({
  id: 's',
  version: 1,
  ...HEAD,
  lines: of.lines.map((one, position) => ({ version, position, line: one })),
  typed: of.typed.map((own) => ({ version, own })),
});
const answer = (of: Card, lines: CardAnswer['lines'], own: Partial<CardAnswer> = {}): CardAnswer => ({
  head: null,
  lines,
  typed: {},
  card: stored(of, 2),
  ...own,
});

describe('what changed on a card', () => {
  it('is nothing when nothing did, whatever the order of keys', () => {
    const one = card(line('main', 3));
    expect(changesFrom(stored(one), one, HEAD)).toBeNull();
    expect(isSame({ a: 1, b: [{ c: 2, d: 3 }] }, { b: [{ d: 3, c: 2 }], a: 1 })).toBe(true);
  });

  it('is the line, moved, made and taken away, each with the version it was seen at', () => {
    const was = card(line('a', 3), line('b', 3), line('c', 3));
    const now = card(line('a', 4), line('c', 3), line('d', 2));
    expect(changesFrom(stored(was, 5), now, { ...HEAD, minutes: 45 })).toMatchObject({
      head: { seen: 1, minutes: 45 },
      lines: [
        { seen: 5, position: 0, line: { slot: 'a' } },
        { seen: 5, position: 1, line: { slot: 'c' } },
        { seen: 0, position: 2, line: { slot: 'd' } },
      ],
      removed: [{ slot: 'b', seen: 5 }],
    });
  });

  it('is what was typed for one athlete, and taken back', () => {
    const own = { slot: 'main', athleteId: 'x', exerciseId: 'back-squat', row: 'D-MAINT' as const, dose: dose() };
    const plain = card(line('main', 3));
    expect(changesFrom(stored(plain), { ...plain, typed: [own] }, HEAD)?.typed).toEqual([{ seen: 0, own }]);
    expect(changesFrom(stored({ ...plain, typed: [own] }, 4), plain, HEAD)?.untyped).toEqual([
      { slot: 'main', athleteId: 'x', seen: 4 },
    ]);
  });
});

describe('the server’s answer under the card on screen', () => {
  it('brings other coaches’ lines in, and keeps what was changed since it was sent', () => {
    const sent = card(line('a', 4), line('b', 3));
    const now = card(line('a', 4), line('b', 5));
    const theirs = card(line('a', 4), line('b', 3), line('c', 2));
    const merged = mergeAnswer(now, sent, answer(theirs, { a: { state: 'kept' } }));
    expect(merged.card.lines.map(({ slot, dose: { sets } }) => `${slot} ${String(sets)}`)).toEqual([
      'a 4',
      'b 5',
      'c 2',
    ]);
    expect(merged.conflicts).toEqual([]);
  });

  it('holds mine beside theirs where both changed one line, unless they are the same', () => {
    const sent = card(line('a', 4));
    const other = mergeAnswer(sent, sent, answer(card(line('a', 2)), { a: { state: 'conflict', there: null } }));
    expect(other.conflicts).toMatchObject([{ slot: 'a', mine: { dose: { sets: 4 } }, theirs: { dose: { sets: 2 } } }]);
    expect(other.card.lines[0]?.dose.sets).toBe(2);
    expect(mergeAnswer(sent, sent, answer(sent, { a: { state: 'conflict', there: null } })).conflicts).toEqual([]);
  });

  it('puts a refused line back as it is stored and says which', () => {
    const sent = card(line('a', 9));
    const merged = mergeAnswer(sent, sent, answer(card(line('a', 3)), { a: { state: 'refused', issues: [] } }));
    expect(merged).toMatchObject({ refused: ['a'], card: { lines: [{ dose: { sets: 3 } }] } });
  });

  it('takes the stored head where mine came too late', () => {
    const sent = { ...card(line('a', 3)), minutes: 30 };
    const late = answer(card(line('a', 3)), {}, { head: { state: 'conflict', there: null } });
    expect(mergeAnswer(sent, sent, late).card.minutes).toBe(60);
    expect(mergeAnswer(sent, sent, { ...late, head: { state: 'kept' } }).card.minutes).toBe(30);
  });
});
