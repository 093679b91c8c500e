import type { Library } from '../library';
import type { MethodTables } from '../method';
import { fail, ok, type Issue, type Result } from '../result';
import type { Card, Line, Override } from '../session';
import type { Brief } from './brief';
import { buildModel } from './build-model';
import { makeContext, type Context } from './context';
import { explainLine } from './explain-line';
import { fitAthlete } from './fit-athlete';
import type { Model } from './objective';
import { slotOptions, type Option, type SlotOptions } from './options';
import { search, value, type Selection } from './search';
import { templateFor } from './template-for';

/** What could stand in a slot instead, with what it would cost (SEL-4). */
export interface Swap {
  readonly exerciseId: string;
  readonly lossPoints: number;
  readonly lossShare: number;
}

export interface SolvedCard {
  readonly card: Card;
  readonly points: number;
  /** by slot, best first */
  readonly swaps: Readonly<Record<string, readonly Swap[]>>;
}

/** Swaps offered for one line. */
const SWAPS = 7;

/**
 * Chooses a session for a brief (SEL-1 to SEL-4, SEL-6, SEL-7): template, candidates, the best selection found, lines
 * with reasons, each athlete's own lines, and what every line could be swapped for.
 * @returns the card, or `no_athletes`, `too_few_minutes`, `no_template`, `slot_empty` or `does_not_fit`
 */
export function solveCard(brief: Brief, library: Library, method: MethodTables): Result<SolvedCard> {
  if (brief.athletes.length === 0) return fail('no_athletes', ['athletes']);
  const context = makeContext(brief, library, method);
  const template = templateFor(brief.minutes, context.limits, method);
  if (!template.ok) return template;
  const slots = template.value.template.slots.map((slot) => slotOptions(slot, context));
  const empty = slots.filter(({ slot, options }) => options.length === 0 && !slot.optional && !context.limits.quiet);
  if (empty.length > 0)
    return { ok: false, issues: empty.map(({ slot }): Issue => ({ code: 'slot_empty', path: [slot.id], facts: { block: slot.block } })) };
  const model = buildModel(slots, template.value.template, context);
  const selection = search(model);
  if (!selection) {
    if (brief.keepPrevious) return solveCard({ ...brief, keepPrevious: false }, library, method);
    return fail('does_not_fit', ['minutes'], { minutes: brief.minutes, least: leastMinutes(model) });
  }
  const lines = toLines(slots, model, selection, context);
  const freeSlots = slots.map(({ slot }) => slotOptions(slot, context, true));
  const overrides = fitSquad(lines, freeSlots, context);
  const card: Card = { template: template.value.id, phase: brief.phase, minutes: brief.minutes, lines, overrides };
  return ok({ card, points: selection.points, swaps: findSwaps(freeSlots, model, selection, template.value.template, context) });
}

function leastMinutes(model: Model): number {
  const work = model.slots.reduce((sum, { options }) => sum + Math.min(...options.map((option) => option.timeS)), 0);
  return Math.ceil((work + model.context.brief.minutes * 60 - model.timeLimitS) / 60);
}

function toLines(slots: readonly SlotOptions[], model: Model, selection: Selection, context: Context): Line[] {
  return slots.flatMap(({ slot }, i) => {
    const option = model.slots[i]?.options[selection.picks[i] ?? 0]?.option;
    if (!option) return [];
    return [{ slot: slot.id, block: slot.block, group: slot.group, exerciseId: option.exercise.id, row: option.row, dose: option.dose, reasons: explainLine(option, slot, context), pinned: slot.id in context.brief.pins }];
  });
}

/** Each athlete's own lines; an entry stands once on a card, whoever's it is. */
export function fitSquad(lines: readonly Line[], freeSlots: readonly SlotOptions[], context: Context): Override[] {
  const ranked = new Map(freeSlots.map(({ slot, options }) => [slot.id, rankAlone(options, context)]));
  return context.brief.athletes.flatMap((athlete) => {
    const taken = new Set(lines.map((line) => line.exerciseId));
    return lines.flatMap((line) => {
      const own = fitAthlete(line, athlete, ranked.get(line.slot) ?? [], taken, context);
      if (own?.exerciseId) taken.add(own.exerciseId);
      return own ? [own] : [];
    });
  });
}

/** Options by what they cover for the sport, best first; one dose an entry, the smaller one. */
function rankAlone(options: readonly Option[], { sport }: Context): Option[] {
  const worth = ({ exercise }: Option): number =>
    Object.entries(exercise.demands).reduce((sum, [demand, points]) => sum + points * (sport.demands[demand as keyof typeof sport.demands]), 0);
  const one = options.filter((option, i) => !options.slice(i + 1).some((later) => later.exercise.id === option.exercise.id));
  return one.map((option) => ({ option, points: worth(option) })).sort((a, b) => b.points - a.points).map(({ option }) => option);
}

/** For each slot, the other entries it could hold with the rest of the card as it is, by points lost. */
function findSwaps(
  freeSlots: readonly SlotOptions[],
  model: Model,
  selection: Selection,
  template: Parameters<typeof buildModel>[1],
  context: Context,
): Record<string, Swap[]> {
  const free = buildModel(freeSlots, template, context);
  const swaps: Record<string, Swap[]> = {};
  model.slots.forEach(({ id }, i) => {
    const current = model.slots[i]?.options[selection.picks[i] ?? 0]?.option?.exercise.id;
    const trialModel: Model = { ...model, slots: model.slots.map((slot, j) => (j === i ? (free.slots[i] ?? slot) : slot)) };
    const best = new Map<string, number>();
    free.slots[i]?.options.forEach((compiled, pick) => {
      const exerciseId = compiled.option?.exercise.id;
      if (exerciseId === undefined || exerciseId === current) return;
      const points = value(trialModel, selection.picks.map((p, j) => (j === i ? pick : p)));
      if (Number.isFinite(points) && points > (best.get(exerciseId) ?? -Infinity)) best.set(exerciseId, points);
    });
    swaps[id] = [...best]
      .map(([exerciseId, points]) => ({ exerciseId, lossPoints: selection.points - points, lossShare: Math.round(((selection.points - points) / Math.max(1, Math.abs(selection.points))) * 1000) / 1000 }))
      .sort((a, b) => a.lossPoints - b.lossPoints || (a.exerciseId < b.exerciseId ? -1 : 1))
      .slice(0, SWAPS);
  });
  return swaps;
}
