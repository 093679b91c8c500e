import type { Day } from '../calendar';
import type { Dose } from '../dose';
import type { DoseRowId } from '../method';
import type { LoggedSet, Response, StepCause } from './facts';

/** One time an athlete did an entry: what was written, what was done, and how the next morning was. */
export interface Exposure {
  readonly sessionId: string;
  readonly day: Day;
  readonly dose: Dose;
  /** what it would have been without the day's easing; null = unknown */
  readonly based: Dose | null;
  readonly eased: readonly string[];
  readonly sets: readonly LoggedSet[];
  /** null = no answer (PROG-6) */
  readonly response: Response | null;
  /** what rules have settled of it by themselves */
  readonly settledBy: readonly StepCause[];
}

/** A dose an athlete owns, how it came about, and the rules that asked for it. */
interface Owned {
  readonly dose: Dose;
  readonly by: StepCause | 'done';
  readonly rules: readonly string[];
}

/** What one athlete owns of one exercise in one dose row, and how it came about. Nothing in it waits. */
export interface Track {
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly role: string;
  readonly owned: Owned | null;
  /** what a layoff took away, until it is given back (PROG-7) */
  readonly before: Dose | null;
  /** the rung this one was left for; null = it stands */
  readonly movedTo: string | null;
  /** newest first, six at most */
  readonly exposures: readonly Exposure[];
  /** since the last change of rung */
  readonly done: number;
  readonly clean: number;
  readonly firstDone: Day | null;
  readonly lastDone: Day | null;
  /** times the rung was left because of tightness (PROG-4) */
  readonly sentDown: number;
  /** the coach held the line: what was done up to this day asks for nothing more */
  readonly heldThrough: Day | null;
}

/** Exposures a track remembers. */
export const EXPOSURES_KEPT = 6;

export const emptyTrack = (exerciseId: string, row: DoseRowId): Track => ({
  exerciseId,
  row,
  role: '',
  owned: null,
  before: null,
  movedTo: null,
  exposures: [],
  done: 0,
  clean: 0,
  firstDone: null,
  lastDone: null,
  sentDown: 0,
  heldThrough: null,
});

export const trackKey = (exerciseId: string, row: DoseRowId): string => `${exerciseId} ${row}`;

/**
 * Whether every set was done as written or above with no fault (COUNT-5). A set eased for the day is clean when it
 * reaches what was written, and earns nothing (`earns`).
 */
export const isClean = ({ dose, sets }: Pick<Exposure, 'dose' | 'sets'>): boolean => reaches(dose, sets);

/** Whether an exposure may move its dose up: clean, and not easier than what the athlete owns. */
export const earns = (exposure: Pick<Exposure, 'dose' | 'based' | 'eased' | 'sets'>): boolean =>
  isClean(exposure) &&
  (exposure.eased.length === 0 || (exposure.based !== null && reaches(exposure.based, exposure.sets)));

function reaches(dose: Dose, sets: readonly LoggedSet[]): boolean {
  return (
    sets.length >= dose.sets &&
    sets.every(
      (set) =>
        set.fault === null &&
        set.amount >= dose.amount &&
        (dose.loadKg === null || set.loadKg === null || set.loadKg >= dose.loadKg) &&
        (dose.rir === null || set.rir === null || set.rir >= dose.rir),
    )
  );
}
