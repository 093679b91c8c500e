import { hasKit } from '../../day';
import { ledBy } from '../../ledger';
import { suitsOf, type Exercise } from '../../library';
import type { AskedKind, Slot } from '../../method';
import type { Context } from '../context';
import { schoolSquats } from './school-squats';

const COOL_DOWN = 'cool-down';

/** Whether an entry belongs in a slot at this place, whoever does it. */
export function fitsSlot(exercise: Exercise, slot: Slot, guardIds: ReadonlySet<string>, context: Context): boolean {
  const { brief, method, kind } = context;
  if (!slot.families.includes(exercise.family)) return false;
  if (brief.shape.banned.includes(exercise.id)) return false;
  if (slot.patterns.length > 0 && !slot.patterns.includes(exercise.pattern)) return false;
  if (slot.directions.length > 0 && exercise.plyo && !slot.directions.includes(exercise.plyo.direction)) return false;
  if (slot.qualities.length > 0 && !exercise.qualities.some((quality) => slot.qualities.includes(quality)))
    return false;
  if (slot.block === 'prep' && !suitsOf(exercise).includes('prep')) return false;
  if (kind && !isOfKind(exercise, slot, kind)) return false;
  if (slot.guard && !guardIds.has(exercise.id)) return false;
  // SAFE-5: never chosen by itself, since a concussion history is for a clinician to clear
  if (exercise.flags.includes('headEye')) return false;
  if (slot.maxTier !== null && exercise.plyo && exercise.plyo.tier !== slot.maxTier) return false;
  // cool-downs close a session and stand nowhere else
  if (exercise.pattern === COOL_DOWN && !slot.patterns.includes(COOL_DOWN)) return false;
  if (
    exercise.family === 'trunk' &&
    brief.schools.trunkFlexion === 'avoid' &&
    (exercise.share.trunkFlexion ?? 0) >= 0.6 &&
    exercise.load.kind !== 'bodyweight'
  )
    return false;
  if (slot.main && isOtherSquat(exercise, context)) return false;
  if (slot.main && isHipLedSquat(exercise) && brief.schools.mainSquat === 'by profile') return false;
  return !isBarredLift(exercise, brief.schools.olympicLifts, method) && hasKit(exercise, brief.place);
}

const UNLOADED_BLOCKS = ['prep', 'mobility', 'cool-down'];

/** Of a session asked for by name: its work is loaded with what it says, and a group's can be done on a call. */
const isOfKind = ({ load, groupable }: Exercise, { block }: Slot, kind: AskedKind): boolean =>
  (!kind.groupable || groupable) &&
  (kind.loads === null || UNLOADED_BLOCKS.includes(block) || kind.loads.includes(load.kind));

/** In the main slot a club that squats one way squats no other way (method 13); hinges stay. */
const isOtherSquat = ({ family, pattern }: Exercise, context: Context): boolean =>
  family === 'squat' && schoolSquats(context)?.includes(pattern) === false;

/** A squat that the hips lead would leave the knee-led session of a week without its work (WEEK-8). */
const isHipLedSquat = (exercise: Exercise): boolean => exercise.family === 'squat' && ledBy(exercise) === 'hip';

/** Lifts a club's school of the olympic lifts leaves out (method 13): catches, or catches and pulls. */
function isBarredLift(
  { pattern }: Exercise,
  school: Context['brief']['schools']['olympicLifts'],
  { settings: { lifts } }: Context['method'],
): boolean {
  if (school === 'full') return false;
  return lifts.catches.includes(pattern) || (school === 'none' && lifts.pulls.includes(pattern));
}
