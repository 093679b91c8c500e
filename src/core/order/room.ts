import { rampCount, type Dose, type RampKind } from '../dose';
import type { Exercise } from '../library';
import type { MethodSettings } from '../method';
import { isMainSlot } from '../session';

/** What the clock needs of who lifts where: those present, the places to lift at, and whose loads are known (ORD-7). */
export interface Room {
  readonly present: number;
  /** bars that can be lifted side by side, ≥ 1 */
  readonly racks: number;
  /** whether most present have a load of an entry; else the session looks for it */
  readonly knows: (exerciseId: string) => boolean;
}

/** A line as the ramp and the rack ask of it. */
interface Lifted {
  readonly slot: string;
  readonly exercise: Exercise;
  readonly dose: Dose;
}

/** Loads on a bar, which those at one rack lift in turn; bells are picked up side by side. */
const SHARED: readonly Exercise['load']['kind'][] = ['barbell', 'landmine'];
const RAMPED: readonly Exercise['load']['kind'][] = [...SHARED, 'dumbbell', 'kettlebell', 'cable'];

/** Athletes who take turns at a lift (ORD-7, FLOOR-1): those present by the racks, rounded up, at most a few. */
export const atRack = (
  { load }: Pick<Exercise, 'load'>,
  { present, racks }: Pick<Room, 'present' | 'racks'>,
  { loading }: Pick<MethodSettings, 'loading'>,
): number =>
  SHARED.includes(load.kind)
    ? Math.min(loading.rampMostAtRack, Math.max(1, Math.ceil(present / Math.max(1, racks))))
    : 1;

/**
 * Minutes of the ramp sets of a loaded main lift, before its first working set (ORD-7): each set at half a minute and its
 * set-up, for everybody at the rack; a load that is not known yet is looked for in a few more. Seconds; 0 = none of its own.
 */
export function rampSeconds(
  { exercise, dose }: Pick<Lifted, 'exercise' | 'dose'>,
  kind: RampKind,
  room: Room,
  { loading }: MethodSettings,
): number {
  // the one set of assistance is done in the change over to its group, which the clock has already
  if (kind === 'one' || !RAMPED.includes(exercise.load.kind) || dose.rir === null || dose.unit !== 'reps') return 0;
  const sets = room.knows(exercise.id) ? rampCount(kind, dose, loading) : loading.rampToFind;
  return sets * (loading.rampSetS + exercise.setUpSeconds) * atRack(exercise, room, { loading });
}

/**
 * Rest of a line as its rack allows it: at a main lift never less than the others there need for their sets (FLOOR-1).
 * @param setS seconds of one set, its set-up with it
 */
export const restAtRack = (
  { slot, exercise, dose }: Lifted,
  setS: number,
  room: Room,
  settings: MethodSettings,
): number =>
  Math.max(
    dose.restSeconds ?? 0,
    isMainSlot(slot) ? (atRack(exercise, room, settings) - 1) * (setS + settings.time.switchS) : 0,
  );
