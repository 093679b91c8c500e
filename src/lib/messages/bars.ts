import type { Bar } from '$core/method';
import { FAMILY_WORDS, listWords } from './words';

const FLAGS: Readonly<Record<string, string>> = {
  axial: 'load on the spine',
  overhead: 'lifts overhead',
  frontRack: 'the front rack',
  lengthened: 'slow lowering at length',
  sprint: 'sprints',
};
const unique = (words: readonly string[]): string[] => [...new Set(words)];

/** What a complaint stops, in a sentence (SAFE-8). */
export function barWords(bar: Bar): string {
  if (bar.everything) return 'Stops everything, at once: a clinician first.';
  const stops = [
    ...bar.families.map((family) => FAMILY_WORDS[family]),
    ...(bar.loadedTrunk ? ['loaded trunk work'] : []),
    ...bar.flags.map((flag) => FLAGS[flag] ?? flag),
    ...(bar.maxTier === 'none' && !bar.families.includes('jump') ? ['jumps'] : []),
  ];
  const parts = [
    stops.length > 0 ? `Stops ${listWords(unique(stops))}.` : '',
    bar.maxTier !== null && bar.maxTier !== 'none'
      ? `Jumps of ${bar.maxTier} tier at most${bar.twoFeetOnly ? ', on two feet' : ''}.`
      : '',
    bar.slowOnly.length > 0
      ? `${listWords(unique(bar.slowOnly.filter((family) => family !== 'jump' && family !== 'agility').map((family) => FAMILY_WORDS[family]))).replace(/^./, (first) => first.toUpperCase())}: holds and slow only.`
      : '',
    bar.flagRows.length > 0
      ? `No heaviest ${listWords(unique(bar.flagRows.map(({ flag }) => FLAGS[flag] ?? flag)))}.`
      : '',
  ];
  return parts.filter(Boolean).join(' ') || 'Stops nothing.';
}
