import type { Exercise } from './exercise-schema';
import type { Family } from './words';

/** Where an entry may stand on a card (SEL-10). */
export const SUITS = ['main', 'power', 'assist', 'guard', 'prep', 'finisher', 'cool-down'] as const;
export type Suit = (typeof SUITS)[number];

/** Loads that are measured: what is on the bar or in the hand can be written down and raised. */
const MEASURED: readonly Exercise['load']['kind'][] = ['barbell', 'dumbbell', 'kettlebell', 'landmine', 'cable'];
const SINGLE: readonly Family[] = ['single-leg-knee', 'single-leg-hip'];
const TWO_LEG: readonly Family[] = ['squat', 'hinge'];
const FINISHERS: readonly Family[] = ['conditioning', 'carry-sled'];
const NEVER_ASSIST: readonly Family[] = ['jump', 'olympic', 'agility', 'locomotion', 'mobility', 'conditioning'];
const FAST: readonly Exercise['speed'][] = ['fast', 'maximal'];
/** Soreness from which an entry is no warm-up. */
const SORE = 2;

/** Whether its load can be set in kilograms: what heavy rows need, never a band (SEL-10). */
export const isMeasured = ({ load }: Pick<Exercise, 'load'>): boolean => MEASURED.includes(load.kind);

/** Whether an entry is done fast or all out. */
export const isFast = ({ speed }: Pick<Exercise, 'speed'>): boolean => FAST.includes(speed);

/**
 * Where an entry may stand (SEL-10), from what it is: a main lift has a load that can be set and raised and is done
 * slowly on two legs; a fast entry is power, never assistance; slow eccentric work guards.
 */
export function suitsOf(exercise: Exercise): Suit[] {
  const { family, qualities, load, soreness, plyo } = exercise;
  const slow = !isFast(exercise);
  const strength = qualities.includes('structure') || qualities.includes('max-strength');
  const suits: Suit[] = [];
  if (TWO_LEG.includes(family) && exercise.stance === 'two-leg' && slow && strength && isMeasured(exercise))
    suits.push('main');
  if (qualities.includes('power')) suits.push('power');
  if (slow && !NEVER_ASSIST.includes(family)) suits.push('assist', 'guard');
  const light = load.kind === 'bodyweight' || load.kind === 'band';
  if (
    family === 'locomotion' ||
    (light && soreness < SORE && (plyo ? plyo.tier === 'low' : !FINISHERS.includes(family)))
  )
    suits.push('prep');
  if (FINISHERS.includes(family)) suits.push('finisher');
  if (family === 'mobility') suits.push('cool-down');
  return suits;
}

/**
 * Whether it may lead a squad without a load that can be set: the hardest own-body and single-leg work (SEL-10).
 */
export const leadsUnloaded = (exercise: Exercise): boolean =>
  !isFast(exercise) &&
  exercise.qualities.includes('structure') &&
  (TWO_LEG.includes(exercise.family) || SINGLE.includes(exercise.family));
