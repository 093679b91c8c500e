import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { leavesOf, methodTablesSchema, overlayTables, valueAt, withLeaf, withoutLeaf } from '.';

const leaves = leavesOf(METHOD.doses);

describe('a value of a table', () => {
  it('is found where it stands', () => {
    expect(leaves.find(({ path }) => path.join() === 'D-STR,sets,0')?.value).toBe(3);
    for (const { path, value } of leaves) expect(valueAt(METHOD.doses, path)).toBe(value);
  });

  it('changed for a club changes nothing else, and put back leaves nothing behind', () => {
    fc.assert(
      fc.property(fc.constantFrom(...leaves.filter(({ value }) => typeof value === 'number')), ({ path }) => {
        const json = withLeaf(undefined, METHOD.doses, path, 1);
        const tables = overlayTables(METHOD, [{ table: 'doses', json }]);
        for (const other of leaves)
          expect(valueAt(tables.doses, other.path)).toBe(other.path === path ? 1 : other.value);
        expect(withoutLeaf(json, path)).toBeUndefined();
      }),
    );
  });

  it('stands beside earlier changes of the club', () => {
    const first = withLeaf(undefined, METHOD.doses, ['D-STR', 'sets', 0], 2);
    const both = withLeaf(
      first,
      overlayTables(METHOD, [{ table: 'doses', json: first }]).doses,
      ['D-STR', 'sets', 1],
      6,
    );
    const { doses } = overlayTables(METHOD, [{ table: 'doses', json: both }]);
    expect(doses['D-STR'].sets).toEqual([2, 6]);
    expect(methodTablesSchema.safeParse({ ...METHOD, doses }).success).toBe(true);
  });
});
