/** A club's number may be this many times the built-in one, and as many times less. */
const TIMES = 10;
/** What the built-in table leaves at nothing may be this much. */
const MOST_OF_NOTHING = 10;

/** What a number of a table may be. */
export interface TableBounds {
  readonly least: number;
  readonly most: number;
}

/**
 * Bounds of a number that a club may change: from a tenth of the built-in one to ten times it, so that whatever divides
 * by it, counts up to it or reaches so many days back stays what it is meant for.
 * @param standard the built-in value, any unit, 0 or more
 * @throws {RangeError} standard below 0 or not finite
 * @example tableBounds(42) // { least: 4.2, most: 420 }
 */
export function tableBounds(standard: number): TableBounds {
  if (!(standard >= 0 && Number.isFinite(standard)))
    throw new RangeError(`tableBounds: standard must be 0 or more, got ${String(standard)}`);
  if (standard === 0) return { least: 0, most: MOST_OF_NOTHING };
  return { least: standard / TIMES, most: standard * TIMES };
}
