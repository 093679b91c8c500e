import { getExercise, type Library } from '../library';
import type { Surveyed } from './survey-measures';

/** An entry that stands on no card, and what keeps it off. */
interface NeverChosen {
  readonly exerciseId: string;
  readonly why: string;
}

/**
 * Entries that no athlete of any card does, whether on its lines or instead of one, with the line each came nearest to
 * standing on.
 */
export function neverChosen(cards: readonly Surveyed[], library: Library): NeverChosen[] {
  const done = new Set(
    cards.flatMap(({ lines, solved }) => [
      ...lines.map(({ exerciseId }) => exerciseId),
      ...solved.view.flatMap(({ exerciseId }) => exerciseId ?? []),
    ]),
  );
  const nearest = new Map<string, { readonly slot: string; readonly to: string; readonly share: number }>();
  for (const { lines, solved } of cards)
    for (const { slot, exerciseId: to } of lines)
      for (const { exerciseId, lossShare: share } of solved.swaps[slot] ?? [])
        if (share < (nearest.get(exerciseId)?.share ?? Infinity)) nearest.set(exerciseId, { slot, to, share });
  return [...library.exercises.keys()]
    .filter((id) => !done.has(id))
    .sort()
    .map((exerciseId) => {
      const near = nearest.get(exerciseId);
      if (near && near.share > 0)
        return { exerciseId, why: `${near.to} instead on ${near.slot}, by ${percent(near.share)}` };
      // a warm-up takes turns, and points know nothing of the laid-out clock
      if (near) return { exerciseId, why: `as good as ${near.to} on ${near.slot}, but for its turn or the clock` };
      const { flags } = getExercise(library, exerciseId);
      return {
        exerciseId,
        why: flags.includes('headEye') ? 'only when a coach wants it (SAFE-5)' : 'far from any line',
      };
    });
}

const percent = (share: number): string => `${(share * 100).toFixed(1)} %`;
