import type { Exercise, Gate, Library } from '$core/library';
import type { Similar } from '$core/library';

/** What a gate asks, in words. */
export function gateWords(gate: Gate, library: Library): string {
  if (gate.kind === 'test') return `${gate.test} passed`;
  if (gate.kind === 'level') return `${gate.of} level ${gate.atLeast}`;
  const ladder = library.ladders.get(gate.ladder);
  return `${ladder?.name ?? gate.ladder}: ${ladder?.rungs[gate.rung - 1]?.name ?? String(gate.rung)} done`;
}

const LIKE_WORDS: Readonly<Record<Similar['reasons'][number], string>> = {
  same_muscles: 'same muscles',
  same_demands: 'trains the same',
  same_pattern: 'same movement',
  same_stance: 'same stance',
  rung_below: 'a rung below',
  rung_above: 'a rung above',
  needs_less: 'needs less kit',
  gentler: 'leaves less soreness',
};
export const likeWords = (reasons: Similar['reasons']): string =>
  reasons.map((reason) => LIKE_WORDS[reason]).join(', ');

/** Kit an entry needs, in words. */
export const kitWords = ({ equipment: { allOf, anyOf } }: Pick<Exercise, 'equipment'>): string =>
  [...allOf, ...(anyOf.length > 0 ? [anyOf.join(' or ')] : [])].join(' + ') || 'nothing';

/** Soreness usually left behind, 0–3. */
export const SORENESS_WORDS = ['none', 'a little', 'some', 'a lot'] as const;
