import type { DayLine } from '$core/day';
import { nextLoadUp, type Dose, type LoadingKit } from '$core/dose';
import { getExercise } from '$core/library';
import { doseRange } from '$core/progress';
import { trackKey, isClean, type Track } from '$core/track';
import type { ClubContext } from '../repositories/club-context';

/** Rules read what they are held against: of a load, the least step that is one. */
const STEP_MIN = 0.02;

/**
 * The policy rules are held against: each athlete rises on each line after each fine morning, one set, then one rep or
 * five seconds, and the next load whatever was in reserve; nothing else moves a dose. Bars of the day stay.
 */
export function naiveLine(
  line: DayLine,
  tracks: ReadonlyMap<string, Track>,
  kit: LoadingKit,
  { library, method }: Pick<ClubContext, 'library' | 'method'>,
): DayLine {
  if (line.exerciseId === null || line.eased.length > 0 || !method.doses[line.row].progresses) return line;
  const exercise = getExercise(library, line.exerciseId);
  const [last] = tracks.get(trackKey(line.exerciseId, line.row))?.exposures ?? [];
  const range = doseRange(exercise, method.doses[line.row], library);
  if (!last || !range) return line;
  const found = Math.max(0, ...last.sets.map(({ loadKg }) => loadKg ?? 0));
  const from: Dose = { ...last.dose, loadKg: last.dose.loadKg ?? (found > 0 ? found : null) };
  const rises = last.response?.answer === 'fine' && isClean(last);
  const dose: Dose = {
    ...(rises ? raised(from, range, method.settings.progress.timeStepS) : from),
    loadKg: rises && from.loadKg !== null ? heavier(from.loadKg, exercise.load.kind, kit) : from.loadKg,
    percent: null,
  };
  return { ...line, dose, based: dose, eased: [] };
}

function raised(dose: Dose, range: NonNullable<ReturnType<typeof doseRange>>, timeStepS: number): Dose {
  if (dose.sets < range.sets[1]) return { ...dose, sets: dose.sets + 1 };
  if (dose.amount >= range.amount[1]) return dose;
  const more = dose.unit === 'seconds' ? timeStepS : 1;
  return { ...dose, amount: Math.min(range.amount[1], dose.amount + more) };
}

function heavier(loadKg: number, kind: Parameters<typeof nextLoadUp>[1], kit: LoadingKit): number {
  let next = nextLoadUp(loadKg, kind, kit);
  while (next !== null && next < loadKg * (1 + STEP_MIN)) next = nextLoadUp(next, kind, kit);
  return next ?? loadKg;
}
