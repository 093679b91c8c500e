import type { Day, DayOrder } from '../calendar';
import type { Issue } from '../result';
import type { CellValue, RecordSide, TestSpecs, YouthRule } from '../testing';
import type { MassUnit } from '../units';

export interface ResultRowIn {
  readonly line: number;
  readonly cells: readonly string[];
}

export interface ReadResult extends CellValue {
  readonly athleteId: string;
  readonly test: string;
  readonly day: Day;
  readonly side: RecordSide;
}

/** A line that cannot be taken, and why. */
export interface BadLine {
  readonly line: number;
  readonly issues: readonly Issue[];
}

export interface ResultsRead {
  readonly results: readonly ReadResult[];
  readonly bad: readonly BadLine[];
}

export interface ResultsContext {
  /** ids by name in small letters; two of one name = null */
  readonly athletes: ReadonlyMap<string, string | null>;
  /** years, by id; not there = not known */
  readonly ages: ReadonlyMap<string, number>;
  readonly youth: YouthRule;
  readonly specs: TestSpecs;
  readonly mass: MassUnit;
  readonly dayOrder: DayOrder;
  readonly today: Day;
  /** the day of rows that name none */
  readonly day: Day;
}
