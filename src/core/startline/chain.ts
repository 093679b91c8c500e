import { addDays, type Day } from '../calendar';
import type { Library, Muscle } from '../library';
import type { Outcomes } from './outcomes';
import type { StartSettings } from './settings';

export const CHAIN_LINKS = ['foot and ankle', 'knee', 'hip', 'trunk'] as const;
export type ChainLinkName = (typeof CHAIN_LINKS)[number];

export interface ChainLink {
  readonly link: ChainLinkName;
  readonly tested: readonly string[];
  readonly failed: readonly string[];
  /** days in the last weeks with work on it */
  readonly trainedDays: number;
}

const TESTS: Readonly<Record<ChainLinkName, readonly string[]>> = {
  'foot and ankle': ['R4', 'C1', 'calf-straight', 'calf-bent', 'rsi-10-5'],
  knee: ['C3', 'C5', 'back-squat', 'front-squat'],
  hip: ['R6', 'C2', 'deadlift', 'romanian-deadlift', 'squeeze', 'bridge-hold'],
  trunk: ['R1', 'C4'],
};
const MUSCLES: Readonly<Record<ChainLinkName, readonly Muscle[]>> = {
  'foot and ankle': ['foot', 'soleus', 'gastrocnemius', 'tibialisAnterior'],
  knee: ['quadriceps'],
  hip: ['glutes', 'hamstrings', 'adductors', 'abductors', 'hipFlexors'],
  trunk: ['trunkFlexion', 'trunkExtension', 'trunkAntiRotation', 'trunkSide'],
};
/** An entry works a link from this share on. */
const WORKS_FROM = 0.2;

/** Foot to trunk: each link tested, trained in the last four weeks, or neither (START-9). */
export function readChain(
  outcomes: Outcomes,
  done: readonly { readonly exerciseId: string; readonly day: Day }[],
  library: Library,
  today: Day,
  { trainedDays }: StartSettings,
): ChainLink[] {
  const from = addDays(today, -trainedDays);
  const recent = done.flatMap(({ exerciseId, day }) => {
    const exercise = day >= from && day <= today ? library.exercises.get(exerciseId) : undefined;
    return exercise ? [{ exercise, day }] : [];
  });
  return CHAIN_LINKS.map((link) => {
    const current = TESTS[link].filter((id) => outcomes.get(id)?.stale === false);
    const days = recent
      .filter(({ exercise }) => MUSCLES[link].reduce((sum, id) => sum + (exercise.share[id] ?? 0), 0) >= WORKS_FROM)
      .map(({ day }) => day);
    return {
      link,
      tested: current,
      failed: current.filter((id) => outcomes.get(id)?.state === 'failed'),
      trainedDays: new Set(days).size,
    };
  });
}
