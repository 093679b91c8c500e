import type { History } from '../athlete';
import type { Day } from '../calendar';
import type { Library } from '../library';
import type { MethodTables } from '../method';
import { remember } from '../remember';
import { earns, type Track } from '../track';
import { doseRange } from './range';

/** A rung the athlete went up from is owned, however long ago that was. */
const LEFT_UPWARD = 99;

/**
 * What an athlete's tracks say of the library: when each entry was last done, and how often it was mastered: clean at the
 * top of its range with a fine next morning.
 * @param before the day asked about: what is done on it does not count yet, so that a session does not change under way
 * @param recent entries of recent training from before the log (START-4)
 */
export function historyOf(
  tracks: readonly Track[],
  before: Day,
  recent: readonly string[],
  library: Library,
  method: MethodTables,
): History {
  const lastDone: Record<string, Day> = {};
  const mastered: Record<string, number> = {};
  let lastSession: Day | null = null;
  for (const track of tracks) {
    const { exerciseId } = track;
    const done = doneBefore(track, before);
    if (done !== null && done > (lastDone[exerciseId] ?? '')) lastDone[exerciseId] = done;
    if (done !== null && done > (lastSession ?? '')) lastSession = done;
    const count = timesMastered(track, library, method);
    if (count > 0) mastered[exerciseId] = (mastered[exerciseId] ?? 0) + count;
  }
  return { lastDone, mastered, lastSession, recent };
}

function doneBefore({ lastDone, firstDone, exposures }: Track, day: Day): Day | null {
  if (lastDone === null || lastDone < day) return lastDone;
  const earlier = exposures.find((exposure) => exposure.day < day)?.day;
  return earlier ?? (firstDone !== null && firstDone < day ? firstDone : null);
}

const timesMastered = remember((track: Track, library: Library, method: MethodTables): number => {
  const { exerciseId, row, exposures, movedTo } = track;
  const exercise = library.exercises.get(exerciseId);
  if (!exercise?.ladder) return 0;
  const range = doseRange(exercise, method.doses[row], library);
  if (!range) return 0;
  const to = movedTo === null ? null : library.exercises.get(movedTo)?.ladder;
  if (to && to.id === exercise.ladder.id && to.rung > exercise.ladder.rung) return LEFT_UPWARD;
  return exposures.filter(
    (exposure) =>
      earns(exposure) &&
      exposure.response?.answer === 'fine' &&
      exposure.dose.sets >= range.sets[1] &&
      exposure.dose.amount >= range.amount[1],
  ).length;
});
