import type { Day } from '../calendar';
import type { Library } from '../library';
import type { MethodTables } from '../method';
import type { Exposure, Track } from '../track';
import { answerActsOn } from './acts-on-answer';

/**
 * Entries that keep leaving an athlete overly tight: so often of their last times, in whichever row (PROG-14).
 * @param tracks all of the athlete's
 * @param before the day of the card: what is done on it does not count yet
 */
export function leavesTight(
  tracks: readonly Track[],
  before: Day,
  library: Library,
  method: MethodTables,
): ReadonlySet<string> {
  const { tight, of } = method.settings.progress.tolerance;
  const everTight = new Set(
    tracks
      .filter(({ exposures }) => exposures.some(({ response }) => response?.answer === 'tight'))
      .map(({ exerciseId }) => exerciseId),
  );
  const times = new Map<string, Exposure[]>();
  for (const { exerciseId, exposures } of tracks.filter((track) => everTight.has(track.exerciseId)))
    times.set(exerciseId, [...(times.get(exerciseId) ?? []), ...exposures.filter(({ day }) => day < before)]);
  const marked = [...times].filter(([exerciseId, exposures]) => {
    const exercise = library.exercises.get(exerciseId);
    const last = exposures.sort((a, b) => (a.day < b.day ? 1 : -1)).slice(0, of);
    const bad = last.filter(
      ({ response }) => exercise && response?.answer === 'tight' && answerActsOn(exercise, response.place, method),
    );
    return bad.length >= tight;
  });
  return new Set(marked.map(([exerciseId]) => exerciseId));
}
