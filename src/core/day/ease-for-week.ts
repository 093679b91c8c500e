import type { Dose } from '../dose';
import type { Quality } from '../library';
import type { DoseRowId } from '../method';
import type { DayContext } from './day-context';

/** What a lighter week and a week of a peak leave of a line's sets. */
export interface EasedForWeek {
  readonly dose: Dose;
  /** the rule that took sets away; null = none did */
  readonly rule: WeekRule | null;
}
export type WeekRule = 'BLOCK-1' | 'PHASE-2';
/** Rules by which a card is eased for its week: a line eased so is not eased once more. */
export const WEEK_RULES: readonly string[] = ['BLOCK-1', 'PHASE-2'] satisfies WeekRule[];

/** Jumps follow their contacts in a peak, not the sets of lifts. */
const BY_CONTACTS: readonly Quality[] = ['landing', 'slow-ssc', 'fast-ssc', 'skill'];

/** Of what is trained in a usual week, the part that a lighter week or a week of a peak keeps. */
export const weekPart = ({
  lighterWeek,
  peakSets,
  method,
}: Pick<DayContext, 'lighterWeek' | 'peakSets' | 'method'>): number =>
  peakSets ?? (lighterWeek ? method.settings.season.lighterSets : 1);

/**
 * A lighter week does fewer sets of what is trained, at the same reps and load (BLOCK-1), a week of a peak fewer still, at
 * the same intensity (PHASE-2); prep and mobility stay.
 * @returns the same dose where nothing is to be eased
 */
export function easeForWeek(
  dose: Dose,
  row: DoseRowId,
  { lighterWeek, peakSets, method }: Pick<DayContext, 'lighterWeek' | 'peakSets' | 'method'>,
): EasedForWeek {
  const { progresses, quality } = method.doses[row];
  const peak = BY_CONTACTS.includes(quality) ? null : peakSets;
  const sets = Math.max(1, Math.floor(dose.sets * weekPart({ lighterWeek, peakSets: peak, method }) + 0.5));
  if (!progresses || sets >= dose.sets) return { dose, rule: null };
  return { dose: { ...dose, sets }, rule: peak === null ? 'BLOCK-1' : 'PHASE-2' };
}
