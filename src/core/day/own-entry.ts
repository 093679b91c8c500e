import type { AthleteFacts } from '../athlete';
import { getExercise, type Exercise } from '../library';
import type { DoseRowId } from '../method';
import { isReadyAbove } from '../progress';
import type { Line } from '../session';
import type { DayContext } from './day-context';

/** Rungs followed from the squad's entry to the athlete's own. */
const MOST_RUNGS = 8;

/** The line's entry; where the squad has climbed, the rung below for who does not own it yet (PROG-16). */
export function ownEntry(
  { exerciseId, row, reasons }: Line,
  athlete: AthleteFacts,
  { library, trackOf }: DayContext,
): Exercise {
  const entry = getExercise(library, exerciseId);
  const from = reasons.find(({ code }) => code === 'squad_rung')?.facts.from;
  const below = typeof from === 'string' ? library.exercises.get(from) : undefined;
  const hasBegun = trackOf(athlete.id, exerciseId, row)?.owned != null;
  return below && !hasBegun && !isReadyAbove(below, athlete, library) ? below : entry;
}

/** The rung an athlete has come to on the ladder of the squad's entry. */
export function ownRung(
  entry: Exercise,
  athlete: AthleteFacts,
  row: DoseRowId,
  { library, trackOf }: DayContext,
): Exercise {
  let exercise = entry;
  for (let step = 0; step < MOST_RUNGS; step++) {
    const to = trackOf(athlete.id, exercise.id, row)?.movedTo;
    const next = to == null ? undefined : library.exercises.get(to);
    if (!next || next.id === entry.id) break;
    exercise = next;
  }
  return exercise;
}
