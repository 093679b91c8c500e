import type { MethodSettings } from '$core/method';
import { FINE_AGAIN, LIGHT_FOR, LIGHT_FROM, LIGHT_OF } from '$core/progress';

/** One thing that is done or asked, in the coach's words. */
export interface PolicyLine {
  readonly words: string;
  readonly rules: readonly string[];
}

const percent = (share: number): string => `${String(Math.round(share * 1000) / 10)} %`;
/** Shares that have a word. */
const part = (share: number): string =>
  share === 0.5 ? 'half' : Math.abs(share - 1 / 3) < 0.01 ? 'a third' : percent(share);

/** What is applied without asking: each is listed on Calls with a way back (PROG-17). Numbers are the club's own. */
export function appliedWords({ progress, loading }: MethodSettings): PolicyLine[] {
  const { squad, layoff } = progress;
  const weeks = (days: number): string => {
    const whole = days / 7;
    return Number.isInteger(whole) ? `${String(whole)} week${whole === 1 ? '' : 's'}` : `${String(days)} days`;
  };
  return [
    {
      words: `A squad’s line takes one step up when ${part(squad.upShare)} or more of those who answered were fine and did it clean, one step down when ${part(squad.downShare)} or more were overly tight there. At most ${String(squad.stepsASession)} lines rise on a card, none twice within ${weeks(squad.daysBetween)}; what the block only keeps may rise once in ${weeks(squad.keptDaysBetween)}.`,
      rules: ['PROG-15', 'PROG-16'],
    },
    {
      words: `A line without a load, at the most of its rung, goes to the next when ${part(squad.upShare)} or more of those who do it own the rung below and meet what the next asks. Who does not stays on the rung below. Rungs of jumps change with the block.`,
      rules: ['PROG-16', 'JUMP-10'],
    },
    {
      words: `A load the block develops rises by the smallest step of at least ${percent(loading.stepMin)} when every set was done at the reserve asked for and the morning was answered. What the block keeps rises after two such times with one rep more in reserve; a step above ${percent(loading.stepMax)} after two with two more.`,
      rules: ['PROG-9', 'PROG-15', 'DOSE-11'],
    },
    {
      words: `A load falls by ${percent(progress.shortCut)} when reps in reserve came out ${String(progress.shortRir)} short, by up to ${percent(progress.missedCut)} when reps were missed.`,
      rules: ['PROG-9'],
    },
    {
      words: 'The heaviest load that kept its reserve in a first session becomes the athlete’s own.',
      rules: ['DOSE-2'],
    },
    {
      words: `After more than ${layoff.map(({ overDays }) => String(overDays)).join(', ')} days away sets, the fewest sets and then a rung are taken off; the old values come back step by step after fine mornings.`,
      rules: ['PROG-7'],
    },
    {
      words: `Who was overly tight does one step less on that line until ${String(FINE_AGAIN)} fine mornings; ${String(LIGHT_FROM)} overly tight of the last ${String(LIGHT_OF)} make the whole card light for ${String(LIGHT_FOR)} sessions.`,
      rules: ['PROG-16'],
    },
    {
      words: `A dose of an athlete’s own programme moves by a set, a rep or ${String(progress.timeStepS)} seconds inside its range.`,
      rules: ['PROG-2', 'PROG-4'],
    },
    {
      words: 'Pain stops at once what it stops, on every screen, and nothing rises on silence.',
      rules: ['SAFE-8', 'PROG-6'],
    },
  ];
}

/** What is asked: the rest. */
export const askedWords = ({ progress: { asks }, ledger: { forgotten } }: MethodSettings): PolicyLine[] => [
  { words: 'Pain of 3 or more, or a sign, until somebody has passed it on.', rules: ['SAFE-2'] },
  { words: 'Mild pain three mornings in a row.', rules: ['PROG-17'] },
  { words: 'Half of a squad silent after a session.', rules: ['PROG-6', 'PROG-17'] },
  { words: 'A rung up or down for one athlete, and a cut to the least of a range.', rules: ['PROG-2', 'PROG-4'] },
  { words: 'A test before something goes on: after a long layoff, or a rung left twice.', rules: ['PROG-7', 'PROG-4'] },
  {
    words: `A test that opens the next rung, after ${String(asks.clearTimes)} clean times at the most of the one below; not again within ${String(asks.againDays)} days.`,
    rules: ['PROG-8'],
  },
  {
    words: `A main lift whose estimated maximum lies more than ${percent(asks.stallShare)} under the block’s first in its last two times, once in ${String(asks.againDays)} days.`,
    rules: ['PROG-10'],
  },
  {
    words: `A jump test, for ${String(asks.jumpWithinDays)} days after a lift rose beyond its error.`,
    rules: ['PROG-11'],
  },
  {
    words: `Muscles with fewer than ${String(forgotten.sets)} hard sets in ${String(forgotten.days)} days, once a week.`,
    rules: ['LED-1'],
  },
];
