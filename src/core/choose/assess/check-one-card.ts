import type { DayLine, Variant } from '../../day';
import type { Finding } from '../../result';
import { isMainSlot, type Line } from '../../session';
import type { Context } from '../context';

/** On a card of fewer lines half of it is one or two. */
const LEAST_LINES = 4;
const ELSE: readonly Variant[] = ['other', 'safe', 'without'];

/**
 * Whether one card still serves the squad (SEL-8): who does more than half of it otherwise wants a card of their own, and
 * a third of a squad whose main lift is dosed by another row is a group of its own.
 */
export function checkOneCard(lines: readonly Line[], view: readonly DayLine[], { brief, method }: Context): Finding[] {
  const { athletes } = brief;
  // getting warm and cooling down are everybody's
  const work = new Set(lines.filter(({ row }) => method.doses[row].progresses).map(({ slot }) => slot));
  if (athletes.length < 2 || work.size < LEAST_LINES) return [];
  const elsewhere = athletes.filter(
    ({ id }) =>
      view.filter((own) => own.athleteId === id && work.has(own.slot) && ELSE.includes(own.variant)).length * 2 >
      work.size,
  );
  const found: Finding[] = [];
  if (elsewhere.length > 0)
    found.push({
      severity: 'note',
      code: 'own_card_better',
      rules: ['SEL-8'],
      facts: { names: elsewhere.map(({ name }) => name), lines: work.size },
    });
  const main = lines.find(({ slot }) => isMainSlot(slot));
  const rows = view.filter((own) => own.slot === main?.slot && own.exerciseId !== null && own.row !== main.row);
  if (main && rows.length * 3 >= athletes.length)
    found.push({
      severity: 'note',
      code: 'group_card_better',
      rules: ['SEL-8'],
      facts: { count: rows.length, of: athletes.length },
    });
  return found;
}
