import { dayView, lesserDose, squadView, startDose, type DayLine } from '../../day';
import type { Library } from '../../library';
import type { MethodTables } from '../../method';
import { fail, ok, type Result } from '../../result';
import type { Card, Substitute, TypedLine } from '../../session';
import type { Brief } from '../brief';
import { makeContext } from '../context';

/** What a coach gives one athlete on a line: one step less, one of the doses that are written on it, or another entry. */
export type Given = { readonly kind: 'less' | 'other' } | ({ readonly kind: 'entry' } & Substitute);

/**
 * One athlete's own line as the coach asks for it, with the dose and load it has for them today.
 * @returns the line as typed for the athlete, or `nothing_to_give` where the line has no less or other, or the reason that
 * bars it for this athlete
 */
export function giveOwn(
  card: Pick<Card, 'lines' | 'typed'>,
  at: { readonly slot: string; readonly athleteId: string },
  given: Given,
  brief: Brief,
  library: Library,
  method: MethodTables,
): Result<TypedLine> {
  const context = makeContext(brief, library, method);
  const line = card.lines.find(({ slot }) => slot === at.slot);
  const athlete = brief.athletes.find(({ id }) => id === at.athleteId);
  if (!line || !athlete) return fail('nothing_to_give', ['athleteId']);
  const view = squadView(card, brief.athletes, context).filter(({ slot }) => slot === at.slot);
  if (given.kind === 'less') {
    const own = view.find(({ athleteId }) => athleteId === athlete.id);
    const exerciseId = own?.exerciseId ?? line.exerciseId;
    const { row, dose: written } = own?.exerciseId == null ? line : own;
    const dose = lesserDose({ exerciseId, row, dose: written }, context);
    return dose ? ok({ ...at, exerciseId, row, dose }) : none();
  }
  const to = given.kind === 'entry' ? given : otherOf(view, line.substitutes);
  const exercise = to && library.exercises.get(to.exerciseId);
  const dose = exercise && startDose(exercise, to.row, 'bottom', context);
  if (!to || !dose) return none();
  const [found] = dayView(
    { lines: [{ ...line, ...to, dose, full: null, typed: false, substitutes: [] }], typed: [] },
    athlete,
    context,
  );
  if (found?.exerciseId == null)
    return { ok: false, issues: (found?.reasons ?? []).map((why) => ({ ...why, path: [at.slot] })) };
  return ok({ ...at, exerciseId: found.exerciseId, row: found.row, dose: found.dose });
}

const none = (): Result<TypedLine> => fail('nothing_to_give', ['slot']);

/** The other dose that is on the line already, so that it stays at four; else its best substitute. */
function otherOf(view: readonly DayLine[], substitutes: readonly Substitute[]): Substitute | undefined {
  const there = view.find(({ variant }) => variant === 'other') ?? view.find(({ variant }) => variant === 'safe');
  return there?.exerciseId != null ? { exerciseId: there.exerciseId, row: there.row } : substitutes[0];
}
