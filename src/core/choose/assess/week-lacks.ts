import { hasKit } from '../../day';
import { getExercise, type Exercise, type Family } from '../../library';
import type { Finding } from '../../result';
import { isMainSlot, type Card } from '../../session';
import type { Context } from '../context';

/** What a whole week holds (WEEK-9), in the order in which it goes when minutes fail, the last first. */
export const WEEK_PARTS = [
  'knee-led main',
  'hip-led main',
  'single-leg knee',
  'single-leg hip',
  'guard',
  'pull',
  'push',
  'calf–foot',
] as const;
export type WeekPart = (typeof WEEK_PARTS)[number];

/** Why a week lacks something: WEEK-9's closed list, but for WEEK-6, which takes sets and not lines. */
export type LackReason = 'minutes' | 'kit' | 'complaint' | 'match-days' | 'word';

/** What an entry must be to hold a part of the week, and whether it must stand in a main slot. */
const PARTS: Readonly<Record<Exclude<WeekPart, 'guard'>, { readonly family: Family; readonly main: boolean }>> = {
  'knee-led main': { family: 'squat', main: true },
  'hip-led main': { family: 'hinge', main: true },
  'single-leg knee': { family: 'single-leg-knee', main: false },
  'single-leg hip': { family: 'single-leg-hip', main: false },
  pull: { family: 'upper-pull', main: false },
  push: { family: 'upper-push', main: false },
  'calf–foot': { family: 'calf-foot', main: false },
};
/** Slots whose line holds a part: taken off, it is a coach's word. */
const SLOTS: Readonly<Record<WeekPart, readonly string[]>> = {
  'knee-led main': ['main', 'main-2'],
  'hip-led main': ['main', 'main-2'],
  'single-leg knee': ['single-leg', 'single-leg-2'],
  'single-leg hip': ['single-leg', 'single-leg-2'],
  guard: ['guard', 'guard-2', 'guard-3'],
  pull: ['upper-pull', 'upper-second'],
  push: ['upper-push', 'upper-second'],
  'calf–foot': ['calf'],
};
/** A congested week is whole with less (WEEK-9). */
const CONGESTED: readonly WeekPart[] = ['knee-led main', 'hip-led main', 'guard', 'calf–foot'];

interface Held {
  readonly exercise: Exercise;
  readonly main: boolean;
}

/**
 * Says of the last lifting session of a week what the week then lacks, with the reason (WEEK-9). A warm-up's drill is none
 * of it.
 */
export function weekLacks(card: Pick<Card, 'lines' | 'shape'>, context: Context): Finding[] {
  const { brief, library } = context;
  if (!brief.week?.isLast) return [];
  const held = [
    ...brief.week.held.map(({ exerciseId, main }) => ({ exercise: getExercise(library, exerciseId), main })),
    ...card.lines
      .filter(({ block }) => block !== 'prep')
      .map(({ exerciseId, slot }) => ({ exercise: getExercise(library, exerciseId), main: isMainSlot(slot) })),
  ];
  const byReason = new Map<LackReason, WeekPart[]>();
  for (const part of WEEK_PARTS) {
    if (brief.phase === 'congested' && !CONGESTED.includes(part)) continue;
    if (holds(part, held, context)) continue;
    const why = reasonOf(part, card, context);
    byReason.set(why, [...(byReason.get(why) ?? []), part]);
  }
  return [...byReason].map(([why, what]) => ({
    severity: 'note',
    code: 'week_lacks',
    rules: ['WEEK-9'],
    facts: { what, why },
  }));
}

const guardsOf = ({ sport }: Context): ReadonlySet<string> =>
  new Set(sport.guards.flatMap(({ exercises }) => exercises));

function holds(part: WeekPart, held: readonly Held[], context: Context): boolean {
  if (part === 'guard') {
    const guards = guardsOf(context);
    return guards.size === 0 || held.some(({ exercise }) => guards.has(exercise.id));
  }
  const { family, main } = PARTS[part];
  return held.some((one) => one.exercise.family === family && (one.main || !main));
}

function reasonOf(part: WeekPart, { shape }: Pick<Card, 'shape'>, context: Context): LackReason {
  const { brief, library, limits } = context;
  const guards = guardsOf(context);
  const could = [...library.exercises.values()].filter((exercise) =>
    part === 'guard' ? guards.has(exercise.id) : exercise.family === PARTS[part].family,
  );
  const here = could.filter((exercise) => hasKit(exercise, brief.place));
  if (here.length === 0) return 'kit';
  const off =
    shape.without.some((slot) => SLOTS[part].includes(slot)) || here.every(({ id }) => shape.banned.includes(id));
  if (off || shape.alone || shape.kind !== null) return 'word';
  const hurt = brief.athletes.filter(({ complaints }) => complaints.length > 0).length;
  if (hurt * 2 > brief.athletes.length) return 'complaint';
  return limits.quiet || brief.week?.nearEvent ? 'match-days' : 'minutes';
}
