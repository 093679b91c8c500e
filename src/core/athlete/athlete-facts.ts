import type { Day } from '../calendar';
import type { ActiveComplaint } from '../safety';
import type { Demand, Family, Level, Muscle, Quality, TestId } from '../library';
import type { TestState } from '../testing';

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

/** A moment of the sport in which the athlete is weak, and what lies behind it (START-12). */
export interface WeakMoment {
  readonly id: string;
  readonly name: string;
  readonly quality: Quality;
  /** empty = the quality alone */
  readonly muscles: readonly Muscle[];
}

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
  /** tests still in date */
  readonly tests: Readonly<Partial<Record<TestId, TestState>>>;
  /** current e1RM of reference lifts, kg */
  readonly e1rmKg: Readonly<Record<string, number>>;
  readonly complaints: readonly ActiveComplaint[];
  readonly pastInjuries: readonly PastInjury[];
  /** named for this block; null = none, or its block is over */
  readonly moment: WeakMoment | null;
  /** reference lifts that are strong enough: they move to maintenance (DOSE-6) */
  readonly atCeiling: readonly string[];
  readonly focus: AthleteFocus | null;
  /** from which take-off the athlete jumps higher, beyond the error (START-6) */
  readonly jumper: 'one-foot' | 'two-foot' | null;
  /** last day each entry was done; shows which rungs are owned and what is new to the athlete */
  readonly lastDone: Readonly<Record<string, Day>>;
}
