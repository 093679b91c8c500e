import type { MethodTables } from '$core/method';
import { FOCUSES } from '../start/focuses';
import { INJURIES } from '../start/injury-guards';
import { MOMENTS } from '../start/moments';
import { START } from '../start/settings';
import { TEST_SPECS } from '../tests';
import { DOSES } from './doses';
import { JUMP_LEVELS, PHASES_TABLE } from './phases';
import { COMPLAINTS, PLACES } from './safety';
import { SETTINGS } from './settings';
import { RETURNING } from './returning';
import { SIDES } from './sides';
import { TEMPLATES } from './templates';

/** The built-in tables of the method; a club's own rows are laid over them. */
export const METHOD: MethodTables = {
  doses: DOSES,
  phases: PHASES_TABLE,
  jumpLevels: JUMP_LEVELS,
  complaints: COMPLAINTS,
  places: PLACES,
  templates: TEMPLATES,
  settings: SETTINGS,
  start: START,
  tests: Object.fromEntries(TEST_SPECS),
  focuses: FOCUSES,
  moments: MOMENTS,
  injuries: INJURIES,
  sides: SIDES,
  returning: RETURNING,
};
