import { CALF_FOOT_FIGURES } from './calf-foot';
import { CARRY_AND_RUN_FIGURES } from './carry-and-run';
import { HINGE_FIGURES } from './hinge';
import { HIP_FLEXOR_FIGURES } from './hip-flexor';
import { JUMP_FIGURES } from './jump';
import { LATERAL_FIGURES } from './lateral';
import { OLYMPIC_FIGURES } from './olympic';
import type { Figures } from './pose';
import { PREP_FIGURES } from './prep';
import { SINGLE_LEG_FIGURES } from './single-leg';
import { SQUAT_FIGURES } from './squat';
import { TRUNK_FIGURES } from './trunk';
import { UPPER_FIGURES } from './upper';

/** How every entry of the library is drawn, by exercise id; apart from the entries so that choosing never loads it. */
export const FIGURES: Figures = {
  ...SQUAT_FIGURES,
  ...HINGE_FIGURES,
  ...SINGLE_LEG_FIGURES,
  ...LATERAL_FIGURES,
  ...JUMP_FIGURES,
  ...OLYMPIC_FIGURES,
  ...CALF_FOOT_FIGURES,
  ...HIP_FLEXOR_FIGURES,
  ...TRUNK_FIGURES,
  ...UPPER_FIGURES,
  ...CARRY_AND_RUN_FIGURES,
  ...PREP_FIGURES,
};
