import { buildLibrary, type Exercise, type Library } from '$core/library';
import { AGILITY } from './exercises/agility';
import { CALF_FOOT } from './exercises/calf-foot';
import { CARRY_SLED } from './exercises/carry-sled';
import { CONDITIONING } from './exercises/conditioning';
import type { Draft } from './exercises/entry';
import { HINGES } from './exercises/hinge';
import { HIP_FLEXORS } from './exercises/hip-flexor';
import { JUMPS } from './exercises/jump';
import { LATERALS } from './exercises/lateral';
import { LOCOMOTION } from './exercises/locomotion';
import { MOBILITY } from './exercises/mobility';
import { OLYMPICS } from './exercises/olympic';
import { SINGLE_LEG_HIP } from './exercises/single-leg-hip';
import { SINGLE_LEG_KNEE } from './exercises/single-leg-knee';
import { SQUATS } from './exercises/squat';
import { TRUNK } from './exercises/trunk';
import { UPPER_PULL } from './exercises/upper-pull';
import { UPPER_PUSH } from './exercises/upper-push';
import { LADDERS } from './ladders';
import { SPORTS } from './sports';

const DRAFTS: readonly Draft[] = [
  ...SQUATS,
  ...HINGES,
  ...SINGLE_LEG_KNEE,
  ...SINGLE_LEG_HIP,
  ...LATERALS,
  ...JUMPS,
  ...OLYMPICS,
  ...CALF_FOOT,
  ...HIP_FLEXORS,
  ...TRUNK,
  ...UPPER_PUSH,
  ...UPPER_PULL,
  ...CARRY_SLED,
  ...LOCOMOTION,
  ...MOBILITY,
  ...AGILITY,
  ...CONDITIONING,
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
