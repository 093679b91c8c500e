import { describe, expect, it, test } from 'vitest';
import { DEMANDS, TIERS, type Demand, type Exercise } from '$core/library';
import { tierOf } from '$core/jumps';
import { EXERCISES, LADDERS, LIBRARY, METHOD, SPORTS } from '.';
import { ASKED_TEMPLATES } from './method/asked-templates';

/** What only names an entry, and what changing the implement alone changes. */
const NAMED = ['id', 'name', 'aliases', 'ladder'] as const;
const IMPLEMENT = [
  'load',
  'equipment',
  'station',
  'setUpSeconds',
  'cues',
  'faults',
  'cautions',
  'share',
  'demands',
] as const;
const knee = (e: Exercise): number => (e.share.quadriceps ?? 0) + (e.share.tibialisAnterior ?? 0);
const hip = (e: Exercise): number => (e.share.glutes ?? 0) + (e.share.hamstrings ?? 0) + (e.share.trunkExtension ?? 0);

describe('every entry', () => {
  it('has a name and an id of its own', () => {
    expect(new Set(EXERCISES.map(({ id }) => id)).size).toBe(EXERCISES.length);
    expect(new Set(EXERCISES.map(({ name }) => name)).size).toBe(EXERCISES.length);
    expect(EXERCISES.length).toBeGreaterThanOrEqual(220);
  });

  it.each(EXERCISES)('$id: dominance agrees with shares', (e) => {
    if (!e.dominance) return;
    const [k, h] = [knee(e), hip(e)];
    if (k + h === 0) return;
    // the share of quadriceps in thigh and hip work leans the way dominance says
    expect(Math.abs(e.dominance.knee - k / (k + h))).toBeLessThan(0.26);
  });

  it.each(EXERCISES.filter(({ plyo }) => plyo))('$id: contacts, tier and intent as COUNT-3 and JUMP-9 say', (e) => {
    const { plyo } = e;
    if (!plyo) return;
    if (plyo.contactsPerRep === 0) expect(plyo.ssc).toBe('none');
    if (plyo.dropM !== null) {
      expect(TIERS.indexOf(plyo.tier)).toBeGreaterThanOrEqual(plyo.legs === 'one' ? 2 : 1);
      if (plyo.intent !== 'stick') expect([plyo.tier, plyo.contactsPerRep]).toEqual(['shock', 2]);
    }
    if (plyo.tier === 'low') expect(plyo.maximal && plyo.legs !== 'alternate').toBe(false);
    if (plyo.tier === 'shock') expect(plyo.dropM).not.toBeNull();
    // a maximal one-foot take-off lands high unless it is a single hop, bound or skip
    if (plyo.intent === 'stick') expect(e.qualities).toContain('landing');
    if (plyo.intent === 'short-contact') expect(plyo.ssc).toBe('fast');
    if (e.doseUnit === 'seconds') expect(plyo.cadencePerSecond).not.toBeNull();
  });

  it('differs from every other in more than its name, and at most three differ by the implement alone', () => {
    const same = new Map<string, string[]>();
    const alike = new Map<string, string[]>();
    const put = (into: Map<string, string[]>, entry: Exercise, without: readonly (keyof Exercise)[]): void => {
      const key = JSON.stringify(entry, (field, value: unknown) =>
        (without as readonly string[]).includes(field) ? undefined : value,
      );
      into.set(key, [...(into.get(key) ?? []), entry.id]);
    };
    for (const exercise of EXERCISES) {
      put(same, exercise, NAMED);
      put(alike, exercise, [...NAMED, ...IMPLEMENT]);
    }
    expect([...same.values()].filter((ids) => ids.length > 1)).toEqual([]);
    expect([...alike.values()].filter((ids) => ids.length > 3)).toEqual([]);
  });

  it('has a pattern, and no pattern has more than twelve', () => {
    const count = new Map<string, number>();
    for (const { pattern } of EXERCISES) count.set(pattern, (count.get(pattern) ?? 0) + 1);
    expect([...count].filter(([pattern, n]) => n > 12 || pattern === '')).toEqual([]);
  });

  it('opens with gates that name a rung that is there', () => {
    const rungs = [...EXERCISES, ...LADDERS.flatMap((ladder) => ladder.rungs)].flatMap(({ gates }) =>
      gates.flatMap((gate) => (gate.kind === 'rung' ? [gate] : [])),
    );
    expect(rungs.filter(({ ladder, rung }) => !LIBRARY.ladders.get(ladder)?.rungs[rung - 1])).toEqual([]);
  });
});

