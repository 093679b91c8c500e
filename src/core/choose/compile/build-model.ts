import { dayBudget } from '../../day';
import { DEMANDS } from '../../library';
import type { Template } from '../../method';
import type { Option, SlotOptions } from '../candidates/options';
import type { Context } from '../context';
import { CONTACT_SCALE, type EngineModel, type EngineOption } from '../engine/model';
import { compileOption } from './compile-option';
import { coverageTable } from './coverage-table';

const NONE: EngineOption = {
  lin: 0,
  timeS: 0,
  contacts: 0,
  rawContacts: 0,
  pattern: -1,
  demand: new Int32Array(DEMANDS.length),
  worksOn: [],
  knee: 0,
  hip: 0,
  bonuses: 0,
  quotas: 0,
};

/** The engine's model beside what its numbers stand for: `options[slot][pick]`, null = none. */
export interface Compiled {
  readonly model: EngineModel;
  readonly options: readonly (readonly (Option | null)[])[];
}

/**
 * Compiles the slots of a template into the integer model. A slot that is optional, or whose day leaves it nothing
 * (WEEK-2), has an explicit *none*; one the coach filled has not, and what is pinned always fits: what it breaks is said
 * at the line (DOSE-12).
 */
export function buildModel(slots: readonly SlotOptions[], template: Template, context: Context): Compiled {
  const { brief, method, sport, jumpLevel, limits } = context;
  const { choice, ledger, week, time } = method.settings;
  const budget = dayBudget(jumpLevel, false, context);
  const primerCap = limits.primerOnly ? week.primerContacts : Infinity;
  const groups = new Set(slots.map(({ slot }) => slot.group ?? slot.id)).size;
  const pinned = (entry: SlotOptions): boolean => Object.hasOwn(brief.pins, entry.slot.id);
  const options = slots.map((entry): (Option | null)[] => {
    const none = (entry.slot.optional && !pinned(entry)) || entry.options.length === 0;
    return [...entry.options, ...(none ? [null] : [])];
  });
  const patternsPinned = new Set<number>();
  const compiled = slots.map((entry, i) =>
    (options[i] ?? []).map((option): EngineOption => {
      if (!option) return NONE;
      const one = withQuotas(compileOption(option, entry, context), option, template);
      if (!pinned(entry)) return one;
      // two pins of one movement are the coach's word
      const again = patternsPinned.has(one.pattern);
      patternsPinned.add(one.pattern);
      return again && entry.options.length === 1 ? { ...one, pattern: -1 } : one;
    }),
  );
  const least = (of: (option: EngineOption) => number, which: (entry: SlotOptions) => boolean): number =>
    slots.reduce((sum, entry, i) => sum + (which(entry) ? Math.min(...(compiled[i] ?? []).map(of)) : 0), 0);
  const anyPinned = slots.some(pinned);
  const timeLimitS = brief.minutes * 60 - (groups - 1) * time.transitionS;
  return {
    options,
    model: {
      slots: compiled,
      timeLimitS: anyPinned
        ? Math.max(
            timeLimitS,
            least(
              ({ timeS }) => timeS,
              () => true,
            ),
          )
        : timeLimitS,
      contactLimit: Math.max(
        budget.limit * CONTACT_SCALE,
        least(({ contacts }) => contacts, pinned),
      ),
      rawContactLimit: Math.max(
        Math.min(budget.rawCap, primerCap),
        least(({ rawContacts }) => rawContacts, pinned),
      ),
      coverage: DEMANDS.map((demand) => coverageTable(sport.demands[demand], choice.coverageAt, choice.coverageSlope)),
      coveredStart: Int32Array.from(DEMANDS, (demand) => Math.round(brief.covered[demand] ?? 0)),
      kneeStart: Math.round(brief.balance.knee * 10),
      hipStart: Math.round(brief.balance.hip * 10),
      bonuses: context.bonuses.map(({ points }) => points),
      quotaCount: template.quotas.length,
      patternCount: context.patterns.size,
      balance: {
        low: ledger.kneeHip[0],
        high: ledger.kneeHip[1],
        sets: choice.balanceSets,
        near: choice.balanceNear,
        far: choice.balanceFar,
      },
      missedQuota: choice.missedQuota,
    },
  };
}

function withQuotas(compiled: EngineOption, { exercise }: Option, template: Template): EngineOption {
  const singleLeg = exercise.stance !== 'two-leg' && exercise.stance !== 'none';
  const quotas = template.quotas.reduce(
    (mask, quota, i) =>
      (quota.singleLeg ? singleLeg : quota.families.includes(exercise.family)) ? mask | (1 << i) : mask,
    0,
  );
  return { ...compiled, quotas };
}
