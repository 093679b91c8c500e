import { buildLibrary, type Exercise, type Library } from '$core/library';
import { CALF_FOOT } from './exercises/calf-foot';
import type { Draft } from './exercises/entry';
import { HINGES } from './exercises/hinge';
import { JUMPS } from './exercises/jump';
import { LATERALS } from './exercises/lateral';
import { OLYMPICS } from './exercises/olympic';
import { PREP } from './exercises/prep';
import { SINGLE_LEG } from './exercises/single-leg';
import { SQUATS } from './exercises/squat';
import { TRUNK } from './exercises/trunk';
import { UPPER } from './exercises/upper';
import { LADDERS } from './ladders';
import { SPORTS } from './sports';

const DRAFTS: readonly Draft[] = [
  ...SQUATS,
  ...HINGES,
  ...SINGLE_LEG,
  ...LATERALS,
  ...JUMPS,
  ...OLYMPICS,
  ...CALF_FOOT,
  ...TRUNK,
  ...UPPER,
  ...PREP,
];

/** Which rung an entry stands on is written once, in the ladders. */
const withRung = (draft: Draft): Exercise => {
  for (const ladder of LADDERS) {
    const rung = ladder.rungs.findIndex(({ exercises }) => exercises.includes(draft.id));
    if (rung >= 0) return { ...draft, ladder: { id: ladder.id, rung: rung + 1 } };
  }
  return { ...draft, ladder: null };
};

export const EXERCISES: readonly Exercise[] = DRAFTS.map(withRung);

/** The built-in library. */
export const LIBRARY: Library = buildLibrary(EXERCISES, LADDERS, SPORTS);
