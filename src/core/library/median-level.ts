import { LEVELS, type Level } from './words';

/**
 * The level of a squad: the lower median, so that half can always do what is written.
 * @returns foundation for nobody
 */
export function medianLevel(levels: readonly Level[]): Level {
  const sorted = levels.map((level) => LEVELS.indexOf(level)).sort((a, b) => a - b);
  return LEVELS[sorted[Math.floor((sorted.length - 1) / 2)] ?? 0] ?? 'foundation';
}
