import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import type { DayContext } from './day-context';

/**
 * A lighter week does fewer sets of what is trained, at the same reps and load (BLOCK-1); prep and mobility stay.
 * @returns the same dose where nothing is to be eased
 */
export function easeForWeek(
  dose: Dose,
  row: DoseRowId,
  { lighterWeek, method }: Pick<DayContext, 'lighterWeek' | 'method'>,
): Dose {
  if (!lighterWeek || !method.doses[row].progresses) return dose;
  const sets = Math.max(1, Math.floor(dose.sets * method.settings.season.lighterSets + 0.5));
  return sets === dose.sets ? dose : { ...dose, sets };
}
