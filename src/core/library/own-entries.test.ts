import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { EXERCISES, LADDERS, LIBRARY, METHOD } from '$catalog';
import { gentlePlaces } from '../safety';
import { DEFAULT_SCHOOLS, schoolLibrary } from '../method';
import {
  changedFields,
  findEntries,
  mergeEdit,
  overlayLibrary,
  similarEntries,
  withRungs,
  type FinderEntry,
  type FinderFilter,
} from '.';

const squat = LIBRARY.exercises.get('back-squat')!;
const own = (json: object, base: object | null = squat) => ({
  kind: 'exercise' as const,
  id: 'back-squat',
  json,
  base,
});

describe('mergeEdit', () => {
  it('keeps what the club changed and takes what the library changed since', () => {
    const mine = { ...squat, cues: ['Sit.', 'Stand.'] };
    const newer = { ...squat, soreness: 1, name: 'Back squat' };
    expect(mergeEdit(squat, mine, newer)).toEqual({ ...newer, cues: ['Sit.', 'Stand.'] });
  });

  it('lets the club win where both changed the same field', () => {
    expect(mergeEdit({ a: 1 }, { a: 2 }, { a: 3 })).toEqual({ a: 2 });
  });

  it('is the built-in entry when nothing was changed, whatever the order of keys', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (base) => {
        const same = Object.fromEntries(Object.entries(structuredClone(base)).reverse());
        expect(mergeEdit(base, same, base)).toEqual(base);
        expect(changedFields(base, same)).toEqual([]);
      }),
    );
  });
});

describe('overlayLibrary', () => {
  it('is the built-in library itself for a club without entries of its own', () => {
    expect(overlayLibrary(LIBRARY, [])).toBe(LIBRARY);
  });

  it('changes one entry and leaves every other as it is', () => {
    const library = overlayLibrary(LIBRARY, [own({ ...squat, name: 'Our squat' })]);
    expect(library.exercises.get('back-squat')?.name).toBe('Our squat');
    expect(library.exercises.get('front-squat')).toBe(LIBRARY.exercises.get('front-squat'));
    expect(library.exercises.size).toBe(LIBRARY.exercises.size);
  });

  it('adds a new entry, and reads its rung from the ladder that names it', () => {
    const fresh = { ...squat, id: 'our-squat', name: 'Our squat', ladder: null };
    const ladder = LIBRARY.ladders.get('squat')!;
    const rungs = ladder.rungs.map((rung, i) =>
      i === 3 ? { ...rung, exercises: [...rung.exercises, 'our-squat'] } : rung,
    );
    const library = overlayLibrary(LIBRARY, [
      { kind: 'exercise', id: 'our-squat', json: fresh, base: null },
      { kind: 'ladder', id: 'squat', json: { ...ladder, rungs }, base: ladder },
    ]);
    expect(library.exercises.get('our-squat')?.ladder).toEqual({ id: 'squat', rung: 4 });
  });

  it('places every built-in entry where the ladders say', () => {
    expect(withRungs(EXERCISES, LADDERS)).toEqual(EXERCISES);
  });
});

describe('schoolLibrary', () => {
  const rdl = (school: 'balanced' | 'glute-led' | 'hamstring-led') =>
    schoolLibrary(LIBRARY, { ...DEFAULT_SCHOOLS, rdlShares: school }, METHOD).exercises.get('romanian-deadlift')!.share;

  test.each([
    ['balanced', 0.55],
    ['glute-led', 0.3],
    ['hamstring-led', 0.65],
  ] as const)('%s gives hamstrings %d of hamstrings and glutes', (school, part) => {
    const share = rdl(school);
    expect(share.hamstrings! / (share.hamstrings! + share.glutes!)).toBeCloseTo(part, 2);
    expect(Object.values(share).reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 6);
  });

  it('leaves lifts the school does not speak of as the same objects', () => {
    const library = schoolLibrary(LIBRARY, { ...DEFAULT_SCHOOLS, rdlShares: 'glute-led' }, METHOD);
    expect(library.exercises.get('back-squat')).toBe(squat);
  });

  it('adds a cue for knees and for feet only where they are meant', () => {
    const schools = {
      ...DEFAULT_SCHOOLS,
      kneeTravel: 'behind the toes while learning',
      feet: 'bare or socks at light loads',
    } as const;
    const library = schoolLibrary(LIBRARY, schools, METHOD);
    expect(library.exercises.get('back-squat')!.cues.join()).toContain('knees behind the toes');
    expect(library.exercises.get('body-weight-squat')!.cues.join()).toContain('Bare feet');
    expect(library.exercises.get('bench-press')!.cues).toEqual(LIBRARY.exercises.get('bench-press')!.cues);
    for (const { cues } of library.exercises.values()) expect(cues.length).toBeLessThanOrEqual(4);
  });
});

