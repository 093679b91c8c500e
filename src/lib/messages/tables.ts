/** The method's tables a club may change. */
export const TABLE_WORDS = {
  doses: 'Doses',
  phases: 'Phases',
  jumpLevels: 'Jump levels and tiers',
  settings: 'Numbers the rules use, and bands',
} as const;
export type TableId = keyof typeof TABLE_WORDS;

const SPOKEN: Readonly<Record<string, string>> = {
  rir: 'RIR',
  kneeHip: 'knee : hip band',
  primeMoverShare: 'prime mover from share',
  hardSetMaxRir: 'hard set up to RIR',
};

const spoken = (key: string): string => SPOKEN[key] ?? key.replace(/([A-Z])/g, (letter) => ` ${letter.toLowerCase()}`);

/** Lists of equals, by the name they stand under; all others of numbers are pairs. */
const LISTS: readonly (string | number)[] = ['lead', 'beside', 'jump', 'holds', 'patterns', 'phases'];

/** A value's place in a table, in words: pairs read from–to, lists by number. */
export function pathWords(path: readonly (string | number)[]): string {
  return path
    .map((key, i) => {
      if (typeof key === 'string') return spoken(key);
      const isList = key > 1 || LISTS.includes(path[i - 1] ?? '');
      return isList ? `no. ${String(key + 1)}` : key === 0 ? 'from' : 'to';
    })
    .join(' · ');
}
