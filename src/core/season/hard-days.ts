import type { Day } from '../calendar';
import { practicesOn, type Practice } from './season-input';

/** How a session lies to the hard practices of its day: after them, far enough before, or too near before. */
export type ByPractice = 'after' | 'apart' | 'before';

/** From which hardness a practice is hard, of 10. */
const HARD_FROM = 7;
/** Minutes from a session's end to a hard practice's start that keep both worth doing. */
const APART_MINUTES = 360;

export const isHard = ({ hardness }: Pick<Practice, 'hardness'>): boolean => hardness >= HARD_FROM;

/**
 * Hard days hard, easy days easy (WEEK-5): how a session lies to the hard practices of its day.
 * @returns null where no practice of the day is hard
 */
export function byPractice(
  { day, start, minutes }: { readonly day: Day; readonly start: string; readonly minutes: number },
  practices: readonly Practice[],
): ByPractice | null {
  const hard = practicesOn(day, practices).filter(isHard);
  const [from, to] = [minuteOf(start), minuteOf(start) + minutes];
  const lies = hard.map((one): ByPractice => {
    if (from >= minuteOf(one.start) + one.minutes) return 'after';
    return minuteOf(one.start) - to >= APART_MINUTES ? 'apart' : 'before';
  });
  return lies.find((one) => one === 'before') ?? lies[0] ?? null;
}

const minuteOf = (clock: string): number => {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return hours * 60 + minutes;
};
