import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { TEST_SPECS } from '$catalog';
import { readCell, type TestSpec } from '$core/testing';
import { massOf, showCell, showLift, specIn, typedCell, type UnitSystem } from './units';

const BARE = { value: null, trials: null, joints: null, loadKg: null, reps: null, rir: null };
const spec = (id: string): TestSpec => TEST_SPECS.get(id)!;
const numeric = [...TEST_SPECS.values()].filter(({ kind }) => kind === 'number');
const systems: UnitSystem[] = ['metric', 'imperial'];

describe('units', () => {
  test.each([
    ['cmj', 0.412, 'metric', '41.2'],
    ['cmj', 0.412, 'imperial', '16.2'],
    ['sprint-20', 3.214, 'imperial', '3.21'],
    ['R1', 2, 'imperial', 'good'],
    ['result-speed', 25, 'metric', '90.0'],
  ] as const)('%s of %d in %s is %s', (id, value, system, text) => {
    expect(showCell({ ...BARE, value }, spec(id), system)).toBe(text);
  });

  it('show a lift as it is said, with what was left', () => {
    expect(showLift({ loadKg: 100, reps: 5, rir: 0 }, 'metric')).toBe('100 × 5');
    expect(showLift({ loadKg: 100, reps: 5, rir: 2 }, 'imperial')).toBe('220.5 × 5, 2 left');
    expect(showLift({ loadKg: null, reps: 5, rir: 2 }, 'metric')).toBe('');
  });

  it.each(numeric.map((one) => [one.id, one] as const))(
    '%s typed again as it is shown is the same value, in either system',
    (_id, one) => {
      const [low, high] = one.possible;
      const span = Math.min(high, low + 1000) - low;
      fc.assert(
        fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), fc.constantFrom(...systems), (share, system) => {
          const shown = specIn(one, system);
          const value = low + span * share;
          const text = typedCell({ ...BARE, value }, one, system);
          const read = readCell(shown, text, massOf(system));
          if (!read.ok) throw new Error(`${one.id}: ${text} ${JSON.stringify(read.issues)}`);
          // half of the last decimal shown
          expect(Math.abs((read.value.value ?? NaN) - value)).toBeLessThanOrEqual(
            0.5 / shown.per / 10 ** shown.decimals + 1e-9,
          );
          // and from then on it stands still
          expect(typedCell({ ...BARE, value: read.value.value }, one, system)).toBe(text);
        }),
        { numRuns: 25 },
      );
    },
  );

  it('keep trials and joints one by one', () => {
    expect(typedCell({ ...BARE, value: 0.415, trials: [0.38, 0.415] }, spec('cmj'), 'metric')).toBe('38.0 41.5');
    expect(typedCell({ ...BARE, value: 2, joints: [0, 1, 1, 0] }, spec('C5'), 'metric')).toBe('0110');
  });
});
