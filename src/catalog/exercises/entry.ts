import type { Exercise, Plyo } from '$core/library';

/** An entry as it is written in a family's file: what a family shares is stated once, at its top. Rungs come from the ladders. */
export type Draft = Omit<Exercise, 'ladder'>;
type Own = Pick<Draft, 'id' | 'name' | 'pattern' | 'share' | 'demands' | 'cues' | 'faults'> & Partial<Draft>;

const PLAIN: Omit<Draft, 'id' | 'name' | 'pattern' | 'share' | 'demands' | 'cues' | 'faults' | 'family'> = {
  aliases: [],
  qualities: ['structure'],
  stance: 'two-leg',
  plane: 'sagittal',
  vector: 'vertical',
  speed: 'slow',
  equipment: { allOf: [], anyOf: [] },
  load: { kind: 'bodyweight', oneRepMax: null },
  doseUnit: 'reps',
  per: null,
  secondsPerRep: 3,
  setUpSeconds: 5,
  station: 'open',
  dominance: null,
  soreness: 1,
  plyo: null,
  gates: [],
  call: { ready: 'Set', go: 'Go' },
  cautions: ['Stop at pain, not through it.'],
  stopSigns: ['sharp or rising pain'],
  groupable: true,
  space: 'none',
  partner: null,
  spotter: 'none',
  carryover: {},
  builds: [],
  flags: [],
};

/** A maker of entries that share a family's values. */
export const family =
  (shared: Partial<Draft> & Pick<Draft, 'family'>) =>
  (own: Own): Draft => ({ ...PLAIN, ...shared, ...own });

/** A fault: what is seen, what to say, and the screen it points to. */
export const fault = (
  seen: string,
  say: string,
  screen: Exercise['faults'][number]['screen'] = null,
): Exercise['faults'][number] => ({ seen, say, screen });

/** How an entry lands, from the values most jumps share. */
export const lands = (own: Partial<Plyo> & Pick<Plyo, 'tier'>): Plyo => ({
  tierAbove: [],
  contactsPerRep: 1,
  cadencePerSecond: null,
  ssc: 'slow',
  legs: 'two',
  inPlace: true,
  reactive: false,
  direction: 'vertical',
  intent: 'height',
  maximal: true,
  dropM: null,
  ...own,
});
