import { squadView, type DayLine } from '../../day';
import type { Library } from '../../library';
import type { MethodTables } from '../../method';
import { fail, ok, type Issue, type Result } from '../../result';
import type { Card, Line } from '../../session';
import { assessCard, type Assessment } from '../assess/assess-card';
import type { Brief } from '../brief';
import type { SlotOptions } from '../candidates/options';
import type { Compiled } from '../compile/build-model';
import { leastSeconds } from '../compile/least-seconds';
import { makeContext, type Context } from '../context';
import type { Selection } from '../engine/selection';
import { explainLine } from '../explain/explain-line';
import { findSwaps, type Swap } from '../explain/find-swaps';
import { searchWhole } from './search-whole';
import { emptyParts, leavesEmpty, openCard } from './open-card';
import { smallestConflict } from './smallest-conflict';
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
  const open = openCard(context);
  if (!open.ok) return open;
  const { template, filled } = open.value;
  const all = filled(context);
  const empty = emptyParts(all, context);
  if (empty.length > 0) {
    const between = smallestConflict(brief, library, (other) => leavesEmpty(other, library, method));
    return {
      ok: false,
      issues: empty.map(({ slot }): Issue => ({
        code: 'slot_empty',
        path: [slot.id],
        facts: { block: slot.block, between },
      })),
    };
  }
  const { slots, compiled, found } = searchWhole(filled, all, template.template, context);
  if (!found) {
    if (brief.keepRunning) return solveCard({ ...brief, keepRunning: false }, library, method);
    return fail('does_not_fit', ['minutes'], {
      minutes: brief.minutes,
      least: Math.ceil((leastSeconds(compiled.model.slots) - method.settings.time.transitionS) / 60),
    });
  }
  const { selection, model } = found;
  const lines = toLines(slots, compiled, selection, context);
  const card: Card = {
    template: template.id,
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
    swaps: findSwaps(slots, { ...compiled, model }, selection, template.template, context),
  });
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
        ...(pin?.said?.overrideFor ? { overrideFor: pin.said.overrideFor } : {}),
      },
    ];
  });
}
