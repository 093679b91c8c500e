import type { Exercise } from '../library/exercise-schema';
import type { Library } from '../library/library';
import type { Schools } from './schools';
import type { MethodTables } from './tables-schema';

const MOST_CUES = 4;
const LEARNING_CUE = 'While learning: knees behind the toes.';
const FEET_CUE = 'Bare feet or socks, light load only.';

/**
 * The library as a school reads it: how the work of Romanian deadlifts and bridges divides over hamstrings and glutes
 * (LED-2), and the cues that go with knee travel and feet (method 13). Entries it does not touch are the same objects.
 */
export function schoolLibrary(library: Library, schools: Schools, method: MethodTables): Library {
  const exercises = new Map<string, Exercise>();
  for (const [id, exercise] of library.exercises) exercises.set(id, readBy(exercise, schools, method));
  return { ...library, exercises };
}

function readBy(exercise: Exercise, schools: Schools, { settings }: MethodTables): Exercise {
  let read = exercise;
  if (settings.shares.patterns.includes(exercise.pattern))
    read = { ...read, share: withRatio(exercise.share, settings.shares.hamstringOf[schools.rdlShares]) };
  const kneeLift = ['squat', 'single-leg-knee'].includes(exercise.family) && exercise.speed === 'slow';
  if (kneeLift && schools.kneeTravel !== 'free') read = withCue(read, LEARNING_CUE);
  const light = exercise.load.kind === 'bodyweight' && ['slow', 'hold'].includes(exercise.speed) && !exercise.plyo;
  const standing = ['squat', 'hinge', 'single-leg-knee', 'single-leg-hip', 'calf-foot'].includes(exercise.family);
  if (light && standing && exercise.stance !== 'none' && schools.feet !== 'shoes') read = withCue(read, FEET_CUE);
  return read;
}

/** Hamstrings and glutes keep their sum and divide it anew. */
function withRatio(share: Exercise['share'], hamstring: number): Exercise['share'] {
  const both = (share.hamstrings ?? 0) + (share.glutes ?? 0);
  const hamstrings = Math.round(both * hamstring * 1000) / 1000;
  return { ...share, hamstrings, glutes: Math.round((both - hamstrings) * 1000) / 1000 };
}

const withCue = (exercise: Exercise, cue: string): Exercise => ({
  ...exercise,
  cues: [...exercise.cues.slice(0, MOST_CUES - 1), cue],
});
