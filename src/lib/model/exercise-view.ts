import type { Exercise, Family, Library, Plyo } from '$core/library';
import { getExercise } from '$core/library';

/** What a screen shows of an entry; the whole library stays on the server and in the worker. */
export interface ExerciseView {
  readonly id: string;
  readonly name: string;
  readonly family: Family;
  readonly cues: readonly string[];
  readonly faults: readonly { readonly seen: string; readonly say: string }[];
  readonly cautions: readonly string[];
  readonly partner: string | null;
  readonly pins: boolean;
  readonly load: Exercise['load']['kind'];
  readonly station: Exercise['station'];
  readonly demands: Exercise['demands'];
  readonly share: Exercise['share'];
  /** what its best attempt is measured by (REST-2); a timed set is told by its reps */
  readonly intent: Plyo['intent'] | null;
}

/** Views by id, for every entry a card names. */
export function viewsOf(ids: Iterable<string>, library: Library): Record<string, ExerciseView> {
  const views: Record<string, ExerciseView> = {};
  for (const id of ids) {
    const { name, family, cues, faults, cautions, partner, spotter, load, station, demands, share, plyo } = getExercise(
      library,
      id,
    );
    views[id] = {
      id,
      name,
      family,
      cues,
      faults: faults.map(({ seen, say }) => ({ seen, say })),
      cautions,
      partner,
      pins: spotter !== 'none',
      load: load.kind,
      station,
      demands,
      share,
      intent: plyo?.intent ?? null,
    };
  }
  return views;
}
