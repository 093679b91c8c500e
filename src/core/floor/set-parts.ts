import { roundsOf, sidePlanOf, type Dose } from '../dose';

/** A stretch of one set by the clock. */
export interface SetPart {
  readonly kind: 'work' | 'let-go' | 'rest';
  /** which side in turn, 1 or 2; null = both, or no sides */
  readonly side: 1 | 2 | null;
  readonly seconds: number;
}

/**
 * A set of time as the clock calls it: the holds of a round, the change of sides and the rest between them (DOSE-8, D-PYR).
 * @param round which set, from 0
 * @returns nothing for sets that are counted
 */
export function setParts(dose: Dose, round: number): SetPart[] {
  if (dose.unit !== 'seconds' && dose.unit !== 'minutes') return [];
  const seconds = dose.amount * (dose.unit === 'minutes' ? 60 : 1);
  const holds = roundsOf(dose)?.[Math.min(round, dose.sets - 1)] ?? 1;
  const on = (side: SetPart['side'], onS = seconds): SetPart[] =>
    Array.from({ length: holds }, (_, i): SetPart[] => [
      ...(i > 0 ? [{ kind: 'let-go' as const, side, seconds: dose.pyramid?.offS ?? 0 }] : []),
      { kind: 'work', side, seconds: onS },
    ]).flat();
  if (dose.per === null) return on(null);
  const plan = sidePlanOf(dose);
  if (plan === 'alternate' && !dose.pyramid) return [{ kind: 'work', side: null, seconds: seconds * 2 }];
  if (plan === 'half') return [...on(1, seconds / 2), ...on(2, seconds / 2)];
  const between: SetPart[] =
    plan === 'apart' && dose.restSeconds ? [{ kind: 'rest', side: null, seconds: dose.restSeconds }] : [];
  return [...on(1), ...between, ...on(2)];
}

/**
 * Where the clock of a set is.
 * @param elapsedS seconds since it began
 * @returns null once it is over
 */
export function partAt(parts: readonly SetPart[], elapsedS: number): { part: SetPart; leftS: number } | null {
  let end = 0;
  for (const part of parts) {
    end += part.seconds;
    if (elapsedS < end) return { part, leftS: end - elapsedS };
  }
  return null;
}
