import type { MethodTables } from '$core/method';
import { DOSES } from './doses';
import { JUMP_LEVELS, PHASES_TABLE } from './phases';
import { COMPLAINTS, PLACES } from './safety';
import { SETTINGS } from './settings';
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
};
