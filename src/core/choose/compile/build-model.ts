import { DEMANDS } from '../library';
import type { Template } from '../method';
import { compileOption } from './compile-option';
import { coverageTable, CONTACT_SCALE, type CompiledOption, type Model } from './objective';
import type { Context } from './context';
import { dayBudget } from './day-budget';
import type { SlotOptions } from './options';

const NONE: CompiledOption = {
  option: null,
  lin: 0,
  timeS: 0,
  contacts: 0,
  rawContacts: 0,
  pattern: -1,
  demand: new Int32Array(DEMANDS.length),
  knee: 0,
  hip: 0,
  bonuses: 0,
  quotas: 0,
};

/**
 * Compiles the slots of a template into the integer model. A slot that is optional, or whose day leaves it nothing
 * (WEEK-2), has an explicit *none*.
 */
export function buildModel(slots: readonly SlotOptions[], template: Template, context: Context): Model {
  const { brief, method, sport, jumpLevel, limits } = context;
  const { settings } = method;
  const budget = dayBudget(jumpLevel, false, context);
  const primerCap = limits.primerOnly ? settings.week.primerContacts : Infinity;
  const groups = new Set(slots.map(({ slot }) => slot.group ?? slot.id)).size;
  const compiled = slots.map((entry) => ({
    id: entry.slot.id,
    options: [
      ...entry.options.map((option) => withQuotas(compileOption(option, entry, context), template)),
      ...(entry.slot.optional || entry.options.length === 0 ? [NONE] : []),
    ],
  }));
  return {
    slots: compiled,
    timeLimitS: brief.minutes * 60 - (groups - 1) * settings.time.transitionS,
    contactLimit: budget.limit * CONTACT_SCALE,
    rawContactLimit: Math.min(budget.rawCap, primerCap),
    coverage: DEMANDS.map((demand) =>
      coverageTable(sport.demands[demand], settings.choice.coverageAt, settings.choice.coverageSlope),
    ),
    coveredStart: Int32Array.from(DEMANDS, (demand) => Math.round(brief.covered[demand] ?? 0)),
    kneeStart: Math.round(brief.balance.knee * 10),
    hipStart: Math.round(brief.balance.hip * 10),
    bonuses: context.bonuses,
    quotaCount: template.quotas.length,
    patternCount: context.patterns.size,
    context,
  };
}

function withQuotas(compiled: CompiledOption, template: Template): CompiledOption {
  const exercise = compiled.option?.exercise;
  if (!exercise) return compiled;
  const singleLeg = exercise.stance !== 'two-leg' && exercise.stance !== 'none';
  const quotas = template.quotas.reduce(
    (mask, quota, i) =>
      (quota.singleLeg ? singleLeg : quota.families.includes(exercise.family)) ? mask | (1 << i) : mask,
    0,
  );
  return { ...compiled, quotas };
}
