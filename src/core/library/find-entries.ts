import type { Family, Level, Tier } from './words';
import { isLevelAtLeast, LEVELS } from './words';

/** What the finder knows of an entry: small enough that a whole library goes to the browser once. */
export interface FinderEntry {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  /** name, aliases, family, cues, muscles and tags, in small letters */
  readonly text: string;
  /** the level its gates ask for */
  readonly level: Level;
  readonly tier: Tier | null;
  readonly ladder: string | null;
  readonly allOf: readonly string[];
  readonly anyOf: readonly string[];
  readonly lane: boolean;
  readonly groupable: boolean;
  /** demands it covers at 2 or more */
  readonly demands: readonly string[];
  /** places it leaves in peace */
  readonly gentle: readonly string[];
  readonly own: boolean;
}

/** What a coach narrows the library by; null = any. */
export interface FinderFilter {
  readonly families: readonly Family[];
  readonly kit: { readonly equipment: readonly string[]; readonly lane: boolean } | null;
  readonly level: Level | null;
  readonly tier: Tier | null;
  readonly ladder: string | null;
  readonly demand: string | null;
  readonly gentle: string | null;
  readonly groupable: boolean;
  readonly own: boolean;
}

/**
 * Entries that hold every word typed and pass every filter; those whose name starts with, then holds, the words first.
 * Linear in the library: 500 entries take well under a millisecond a key.
 */
export function findEntries<T extends FinderEntry>(
  entries: readonly T[],
  query: string,
  filter: FinderFilter,
): readonly T[] {
  const words = query
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  const rank = (entry: T): number => {
    const name = entry.name.toLowerCase();
    if (words.every((word) => name.startsWith(word))) return 0;
    return words.every((word) => name.includes(word)) ? 1 : 2;
  };
  const found = entries.filter((entry) => words.every((word) => entry.text.includes(word)) && passes(entry, filter));
  return words.length === 0
    ? found
    : found
        .map((entry) => ({ entry, at: rank(entry) }))
        .sort((a, b) => a.at - b.at)
        .map(({ entry }) => entry);
}

function passes(entry: FinderEntry, filter: FinderFilter): boolean {
  if (filter.families.length > 0 && !filter.families.includes(entry.family)) return false;
  if (filter.level !== null && !isLevelAtLeast(filter.level, entry.level)) return false;
  if (filter.tier !== null && entry.tier !== filter.tier) return false;
  if (filter.ladder !== null && entry.ladder !== filter.ladder) return false;
  if (filter.demand !== null && !entry.demands.includes(filter.demand)) return false;
  if (filter.gentle !== null && !entry.gentle.includes(filter.gentle)) return false;
  if (filter.groupable && !entry.groupable) return false;
  if (filter.own && !entry.own) return false;
  const { kit } = filter;
  return (
    kit === null ||
    (entry.allOf.every((item) => kit.equipment.includes(item)) &&
      (entry.anyOf.length === 0 || entry.anyOf.some((item) => kit.equipment.includes(item))) &&
      (!entry.lane || kit.lane))
  );
}

/** The highest level a list of levels asks for. */
export const highestLevel = (levels: readonly Level[]): Level =>
  levels.reduce<Level>((top, level) => (LEVELS.indexOf(level) > LEVELS.indexOf(top) ? level : top), 'foundation');