describe('gentlePlaces', () => {
  test.each([
    ['single-leg-deadlift', 'knee', true],
    ['back-squat', 'knee', false],
    ['countermovement-jump', 'knee', false],
    ['split-squat-hold', 'knee', true],
    ['nordic-full', 'back-thigh', false],
    ['bench-press', 'shoulder', false],
  ])('%s spares the %s: %s', (id, place, spared) => {
    expect(gentlePlaces(LIBRARY.exercises.get(id)!, METHOD).includes(place)).toBe(spared);
  });
});

describe('findEntries', () => {
  const entry = (over: Partial<FinderEntry>): FinderEntry => ({
    id: 'x',
    name: 'Step-up',
    family: 'single-leg-knee',
    text: 'step-up box quadriceps',
    level: 'foundation',
    tier: null,
    ladder: null,
    allOf: [],
    anyOf: [],
    lane: false,
    groupable: true,
    demands: [],
    gentle: [],
    own: false,
    ...over,
  });
  const none: FinderFilter = {
    families: [],
    kit: null,
    level: null,
    tier: null,
    ladder: null,
    demand: null,
    gentle: null,
    groupable: false,
    own: false,
  };
  const all = [
    entry({ id: 'a', name: 'Squat', text: 'squat barbell rack', family: 'squat', allOf: ['barbell', 'rack'] }),
    entry({
      id: 'b',
      name: 'Goblet squat',
      text: 'goblet squat',
      family: 'squat',
      anyOf: ['dumbbell', 'kettlebell'],
      level: 'trained',
    }),
    entry({ id: 'c', name: 'Bounds', text: 'bounds like a squat', family: 'jump', lane: true, tier: 'high' }),
  ];
  const ids = (query: string, over: Partial<FinderFilter> = {}) =>
    findEntries(all, query, { ...none, ...over }).map(({ id }) => id);

  it('finds every word, and names that start with them first', () => {
    expect(ids('squat')).toEqual(['a', 'b', 'c']);
    expect(ids('squat goblet')).toEqual(['b']);
    expect(ids('handstand')).toEqual([]);
  });

  test.each([
    ['family', { families: ['jump' as const] }, ['c']],
    ['kit without a lane', { kit: { equipment: ['kettlebell'], lane: false } }, ['b']],
    ['level', { level: 'developing' as const }, ['a', 'c']],
    ['tier', { tier: 'high' as const }, ['c']],
    ['own', { own: true }, []],
  ])('narrows by %s', (_name, filter, expected) => {
    expect(ids('', filter)).toEqual(expected);
  });
});

describe('similarEntries', () => {
  it('offers what trains the same muscles, nearest first, never itself', () => {
    const near = similarEntries(squat, LIBRARY, 8);
    expect(near).toHaveLength(8);
    expect(near.map(({ exercise }) => exercise.id)).not.toContain('back-squat');
    expect(near[0]!.exercise.family).toBe('squat');
    expect(near.every(({ likeness }, i) => i === 0 || likeness <= near[i - 1]!.likeness)).toBe(true);
  });

  it('never offers a jump for a lift', () => {
    expect(similarEntries(squat, LIBRARY, 50).every(({ exercise }) => exercise.plyo === null)).toBe(true);
  });
});
