/** A seed of its own for each part of something drawn from one seed, so that one part draws without moving another. */
export function seedOf(seed: number, ...parts: readonly number[]): number {
  let hash = seed >>> 0;
  for (const part of parts) {
    hash = Math.imul(hash ^ (part >>> 0), 0x9e3779b1) >>> 0;
    hash = (hash ^ (hash >>> 15)) >>> 0;
  }
  return hash;
}
