import * as Comlink from 'comlink';
import type { SolverApi } from './solver.worker';

export interface Solver {
  readonly api: Comlink.Remote<SolverApi>;
  readonly close: () => void;
}

/** Starts the worker; call in the browser only. */
export function startSolver(): Solver {
  const worker = new Worker(new URL('./solver.worker.ts', import.meta.url), { type: 'module' });
  return {
    api: Comlink.wrap<SolverApi>(worker),
    close: () => {
      worker.terminate();
    },
  };
}
