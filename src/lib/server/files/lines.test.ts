import fc from 'fast-check';
import { expect, it, test } from 'vitest';
import { linesOf, nestsDeeperThan } from './lines';

it('places an offset where counting lines would', () => {
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom('a', '\n', 'é') }), fc.nat(40), (text, at) => {
      const before = text.slice(0, at).split('\n');
      const expected = { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
      if (at <= text.length) expect(linesOf(text).place(at)).toEqual(expected);
    }),
    { seed: 3 },
  );
});

test.each([
  ['[[1], {"a": [2]}]', 3, null],
  ['[[1], {"a": [2]}]', 2, 12],
  ['["[[[[", "\\"[[["]', 1, null],
  ['', 1, null],
])('%s nests deeper than %d at %j', (text, most, at) => {
  expect(nestsDeeperThan(text, most)).toBe(at);
});
