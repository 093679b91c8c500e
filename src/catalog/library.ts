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

/** Runs, shuttles, sleds and prep drills that strike or turn: they stop with a sore place's jumps (SAFE-8). */
const STRIKES: ReadonlySet<string> = new Set([
  ...AGILITY.map(({ id }) => id),
  ...CONDITIONING.map(({ id }) => id).filter((id) => id !== 'swing-intervals'),
  'backward-push',
  'backward-reach',
  'carioca',
  'heels-up',
  'high-knees',
  'march-skip-series',
  'side-shuffle',
  'travel-series',
  'sled-drag-backward',
  'sled-lateral-drag',
  'sled-march',
  'sled-push',
]);

/** Done on a knee: they stop with a knee at 3 or more (SAFE-8). */
const KNEELS: ReadonlySet<string> = new Set([
  'nordic-full',
  'nordic-partial',
  'nordic-raised',
  'kneel-to-box',
  'kneel-to-squat',
  'kneel-to-squat-arms',
  'crawl-knees-down',
  'adductor-rock',
  'band-hip-flexor-opener',
  'contract-relax-hip-flexor',
  'toe-opener',
  'upper-back-turn',
  'wrist-rocks',
  'band-chop',
  'bird-dog',
  'rollout',
  'band-pull-down',
  'half-kneeling-landmine-press',
  'two-hand-landmine-press',
]);

const withPlaceFlags = (draft: Draft): Draft => ({
  ...draft,
  flags: [
    ...draft.flags,
    ...(STRIKES.has(draft.id) ? (['strikes'] as const) : []),
    ...(KNEELS.has(draft.id) ? (['kneeling'] as const) : []),
  ],
});

/** Which rung an entry stands on is written once, in the ladders. */
const withRung = (draft: Draft): Exercise => {
  for (const ladder of LADDERS) {
    const rung = ladder.rungs.findIndex(({ exercises }) => exercises.includes(draft.id));
    if (rung >= 0) return { ...draft, ladder: { id: ladder.id, rung: rung + 1 } };
  }
  return { ...draft, ladder: null };
};

export const EXERCISES: readonly Exercise[] = DRAFTS.map(withPlaceFlags).map(withRung);

/** The built-in library. */
export const LIBRARY: Library = buildLibrary(EXERCISES, LADDERS, SPORTS);
