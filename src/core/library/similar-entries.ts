import type { Exercise } from './exercise-schema';
import type { Library } from './library';
import { DEMANDS, MUSCLES } from './words';

/** An entry that could stand in for another, with what makes it close and what it costs. */
export interface Similar {
  readonly exercise: Exercise;
  /** 0–1 */
  readonly likeness: number;
  readonly reasons: readonly (
    | 'same_muscles'
    | 'same_demands'
    | 'same_pattern'
    | 'same_stance'
    | 'rung_below'
    | 'rung_above'
    | 'needs_less'
    | 'gentler'
  )[];
}

const cosine = (a: readonly number[], b: readonly number[]): number => {
  const dot = a.reduce((sum, x, i) => sum + x * (b[i] ?? 0), 0);
  const size = (v: readonly number[]): number => Math.sqrt(v.reduce((sum, x) => sum + x * x, 0));
  const both = size(a) * size(b);
  return both === 0 ? 0 : dot / both;
};
const shares = (e: Exercise): number[] => MUSCLES.map((muscle) => e.share[muscle] ?? 0);
const demands = (e: Exercise): number[] => DEMANDS.map((demand) => e.demands[demand] ?? 0);

const CLOSE = 0.9;
const FROM = 0.6;

/**
 * What could replace an entry, nearest first: by how its work divides, what it trains for, its pattern and stance.
 * @param most how many
 */
export function similarEntries(exercise: Exercise, library: Library, most: number): Similar[] {
  return [...library.exercises.values()]
    .filter((other) => other.id !== exercise.id && (other.plyo === null) === (exercise.plyo === null))
    .map((other) => compare(exercise, other))
    .filter(({ likeness }) => likeness >= FROM)
    .sort((a, b) => b.likeness - a.likeness || (a.exercise.id < b.exercise.id ? -1 : 1))
    .slice(0, most);
}

function compare(exercise: Exercise, other: Exercise): Similar {
  const muscles = cosine(shares(exercise), shares(other));
  const trains = cosine(demands(exercise), demands(other));
  const samePattern = other.pattern === exercise.pattern;
  const sameStance = other.stance === exercise.stance;
  const needs = (e: Exercise): number => e.equipment.allOf.length + (e.equipment.anyOf.length > 0 ? 1 : 0);
  const step =
    exercise.ladder && other.ladder?.id === exercise.ladder.id ? other.ladder.rung - exercise.ladder.rung : 0;
  return {
    exercise: other,
    likeness: 0.45 * muscles + 0.35 * trains + (samePattern ? 0.12 : 0) + (sameStance ? 0.08 : 0),
    reasons: [
      ...(muscles >= CLOSE ? (['same_muscles'] as const) : []),
      ...(trains >= CLOSE ? (['same_demands'] as const) : []),
      ...(samePattern ? (['same_pattern'] as const) : []),
      ...(sameStance ? (['same_stance'] as const) : []),
      ...(step < 0 ? (['rung_below'] as const) : step > 0 ? (['rung_above'] as const) : []),
      ...(needs(other) < needs(exercise) ? (['needs_less'] as const) : []),
      ...(other.soreness < exercise.soreness ? (['gentler'] as const) : []),
    ],
  };
}
