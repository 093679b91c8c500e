import { describe, expect, it, test } from 'vitest';
import { EXERCISES, LADDERS, SPORTS } from '$catalog';
import { FIGURES } from '$catalog/figures';
import { EXERCISE_COLUMNS, exerciseToRow, libraryFileSchema, libraryJsonSchema, rowToExercise } from '.';

describe('exercises as rows', () => {
  it.each(EXERCISES)('$id comes back as it went', (exercise) => {
    const read = rowToExercise(exerciseToRow(exercise));
    expect(read.ok && read.value).toEqual({ ...exercise, ladder: null });
  });

  const row = exerciseToRow(EXERCISES[0]!);
  test.each([
    ['share', 'quadriceps:0.5'],
    ['share', 'quadriceps:half'],
    ['family', 'squats'],
    ['soreness', 'sore'],
    ['soreness', '7'],
    ['secondsPerRep', ''],
    ['plyo', '{not json'],
    ['faults', 'knees in'],
    ['groupable', 'perhaps'],
    ['cues', 'One.'],
    ['needsAllOf', 'x'.repeat(0)],
  ] as const)('%s = “%s” is named as the cell that does not do', (column, value) => {
    const read = rowToExercise({ ...row, [column]: value });
    if (column === 'needsAllOf') expect(read.ok).toBe(true);
    else expect(read.ok ? [] : read.issues.map((issue) => issue.column)).toContain(column);
  });

  it('has a column for each thing an entry says, and no column twice', () => {
    expect(new Set(EXERCISE_COLUMNS).size).toBe(EXERCISE_COLUMNS.length);
  });
});

describe('the library as a file', () => {
  it('reads what it writes', () => {
    const file = {
      exercises: EXERCISES.map((e) => ({ ...e, figure: FIGURES[e.id] ?? null })),
      ladders: LADDERS,
      sports: SPORTS,
    };
    expect(libraryFileSchema.safeParse(JSON.parse(JSON.stringify(file))).error).toBeUndefined();
  });

  it('publishes a JSON Schema that names its fields', () => {
    const schema = JSON.stringify(libraryJsonSchema());
    for (const word of ['exercises', 'ladders', 'sports', 'secondsPerRep', 'targetRungs', '2020-12'])
      expect(schema).toContain(word);
  });
});
