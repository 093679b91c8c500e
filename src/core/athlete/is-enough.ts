import type { Exercise } from '../library';
import type { AthleteFacts } from './athlete-facts';

/** Whether an entry loads a lift the athlete is strong enough in: it is kept, not raised (DOSE-6). */
export const isEnough = ({ load }: Pick<Exercise, 'load'>, { atCeiling }: Pick<AthleteFacts, 'atCeiling'>): boolean =>
  load.oneRepMax !== null && atCeiling.includes(load.oneRepMax.lift);
