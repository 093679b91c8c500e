import { massFromKg, type MassUnit } from '$core/units';
import type { ShownAs } from '$lib/model/athlete-history';

/** A stored value as it is shown: lifts in the club's unit of mass, the rest as its test is. */
export const shownValue = (value: number, as: ShownAs, mass: MassUnit): number =>
  as.lift ? massFromKg(value, mass) : value * as.per;

export const shownUnit = (as: ShownAs, mass: MassUnit): string => (as.lift ? mass : as.unit);

/** A shown value with as many figures as it is worth. */
export const figureOf = (shown: number, as: ShownAs): string => (as.lift ? figure(shown) : shown.toFixed(as.decimals));

export const figure = (value: number): string =>
  Math.abs(value) >= 100 ? String(Math.round(value)) : String(Math.round(value * 10) / 10);
