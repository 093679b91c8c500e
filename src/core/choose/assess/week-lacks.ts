import { hasKit } from '../../day';
import { getExercise } from '../../library';
import type { Finding } from '../../result';
import { isMainSlot, type Card } from '../../session';
import type { Context } from '../context';
import { guardsOf, heldBefore, PARTS, partsMissing, type WeekPart } from '../week-parts';

/** Why a week lacks something: WEEK-9's closed list, but for WEEK-6, which takes sets and not lines. */
export type LackReason = 'minutes' | 'kit' | 'complaint' | 'match-days' | 'word';

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

/**
 * Says of the last lifting session of a week what the week then lacks, with the reason (WEEK-9). A warm-up's drill is none
 * of it.
 */
export function weekLacks(card: Pick<Card, 'lines' | 'shape'>, context: Context): Finding[] {
  const { brief, library } = context;
  if (!brief.week?.isLast) return [];
  const held = [
    ...heldBefore(brief.week, library),
    ...card.lines
      .filter(({ block }) => block !== 'prep')
      .map(({ exerciseId, slot }) => ({ exercise: getExercise(library, exerciseId), main: isMainSlot(slot) })),
  ];
  const byReason = new Map<LackReason, WeekPart[]>();
  for (const part of partsMissing(held, guardsOf(context.sport), brief.phase === 'congested')) {
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

function reasonOf(part: WeekPart, { shape }: Pick<Card, 'shape'>, context: Context): LackReason {
  const { brief, library, limits } = context;
  const guards = guardsOf(context.sport);
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
