import type { AthleteFacts } from '../../athlete';
import { athleteBudget, judgeDay, judgeOption, type DayLine } from '../../day';
import { contactsOf } from '../../jumps';
import { getExercise, type Exercise } from '../../library';
import type { Facts, Finding, Reason } from '../../result';
import { heavyFamilies, whyQuiet } from '../../season';
import { isUngated, type Card, type Line } from '../../session';
import type { Context } from '../context';
import { aboveMaximum, isYoung, loadHere, maximumOf, overYouth, withShare } from './check-load';

/**
 * What stands against a person's word on a card (DOSE-12). SAFE, gates and WEEK-2 refuse; kit, the e1RM and contacts are
 * said at the line with the number.
 */
export function checkTyped(card: Pick<Card, 'lines' | 'typed'>, view: readonly DayLine[], context: Context): Finding[] {
  return [
    ...heavyByHand(card.lines, context),
    ...card.lines.flatMap((line) => checkLine(line, view, context)),
    ...card.typed.flatMap((own) => checkOwn(own, card, context)),
  ];
}

/** Heavy lower-body work near an event where the coach's own dose makes it so (WEEK-2). */
function heavyByHand(lines: readonly Line[], { limits, library, method }: Context): Finding[] {
  if (!limits.quiet) return [];
  const entries = lines.map((line) => ({ ...line, exercise: getExercise(library, line.exerciseId) }));
  const without = heavyFamilies(
    entries.filter(({ typed }) => !typed),
    method,
  );
  return heavyFamilies(entries, method)
    .filter((family) => !without.includes(family))
    .map((family) => ({
      severity: 'forbid',
      code: 'heavy_on_quiet_day',
      rules: whyQuiet(limits).rules,
      facts: {
        family,
        ...whyQuiet(limits).facts,
        slot: entries.find((entry) => entry.typed && entry.exercise.family === family)?.slot ?? 'card',
      },
    }));
}

function checkLine(line: Line, view: readonly DayLine[], context: Context): Finding[] {
  const exercise = getExercise(context.library, line.exerciseId);
  const { athletes } = context.brief;
  const found: Finding[] = [];
  if (line.pinned) {
    const day = judgeDay(exercise, line.row, line.dose, null, context);
    if (day && day.code === 'day_bars_tier') found.push(refused(day, line.slot));
    const over = line.override ?? null;
    const barOf = (athlete: AthleteFacts, ungated: boolean): Reason | null =>
      judgeOption({ exercise, row: line.row, dose: line.dose }, athlete, context, ungated);
    const isLetThrough = ({ id }: AthleteFacts): boolean => isUngated(line, exercise.id, id);
    const bars = athletes.map((athlete) => barOf(athlete, isLetThrough(athlete)));
    if (over !== null) {
      const through = athletes.filter(isLetThrough);
      const gated = through.map((athlete) => barOf(athlete, false));
      const whom: Facts = line.overrideFor ? { whom: through.map(({ name }) => name) } : {};
      found.push(...overridden(line.slot, over, gated, whom));
    }
    const [first] = bars;
    // nobody may do what was put here: better said than left out for everybody
    if (first && bars.every((bar) => bar !== null)) found.push(refused(first, line.slot));
  }
  if (!line.typed) return found;
  const young = athletes.length > 0 && athletes.every(({ ageYears }) => isYoung(ageYears, context));
  if (young) found.push(...overYouth(line.dose, line.slot, context));
  found.push(...loadHere(line.dose, exercise, line.slot, context));
  found.push(...aboveMaximum(line, exercise, view, context));
  return found;
}

/** One athlete's typed line, judged whole: nobody else's line makes it right. */
function checkOwn(own: Card['typed'][number], card: Pick<Card, 'lines'>, context: Context): Finding[] {
  const athlete = context.brief.athletes.find(({ id }) => id === own.athleteId);
  const exercise = own.exerciseId === null ? undefined : context.library.exercises.get(own.exerciseId);
  if (!athlete || !exercise) return [];
  const who = { slot: own.slot, athleteId: athlete.id, athlete: athlete.name };
  const found: Finding[] = [];
  const line = card.lines.find(({ slot }) => slot === own.slot);
  const ungated = line !== undefined && isUngated(line, exercise.id, athlete.id);
  const bar =
    judgeOption({ exercise, row: own.row, dose: own.dose }, athlete, context, ungated) ??
    judgeDay(exercise, own.row, withShare(own.dose, exercise, athlete.e1rmKg), athlete, context);
  if (bar) found.push({ ...bar, severity: 'forbid', facts: { ...bar.facts, ...who } });
  if (isYoung(athlete.ageYears, context))
    found.push(...overYouth(withShare(own.dose, exercise, athlete.e1rmKg), own.slot, context));
  found.push(...loadHere(own.dose, exercise, own.slot, context));
  const top = maximumOf(exercise, athlete.e1rmKg);
  if (top !== null && own.dose.loadKg !== null && own.dose.loadKg > top)
    found.push({
      severity: 'warn',
      code: 'load_above_maximum',
      rules: ['DOSE-12'],
      facts: { loadKg: own.dose.loadKg, e1rmKg: Math.round(top * 10) / 10, ...who, count: 1 },
    });
  found.push(...ownContacts(own, card, athlete, exercise, context));
  return found;
}

/** Typed landings over the athlete's own budget: they stay, and it is said. */
function ownContacts(
  own: Card['typed'][number],
  card: Pick<Card, 'lines'>,
  athlete: Context['brief']['athletes'][number],
  exercise: Exercise,
  context: Context,
): Finding[] {
  const { limit } = athleteBudget(athlete, context.forAthlete(athlete.id));
  const counted = contactsOf(exercise, own.dose, context.method.settings).weighted;
  const written = card.lines.find(({ slot }) => slot === own.slot);
  return counted > limit && written
    ? [
        {
          severity: 'warn',
          code: 'over_contacts',
          rules: ['JUMP-8'],
          facts: { weighted: counted, limit, slot: own.slot, athlete: athlete.name },
        },
      ]
    : [];
}

/** A gate that the coach's written reason overrides stays in sight, with how many it is not met by, or for whom (JUMP-2). */
function overridden(slot: string, why: string, gated: readonly (Reason | null)[], whom: Facts): Finding[] {
  const closed = gated.filter((bar) => bar?.code === 'gate_not_met');
  const [first] = closed;
  return first
    ? [
        {
          severity: 'warn',
          code: 'gate_overridden',
          rules: ['JUMP-2'],
          facts: { ...first.facts, slot, why, count: closed.length, of: gated.length, ...whom },
        },
      ]
    : [];
}

const refused = (reason: Reason, slot: string): Finding => ({
  ...reason,
  severity: 'forbid',
  facts: { ...reason.facts, slot },
});
