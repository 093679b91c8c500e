import type { Day } from '../calendar';
import type { ActiveComplaint } from '../safety';
import type { Demand, Level, TestId } from '../library';
import type { TestState } from '../testing';

/** What the coach has an athlete work on first, and what it adds to what the sport asks (START-1, 5, 7). */
export interface AthleteFocus {
  readonly id: string;
  readonly name: string;
  readonly emphasis: Readonly<Partial<Record<Demand, number>>>;
  /** range or control limits: the tiers above run at maintenance */
  readonly holdsBack: boolean;
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
  /** places injured before (SAFE-11) */
  readonly pastInjuries: readonly string[];
  readonly focus: AthleteFocus | null;
  /** from which take-off the athlete jumps higher, beyond the error (START-6) */
  readonly jumper: 'one-foot' | 'two-foot' | null;
  /** last day each entry was done; shows which rungs are owned and what is new to the athlete */
  readonly lastDone: Readonly<Record<string, Day>>;
}
