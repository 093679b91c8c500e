import type { AthleteFacts } from '../athlete';
import { contactsOf, jumpBudget, type JumpBudget } from '../jumps';
import type { Level } from '../library';
import type { DayContext } from './day-context';
import { legsReturn } from './ease-for-return';
import { easedTo, type WorkingLine } from './working-line';

/**
 * The contact budget of a day for a jump level (JUMP-8): one place says what of the day shapes it.
 * @param growth whether the athlete is growing fast (SAFE-3); the squad as a whole is not
 */
export const dayBudget = (
  jumpLevel: Level,
  growth: boolean,
  {
    phase,
    schools,
    place,
    method,
    lighterWeek,
    practiceJumps,
    contactsBefore,
  }: Pick<DayContext, 'phase' | 'schools' | 'place' | 'method' | 'lighterWeek' | 'practiceJumps' | 'contactsBefore'>,
): JumpBudget =>
  jumpBudget(
    {
      jumpLevel,
      phase,
      lighterWeek,
      cautious: schools.contacts === 'cautious',
      unfamiliarOrHardSurface: place.hardSurface,
      growth,
      practiceJumps,
      before: contactsBefore,
    },
    method,
  );

/** An athlete's own budget on a day: START-2 takes the foundation line, fast growth less of it, the way back its phase's part. */
export const athleteBudget = (athlete: AthleteFacts, context: DayContext): JumpBudget =>
  dayBudget(
    athlete.caution === 'gentle' ? 'foundation' : athlete.jumpLevel,
    (athlete.growthCmPerMonth ?? 0) > context.method.settings.youth.growthCmPerMonth,
    legsReturn(athlete, context) ? { ...context, phase: 'return' } : context,
  );

interface Cost {
  readonly weighted: number;
  readonly raw: number;
}

/** A line's landings for one athlete; high-tier contacts of an athlete above 100 kg cost more (JUMP-3). */
export function landingCost(
  { exercise, dose }: Pick<WorkingLine, 'exercise' | 'dose'>,
  athlete: AthleteFacts,
  { method }: Pick<DayContext, 'method'>,
): Cost {
  const { jump } = method.settings;
  const { raw, weighted, tier } = contactsOf(exercise, dose, method.settings);
  const dear = (athlete.bodyMassKg ?? 0) > jump.heavyBodyMassKg && (tier === 'high' || tier === 'shock');
  return { raw, weighted: weighted * (dear ? jump.heavyHighTierCost : 1) };
}

/**
 * Takes sets off an athlete's jumps, last line first, until both counts fit the athlete's own budget, and the primer's raw
 * contacts before an event; a line that still does not fit at one set is left out. What the coach typed stays (DOSE-12).
 * @param lines in the order of the card; null = left out already
 */
export function trimContacts(
  lines: readonly (WorkingLine | null)[],
  athlete: AthleteFacts,
  context: DayContext,
): (WorkingLine | null)[] {
  const { method, limits } = context;
  const budget = athleteBudget(athlete, context);
  const rawLimit = limits.primerOnly ? Math.min(budget.rawCap, method.settings.week.primerContacts) : budget.rawCap;
  const costs = lines.map((line) => (line ? landingCost(line, athlete, context) : { raw: 0, weighted: 0 }));
  let overWeighted = sum(costs.map(({ weighted }) => weighted)) - budget.limit;
  let overRaw = sum(costs.map(({ raw }) => raw)) - rawLimit;
  const fits = (): boolean => overWeighted <= 1e-9 && overRaw <= 0;
  const trimmed = [...lines];
  const heavy = (athlete.bodyMassKg ?? 0) > method.settings.jump.heavyBodyMassKg;
  const cutTo = (least: number): void => {
    for (let i = trimmed.length - 1; i >= 0 && !fits(); i--) {
      const line = trimmed[i];
      const cost = costs[i];
      if (!line || !cost || cost.raw === 0 || line.typed) continue;
      const sets = line.dose.sets;
      const each = { weighted: cost.weighted / sets, raw: cost.raw / sets };
      const off = Math.min(sets - least, Math.ceil(Math.max(overWeighted / each.weighted, overRaw / each.raw) - 1e-9));
      if (off <= 0) continue;
      overWeighted -= off * each.weighted;
      overRaw -= off * each.raw;
      costs[i] = { weighted: cost.weighted - off * each.weighted, raw: cost.raw - off * each.raw };
      trimmed[i] =
        sets === off
          ? null
          : easedTo(
              line,
              { ...line.dose, sets: sets - off },
              {
                code: 'contacts_trimmed',
                rules: heavy ? ['JUMP-8', 'JUMP-3'] : ['JUMP-8'],
                facts: { limit: budget.limit, from: sets, to: sets - off },
              },
            );
    }
  };
  cutTo(1);
  cutTo(0);
  return trimmed;
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
