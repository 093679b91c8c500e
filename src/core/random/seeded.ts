/**
 * A small seeded generator (mulberry32): the same seed gives the same numbers everywhere.
 * @param seed 32-bit integer; stored with what it made
 * @returns a function that gives the next number in [0, 1)
 * @example const next = seeded(7); next() // the same first number each time
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
