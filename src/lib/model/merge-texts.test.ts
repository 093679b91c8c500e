import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { mergeTexts, type Texts } from './merge-texts';

const nobody = () => false;

test.each([
  ['left alone, as it was', '71', '71', '71', '71', [], false],
  ['left alone, changed by somebody', '71', '71', '72', '72', [], false],
  ['changed, by nobody else', '77', '71', '71', '77', [], true],
  ['changed by both to the same', '77', '71', '77', '77', [], false],
  ['changed by both to other things', '77', '71', '72', '77', ['72'], true],
  ['a box not ticked any more', undefined, 'on', 'on', '', [], true],
  ['line ends of a browser are no change', 'a\r\nb', 'a\nb', 'c', 'c', [], false],
])('%s', (_, typed, shown, now, becomes, conflicts, isTouched) => {
  const read = mergeTexts(typed === undefined ? {} : { mass: typed }, { mass: shown }, { mass: now }, nobody);
  expect(read.merged.mass).toBe(becomes);
  expect(read.conflicts.map((one) => one.now)).toEqual(conflicts);
  expect(read.touched.has('mass')).toBe(isTouched);
});

describe('what the same page wrote before', () => {
  const own = (_: string, now: string) => now === '71';
  it('may be corrected, and taken back', () => {
    expect(mergeTexts({ mass: '77' }, { mass: '70' }, { mass: '71' }, own)).toMatchObject({ conflicts: [] });
    const back = mergeTexts({ mass: '70' }, { mass: '70' }, { mass: '71' }, own);
    expect([back.merged.mass, back.conflicts]).toEqual(['70', []]);
  });
});

it('never writes over what somebody else changed without saying so', () => {
  const field = fc.constantFrom('', 'a', 'b', 'c');
  const texts = fc.record({ x: field, y: field, z: field }) as fc.Arbitrary<Texts>;
  fc.assert(
    fc.property(texts, texts, texts, (typed, shown, now) => {
      const { merged, conflicts } = mergeTexts(typed, shown, now, nobody);
      for (const key of Object.keys(now)) {
        const lost = now[key] !== shown[key] && merged[key] !== now[key];
        expect(conflicts.some((one) => one.field === key)).toBe(lost);
        const mine = typed[key] !== shown[key];
        expect(merged[key]).toBe(mine ? typed[key] : now[key]);
      }
    }),
  );
});
