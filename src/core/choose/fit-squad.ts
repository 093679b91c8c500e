import type { AthleteFacts } from '../athlete';
import { contactsOf } from '../jumps';
import { getExercise } from '../library';
import { athleteLines, type Line, type Override } from '../session';
import { isKnown, type Context } from './context';
import { dayBudget } from './day-budget';
import { fitAthlete } from './fit-athlete';
import type { Option, SlotOptions } from './options';

/**
 * Each athlete's own lines (SEL-6): what differs from the squad's card, and no more landings than the athlete's own
 * budget holds (JUMP-8). An entry stands once on a card, whoever's it is.
 */
export function fitSquad(lines: readonly Line[], slots: readonly SlotOptions[], context: Context): Override[] {
  const ranked = new Map(slots.map(({ slot, free }) => [slot.id, rankAlone(free, context)]));
  return context.brief.athletes.flatMap((athlete) => {
    const taken = new Set(lines.map((line) => line.exerciseId));
    const own = lines.flatMap((line) => {
      const fitted = fitAthlete(line, athlete, ranked.get(line.slot) ?? [], taken, context);
      if (fitted?.exerciseId) taken.add(fitted.exerciseId);
      return fitted ? [fitted] : [];
    });
    return trimToBudget(lines, own, athlete, context);
  });
}

/** Options by what they cover for the sport, best first; one dose an entry, the smaller one. */
function rankAlone(options: readonly Option[], { sport }: Context): Option[] {
  const worth = ({ exercise }: Option): number =>
    Object.entries(exercise.demands).reduce(
      (sum, [demand, points]) => sum + points * sport.demands[demand as keyof typeof sport.demands],
      0,
    );
  const one = options.filter(
    (option, i) => !options.slice(i + 1).some((later) => later.exercise.id === option.exercise.id),
  );
  return one
    .map((option) => ({ option, points: worth(option) }))
    .sort((a, b) => b.points - a.points)
    .map(({ option }) => option);
}

/**
 * Takes sets off an athlete's jumps, last line first, until they fit the athlete's own budget. High-tier contacts of an
 * athlete above 100 kg cost more (JUMP-3). Lines the coach typed stay.
 */
function trimToBudget(
  lines: readonly Line[],
  own: readonly Override[],
  athlete: AthleteFacts,
  context: Context,
): Override[] {
  const { method, library } = context;
  const { jump, youth } = method.settings;
  const { limit } = dayBudget(
    isKnown(athlete) ? athlete.jumpLevel : 'foundation',
    (athlete.growthCmPerMonth ?? 0) > youth.growthCmPerMonth,
    context,
  );
  const heavy = (athlete.bodyMassKg ?? 0) > jump.heavyBodyMassKg;
  const costs = athleteLines({ lines, overrides: own }, athlete.id).map((line) => {
    const contacts = contactsOf(getExercise(library, line.exerciseId), line.dose, method.settings);
    const dear = heavy && (contacts.tier === 'high' || contacts.tier === 'shock');
    return { line, cost: contacts.weighted * (dear ? jump.heavyHighTierCost : 1) };
  });
  let over = costs.reduce((sum, { cost }) => sum + cost, 0) - limit;
  const trimmed = new Map(own.map((override) => [override.slot, override]));
  for (const { line, cost } of costs.reverse()) {
    const current = trimmed.get(line.line.slot);
    if (over <= 0 || cost === 0 || current?.typed || line.line.pinned) continue;
    const perSet = cost / line.dose.sets;
    const sets = Math.max(1, line.dose.sets - Math.ceil(over / perSet));
    over -= (line.dose.sets - sets) * perSet;
    if (sets === line.dose.sets) continue;
    trimmed.set(line.line.slot, {
      slot: line.line.slot,
      athleteId: athlete.id,
      exerciseId: line.exerciseId,
      row: line.row,
      dose: { ...line.dose, sets },
      reasons: [
        ...(current?.reasons ?? []),
        {
          code: 'contacts_trimmed',
          rules: heavy ? ['JUMP-8', 'JUMP-3'] : ['JUMP-8'],
          facts: { limit, from: line.dose.sets, to: sets },
        },
      ],
      typed: false,
    });
  }
  return lines.flatMap((line) => trimmed.get(line.slot) ?? []);
}
