import { daysBetween } from '../calendar';
import type { Exercise, Library } from '../library';
import type { MethodTables } from '../method';
import { actsOn } from '../safety';
import { afterLayoff } from './after-layoff';
import { cutForTightness } from './cut-for-tightness';
import { isClean } from './exposure';
import { doseRange } from './range';
import { raiseByResponse } from './raise-by-response';
import { raiseLift } from './raise-lift';
import type { Change } from './change';
import type { ProgressCase } from './progress-case';

/**
 * The change a line calls for after its last exposure, or null to repeat it (PROG-0 to PROG-7 and PROG-9).
 * The most cautious rule wins: pain is SAFE-2's and is not proposed here; then layoff, tightness, silence, and only
 * then a rise. Loaded lifts rise by double progression, everything else by response and rungs; tightness where a lift
 * works blocks its rise.
 */
export function nextDose(of: ProgressCase, library: Library, method: MethodTables): Change | null {
  const { exercise, exposures, today } = of;
  const [last] = exposures;
  const range = doseRange(exercise, method.doses[of.row], library);
  if (!range || !method.doses[of.row].progresses) return null;
  const away = Math.max(daysBetween(of.lastSession, today), daysBetween(last.day, today));
  const layoff = afterLayoff({ ...of, dose: last.dose }, away, range, library, method);
  if (layoff) return layoff;
  const { response } = last;
  if (response === null || response.answer === 'pain') return null;
  const acts = acting(exercise, response.place, method);
  const loaded = last.dose.loadKg !== null;
  if (response.answer === 'tight') return acts && !loaded ? cutForTightness(of, range, library, method) : null;
  if (loaded) return raiseLift(of, range, method);
  if (response.answer === 'usual' && !acts) return null;
  return isClean(last) ? raiseByResponse(of, range, library, method) : null;
}

/** A named place acts on work there; no place acts on jumps and eccentric work, and on everything when all is well (PROG-0). */
function acting(exercise: Exercise, place: string | null, method: MethodTables): boolean {
  if (place !== null) return actsOn(exercise, place, method);
  return exercise.plyo !== null || exercise.qualities.includes('eccentric');
}
