import type { Dose } from '../dose';
import type { Plyo } from '../library';

/** What a set of jumps can be measured by (REST-2, REST-3). */
export type OutputKind = 'height' | 'distance' | 'reps';

/**
 * What tells how good a set of jumps was: the best height or distance in metres, or the reps of a timed set.
 * @param intent what the entry is jumped for; null = it does not jump
 * @returns null for what is not jumped for an output (sticks, short contacts, a line by the metre), and for all that does
 * not jump
 */
export function outputKind(intent: Plyo['intent'] | null, { unit }: Pick<Dose, 'unit'>): OutputKind | null {
  if (intent === null || unit === 'metres') return null;
  if (unit === 'seconds') return 'reps';
  return intent === 'height' || intent === 'distance' ? intent : null;
}
