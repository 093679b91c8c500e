import type { Muscle } from '../library';
import type { MethodTables } from '../method';
import { gaussian } from '../random';
import type { Response } from '../track';
import type { Body } from './body';
import { DAYS_A_WEEK, type VirtualParameters } from './parameters';

const STEPS = ['fine', 'usual', 'tight'] as const;

/** Stress over what a muscle takes: where it is felt, and how much. */
function mostSore(body: Body, { soreness }: VirtualParameters): { muscle: Muscle | null; felt: number } {
  let most: { muscle: Muscle | null; felt: number } = { muscle: null, felt: 0 };
  for (const [muscle, sore] of Object.entries(body.sore)) {
    const usedTo = ((body.habit[muscle as Muscle] ?? 0) * DAYS_A_WEEK) / soreness.habitDays;
    const felt = sore / (body.traits.tolerance * (soreness.base + soreness.ofHabit * usedTo));
    if (felt > most.felt) most = { muscle: muscle as Muscle, felt };
  }
  return most;
}

/** How the body is a morning after training, before anybody is asked: pain may begin. @param next seeded */
export function wakeUp(
  body: Body,
  { places }: Pick<MethodTables, 'places'>,
  parameters: VirtualParameters,
  next: () => number,
): Body {
  if (body.pain) return body;
  const { muscle, felt } = mostSore(body, parameters);
  const { pain, soreness } = parameters;
  const chance = pain.chance + pain.whenTight * Math.max(0, felt - soreness.tightFrom);
  if (next() >= chance) return body;
  const place = placeOf(muscle, places) ?? 'knee';
  let left = next();
  const score = 1 + pain.scores.findIndex((share) => (left -= share) < 0);
  return { ...body, pain: { place, score: Math.max(1, score) } };
}

/** What an athlete answers in the morning (PROG-1): how it is, or one step better by who is not quite honest. @param next seeded */
export function answerOf(
  body: Body,
  { places }: Pick<MethodTables, 'places'>,
  parameters: VirtualParameters,
  next: () => number,
): Response {
  const { soreness, fatigue } = parameters;
  const honest = next() < body.traits.honesty;
  if (body.pain) {
    const score = Math.round(body.pain.score) - (honest ? 0 : 1);
    if (score >= 1) return { answer: 'pain', place: body.pain.place, score };
  }
  const { muscle, felt } = mostSore(body, parameters);
  const index =
    felt * Math.exp(gaussian(next, 0, soreness.noise)) +
    Math.max(0, body.fatigue / (body.usual * fatigue.feltFrom) - 1);
  const step = (index >= soreness.tightFrom ? 2 : index >= soreness.usualFrom ? 1 : 0) - (honest ? 0 : 1);
  const answer = STEPS[Math.max(0, step)] ?? 'fine';
  return { answer, place: answer === 'tight' ? placeOf(muscle, places) : null, score: null };
}

/** The place of the check-in that a muscle belongs to. */
function placeOf(muscle: Muscle | null, places: MethodTables['places']): string | null {
  if (muscle === null) return null;
  return Object.entries(places).find(([, { checkin, muscles }]) => checkin && muscles.includes(muscle))?.[0] ?? null;
}
