import fc from 'fast-check';
import { expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief } from '../../../tests/fixtures';
import { input, saturdays } from '../../../tests/season-input';
import { solveCard } from '../choose';
import { planSeason } from '../season';
import { leavesOf, methodTablesSchema, overlayTables, tableBounds, withLeaf, type MethodTables } from '.';

test.each([
  [42, 4.2, 420],
  [0.5, 0.05, 5],
  [0, 0, 10],
])('of %d: from %d to %d', (standard, least, most) => {
  expect(tableBounds(standard)).toEqual({ least, most });
});

const TABLES = ['doses', 'phases', 'jumpLevels', 'settings'] as const;
/** Every number a club may change, at each of its bounds, where the table as a whole still makes sense. */
const LEAVES = TABLES.flatMap((table) =>
  leavesOf(METHOD[table]).flatMap(({ path, value }) =>
    typeof value === 'number' && value >= 0
      ? (['least', 'most'] as const).map((end) => ({ table, path, value: tableBounds(value)[end], end }))
      : [],
  ),
);
const withNumber = ({ table, path, value }: (typeof LEAVES)[number]): MethodTables | null => {
  const json = withLeaf(undefined, METHOD[table], path, value);
  return methodTablesSchema.safeParse(overlayTables(METHOD, [{ table, json }])).data ?? null;
};

it('a card and a season are made, or refused in words, with any number at either bound', () => {
  fc.assert(
    fc.property(fc.constantFrom(...LEAVES), (leaf) => {
      const method = withNumber(leaf);
      if (!method) return;
      const solved = solveCard(brief(), LIBRARY, method);
      if (solved.ok)
        for (const { dose } of solved.value.card.lines)
          expect([leaf.path, Number.isFinite(dose.sets)]).toEqual([leaf.path, true]);
      const plan = planSeason({ ...input({ events: saturdays(9, 30) }) }, method, null);
      if (plan.ok) for (const week of plan.value.weeks) expect(week.number).toBeGreaterThan(0);
    }),
    { numRuns: 60, seed: 7 },
  );
});
