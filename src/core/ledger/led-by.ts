import type { Exercise } from '../library';
import type { Counted } from '../season';

/** From which share of knee work a lift is led by the knee (section 5). */
const KNEE_LED = 0.5;

/** Which of a phase's rows of weekly sets an entry counts in: led by knee or hip, calf and foot, trunk; null = none. */
export function ledBy({ family, dominance, plyo }: Exercise): Counted | null {
  if (plyo) return null;
  if (family === 'calf-foot') return 'calfFoot';
  if (family === 'trunk') return 'trunk';
  return dominance && (dominance.knee >= KNEE_LED ? 'knee' : 'hip');
}
