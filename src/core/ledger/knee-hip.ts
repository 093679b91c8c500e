import { hardSets } from '../dose';
import type { MethodTables } from '../method';
import type { DosedEntry } from '../season';

/** Hard sets split by dominance. */
export interface KneeHip {
  readonly knee: number;
  readonly hip: number;
}

/**
 * Knee and hip work of leg lines: hard sets × dominance (section 11; COUNT-1).
 */
export function kneeHip(entries: readonly DosedEntry[], method: MethodTables): KneeHip {
  let knee = 0;
  let hip = 0;
  for (const { exercise, row, dose } of entries) {
    if (!exercise.dominance) continue;
    const sets = hardSets(dose, exercise, method.doses[row], method);
    knee += sets * exercise.dominance.knee;
    hip += sets * exercise.dominance.hip;
  }
  return { knee, hip };
}

/**
 * The knee share of leg work, 0–1, or null below the number of sets it is judged from.
 * @example kneeShare({ knee: 3, hip: 5 }, method) // 0.375
 */
export function kneeShare({ knee, hip }: KneeHip, method: MethodTables): number | null {
  return knee + hip >= method.settings.ledger.judgedFromSets ? knee / (knee + hip) : null;
}
