import { estimateOneRepMax, type OneRepMaxFormula, type TestRecord } from '../testing';

/** Lifts as their e1RM by the prescribing formula, kg; a set that gives none is left out, everything else stays. */
export function withEstimates(
  records: readonly TestRecord[],
  loading: { readonly formula: OneRepMaxFormula; readonly maxReps: number },
): TestRecord[] {
  return records.flatMap((record) => {
    if (record.loadKg === null || record.reps === null) return [record];
    const estimate = estimateOneRepMax(loading.formula, record.loadKg, record.reps, record.rir ?? 0, loading.maxReps);
    return estimate.ok ? [{ ...record, value: estimate.value }] : [];
  });
}
