import type { AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import { lessOnLine } from '../progress';
import type { Line } from '../session';
import type { Track } from '../track';
import type { DayContext } from './day-context';
import { lesserDose } from './lesser-dose';
import { easedTo, type WorkingLine } from './working-line';
import { plannedLoadKg } from './working-max';

/** The athlete's own load at the squad's sets and reps: as it is owned at those reps, else read from what it tells of (PROG-15). */
export function squadLoadKg(
  track: Track | null,
  full: Dose,
  asPlanned: boolean,
  method: DayContext['method'],
): number | null {
  const owned = track?.owned?.dose;
  if (!asPlanned && owned && owned.amount === full.amount && (owned.rir ?? 0) === (full.rir ?? 0)) return owned.loadKg;
  return plannedLoadKg(track, full, method);
}

/** One step under the squad for who needs it today (PROG-16): what is owned stays. */
export function lessened(working: WorkingLine, line: Line, athlete: AthleteFacts, context: DayContext): WorkingLine {
  const { exercise, row, dose } = working;
  if (context.own || working.typed || exercise.id !== line.exerciseId || row !== line.row) return working;
  const track = context.trackOf(athlete.id, exercise.id, row);
  const hasRisen = line.reasons.some(({ code, facts }) => code === 'squad_step' && facts.rise === true);
  const why =
    context.lightCard(athlete) ?? (dose.loadKg === null ? lessOnLine(track, exercise, hasRisen, context.method) : null);
  const less = why && lesserDose({ exerciseId: exercise.id, row, dose }, context);
  return less ? easedTo(working, less, { code: 'does_less', rules: ['PROG-16'], facts: { why } }) : working;
}
