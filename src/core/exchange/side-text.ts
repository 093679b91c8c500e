import { sidePlanOf, type Dose, type SidePlan } from '../dose';
import type { Issue } from '../result';

/** How a set goes over its sides, as coaches say it (DOSE-8); null = each side in turn. */
const SIDE_TEXTS: readonly (readonly [RegExp, SidePlan | null])[] = [
  [/\balt(?:ernat(?:e|es|ing|ed))?\b(?:\s+(?:sides|legs|arms|every rep))?/, 'alternate'],
  [/\brest between (?:the )?sides\b|\bone side (?:a|per) set\b/, 'apart'],
  [/\b(?:sides )?change(?: sides)? at half(?:[ -]?time)?\b/, 'half'],
  [/\b(?:each side |sides? )?in turn\b/, null],
];

/**
 * Takes what is said of the sides out of a dose's text.
 * @returns the text without it, and the plan; undefined = nothing was said
 */
export function readSides(text: string): { rest: string; plan: SidePlan | null | undefined } {
  const said = SIDE_TEXTS.find(([pattern]) => pattern.test(text));
  return said ? { rest: text.replace(said[0], ' '), plan: said[1] } : { rest: text, plan: undefined };
}

/**
 * A dose with the plan that was typed; with none typed it keeps its own, but where it has no sides, and for a shared amount
 * that `/side` or reps typed over it say is shared no more.
 */
export function withSides(dose: Dose, plan: SidePlan | null | undefined, perSide: boolean): Dose {
  const { sides, ...each } = dose;
  const ends = dose.per !== 'side' || (sides === 'half' && (perSide || !isTimed(dose)));
  if (plan === undefined) return sides && ends ? each : dose;
  if (plan === null) return sides ? each : dose;
  return { ...each, sides: plan };
}

/** A side plan says something only of sets that have sides, and half of a set only of one that the clock ends. */
export function checkSides(dose: Dose): Issue[] {
  if (dose.sides !== undefined && dose.per !== 'side') return [{ code: 'no_sides', path: ['dose'], facts: {} }];
  if (sidePlanOf(dose) === 'half' && (!isTimed(dose) || dose.pyramid))
    return [{ code: 'half_needs_time', path: ['dose'], facts: {} }];
  return [];
}

const isTimed = ({ unit }: Dose): boolean => unit === 'seconds' || unit === 'minutes';
