import { squadView, type DayLine } from '../../day';
import type { Library } from '../../library';
import type { MethodTables } from '../../method';
import type { Lead } from '../../season';
import { fail, ok, type Issue, type Result } from '../../result';
import type { Card, Line } from '../../session';
import { assessCard, type Assessment } from '../assess/assess-card';
import type { Brief } from '../brief';
import { choosePrep } from '../candidates/choose-prep';
import { orderSlots } from '../candidates/order-slots';
import { slotOptions, type SlotOptions } from '../candidates/options';
import { openSlots, roleSlots } from '../candidates/role-slots';
import { tierSlots } from '../candidates/tier-slots';
import { shapeSlots } from '../candidates/shape-slots';
import { templateFor } from '../candidates/template-for';
import { buildModel, type Compiled } from '../compile/build-model';
import { makeContext, type Context } from '../context';
import type { EngineModel } from '../engine/model';
import type { Selection } from '../engine/search';
import { explainLine } from '../explain/explain-line';
import { findSwaps, type Swap } from '../explain/find-swaps';
import { searchToTheClock } from './search-to-the-clock';
import { substitutesFor } from './substitutes';

export interface SolvedCard {
  readonly card: Card;
  /** the card as each athlete does it */
  readonly view: readonly DayLine[];
  readonly assessment: Assessment;
  readonly points: number;
  /** by slot, best first */
  readonly swaps: Readonly<Record<string, readonly Swap[]>>;
}

/**
 * Chooses a session for a brief (SEL-1 to SEL-4, SEL-6, SEL-7): template, candidates, the best selection found, lines
 * with reasons, each athlete's own day, and what every line could be swapped for.
 * @returns the card, or `no_athletes`, `event_day`, `too_few_minutes`, `no_template`, `slot_empty` or `does_not_fit`
 */
export function solveCard(brief: Brief, library: Library, method: MethodTables): Result<SolvedCard> {
  if (brief.athletes.length === 0) return fail('no_athletes', ['athletes']);
  const context = makeContext(brief, library, method);
  const asked = { primer: brief.primer, kind: brief.shape.kind, liftLevel: context.rows.liftLevel };
  const template = templateFor(brief.minutes, context.limits, brief.schools.dayBefore, asked, method);
  if (!template.ok) return template;
  const ordered = orderSlots(template.value.template.slots, brief.schools.order);
  const setting = {
    minutes: brief.minutes,
    phase: brief.phase,
    quiet: context.limits.quiet,
    lead: leadOf(context),
    squats: brief.schools.mainSquat === 'by profile' ? null : method.settings.lifts.mainSquat[brief.schools.mainSquat],
  };
  const filled = (of: Context): SlotOptions[] => {
    // a session asked for by name has its own slots, whatever the week's roles
    const byName = template.value.id === brief.shape.kind;
    const asRole = byName ? openSlots(ordered, setting) : roleSlots(ordered, brief.role, setting);
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
  let slots = filled(context);
  const warm = slots.some(({ slot, options }) => slot.block === 'prep' && options.length > 0);
  const empty = slots.filter(
    ({ slot, options }) =>
      options.length === 0 && !slot.optional && !context.limits.quiet && !(slot.block === 'prep' && warm),
  );
  if (empty.length > 0)
    return {
      ok: false,
      issues: empty.map(({ slot }): Issue => ({ code: 'slot_empty', path: [slot.id], facts: { block: slot.block } })),
    };
  let compiled = buildModel(slots, template.value.template, context);
  let found = searchToTheClock(slots, compiled, context);
  if (!found) {
    // there is no time for all the sets of its mains
    slots = filled({ ...context, mainsWhole: false });
    compiled = buildModel(slots, template.value.template, context);
    found = searchToTheClock(slots, compiled, context);
  }
  if (!found) {
    if (brief.keepRunning) return solveCard({ ...brief, keepRunning: false }, library, method);
    return fail('does_not_fit', ['minutes'], { minutes: brief.minutes, least: leastMinutes(compiled.model, brief) });
  }
  const { selection, model } = found;
  const lines = toLines(slots, compiled, selection, context);
  const card: Card = {
    template: template.value.id,
    phase: brief.phase,
    minutes: brief.minutes,
    lines,
    typed: brief.typed.filter(({ slot }) => lines.some((line) => line.slot === slot)),
    shape: brief.shape,
  };
  const view = squadView(card, brief.athletes, context);
  return ok({
    card,
    view,
    assessment: assessCard(card, view, context),
    points: selection.points,
    swaps: findSwaps(slots, { ...compiled, model }, selection, template.value.template, context),
  });
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

function leastMinutes(model: EngineModel, { minutes }: Brief): number {
  const work = model.slots.reduce((sum, options) => sum + Math.min(...options.map((option) => option.timeS)), 0);
  return Math.ceil((work + minutes * 60 - model.timeLimitS) / 60);
}

function toLines(slots: readonly SlotOptions[], { options }: Compiled, { picks }: Selection, context: Context): Line[] {
  const { pins } = context.brief;
  const chosen = slots.map((_, i) => options[i]?.[picks[i] ?? 0] ?? null);
  const taken = new Set(chosen.flatMap((option) => option?.exercise.pattern ?? []));
  return slots.flatMap((entry, i) => {
    const { slot } = entry;
    const option = chosen[i];
    if (!option) return [];
    const pin = Object.hasOwn(pins, slot.id) ? pins[slot.id] : undefined;
    return [
      {
        slot: slot.id,
        block: slot.block,
        group: slot.group,
        exerciseId: option.exercise.id,
        row: option.row,
        dose: option.dose,
        full: pin?.typed ? null : option.full,
        reasons: explainLine(option, slot, context),
        pinned: pin?.byCoach ?? false,
        typed: pin?.typed ?? false,
        substitutes: substitutesFor(entry, option, taken, context),
        note: pin?.said?.note ?? null,
        only: pin?.said?.only ?? null,
        ...(pin?.said?.override ? { override: pin.said.override } : {}),
      },
    ];
  });
}
