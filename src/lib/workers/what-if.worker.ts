import * as Comlink from 'comlink';
import { compareLoads, fitMemories, modelsIn, type Difference, type MemoryRanges, type TestOn } from '$core/load';
import { seeded } from '$core/random';

/** What two plans ask day by day, and the tests that may fit a model to the first. */
export interface WhatIf {
  readonly a: readonly number[];
  readonly b: readonly number[];
  readonly tests: readonly TestOn[];
  readonly ranges: MemoryRanges;
  readonly least: number;
  readonly draws: number;
}

/** The same tests give the same answer. */
const SEED = 15;

/** Holds two plans side by side, off the main thread. */
const api = {
  compare({ a, b, tests, ranges, least, draws }: WhatIf): { fitted: boolean; days: Difference[] } {
    const fit = fitMemories(a, tests, ranges, { least, draws }, seeded(SEED));
    return {
      fitted: fit.ok,
      days: compareLoads(a, b, fit.ok ? fit.value : modelsIn(ranges), fit.ok),
    };
  },
};

export type WhatIfApi = typeof api;
Comlink.expose(api);
