import { dayBudget } from '../../day';
import { DEMANDS } from '../../library';
import type { Template } from '../../method';
import { BANDED } from '../../season';
import type { Option, SlotOptions } from '../candidates/options';
import type { Context } from '../context';
import { CONTACT_SCALE, type EngineModel, type EngineOption } from '../engine/model';
import { askedQuotas, withQuotas } from './asked-quotas';
import { compileOption } from './compile-option';
import { coverageTable } from './coverage-table';
import { leastSeconds } from './least-seconds';
import { sessionSeconds } from './session-seconds';
import { slotField } from './slot-field';

const NONE: EngineOption = {
  lin: 0,
  timeS: 0,
  group: -1,
  groupS: 0,
  contacts: 0,
  rawContacts: 0,
  pattern: -1,
  demand: new Int32Array(DEMANDS.length),
  worksOn: [],
  knee: 0,
  hip: 0,
  bonuses: 0,
  quotas: 0,
  band: -1,
  sets: 0,
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
  const quotas = askedQuotas(template, context);
  const groups = [...new Set(slots.map(({ slot }) => slot.group ?? slot.id))];
  const pinned = (entry: SlotOptions): boolean => Object.hasOwn(brief.pins, entry.slot.id);
  const options = slots.map((entry): (Option | null)[] => {
    const none = (entry.slot.optional && !pinned(entry)) || entry.options.length === 0;
    return [...entry.options, ...(none ? [null] : [])];
  });
  // a drill of the warm-up is neither the session's leg work nor its jump
  const quotasOf = ({ slot }: SlotOptions): typeof quotas => (slot.block === 'prep' ? [] : quotas);
  const patternsPinned = new Set<number>();
  const compiled = slots.map((entry, i) => {
    const field = slotField(entry, context);
    const group = groups.indexOf(entry.slot.group ?? entry.slot.id);
    const made = (options[i] ?? []).map((option): EngineOption =>
      option ? withQuotas({ ...compileOption(option, entry, field, context), group }, option, quotasOf(entry)) : NONE,
    );
    const [first] = made;
    if (!first || !pinned(entry)) return made;
    // two pins of one movement are the coach's word, at however many numbers of sets
    const again = patternsPinned.has(first.pattern);
    patternsPinned.add(first.pattern);
    return again ? made.map((one) => ({ ...one, pattern: -1 })) : made;
  });
  const least = (of: (option: EngineOption) => number, which: (entry: SlotOptions) => boolean): number =>
    slots.reduce((sum, entry, i) => sum + (which(entry) ? Math.min(...(compiled[i] ?? []).map(of)) : 0), 0);
  const anyPinned = slots.some(pinned);
  const cheapestS = leastSeconds(compiled);
  // each group is counted with a way to it, and the first has none
  const free = time.transitionS;
  // a shortened session still holds what is hard in it
  const timeLimitS = free + Math.max(sessionSeconds(context), Math.min(brief.minutes * 60, cheapestS - free));
  return {
    options,
    model: {
      slots: compiled,
      timeLimitS: anyPinned ? Math.max(timeLimitS, cheapestS) : timeLimitS,
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
      quotaCount: quotas.length,
      patternCount: context.patterns.size,
      groupCount: groups.length,
      balance: {
        low: ledger.kneeHip[0],
        high: ledger.kneeHip[1],
        sets: choice.balanceSets,
        // a session for one side of the leg is asked for as such
        near: context.kind ? 0 : choice.balanceNear,
        far: context.kind ? 0 : choice.balanceFar,
      },
      missedQuota: choice.missedQuota,
      bands: setBands(context),
      offBand: choice.offBand,
      mostSets: context.kind ? Infinity : (brief.mostSets ?? Infinity),
      least: leastUsed(timeLimitS, budget.limit, template, context),
    },
  };
}

/**
 * Hard sets the session should hold: what its week leaves, else its part of the phase's row in a usual week; of presses
 * and pulls no more than of work that the knee leads.
 */
function setBands({ brief, method, kind }: Context): EngineModel['bands'] {
  // what was asked for by name is not a part of the week's plan
  if (kind) return [];
  const row = method.phases[brief.phase].weeklySets;
  const { usualSessions } = method.settings.choice;
  return BANDED.flatMap((kind) => {
    if (brief.sets) return [{ from: brief.sets[kind][0], to: brief.sets[kind][1] }];
    if (!row) return [];
    const [from, to] = kind === 'push' || kind === 'pull' ? [0, row.knee[1]] : row[kind];
    return [{ from: Math.ceil(from / usualSessions), to: Math.ceil(to / usualSessions) }];
  });
}

/** What a loading session should use of its minutes and contacts (SEL-9); nothing where the day or week takes away. */
function leastUsed(
  timeLimitS: number,
  contactLimit: number,
  { loading }: Template,
  { brief, limits, method }: Context,
): EngineModel['least'] {
  const { choice } = method.settings;
  const usual =
    loading && !limits.quiet && !brief.lighterWeek && brief.phase !== 'peak' && brief.phase !== 'transition';
  const jumped = usual && choice.jumpedPhases.includes(brief.phase);
  return {
    timeS: usual ? Math.round(timeLimitS * choice.leastTimeShare) : 0,
    ofS: timeLimitS,
    second: choice.unusedMinute / 60,
    contacts: jumped ? Math.ceil(contactLimit * CONTACT_SCALE * choice.leastContactShare) : 0,
    contact: choice.unusedContact / CONTACT_SCALE,
    contactsMost: choice.unusedContactsMost,
  };
}
