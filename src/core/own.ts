/**
 * A record's own entry. Ids come from outside, and every plain object also has `constructor` and its like.
 * @returns undefined where there is none
 */
export const ownValue = <T>(record: Readonly<Record<string, T>>, key: string): T | undefined =>
  Object.hasOwn(record, key) ? record[key] : undefined;
