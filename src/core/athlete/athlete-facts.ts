import type { Day } from '../calendar';
import type { ActiveComplaint } from '../safety';
import type { Level, TestId } from '../library';
import type { TestState } from '../testing';

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
  /** last day each entry was done; shows which rungs are owned and what is new to the athlete */
  readonly lastDone: Readonly<Record<string, Day>>;
}
