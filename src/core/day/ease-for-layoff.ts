import type { AthleteFacts } from '../athlete';
import { daysBetween } from '../calendar';
import { implementLoad, type Dose } from '../dose';
import { doseRange, entryOnRung } from '../progress';
import type { DayContext } from './day-context';
import { easedTo, type WorkingLine } from './working-line';

/**
 * PROG-7 and DOSE-11: after a layoff, by days since any session done, a set comes off (over 10 days), then the fewest sets
 * (over 21), then one rung down (over 42), and the load by 5 %, 10 %, or it is found again; an exercise alone away loses
 * 5 % and then its load. It never raises anything, and does not act on what the coach typed.
 */
export function easeForLayoff(line: WorkingLine, athlete: AthleteFacts, context: DayContext): WorkingLine {
  const { method, library, day } = context;
  const { lastSession, lastDone } = athlete.history;
  if (line.typed || lastSession === null || !method.doses[line.row].progresses) return line;
  const rules = method.settings.progress.layoff;
  const awayDays = daysBetween(lastSession, day);
  const step = rules.findLast((rule) => awayDays > rule.overDays);
  if (!step) return awayAlone(line, lastDone[line.exercise.id], context);
  const saw = { awayDays, overDays: step.overDays };
  const factor = method.settings.loading.layoff.findLast((rule) => awayDays > rule.overDays)?.factor ?? null;
  const lower = step.change === 'rung' ? entryOnRung(line.exercise, -1, library) : null;
  const lowerRange = lower && doseRange(lower, method.doses[line.row], library);
  const reason = {
    code: 'after_layoff',
    rules: line.dose.loadKg === null ? ['PROG-7'] : ['PROG-7', 'DOSE-11'],
    facts: { ...saw, rescreen: step.change === 'rung' },
  };
  if (lower && lowerRange) {
    const dose: Dose = {
      ...line.dose,
      sets: Math.min(line.dose.sets, lowerRange.sets[0]),
      amount: lowerRange.amount[0],
      unit: lower.doseUnit,
      per: lower.per,
      loadKg: null,
      percent: null,
    };
    return based(easedTo({ ...line, exercise: lower }, dose, reason));
  }
  const range = doseRange(line.exercise, method.doses[line.row], library);
  const fewest = range ? Math.min(range.sets[0], line.dose.sets) : line.dose.sets;
  const dose: Dose = {
    ...line.dose,
    sets: step.change === 'set' ? Math.max(fewest, line.dose.sets - 1) : fewest,
    loadKg: lighter(line, factor, context),
    percent: null,
  };
  return changes(dose, line.dose) ? based(easedTo(line, dose, reason)) : line;
}

/** Whether an athlete comes back from a layoff, whatever is eased for it (PROG-7). */
export function isAway(
  { history: { lastSession } }: AthleteFacts,
  { day, method }: Pick<DayContext, 'day' | 'method'>,
): boolean {
  const [short] = method.settings.progress.layoff;
  return short !== undefined && lastSession !== null && daysBetween(lastSession, day) > short.overDays;
}

/** Away alone: the rest was trained, this was not. */
function awayAlone(line: WorkingLine, lastDone: string | undefined, context: DayContext): WorkingLine {
  const { method, day } = context;
  if (lastDone === undefined || line.dose.loadKg === null) return line;
  const [, alone, long] = method.settings.progress.layoff;
  const awayDays = daysBetween(lastDone, day);
  if (!alone || awayDays <= alone.overDays) return line;
  const [short] = method.settings.loading.layoff;
  const found = long !== undefined && awayDays > long.overDays ? null : lighter(line, short?.factor ?? null, context);
  const reason = {
    code: 'after_layoff',
    rules: ['PROG-7'],
    facts: { awayDays, overDays: alone.overDays, rescreen: false },
  };
  return based(easedTo(line, { ...line.dose, loadKg: found, percent: null }, reason));
}

/** Done once, the cut dose is what is owned (the track keeps what stood before). */
const based = (line: WorkingLine): WorkingLine => ({ ...line, based: line.dose });

function lighter({ dose, exercise }: WorkingLine, factor: number | null, { place }: DayContext): number | null {
  if (dose.loadKg === null || factor === null) return null;
  const load = implementLoad(dose.loadKg * factor, exercise.load.kind, place.loading);
  return load.ok ? load.value : dose.loadKg;
}

const changes = (a: Dose, b: Dose): boolean => a.sets !== b.sets || a.amount !== b.amount || a.loadKg !== b.loadKg;
