import type { AthleteFacts } from '../athlete';
import type { Day } from '../calendar';
import type { LoadingKit } from '../dose';
import type { Exercise } from '../library';
import type { DoseRowId } from '../method';
import type { Exposure, Track } from '../track';

/** What the progress rules look at for one exercise of one athlete in one dose row. */
export interface ProgressCase {
  readonly exercise: Exercise;
  readonly row: DoseRowId;
  readonly athlete: AthleteFacts;
  readonly track: Track;
  /** the athlete's other tracks in this row: a rung left before remembers why */
  readonly trackOf: (exerciseId: string) => Track | null;
  readonly today: Day;
  readonly kit: LoadingKit;
  /** it was done from a squad's card, and whether that block develops it; null = an own programme (PROG-16) */
  readonly squad: { readonly develops: boolean } | null;
}

/** A case with its newest exposure and the dose it moves from, worked out once. */
export interface JudgedCase extends ProgressCase {
  readonly last: Exposure;
  /** what the athlete owns; the day's easing is not in it */
  readonly owned: Exposure['dose'];
}
