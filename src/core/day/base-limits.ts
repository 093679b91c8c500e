import type { AthleteFacts } from '../athlete';
import type { Line } from '../session';
import type { DayContext } from './day-context';
import { startDose } from './start-dose';
import type { WorkingLine } from './working-line';

/** While the ground is unknown nothing goes past the gentle end, whatever was owned before (START-2); force unknown, the fewest sets. */
export function withCaution(line: WorkingLine, athlete: AthleteFacts, context: DayContext): WorkingLine {
  if (line.typed || athlete.caution === 'none' || !context.method.doses[line.row].progresses) return line;
  const gentle = startDose(line.exercise, line.row, 'bottom', context);
  if (!gentle) return line;
  const sets = Math.min(line.dose.sets, gentle.sets);
  const least = athlete.caution === 'sets' ? line.dose.amount : Math.min(line.dose.amount, gentle.amount);
  const rir =
    athlete.caution === 'gentle' && line.dose.rir !== null && gentle.rir !== null
      ? Math.max(line.dose.rir, gentle.rir)
      : line.dose.rir;
  if (sets === line.dose.sets && least === line.dose.amount && rir === line.dose.rir) return line;
  const dose = { ...line.dose, sets, amount: least, rir };
  return {
    ...line,
    dose,
    based: dose,
    reasons: line.reasons.some(({ code }) => code === 'bottom_of_range')
      ? line.reasons
      : [
          ...line.reasons,
          {
            code: 'bottom_of_range',
            rules: ['START-2'],
            facts: { level: athlete.liftLevel, known: false, focus: null },
          },
        ],
  };
}

/** What makes the squad's line easier on this card (clock, slot, day) holds for everybody's own dose on it. */
export function withCap(working: WorkingLine, { dose: shown, full }: Line): WorkingLine {
  if (!full || working.typed) return working;
  const { dose } = working;
  const capped = {
    ...dose,
    sets: Math.min(dose.sets, shown.sets),
    amount: shown.amount < full.dose.amount ? Math.min(dose.amount, shown.amount) : dose.amount,
    rir: dose.rir !== null && shown.rir !== null ? Math.max(dose.rir, shown.rir) : dose.rir,
  };
  const same = capped.sets === dose.sets && capped.amount === dose.amount && capped.rir === dose.rir;
  return same ? working : { ...working, dose: capped, eased: [...working.eased, ...full.rules] };
}
