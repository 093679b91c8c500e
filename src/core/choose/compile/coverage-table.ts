import { REACH } from '../engine/model';

/** φ of one demand of weight w at 0 … REACH − 1: integer slopes between shipped breakpoints, flat after the last. */
export function coverageTable(weight: number, at: readonly number[], slopes: readonly number[]): Int32Array {
  const table = new Int32Array(REACH);
  for (let x = 1; x < REACH; x++) {
    const piece = at.findIndex((edge) => x <= edge);
    table[x] = (table[x - 1] ?? 0) + (piece === -1 ? 0 : Math.round((slopes[piece] ?? 0) * weight));
  }
  return table;
}
