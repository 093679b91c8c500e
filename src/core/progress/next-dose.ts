import { daysBetween } from '../calendar';
import type { Library } from '../library';
import type { MethodTables } from '../method';
import { actsOn } from '../safety';
import { earns } from '../track';
import { answerActsOn } from './acts-on-answer';
import type { Change } from './change';
import { cutForTightness } from './cut-for-tightness';
import { giveBack } from './give-back';
import type { JudgedCase, ProgressCase } from './progress-case';
import { raiseByResponse } from './raise-by-response';
import { raiseLift } from './raise-lift';
import { raiseSquadLoad } from './raise-squad-load';
import { doseRange } from './range';

/**
 * The change a line waits for after its last exposure, or null to repeat it (PROG-0 to PROG-7 and PROG-9): a reading of
 * track and facts, never stored. The most cautious rule wins: pain is SAFE-2's; then tightness, silence, and only then a
 * rise. On a squad's card only loads are an athlete's own (PROG-15). What was judged since (accepted, held, settled by a rule) asks no second time.
 */
export function nextDose(of: ProgressCase, library: Library, method: MethodTables): Change | null {
  const judged = judgedCase(of, method);
  const range = doseRange(of.exercise, method.doses[of.row], library);
  if (!judged || !range || !method.doses[of.row].progresses) return null;
  const { last, exercise, track } = judged;
  const { response } = last;
  if (response === null || response.answer === 'pain') return null;
  const acts = answerActsOn(exercise, response.place, method);
  const { squad } = of;
  const loaded = judged.owned.loadKg !== null;
  // on a squad's card the morning is a vote (PROG-16)
  if (response.answer === 'tight' && squad) return null;
  if (response.answer === 'tight') return acts && !loaded ? cutForTightness(judged, range, library, method) : null;
  if (hurts(judged, method)) return null;
  const gentle = of.athlete.caution === 'gentle';
  if (track.owned?.by === 'layoff' || track.before)
    return !gentle && response.answer === 'fine' ? giveBack(judged, range) : null;
  if (gentle) return loaded ? raiseSquadLoad(judged, 'gentle', method) : null;
  if (squad) return loaded ? raiseSquadLoad(judged, squad.develops ? 'develops' : 'kept', method) : null;
  if (loaded) return raiseLift(judged, range, method);
  if (response.answer === 'usual' && !acts) return null;
  return earns(last) ? raiseByResponse(judged, range, library, method) : null;
}

function judgedCase(of: ProgressCase, { settings }: MethodTables): JudgedCase | null {
  const { track, today } = of;
  const [last] = track.exposures;
  if (!last || !track.owned || track.movedTo !== null) return null;
  if (track.owned.by !== 'done' && track.owned.by !== 'layoff') return null;
  if (track.heldThrough !== null && track.heldThrough > last.day) return null;
  // after a layoff the day view eases; what was asked before it is over
  const [short] = settings.progress.layoff;
  if (short && daysBetween(last.day, today) > short.overDays) return null;
  return { ...of, last, owned: track.owned.dose };
}

/** Nothing rises on a place that complains (SAFE-8). */
const hurts = ({ athlete, exercise }: JudgedCase, method: MethodTables): boolean =>
  athlete.complaints.some(({ place }) => actsOn(exercise, place, method));
