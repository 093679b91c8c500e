import { outcomeOf, type Outcome, type TestRecord, type TestSpecs } from '../testing';

export type TierState = 'passed' | 'failed' | 'unknown';

/** Every test of an athlete that has a value, by id. */
export type Outcomes = ReadonlyMap<string, Outcome>;

/** All tests of an athlete as they stand today. */
export function outcomesOf(records: readonly TestRecord[], specs: TestSpecs, today: string): Outcomes {
  const byTest = new Map<string, TestRecord[]>();
  for (const record of records) {
    const own = byTest.get(record.test);
    if (own) own.push(record);
    else byTest.set(record.test, [record]);
  }
  return new Map(
    [...byTest].flatMap(([id, own]) => {
      const spec = specs.get(id);
      return spec ? [[id, outcomeOf(spec, own, today)] as const] : [];
    }),
  );
}
