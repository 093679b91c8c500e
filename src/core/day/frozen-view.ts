import type { Card, Line } from '../session';
import { begunKey, type Begun } from './day-context';
import type { DayLine } from './day-line';
import type { Variant } from './line-variants';

/**
 * A card of an earlier day as it stands: what was begun as it was written then, everything else as the card says. Nothing
 * is worked out anew, so a past card cannot change.
 */
export const frozenView = (
  { lines, typed }: Pick<Card, 'lines' | 'typed'>,
  athleteId: string,
  begun: Readonly<Record<string, Begun>>,
): DayLine[] =>
  lines.map((line) => {
    const key = begunKey(line.slot, athleteId);
    const fixed = Object.hasOwn(begun, key) ? begun[key] : undefined;
    const own = typed.find((one) => one.slot === line.slot && one.athleteId === athleteId);
    return {
      slot: line.slot,
      athleteId,
      exerciseId: fixed?.exerciseId ?? (own ? own.exerciseId : isFor(line, athleteId) ? line.exerciseId : null),
      row: fixed?.row ?? own?.row ?? line.row,
      dose: fixed?.written ?? own?.dose ?? line.dose,
      based: fixed?.based ?? null,
      eased: fixed?.eased ?? [],
      reasons: [],
      typed: own !== undefined,
      begun: fixed !== undefined,
      stopped: null,
      variant: variantOf(line, fixed, own?.exerciseId ?? (isFor(line, athleteId) ? undefined : null)),
    };
  });

const isFor = ({ only }: Line, athleteId: string): boolean => only === null || only.includes(athleteId);

/** What was not begun stands as the card says; who began another dose is told by what is different in it. */
function variantOf(line: Line, fixed: Begun | undefined, own: string | null | undefined): Variant {
  if (own === null) return 'without';
  if (fixed === undefined) return own === undefined ? 'squad' : 'typed';
  if (fixed.exerciseId !== line.exerciseId) return 'other';
  return fixed.written.sets < line.dose.sets || fixed.written.amount < line.dose.amount ? 'less' : 'squad';
}
