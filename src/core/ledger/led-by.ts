import type { Exercise } from '../library';
import type { Banded, Counted } from '../season';

/** From which share of knee work a lift is led by the knee (section 5). */
const KNEE_LED = 0.5;

/** Which of a phase's rows of weekly sets an entry counts in: led by knee or hip, calf and foot, trunk; null = none. */
export function ledBy({ family, dominance, plyo }: Exercise): Counted | null {
  if (plyo) return null;
  if (family === 'calf-foot') return 'calfFoot';
  if (family === 'trunk') return 'trunk';
  return dominance && (dominance.knee >= KNEE_LED ? 'knee' : 'hip');
}

/** Which of a session's bands of hard sets an entry counts in: what leads it, or press and pull; null = none. */
export function bandOf(exercise: Exercise): Banded | null {
  if (exercise.family === 'upper-push') return 'push';
  if (exercise.family === 'upper-pull') return 'pull';
  return ledBy(exercise);
}
