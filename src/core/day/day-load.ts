import type { AthleteFacts } from '../athlete';
import { implementLoad, prescribeLoad, takesLoad, type Dose } from '../dose';
import type { Reason } from '../result';
import { actsOn } from '../safety';
import { LOWER_BODY, whyQuiet } from '../season';
import { percentFor } from '../testing';
import type { DayContext } from './day-context';
import { easedTo, type WorkingLine } from './working-line';

/** A hair under a limit, so that "below" stays below after rounding. */
const UNDER = 1e-6;

/**
 * Puts the day's load into a line (DOSE-2, 11): a typed % gives the load, a typed load its %; an owned load stays where it
 * can be made here, else reps and RIR pick it from the e1RM. Then the limits: under 16 (SAFE-3), a clearance's loads
 * (SAFE-2), quiet days (WEEK-2).
 */
export function withLoad(line: WorkingLine, athlete: AthleteFacts, context: DayContext): WorkingLine {
  const prescribed = prescribe(line, athlete, context);
  return limits(athlete, prescribed, context).reduce(
    (current, { share, reason }) => capAt(current, share, reason, athlete, context),
    prescribed,
  );
}

function prescribe(
  line: WorkingLine,
  athlete: AthleteFacts,
  { method, place, limits: { quiet } }: DayContext,
): WorkingLine {
  const { dose, exercise, row } = line;
  const referenceKg = reference(line, athlete);
  if (dose.percent !== null && line.typed && dose.loadKg === null) {
    if (referenceKg === null) return line;
    const load = implementLoad(dose.percent * referenceKg, exercise.load.kind, place.loading);
    return load.ok ? withOwnLoad(line, load.value, dose.percent) : line;
  }
  if (dose.loadKg !== null) {
    if (line.typed) return withOwnLoad(line, dose.loadKg, shareOf(dose.loadKg, referenceKg));
    const load = implementLoad(dose.loadKg + UNDER, exercise.load.kind, place.loading);
    return withOwnLoad(line, load.ok ? load.value : dose.loadKg, shareOf(dose.loadKg, referenceKg));
  }
  const { dose: loaded, reason } = prescribeLoad(
    dose,
    exercise,
    method.doses[row],
    {
      e1rmKg: exercise.load.oneRepMax ? (athlete.e1rmKg[exercise.load.oneRepMax.lift] ?? null) : null,
      ageYears: athlete.ageYears,
      below:
        quiet && dose.sets >= method.settings.week.heavySets && LOWER_BODY.includes(exercise.family)
          ? method.settings.week.heavyIntensity - UNDER
          : null,
    },
    place.loading,
    method,
  );
  const based =
    line.based && line.eased.length === 0
      ? { ...line.based, loadKg: loaded.loadKg, percent: loaded.percent }
      : line.based;
  return { ...line, dose: loaded, based, reasons: reason ? [...line.reasons, reason] : line.reasons };
}

/** e1RM of the entry itself, kg; null when it has none or it is not known. */
const reference = ({ exercise }: WorkingLine, athlete: AthleteFacts): number | null => {
  const of = exercise.load.oneRepMax;
  const kg = of ? athlete.e1rmKg[of.lift] : undefined;
  return of && kg !== undefined ? kg * of.ratio : null;
};

/**
 * A load's share of the e1RM, 0–1. A load done that is above it says that the e1RM, often read through a ratio of another
 * lift, is too low, and no share is told.
 */
function shareOf(loadKg: number, referenceKg: number | null): number | null {
  const share = referenceKg === null ? null : Math.round((loadKg / referenceKg) * 1000) / 1000;
  return share === null || share > 1 ? null : share;
}

function withOwnLoad(line: WorkingLine, loadKg: number, percent: number | null): WorkingLine {
  const dose: Dose = { ...line.dose, loadKg, percent };
  return {
    ...line,
    dose,
    based: line.based && line.eased.length === 0 ? { ...line.based, loadKg, percent } : line.based,
  };
}

interface Limit {
  /** of e1RM, 0–1 */
  readonly share: number;
  readonly reason: Reason;
}

function limits(
  athlete: AthleteFacts,
  { exercise, row, dose }: WorkingLine,
  { method, limits: day }: DayContext,
): Limit[] {
  const { youth, week } = method.settings;
  const found: Limit[] = [];
  if (athlete.ageYears !== null && athlete.ageYears < youth.underYears)
    found.push({
      share: youth.maxIntensity,
      reason: { code: 'youth_intensity', rules: ['SAFE-3'], facts: { limit: youth.maxIntensity } },
    });
  for (const { place, score, maxIntensity } of athlete.complaints)
    if (maxIntensity != null && actsOn(exercise, place, method))
      found.push({
        share: maxIntensity,
        reason: { code: 'eased_for_complaint', rules: ['SAFE-2'], facts: { place, score } },
      });
  if (day.quiet && dose.sets >= week.heavySets && LOWER_BODY.includes(exercise.family) && row !== 'D-MICRO')
    found.push({
      share: week.heavyIntensity - UNDER,
      reason: { code: 'eased_for_day', ...whyQuiet(day) },
    });
  return found;
}

/** Holds a line at a share of the e1RM: the load where it is known, else reps and reserve that leave enough in hand. */
function capAt(
  line: WorkingLine,
  share: number,
  reason: Reason,
  athlete: AthleteFacts,
  { method, place }: DayContext,
): WorkingLine {
  const { dose, exercise, row } = line;
  if (!takesLoad(exercise, dose) && dose.loadKg === null) return line;
  const referenceKg = reference(line, athlete);
  if (referenceKg !== null && dose.loadKg !== null) {
    if (dose.loadKg <= share * referenceKg + UNDER) return line;
    const load = implementLoad(share * referenceKg, exercise.load.kind, place.loading);
    const loadKg = load.ok ? load.value : null;
    return easedTo(line, { ...dose, loadKg, percent: loadKg === null ? null : shareOf(loadKg, referenceKg) }, reason);
  }
  if (dose.rir === null || dose.unit !== 'reps' || method.doses[row].intensity === null) return line;
  const { formula, maxPrescribingReps } = method.settings.loading;
  let rir = dose.rir;
  for (; dose.amount + rir < maxPrescribingReps; rir += 1) {
    const allowed = percentFor(formula, dose.amount, rir, maxPrescribingReps);
    if (!allowed.ok || allowed.value <= share + UNDER) break;
  }
  return rir === dose.rir ? line : easedTo(line, { ...dose, rir }, reason);
}
