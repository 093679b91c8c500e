import { MUSCLES, type Exercise, type Library, type Muscle } from '../library';
import type { StartSettings } from './settings';

/** Sets a week of one exercise lately, typed from memory or counted from the log. */
export interface RecentWork {
  readonly exerciseId: string;
  readonly setsPerWeek: number;
}

export interface Audit {
  readonly legSets: number;
  /** knee part of leg work, 0–1; null without leg work */
  readonly kneeShare: number | null;
  readonly hamstringToGlute: number | null;
  /** part of leg sets done on one leg, 0–1 */
  readonly singleLegShare: number | null;
  readonly neglected: readonly string[];
  readonly leans: 'hip' | 'knee' | 'even' | 'unknown';
}

const NEGLECTED: Readonly<Record<string, readonly Muscle[]>> = {
  'calf and foot': ['gastrocnemius', 'soleus', 'foot', 'tibialisAnterior'],
  groin: ['adductors'],
  'side of the hip': ['abductors'],
  'hip flexors': ['hipFlexors'],
  trunk: ['trunkFlexion', 'trunkExtension', 'trunkAntiRotation', 'trunkSide'],
  hamstrings: ['hamstrings'],
  quadriceps: ['quadriceps'],
};
/** Weekly sets × share below which a part is called neglected. */
const NEGLECTED_BELOW = 1;

/** Reads what an athlete has been doing: balance, single-leg work and what is missing (START-4). */
export function auditWork(work: readonly RecentWork[], library: Library, { leans }: StartSettings): Audit {
  const known = work.flatMap(({ exerciseId, setsPerWeek }) => {
    const exercise = library.exercises.get(exerciseId);
    return exercise && setsPerWeek > 0 ? [{ exercise, sets: setsPerWeek }] : [];
  });
  const legs = known.filter(({ exercise }) => exercise.dominance);
  const legSets = legs.reduce((sum, { sets }) => sum + sets, 0);
  const knee = legs.reduce((sum, { exercise, sets }) => sum + sets * (exercise.dominance?.knee ?? 0), 0);
  const kneeShare = legSets > 0 ? knee / legSets : null;
  const muscle = Object.fromEntries(
    MUSCLES.map((id) => [id, known.reduce((sum, { exercise, sets }) => sum + sets * (exercise.share[id] ?? 0), 0)]),
  ) as Record<Muscle, number>;
  return {
    legSets,
    kneeShare,
    hamstringToGlute: muscle.glutes > 0 ? muscle.hamstrings / muscle.glutes : null,
    singleLegShare:
      legSets > 0
        ? legs.filter(({ exercise }) => isSingleLeg(exercise)).reduce((sum, { sets }) => sum + sets, 0) / legSets
        : null,
    neglected:
      known.length === 0
        ? []
        : Object.entries(NEGLECTED).flatMap(([name, muscles]) =>
            muscles.reduce((sum, id) => sum + muscle[id], 0) < NEGLECTED_BELOW ? [name] : [],
          ),
    leans:
      kneeShare === null
        ? 'unknown'
        : kneeShare < leans.hipBelow
          ? 'hip'
          : kneeShare > leans.kneeAbove
            ? 'knee'
            : 'even',
  };
}

const isSingleLeg = ({ stance }: Exercise): boolean => stance !== 'two-leg' && stance !== 'none';
