import type { AthleteFacts } from '../../athlete';
import type { Library } from '../../library';
import type { Brief } from '../brief';

/** What a brief asks that may leave nothing to choose from (SEL-5). */
export const CONSTRAINTS = ['kit', 'complaints', 'levels', 'bans', 'pins', 'kind', 'minutes'] as const;
export type Constraint = (typeof CONSTRAINTS)[number];

/** Minutes that every part of a session fits in. */
const ROOMY = 60;

const relaxed: Readonly<Record<Constraint, (brief: Brief, library: Library) => Brief>> = {
  kit: (brief, library) => ({ ...brief, place: { ...brief.place, lane: true, equipment: allEquipment(library) } }),
  complaints: (brief) => everybody(brief, { complaints: [], pastInjuries: [] }),
  levels: (brief, library) =>
    everybody(brief, {
      ...{ liftLevel: 'trained', jumpLevel: 'trained', caution: 'none', unknown: [], growthCmPerMonth: null },
      ...{ controlRung: null, tests: allPassed(library) },
    }),
  bans: (brief) => ({ ...brief, shape: { ...brief.shape, banned: [] } }),
  pins: (brief) => ({ ...brief, pins: {} }),
  kind: (brief) => ({ ...brief, shape: { ...brief.shape, kind: null } }),
  minutes: (brief) => ({ ...brief, minutes: Math.max(brief.minutes, ROOMY) }),
};

/**
 * The fewest things a brief asks that together leave nothing, all others aside (SEL-5): of one size, the first by the order
 * of `CONSTRAINTS`.
 * @param fails whether a brief leaves a part of the session empty
 * @returns none when it fails whatever is asked
 */
export function smallestConflict(
  brief: Brief,
  library: Library,
  fails: (brief: Brief) => boolean,
): readonly Constraint[] {
  const standsAlone = (kept: readonly Constraint[]): boolean =>
    fails(CONSTRAINTS.filter((one) => !kept.includes(one)).reduce((of, one) => relaxed[one](of, library), brief));
  if (standsAlone([])) return [];
  for (let size = 1; size < CONSTRAINTS.length; size++) {
    const found = subsets(CONSTRAINTS, size).find(standsAlone);
    if (found) return found;
  }
  return CONSTRAINTS;
}

function subsets<T>(of: readonly T[], size: number): T[][] {
  if (size === 0) return [[]];
  return of.flatMap((first, i) => subsets(of.slice(i + 1), size - 1).map((rest) => [first, ...rest]));
}

const everybody = (brief: Brief, own: Partial<AthleteFacts>): Brief => ({
  ...brief,
  athletes: brief.athletes.map((athlete) => ({ ...athlete, ...own })),
});

/** Every test that stands before an entry, passed. */
const allPassed = (library: Library): AthleteFacts['tests'] =>
  Object.fromEntries(
    [...library.exercises.values()].flatMap(({ gates }) =>
      gates.flatMap((gate) => (gate.kind === 'test' ? [[gate.test, 'passed'] as const] : [])),
    ),
  );

const allEquipment = (library: Library): string[] => [
  ...new Set([...library.exercises.values()].flatMap(({ equipment }) => [...equipment.allOf, ...equipment.anyOf])),
];
