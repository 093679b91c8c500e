import type { Day } from '../calendar';
import type { MethodSettings } from '../method';
import { practicesOn, type Practice } from './season-input';

/** How a session lies to the hard practices of its day: after them, far enough before, or too near before. */
export type ByPractice = 'after' | 'apart' | 'before';

/** A session as the clock has it: its day, `hh:mm`, minutes. */
interface Timed {
  readonly day: Day;
  readonly start: string;
  readonly minutes: number;
}

export const isHard = ({ hardness }: Pick<Practice, 'hardness'>, { hardPractice }: MethodSettings['week']): boolean =>
  hardness >= hardPractice;

/**
 * Hard days hard, easy days easy (WEEK-5): how a session lies to the hard practices of its day.
 * @returns null where no practice of the day is hard
 */
export function byPractice(
  { day, start, minutes }: Timed,
  practices: readonly Practice[],
  week: MethodSettings['week'],
): ByPractice | null {
  const hard = practicesOn(day, practices).filter((one) => isHard(one, week));
  const [from, to] = [minuteOf(start), minuteOf(start) + minutes];
  const lies = hard.map((one): ByPractice => {
    if (from >= minuteOf(one.start) + one.minutes) return 'after';
    return minuteOf(one.start) - to >= week.practiceApartMinutes ? 'apart' : 'before';
  });
  return lies.find((one) => one === 'before') ?? lies[0] ?? null;
}

/** The practice that has a session's hour, or null: nobody is in two places. */
export function practiceBeside({ day, start, minutes }: Timed, practices: readonly Practice[]): Practice | null {
  const [from, to] = [minuteOf(start), minuteOf(start) + minutes];
  const meets = (one: Practice): boolean => minuteOf(one.start) < to && from < minuteOf(one.start) + one.minutes;
  return practicesOn(day, practices).find(meets) ?? null;
}

/** A session's start on a day that keeps clear of its practices: the usual one, or so that it ends as practice begins; or null. */
export function clearStart(usual: Timed, practices: readonly Practice[]): string | null {
  const beside = practiceBeside(usual, practices);
  if (!beside) return usual.start;
  const before = minuteOf(beside.start) - usual.minutes;
  if (before < 0) return null;
  const start = clockOf(before);
  return practiceBeside({ ...usual, start }, practices) ? null : start;
}

const minuteOf = (clock: string): number => {
  const [hours = 0, minutes = 0] = clock.split(':').map(Number);
  return hours * 60 + minutes;
};

const clockOf = (minute: number): string =>
  [Math.floor(minute / 60), minute % 60].map((part) => String(part).padStart(2, '0')).join(':');
