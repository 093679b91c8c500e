import type { Day } from '../calendar';
import type { ActiveComplaint } from '../safety';
import type { Demand, Family, Level, TestId } from '../library';
import type { Caution, RelativeStrength, WeakMoment } from '../startline';
import type { TestState, TierName } from '../testing';
import type { SideDifference } from './side-difference';

/** What the coach has an athlete work on first, and what it adds to what the sport asks (START-1, 5, 7). */
export interface AthleteFocus {
  readonly id: string;
  readonly name: string;
  readonly emphasis: Readonly<Partial<Record<Demand, number>>>;
  /** entries for the range that is short; empty = told by demands */
  readonly drills: readonly string[];
  /** families its first lines come from; empty = any */
  readonly families: readonly Family[];
  /** it mends the limiting tier; a lever or a gentle start mends none */
  readonly limits: boolean;
  /** range or control limits: the tiers above run at maintenance */
  readonly holdsBack: boolean;
}

/** A place injured before, and the entries that guard it (SAFE-11). */
export interface PastInjury {
  readonly place: string;
  readonly guards: readonly string[];
}

/** What an athlete has done of the library. */
export interface History {
  /** last day each entry was done; shows what is new to the athlete */
  readonly lastDone: Readonly<Record<string, Day>>;
  /** sessions of an entry done clean at the top of its range with a fine next morning, and whether a rung above was taken */
  readonly mastered: Readonly<Record<string, number>>;
  /** last day with any session done; null = never */
  readonly lastSession: Day | null;
  /** recent work from before the log (START-4): not new to the athlete */
  readonly recent: readonly string[];
}

export const NO_HISTORY: History = { lastDone: {}, mastered: {}, lastSession: null, recent: [] };

/** What the rules know of one athlete on one day. Null = not known, never zero. */
export interface AthleteFacts {
  readonly id: string;
  readonly name: string;
  readonly ageYears: number | null;
  readonly liftLevel: Level;
  readonly jumpLevel: Level;
  readonly bodyMassKg: number | null;
  readonly growthCmPerMonth: number | null;
  readonly jumpSeasons: number | null;
  /** under the age at which a guardian's consent is asked for, and it is not noted (SAFE-3) */
  readonly consentMissing: boolean;
  readonly caution: Caution;
  /** tiers of the start line that no test has settled */
  readonly unknown: readonly TierName[];
  /** tests still in date, and those that failed when last done */
  readonly tests: Readonly<Partial<Record<TestId, TestState>>>;
  /** current e1RM of reference lifts, kg */
  readonly e1rmKg: Readonly<Record<string, number>>;
  /** squat and hinge by body mass, whichever lift tells */
  readonly strength: RelativeStrength;
  readonly complaints: readonly ActiveComplaint[];
  readonly pastInjuries: readonly PastInjury[];
  /** named for this block; null = none, or its block is over */
  readonly moment: WeakMoment | null;
  /** reference lifts that are strong enough: they move to maintenance (DOSE-6) */
  readonly atCeiling: readonly string[];
  readonly focus: AthleteFocus | null;
  /** from which take-off the athlete jumps higher, beyond the error (START-6) */
  readonly jumper: 'one-foot' | 'two-foot' | null;
  /** a leg weaker than the other (DOSE-10); null = none, or not known */
  readonly sides: SideDifference | null;
  /** rung of the control ladder the screens say (START-3), counted from 1; null = not known */
  readonly controlRung: number | null;
  /** the coach asked for light cards from this day on, for some answered sessions (PROG-10) */
  readonly lighterFrom: Day | null;
  /** the coach took a light card off: what was trained before this day asks for none (PROG-16) */
  readonly fullFrom: Day | null;
  readonly history: History;
}
