import { roundsOf, sidePlanOf, type Dose } from '../dose';
import { massFromKg, type MassUnit } from '../units';

const UNIT_SIGN = {
  reps: '',
  seconds: ' s',
  metres: ' m',
  minutes: ' min',
  breaths: ' breaths',
  laps: ' laps',
} as const;

/**
 * A dose as it reads everywhere: `3 × 5 · 78 % · 82.5 kg · RIR 2 · rest 2:30 · 3 down`.
 * @param mass the coach's unit of mass
 */
export function formatDose(dose: Dose, mass: MassUnit): string {
  const parts = [
    formatSets(dose),
    dose.percent === null ? null : `${String(Math.round(dose.percent * 100))} %`,
    dose.loadKg === null ? null : formatMass(dose.loadKg, mass),
    dose.rir === null ? null : `RIR ${String(dose.rir)}`,
    dose.restSeconds === null ? null : `rest ${formatClock(dose.restSeconds)}`,
    dose.tempo,
  ];
  return parts.filter((part) => part !== null).join(' · ');
}

/** How the sides are gone over, behind the amount (DOSE-8). */
const SIDE_WORDS = {
  alternate: ' alternating',
  apart: ', rest between sides',
  half: ', sides change at half',
} as const;

/**
 * Sets × amount alone: `3 × 8 /side`, `3 × 30 s`, `2 × 40 s, sides change at half`; rounds of holds:
 * `5-3-1 × (8 s on / 4 s off)`.
 */
export function formatSets(dose: Dose): string {
  const plan = sidePlanOf(dose);
  const per = `${sideSign(dose)}${plan ? SIDE_WORDS[plan] : ''}`;
  const rounds = roundsOf(dose);
  if (rounds && dose.pyramid)
    return `${rounds.join('-')} × (${String(dose.amount)} s on / ${String(dose.pyramid.offS)} s off)${per}`;
  return `${String(dose.sets)} × ${String(dose.amount)}${UNIT_SIGN[dose.unit]}${per}`;
}

/** What one set asks for, as a hall calls it: `8 /side`, `40 s`. How the sides are gone over stands elsewhere. */
export const formatAmount = (dose: Dose): string => `${String(dose.amount)}${UNIT_SIGN[dose.unit]}${sideSign(dose)}`;

const sideSign = (dose: Dose): string => (dose.per === null || sidePlanOf(dose) === 'half' ? '' : ` /${dose.per}`);

/** Kilograms in the coach's unit, to a quarter. */
export const formatMass = (kg: number, mass: MassUnit): string =>
  `${String(Math.round(massFromKg(kg, mass) * 4) / 4)} ${mass}`;

/** Seconds as m:ss. */
export const formatClock = (seconds: number): string =>
  `${String(Math.floor(seconds / 60))}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
