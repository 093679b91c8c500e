import { formatClock } from '$core/exchange';
import type { Facts } from '$core/result';

/** What the outputs of a squad's jumps have done to their rest, in a sentence (REST-2). */
export function restWords(f: Facts): string {
  const rest = formatClock(Number(f.seconds));
  const who = `${String(f.of)} of ${String(f.counted)} who were measured`;
  const fell = `fell by more than ${String(Math.round(Number(f.fellFrom) * 100))} %`;
  const more = f.beyondDense === true ? ' That is no dense set any more: think of full rest.' : '';
  if (f.kind === 'rest-up') return `Longer rest, ${rest}: the last sets ${fell} for ${who}.${more}`;
  if (f.kind === 'reps-down')
    return `Fewer reps, ${String(f.amount)}: with the longest rest the last sets still ${fell} for ${who}.`;
  if (f.kind === 'rest-down') return `Shorter rest, ${rest}: output held twice in a row for ${who}.`;
  return `Rest ${rest}, as its outputs asked for before.${more}`;
}
