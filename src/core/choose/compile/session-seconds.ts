import { weekPart } from '../../day';
import type { Context } from '../context';

/**
 * The seconds a session may fill. A lighter week, a peak and the weeks after a season shorten it with their sets: else
 * the lines that new blocks open would fill again what was taken away (BLOCK-1, PHASE-2, PHASE-3).
 */
export function sessionSeconds({ brief, kind, method }: Pick<Context, 'brief' | 'kind' | 'method'>): number {
  const { easyTimeShare } = method.settings.choice;
  const { transitionSets } = method.settings.season;
  const ofWeek = weekPart({ ...brief, method });
  // what was asked for by name stands as it is
  const part = kind ? 1 : brief.phase === 'transition' ? Math.min(ofWeek, transitionSets) : ofWeek;
  return Math.round(brief.minutes * 60 * (easyTimeShare + (1 - easyTimeShare) * part));
}
