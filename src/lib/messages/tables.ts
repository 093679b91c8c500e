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

/** A value's place in a table, in words: pairs read from–to, longer lists by number. */
export function pathWords(path: readonly (string | number)[]): string {
  return path
    .map((key) =>
      typeof key === 'number' ? (key === 0 ? 'from' : key === 1 ? 'to' : `no. ${String(key + 1)}`) : spoken(key),
    )
    .join(' · ');
}
