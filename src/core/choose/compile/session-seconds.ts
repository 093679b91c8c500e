import { weekPart } from '../../day';
import type { Context } from '../context';

/**
 * The seconds a session may fill. A lighter week and a peak shorten it with their sets: else the lines that new blocks
 * open would fill again what was taken away (BLOCK-1, PHASE-2).
 */
export function sessionSeconds({ brief, kind, method }: Pick<Context, 'brief' | 'kind' | 'method'>): number {
  const { easyTimeShare } = method.settings.choice;
  // what was asked for by name stands as it is
  const part = kind ? 1 : weekPart({ ...brief, method });
  return Math.round(brief.minutes * 60 * (easyTimeShare + (1 - easyTimeShare) * part));
}
