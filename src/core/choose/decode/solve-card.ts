import { getExercise, type Library } from '../library';
import { layOut } from '../order';
import type { MethodTables } from '../method';
import { fail, ok, type Issue, type Result } from '../result';
import type { Card, Line } from '../session';
import type { Brief } from './brief';
import { buildModel } from './build-model';
import { makeContext, type Context } from './context';
import { explainLine } from './explain-line';
import { findSwaps, type Swap } from './find-swaps';
import { fitSquad } from './fit-squad';
import type { Model } from './objective';
import { orderSlots } from './order-slots';
import { slotOptions, type SlotOptions } from './options';
import { search, type Selection } from './search';
import { templateFor } from './template-for';

export interface SolvedCard {
  readonly card: Card;
  readonly points: number;
  /** by slot, best first */
  readonly swaps: Readonly<Record<string, readonly Swap[]>>;
}

/**
 * Chooses a session for a brief (SEL-1 to SEL-4, SEL-6, SEL-7): template, candidates, the best selection found, lines
 * with reasons, each athlete's own lines, and what every line could be swapped for.
 * @returns the card, or `no_athletes`, `too_few_minutes`, `no_template`, `slot_empty` or `does_not_fit`
 */
export function solveCard(brief: Brief, library: Library, method: MethodTables): Result<SolvedCard> {
  if (brief.athletes.length === 0) return fail('no_athletes', ['athletes']);
  const context = makeContext(brief, library, method);
  const template = templateFor(brief.minutes, context.limits, brief.schools.dayBefore, method);
  if (!template.ok) return template;
  const slots = orderSlots(template.value.template.slots, brief.schools.order).map((slot) =>
    slotOptions(slot, context),
  );
  const empty = slots.filter(({ slot, options }) => options.length === 0 && !slot.optional && !context.limits.quiet);
  if (empty.length > 0)
    return {
      ok: false,
      issues: empty.map(({ slot }): Issue => ({ code: 'slot_empty', path: [slot.id], facts: { block: slot.block } })),
    };
  const model = buildModel(slots, template.value.template, context);
  const found = searchToTheClock(slots, model, context);
  if (!found) {
    if (brief.keepPrevious) return solveCard({ ...brief, keepPrevious: false }, library, method);
    return fail('does_not_fit', ['minutes'], { minutes: brief.minutes, least: leastMinutes(model) });
  }
  const { selection, lines } = found;
  const overrides = fitSquad(lines, slots, context);
  const card: Card = { template: template.value.id, phase: brief.phase, minutes: brief.minutes, lines, overrides };
  return ok({
    card,
    points: selection.points,
    swaps: findSwaps(slots, found.model, selection, template.value.template),
  });
}

/** Times the search is run again with less time when the laid-out card runs over. */
const CLOCK_ROUNDS = 6;
/** Least that is taken off each time: a few seconds over would otherwise take many rounds. */
const LEAST_STEP_S = 20;

interface Found {
  readonly selection: Selection;
  readonly lines: Line[];
  /** with the time limit the selection was found under */
  readonly model: Model;
}

/**
 * The model counts time slot by slot; the laid-out card knows how pairs interlock. When the real clock runs over, the
 * search runs again with that much less.
 */
function searchToTheClock(slots: readonly SlotOptions[], model: Model, context: Context): Found | null {
  const limitS = context.brief.minutes * 60;
  let tightened = model;
  let last: Found | null = null;
  for (let round = 0; round < CLOCK_ROUNDS; round++) {
    const selection = search(tightened);
    if (!selection) return last;
    const lines = toLines(slots, model, selection, context);
    last = { selection, lines, model: tightened };
    const overS =
      layOut(
        lines.map((line) => ({ ...line, exercise: getExercise(context.library, line.exerciseId) })),
        context.method.settings,
      ).totalS - limitS;
    if (overS <= 0) break;
    tightened = { ...tightened, timeLimitS: tightened.timeLimitS - Math.max(LEAST_STEP_S, overS) };
  }
  return last;
}

function leastMinutes(model: Model): number {
  const work = model.slots.reduce((sum, { options }) => sum + Math.min(...options.map((option) => option.timeS)), 0);
  return Math.ceil((work + model.context.brief.minutes * 60 - model.timeLimitS) / 60);
}

function toLines(slots: readonly SlotOptions[], model: Model, selection: Selection, context: Context): Line[] {
  return slots.flatMap(({ slot }, i) => {
    const option = model.slots[i]?.options[selection.picks[i] ?? 0]?.option;
    if (!option) return [];
    return [
      {
        slot: slot.id,
        block: slot.block,
        group: slot.group,
        exerciseId: option.exercise.id,
        row: option.row,
        dose: option.dose,
        reasons: explainLine(option, slot, context),
        pinned: context.brief.pins[slot.id]?.byCoach ?? false,
      },
    ];
  });
}
