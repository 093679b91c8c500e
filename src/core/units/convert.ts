/** Kilograms in one avoirdupois pound, by definition. */
const KG_PER_LB = 0.45359237;

export type MassUnit = 'kg' | 'lb';

/**
 * A mass in the coach's unit as kilograms.
 * @param value mass in `unit`
 * @example massToKg(100, 'kg') // 100
 */
export const massToKg = (value: number, unit: MassUnit): number => (unit === 'kg' ? value : value * KG_PER_LB);

/**
 * A mass in kilograms as the coach's unit; not rounded.
 * @example massFromKg(45.359237, 'lb') // 100
 */
export const massFromKg = (kg: number, unit: MassUnit): number => (unit === 'kg' ? kg : kg / KG_PER_LB);
