import type { AthleteFacts } from '../athlete';
import { daysBetween } from '../calendar';
import type { DayContext } from './day-context';
import type { WorkingLine } from './working-line';

/** SAFE-10: eccentric work starts at two sets of three to five and rises over four weeks from its first time. */
export function rampEccentric(
  line: WorkingLine,
  athlete: AthleteFacts,
  { method, day, trackOf }: DayContext,
): WorkingLine {
  if (line.typed || method.doses[line.row].quality !== 'eccentric' || line.dose.unit !== 'reps') return line;
  const first = trackOf(athlete.id, line.exercise.id, line.row)?.firstDone ?? null;
  const week = first === null ? 0 : Math.floor(daysBetween(first, day) / 7);
  const cap = method.settings.progress.eccentric.ramp[week];
  if (!cap || (line.dose.sets <= cap.sets && line.dose.amount <= cap.amount)) return line;
  const dose = {
    ...line.dose,
    sets: Math.min(line.dose.sets, cap.sets),
    amount: Math.min(line.dose.amount, cap.amount),
  };
  return {
    ...line,
    dose,
    based: dose,
    reasons: [...line.reasons, { code: 'eccentric_ramp', rules: ['SAFE-10'], facts: { week: week + 1 } }],
  };
}
