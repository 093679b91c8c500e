import type { AthleteFacts } from '../athlete';
import type { Day } from '../calendar';
import type { LoadingKit } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import type { Exposure } from './exposure';

/** What the progress rules look at for one line of one athlete. */
export interface ProgressCase {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly athlete: AthleteFacts;
  /** newest first, at least one */
  readonly exposures: readonly [Exposure, ...Exposure[]];
  /** last day of any session done */
  readonly lastSession: Day;
  readonly today: Day;
  readonly kit: LoadingKit;
}
