import * as Comlink from 'comlink';
import { LIBRARY, METHOD } from '$catalog';
import { assessCard, solveCard, type Brief } from '$core/choose';
import { overlayLibrary, type Library, type OwnEntry } from '$core/library';
import { overlayTables, schoolLibrary, type ClubTable } from '$core/method';
import type { Result } from '$core/result';
import type { Card } from '$core/session';
import { viewsOf } from '$lib/model/exercise-view';
import type { Bench } from './bench';

/**
 * Chooses and measures cards off the main thread. The club's own tables and entries come with the call, so the worker holds no
 * state but the built-in library.
 */
const api = {
  solve(brief: Brief, tables: readonly ClubTable[], entries: readonly OwnEntry[]): Result<Bench> {
    const method = overlayTables(METHOD, tables);
    const library = overlayLibrary(LIBRARY, entries);
    const solved = solveCard(brief, library, method);
    if (!solved.ok) return solved;
    const { card, swaps } = solved.value;
    return {
      ok: true,
      value: {
        card,
        swaps,
        ...measured(
          card,
          brief,
          method,
          library,
          Object.values(swaps).flatMap((list) => list.map((swap) => swap.exerciseId)),
        ),
      },
    };
  },
};

function measured(card: Card, brief: Brief, method: typeof METHOD, library: Library, others: readonly string[]) {
  const ids = [
    ...card.lines.map((line) => line.exerciseId),
    ...card.overrides.flatMap((own) => own.exerciseId ?? []),
    ...others,
  ];
  return {
    assessment: assessCard(card, brief, library, method),
    views: viewsOf(new Set(ids), schoolLibrary(library, brief.schools, method)),
  };
}

export type SolverApi = typeof api;
Comlink.expose(api);
