import * as Comlink from 'comlink';
import type { Assessment, SolvedCard } from '$core/choose';
import type { Card } from '$core/session';
import type { ExerciseView } from '$lib/model/exercise-view';
import type { SolverApi } from './solver.worker';

/** A card as the Bench shows it. */
export interface Bench {
  readonly card: Card;
  readonly swaps: SolvedCard['swaps'];
  readonly assessment: Assessment;
  readonly views: Readonly<Record<string, ExerciseView>>;
}

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
