import fc from 'fast-check';
import { expect, it } from 'vitest';
import { shareAlike } from './share-alike';

it('keeps the value and makes equal parts one object', () => {
  const dose = () => ({ sets: 3, reasons: [{ code: 'a' }, { code: 'a' }] });
  const [one, two] = shareAlike([dose(), dose()]);
  expect(one).toBe(two);
  expect(one.reasons[0]).toBe(one.reasons[1]);
  expect(shareAlike([{ a: 1 }, { a: '1' }])).toEqual([{ a: 1 }, { a: '1' }]);
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      expect(JSON.stringify(shareAlike(value))).toBe(JSON.stringify(value));
    }),
    { seed: 3 },
  );
});
