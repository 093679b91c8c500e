import { describe, expect, it, test } from 'vitest';
import { doseRange } from '$core/progress';
import { exerciseSchema, ladderSchema, sportSchema, TIERS, type Family } from '$core/library';
import { methodTablesSchema } from '$core/method';
import { EXERCISES, LADDERS, LIBRARY, METHOD, SPORTS } from '.';

const count = (...families: Family[]) => EXERCISES.filter(({ family }) => families.includes(family)).length;

describe('catalogue', () => {
  it('reads through its schemas', () => {
    for (const exercise of EXERCISES) expect(exerciseSchema.safeParse(exercise).error, exercise.id).toBeUndefined();
    for (const ladder of LADDERS) expect(ladderSchema.safeParse(ladder).error, ladder.id).toBeUndefined();
    for (const sport of SPORTS) expect(sportSchema.safeParse(sport).error, sport.id).toBeUndefined();
    expect(methodTablesSchema.safeParse(METHOD).error).toBeUndefined();
  });

  test.each([
    ['squat', 7, ['squat']],
    ['hinge', 7, ['hinge']],
    ['single-leg knee', 6, ['single-leg-knee']],
    ['single-leg hip', 5, ['single-leg-hip']],
    ['lateral', 4, ['lateral']],
    ['jump', 14, ['jump']],
    ['calf and foot', 4, ['calf-foot']],
    ['trunk', 5, ['trunk']],
    ['upper', 4, ['upper-push']],
    ['pull', 4, ['upper-pull']],
    ['prep', 8, ['locomotion', 'mobility']],
  ] as [string, number, Family[]][])('%s: at least %i', (_name, least, families) => {
    expect(count(...families)).toBeGreaterThanOrEqual(least);
  });

  it('has jumps in every tier over at least four ladders', () => {
    const jumps = EXERCISES.filter(({ family }) => family === 'jump');
    expect(new Set(jumps.map(({ plyo }) => plyo?.tier))).toEqual(new Set(TIERS));
    expect(new Set(jumps.flatMap(({ ladder }) => ladder?.id ?? [])).size).toBeGreaterThanOrEqual(4);
  });

  it.each(EXERCISES)('$id holds together', (exercise) => {
    const total = Object.values(exercise.share).reduce((sum, part) => sum + part, 0);
    expect(total).toBeCloseTo(1, 6);
    if (exercise.dominance) expect(exercise.dominance.knee + exercise.dominance.hip).toBeCloseTo(1, 6);
    if (exercise.family === 'jump') expect(exercise.plyo).not.toBeNull();
    const rows = Object.values(METHOD.doses).filter(({ quality }) => exercise.qualities.includes(quality));
    expect(rows.some((row) => doseRange(exercise, row, LIBRARY) !== null)).toBe(true);
  });

  it('names only entries that are there, and tiers never fall going up a ladder', () => {
    const ids = [
      ...LADDERS.flatMap(({ rungs }) => rungs.flatMap(({ exercises }) => exercises)),
      ...SPORTS.flatMap(({ guards }) => guards.flatMap(({ exercises }) => exercises)),
    ];
    expect(ids.filter((id) => !LIBRARY.exercises.has(id))).toEqual([]);
    for (const { id, rungs } of LADDERS) {
      const tiers = rungs.flatMap(({ exercises }) =>
        exercises.flatMap((e) => {
          const tier = LIBRARY.exercises.get(e)?.plyo?.tier;
          return tier ? [TIERS.indexOf(tier)] : [];
        }),
      );
      expect([...tiers].sort(), id).toEqual(tiers);
    }
  });

  it('keeps every range of the dose table in order', () => {
    for (const [id, row] of Object.entries(METHOD.doses)) {
      const ranges = [
        row.sets,
        ...Object.values(row.amounts),
        ...(row.intensity ? [row.intensity] : []),
        ...(row.rir ? [row.rir] : []),
      ] as [number, number][];
      for (const [low, high] of ranges) expect(low, id).toBeLessThanOrEqual(high);
    }
  });
});