describe('ladders', () => {
  test.each(LADDERS)('$id: tiers, contacts and demands never fall going up', ({ rungs }) => {
    const first = rungs.flatMap(({ exercises: [id] }) => LIBRARY.exercises.get(id ?? '') ?? []);
    const rises = (values: number[]): boolean => values.every((value, i) => i === 0 || value >= (values[i - 1] ?? 0));
    const jumps = first.filter(({ plyo }) => plyo);
    expect(rises(jumps.map((e) => TIERS.indexOf(e.plyo?.tier ?? 'low'))), 'tier').toBe(true);
    expect(rises(jumps.map((e) => e.plyo?.contactsPerRep ?? 0)), 'contacts').toBe(true);
    expect(rises(first.map((e) => Math.max(0, ...Object.values(e.demands)))), 'demands').toBe(true);
  });

  it('stand on entries that stand on one rung only', () => {
    const ids = LADDERS.flatMap(({ rungs }) => rungs.flatMap(({ exercises }) => exercises));
    expect(ids.filter((id, i) => ids.indexOf(id) !== i)).toEqual([]);
  });

  it('a gate of a rung is also asked by nothing below it on the same ladder', () => {
    for (const { id, rungs } of LADDERS)
      rungs.forEach((rung, i) => {
        for (const gate of rung.gates)
          if (gate.kind === 'rung' && gate.ladder === id) expect(gate.rung).toBeLessThanOrEqual(i);
      });
  });
});

describe('enough to choose from', () => {
  // a floor and a wall are everywhere
  const ROOM = ['mat', 'wall'];
  const has = ({ equipment }: Exercise, kit: readonly string[]): boolean =>
    equipment.allOf.every((item) => kit.includes(item)) &&
    (equipment.anyOf.length === 0 || equipment.anyOf.some((item) => kit.includes(item)));
  // what is thrown or lifted fast asks for kit of its own
  // what a coach asks for by name says itself what it needs
  const chosen = Object.entries(METHOD.templates).filter(([id]) => !Object.hasOwn(ASKED_TEMPLATES, id));
  const slots = chosen.flatMap(([, { slots: list }]) =>
    list.filter(({ guard, qualities }) => !guard && !qualities.includes('power')),
  );
  const asked = slots.flatMap((slot) => {
    const rows =
      slot.rows === 'strength'
        ? (['D-STR', 'D-MAX'] as const)
        : slot.rows === 'jump'
          ? (['D-SKILL', 'D-LAND', 'D-SLOW', 'D-FAST'] as const)
          : slot.rows === 'power'
            ? []
            : slot.rows;
    // a row for one pattern only is one way more, never all that a slot has
    const open = rows.filter((row) => !('patterns' in METHOD.doses[row]));
    const byRow = [...new Set(open.map((row) => METHOD.doses[row].quality))];
    const qualities = slot.qualities.length > 0 ? byRow.filter((q) => slot.qualities.includes(q)) : byRow;
    const warm = rows.some((row) => 'anyQuality' in METHOD.doses[row]);
    return warm || slot.patterns.length > 0
      ? [{ slot, of: warm ? null : qualities }]
      : qualities.map((quality) => ({ slot, of: [quality] }));
  });

  test.each([
    ['body weight and bands', [...ROOM, 'band']],
    ['a landmine', [...ROOM, 'landmine']],
  ])('four candidates for everything a template asks, with %s', (_name, kit) => {
    const short = asked.flatMap(({ slot, of }) => {
      const families = slot.main ? slot.families.map((one) => [one]) : [slot.families];
      return families.flatMap((family) => {
        const found = EXERCISES.filter(
          (e) =>
            family.includes(e.family) &&
            (of === null || e.qualities.some((quality) => of.includes(quality))) &&
            (slot.patterns.length === 0 || slot.patterns.includes(e.pattern)) &&
            (slot.maxTier === null || !e.plyo || e.plyo.tier === slot.maxTier) &&
            has(e, kit),
        );
        // a drill varies between two at least, a slot that trains between four
        const least = slot.patterns.length > 0 ? 2 : slot.id.startsWith('easy') ? 1 : 4;
        return found.length < least ? [`${slot.id} ${family.join('+')} ${String(of)}: ${String(found.length)}`] : [];
      });
    });
    expect([...new Set(short)]).toEqual([]);
  });

  it.each(DEMANDS)('%s has at least six strong exercises', (demand: Demand) => {
    expect(EXERCISES.filter((e) => (e.demands[demand] ?? 0) >= 3).length).toBeGreaterThanOrEqual(6);
  });

  it('gives every guard exercises that fit a body with bands', () => {
    for (const sport of SPORTS)
      for (const guard of sport.guards)
        expect(
          guard.exercises.filter((id) => LIBRARY.exercises.has(id)).length,
          `${sport.id} ${guard.id}`,
        ).toBeGreaterThan(1);
  });
});

test('a tier that depends on the dose follows it', () => {
  const drop = LIBRARY.exercises.get('switching-split-jump');
  const dose = {
    sets: 3,
    amount: 8,
    unit: 'reps',
    per: null,
    percent: null,
    loadKg: null,
    rir: null,
    restSeconds: 90,
    tempo: null,
  } as const;
  expect(drop && tierOf(drop, dose)).toBe('high');
  expect(drop && tierOf(drop, { ...dose, amount: 4 })).toBe('medium');
});
