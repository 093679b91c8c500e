import { amountsASet, type Dose } from '../dose';
import type { Exercise, Tier } from '../library';
import type { MethodSettings } from '../method';

/** Landings of a line. `perLeg` is what one leg takes (COUNT-4). */
export interface Contacts {
  readonly raw: number;
  readonly weighted: number;
  readonly perLeg: number;
  readonly tier: Tier | null;
}

const NONE: Contacts = { raw: 0, weighted: 0, perLeg: 0, tier: null };

/**
 * Contacts of a line (COUNT-3, 4; JUMP-6 for timed sets), with tier and weight by entry and dose (JUMP-9).
 * @param exercise the entry; without `plyo` it does not land
 * @param dose sets × amount; per side or direction counts both
 * @example 3 × 10 laps of square hops /side, 4 contacts a lap → raw 240, perLeg 120, weighted 120
 */
export function contactsOf(exercise: Exercise, dose: Dose, settings: MethodSettings): Contacts {
  const { plyo } = exercise;
  if (!plyo || plyo.contactsPerRep === 0) return NONE;
  const reps =
    dose.unit === 'seconds' ? dose.amount * (plyo.cadencePerSecond ?? 1 / exercise.secondsPerRep) : dose.amount;
  const raw = Math.round(dose.sets * reps * plyo.contactsPerRep * amountsASet(dose));
  const tier = tierOf(exercise, dose) ?? plyo.tier;
  return { raw, weighted: raw * tierWeight(tier, exercise, settings), perLeg: raw / 2, tier };
}

/**
 * The tier of an entry at a dose: long sets and high drops move it up (method 2); null when it does not land.
 */
export function tierOf(exercise: Exercise, dose: Dose): Tier | null {
  const { plyo } = exercise;
  if (!plyo) return null;
  return plyo.tierAbove.reduce<Tier>(
    (tier, rule) => ((rule.over === 'amount' ? dose.amount : (plyo.dropM ?? 0)) > rule.limit ? rule.tier : tier),
    plyo.tier,
  );
}

function tierWeight(tier: Tier, exercise: Exercise, settings: MethodSettings): number {
  const weights = settings.tierWeights;
  if (tier !== 'low') return weights[tier];
  return exercise.plyo?.inPlace && exercise.plyo.legs === 'two' ? weights.lowTwoFootInPlace : weights.low;
}
