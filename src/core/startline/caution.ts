import type { Outcomes } from './outcomes';
import type { TierReading } from './pyramid';

/**
 * How carefully an athlete is trained for want of knowledge (START-2): `gentle` while range, control or skill is unknown,
 * `sets` while only force is.
 */
export type Caution = 'none' | 'sets' | 'gentle';

export function cautionOf(tiers: readonly Pick<TierReading, 'tier' | 'state'>[]): Caution {
  const unknown = tiers.filter(({ state }) => state === 'unknown').map(({ tier }) => tier);
  if (unknown.length === 0) return 'none';
  return unknown.every((tier) => tier === 'force') ? 'sets' : 'gentle';
}

const HIP_PLACES = ['front-thigh', 'groin', 'hip'];

/** R6 belongs to range when the hip limits a squat or complains (method 4). */
export function needsHipFlexor(outcomes: Outcomes, complaints: readonly { readonly place: string }[]): boolean {
  const heels = outcomes.get('R3');
  const hipLimited = outcomes.get('R2')?.state === 'failed' && heels?.stale === false && heels.sides.both?.value === 0;
  return hipLimited || complaints.some(({ place }) => HIP_PLACES.includes(place));
}
