import { hasKit, judgeDay, judgeOption } from '../../day';
import { MUSCLES, DEMANDS, type Exercise, type Family, type Library } from '../../library';
import type { DoseRowId, MethodTables } from '../../method';
import { doseRange } from '../../progress';
import type { Reason } from '../../result';
import type { Brief } from '../brief';
import { makeContext, type Context } from '../context';
import { startDose } from '../../day/start-dose';

/** An entry a coach may add: what suits comes first, what does not says why. */
export interface Offer {
  readonly exerciseId: string;
  readonly name: string;
  readonly family: Family;
  readonly why: Reason | null;
}

/** Shares and demands from which an entry is found by a muscle or demand's name. */
const FOUND_SHARE = 0.25;
const FOUND_DEMAND = 2;

/**
 * The whole library searched by name, family, movement and what it trains; what does not suit squad, place or day is last,
 * with the first reason.
 * @param most entries given back
 */
export function offerEntries(
  query: string,
  brief: Brief,
  library: Library,
  method: MethodTables,
  most: number,
): Offer[] {
  const context = makeContext(brief, library, method);
  const words = query
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  const found = context.exercises.filter((exercise) => {
    const text = textOf(exercise);
    return words.every((word) => text.includes(word));
  });
  return found
    .map((exercise) => ({
      exercise,
      why: whyNot(exercise, context),
      rank: rankOf(exercise, words),
      worth: worthOf(exercise, context),
    }))
    .sort((a, b) => Number(a.why !== null) - Number(b.why !== null) || a.rank - b.rank || b.worth - a.worth)
    .slice(0, most)
    .map(({ exercise, why }) => ({ exerciseId: exercise.id, name: exercise.name, family: exercise.family, why }));
}

const textOf = ({ name, aliases, family, pattern, qualities, share, demands }: Exercise): string =>
  [
    name,
    ...aliases,
    family,
    pattern,
    ...qualities,
    ...MUSCLES.filter((muscle) => (share[muscle] ?? 0) >= FOUND_SHARE),
    ...DEMANDS.filter((demand) => (demands[demand] ?? 0) >= FOUND_DEMAND),
  ]
    .join(' ')
    .toLowerCase();

function rankOf({ name }: Exercise, words: readonly string[]): number {
  const own = name.toLowerCase();
  if (words.length > 0 && own.startsWith(words[0] ?? '')) return 0;
  return words.every((word) => own.includes(word)) ? 1 : 2;
}

const worthOf = ({ demands }: Exercise, { sport }: Context): number =>
  DEMANDS.reduce((sum, demand) => sum + (demands[demand] ?? 0) * sport.demands[demand], 0);

/** Why an entry does not suit: kit, the day, or something that bars it for more than half of the squad. */
function whyNot(exercise: Exercise, context: Context): Reason | null {
  const { brief, method, library } = context;
  if (!hasKit(exercise, brief.place))
    return { code: 'kit_missing', rules: ['SEL-1'], facts: { exercise: exercise.name } };
  const row = (Object.keys(method.doses) as DoseRowId[]).find(
    (id) => exercise.qualities.includes(method.doses[id].quality) && doseRange(exercise, method.doses[id], library),
  );
  const dose = row && startDose(exercise, row, 'bottom', context);
  if (!row || !dose) return null;
  const day = judgeDay(exercise, row, dose, null, context);
  if (day) return day;
  const bars = brief.athletes.flatMap((athlete) => judgeOption({ exercise, row, dose }, athlete, context, false) ?? []);
  return bars.length * 2 > brief.athletes.length ? (bars[0] ?? null) : null;
}
