import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose, testRecord } from '../../../tests/fixtures';
import { sideDifference, testSpecs, type SideDifference } from '../athlete';
import { makeContext } from '../choose';
import { getExercise } from '../library';
import { outcomesOf } from '../startline';
import { firstSide, judgeOption } from '.';

const DAY = '2026-11-24';
const apart = (test: string, left: number, right: number, day = '2026-11-10'): SideDifference | null =>
  sideDifference(
    outcomesOf(
      [testRecord(test, left, { side: 'left', day }), testRecord(test, right, { side: 'right', day })],
      testSpecs(METHOD),
      DAY,
    ),
    testSpecs(METHOD),
    DAY,
    METHOD.settings.sides,
  );

describe('a leg weaker than the other (DOSE-10)', () => {
  test.each<[string, [string, number, number, string?], [string, number] | null]>([
    ['under 0.90', ['hop', 1.5, 1.8], ['left', 0.833]],
    ['either side', ['hop', 2, 1.7], ['right', 0.85]],
    ['0.90 is no difference', ['hop', 1.8, 2], null],
    ['calf raises tell too', ['calf-straight', 20, 28], ['left', 0.714]],
    ['six weeks ago counts', ['hop', 1.5, 1.8, '2026-10-13'], ['left', 0.833]],
    ['longer ago does not', ['hop', 1.5, 1.8, '2026-10-12'], null],
    ['a turn is no test of force', ['change-of-direction', 2.4, 2.9], null],
  ])('%s', (_, of, wanted) => {
    const found = apart(...of);
    expect(found && [found.weak, Math.round(found.share * 1000) / 1000]).toEqual(wanted);
  });

  it('is begun with on one-leg lines of the legs, and on nothing else', () => {
    const sides = { test: 'hop', weak: 'right', share: 0.86 } as const;
    expect(firstSide(getExercise(LIBRARY, 'split-squat'), { sides })).toBe('right');
    expect(firstSide(getExercise(LIBRARY, 'back-squat'), { sides })).toBeNull();
    expect(firstSide(getExercise(LIBRARY, 'side-plank'), { sides })).toBeNull();
    expect(firstSide(getExercise(LIBRARY, 'split-squat'), { sides: null })).toBeNull();
  });

  it('far apart with pain or an injury of the legs, one-leg high tier waits and the rest goes on', () => {
    const high = [...LIBRARY.exercises.values()].filter(({ plyo }) => plyo?.tier === 'high');
    const one = high.find(({ plyo }) => plyo?.legs !== 'two')!;
    const two = high.find(({ plyo }) => plyo?.legs === 'two')!;
    const code = (of: typeof one, own: Parameters<typeof athlete>[0]): string | undefined => {
      const facts = athlete({ jumpLevel: 'advanced', ...own });
      const context = makeContext(brief({ events: [], athletes: [facts] }), LIBRARY, METHOD);
      return judgeOption({ exercise: of, row: 'D-FAST', dose: dose({ sets: 3, amount: 4 }) }, facts, context, true)
        ?.code;
    };
    const sides = (share: number) => ({ test: 'hop', weak: 'left', share }) as const;
    const hurt = { pastInjuries: [{ place: 'hip', guards: [] }] };
    expect(code(one, { sides: sides(0.84), ...hurt })).toBe('sides_apart');
    expect(code(two, { sides: sides(0.84), ...hurt })).not.toBe('sides_apart');
    expect(code(one, { sides: sides(0.85), ...hurt })).not.toBe('sides_apart');
    expect(code(one, { sides: sides(0.84) })).not.toBe('sides_apart');
    expect(code(one, { sides: sides(0.84), pastInjuries: [{ place: 'shoulder', guards: [] }] })).not.toBe(
      'sides_apart',
    );
  });
});
