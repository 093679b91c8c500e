import { describe, expect, it, test } from 'vitest';
import { EXERCISES, LIBRARY } from '$catalog';
import { formOf, readEntryForm } from './entry-form';

const squat = LIBRARY.exercises.get('back-squat')!;

describe('the form of an exercise', () => {
  it.each(EXERCISES)('$id comes back as it went', (exercise) => {
    const read = readEntryForm(formOf(exercise), exercise);
    expect(read.ok ? [] : read.errors).toEqual([]);
    if (!read.ok) return;
    for (const [muscle, part] of Object.entries(exercise.share))
      expect(read.value.share[muscle as keyof typeof exercise.share]).toBeCloseTo(part, 3);
    expect({ ...read.value, share: exercise.share, dominance: exercise.dominance }).toEqual(exercise);
  });

  test.each([
    ['name', '', 'name', 'three letters'],
    ['cues', 'Down.', 'cues', 'Two to four'],
    ['faults', 'knees fall in', 'faults', 'what is seen'],
    ['share.quadriceps', '90', 'share', '100 %'],
    ['share.quadriceps', 'lots', 'share.quadriceps', '0 to 100'],
    ['demand.groin', '7', 'demand.groin', '0, 1, 2 or 3'],
    ['kneePercent', '140', 'kneePercent', '0 to 100'],
    ['secondsPerRep', '0', 'secondsPerRep', 'above 0'],
    ['cautions', '', 'cautions', 'At least one'],
  ])('%s “%s” gets its message', (field, typed, at, words) => {
    const read = readEntryForm({ ...formOf(squat), [field]: typed }, squat);
    expect(read.ok ? '' : read.errors[at]?.[0]).toContain(words);
  });
});
