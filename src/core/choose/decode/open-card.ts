import { suitsOf, type Library } from '../../library';
import type { MethodTables, Slot, Template } from '../../method';
import type { Lead } from '../../season';
import { ok, type Result } from '../../result';
import type { Brief } from '../brief';
import { choosePrep } from '../candidates/choose-prep';
import { slotOptions, type Option, type SlotOptions } from '../candidates/options';
import { orderSlots } from '../candidates/order-slots';
import { openSlots, OTHER, roleSlots, type RoleSlot, type SlotSetting } from '../candidates/role-slots';
import { schoolSquats } from '../candidates/school-squats';
import { shapeSlots } from '../candidates/shape-slots';
import { templateFor } from '../candidates/template-for';
import { tierSlots } from '../candidates/tier-slots';
import { makeContext, type Context } from '../context';

export interface OpenCard {
  readonly template: { readonly id: string; readonly template: Template };
  /** its slots with what may stand in each */
  readonly filled: (of: Context) => SlotOptions[];
}

/** The session that is to be filled: the day's template, its slots by role and by the coach's hand. */
export function openCard(context: Context): Result<OpenCard> {
  const { brief, method } = context;
  const asked = { primer: brief.primer, kind: brief.shape.kind, liftLevel: context.rows.liftLevel };
  const template = templateFor(brief.minutes, context.limits, brief.schools.dayBefore, asked, method);
  if (!template.ok) return template;
  const ordered = orderSlots(template.value.template.slots, brief.schools.order);
  const setting = {
    minutes: brief.minutes,
    phase: brief.phase,
    quiet: context.limits.quiet,
    lead: leadOf(context),
    squats: schoolSquats(context),
  };
  const filled = (of: Context): SlotOptions[] => {
    // a session asked for by name has its own slots, whatever the week's roles
    const byName = template.value.id === brief.shape.kind;
    const asRole = byName ? openSlots(ordered, setting) : ledSlots(ordered, setting, of);
    const tiers = brief.schools.loading === 'tiers' && template.value.template.loading && !byName;
    const inRole = tiers ? tierSlots(asRole, brief.role?.role ?? 'A', method) : asRole;
    const open = shapeSlots(inRole, brief, context.library).map(({ slot, wide }) => {
      const own = slotOptions(slot, of);
      const beyond = wide ? slotOptions(wide, of) : null;
      // where nobody may do what the role asks for, the other kind is better than none
      return { ...(own.options.length === 0 && beyond ? beyond : own), beyond: beyond?.free ?? [] };
    });
    return choosePrep(open, of);
  };
  return ok({ template: template.value, filled });
}

/**
 * The slots as the session's role narrows them. Where nothing leads as it says, or no plan says it and only the other side
 * has a load that can be set, the main lift leans the other way and its single-leg work with it, so that the two still
 * differ (SEL-10).
 */
function ledSlots(slots: readonly Slot[], setting: SlotSetting, context: Context): RoleSlot[] {
  const { role } = context.brief;
  const asked = roleSlots(slots, role, setting);
  const leaders = leadersOf(asked, context);
  if (!leaders || (leaders.length > 0 && (role || leaders.some(isLoaded)))) return asked;
  const turned = roleSlots(slots, role && { ...role, leads: role.leads.map((lead) => OTHER[lead]) }, {
    ...setting,
    lead: OTHER[setting.lead],
  });
  const others = leadersOf(turned, context) ?? [];
  const leadsBetter = leaders.length === 0 ? others.length > 0 : others.some(isLoaded);
  return leadsBetter ? turned : asked;
}

/** What may lead a session; null = its template has no main lift. */
function leadersOf(slots: readonly RoleSlot[], context: Context): readonly Option[] | null {
  const main = slots.find(({ slot }) => slot.main && !slot.optional);
  return main ? slotOptions(main.slot, context).options : null;
}

const isLoaded = ({ exercise }: Option): boolean => suitsOf(exercise).includes('main');

/** Parts of a session that have to be there and that nothing fits. */
export function emptyParts(slots: readonly SlotOptions[], { limits }: Context): readonly SlotOptions[] {
  const warm = slots.some(({ slot, options }) => slot.block === 'prep' && options.length > 0);
  return slots.filter(
    ({ slot, options }) => options.length === 0 && !slot.optional && !limits.quiet && !(slot.block === 'prep' && warm),
  );
}

/** Whether a brief leaves a part of its session empty. */
export function leavesEmpty(brief: Brief, library: Library, method: MethodTables): boolean {
  const context = makeContext(brief, library, method);
  const open = openCard(context);
  return open.ok && emptyParts(open.value.filled(context), context).length > 0;
}

/** How the main lift leans where no plan deals it: as most athletes' focus asks, as what runs, else the side that got less lately. */
function leadOf({ brief, library }: Context): Lead {
  const { running, balance, athletes } = brief;
  const focused = (family: 'squat' | 'hinge'): boolean =>
    athletes.filter(({ focus }) => focus?.limits && focus.families.includes(family)).length * 2 > athletes.length;
  if (focused('hinge') !== focused('squat')) return focused('hinge') ? 'hip' : 'knee';
  const main = Object.hasOwn(running.entries, 'main') ? library.exercises.get(running.entries.main ?? '') : undefined;
  if (brief.keepRunning && main) return main.family === 'hinge' || main.family === 'single-leg-hip' ? 'hip' : 'knee';
  return balance.knee > balance.hip ? 'hip' : 'knee';
}
