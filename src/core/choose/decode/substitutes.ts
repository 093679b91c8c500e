import { judgeOption } from '../../day';
import { tierOf } from '../../jumps';
import { barOf, isBarred } from '../../safety';
import { SUBSTITUTES_KEPT, type Substitute } from '../../session';
import type { Option, SlotOptions } from '../candidates/options';
import type { Context } from '../context';

/**
 * What could stand for a line where something bars it for an athlete, best first: what those need who are barred today,
 * then one for each kind of complaint that may come by the morning, then the best of the slot.
 */
export function substitutesFor(
  { free, beyond }: SlotOptions,
  chosen: Option,
  taken: ReadonlySet<string>,
  context: Context,
): Substitute[] {
  const mayStand = ({ exercise }: Option): boolean =>
    exercise.id !== chosen.exercise.id &&
    (exercise.pattern === chosen.exercise.pattern || !taken.has(exercise.pattern));
  const ranked = rank(free, context).filter(mayStand);
  // a knee that bars every squat leaves a hinge
  const last = rank(beyond, context).filter(mayStand);
  const first = (may: (option: Option) => boolean): Option | undefined => ranked.find(may) ?? last.find(may);
  const found = new Map<string, Option>();
  const add = (option: Option | undefined): void => {
    if (option) found.set(option.exercise.id, option);
  };
  for (const athlete of context.brief.athletes) {
    if (!judgeOption(chosen, athlete, context, false)) continue;
    add(first((option) => !judgeOption(option, athlete, context, false)));
  }
  for (const place of representatives(context)) {
    const bar = barOf({ place, side: null, score: 4, column: 'stop' }, context.method);
    const stops = ({ exercise, row, dose }: Option): boolean => isBarred(bar, exercise, row, tierOf(exercise, dose));
    if (stops(chosen)) add(first((option) => !stops(option)));
  }
  for (const option of ranked) {
    if (found.size >= SUBSTITUTES_KEPT) break;
    add(option);
  }
  return [...found.values()].slice(0, SUBSTITUTES_KEPT).map(({ exercise, row }) => ({ exerciseId: exercise.id, row }));
}

/** One place for each row of SAFE-8. */
const representatives = ({ method: { places } }: Context): string[] => {
  const byRow = new Map(Object.entries(places).map(([id, { row }]) => [row, id]));
  return [...byRow.values()];
};

/** Options by what they cover for the sport, best first; one dose an entry, the smaller one. */
function rank(options: readonly Option[], { sport }: Context): Option[] {
  const worth = ({ exercise }: Option): number =>
    Object.entries(exercise.demands).reduce(
      (sum, [demand, points]) => sum + points * sport.demands[demand as keyof typeof sport.demands],
      0,
    );
  const one = new Map(options.map((option) => [option.exercise.id, option]));
  return [...one.values()]
    .map((option) => ({ option, points: worth(option) }))
    .sort((a, b) => b.points - a.points)
    .map(({ option }) => option);
}
