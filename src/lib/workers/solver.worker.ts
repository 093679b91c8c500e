import * as Comlink from 'comlink';
import { LIBRARY, METHOD } from '$catalog';
import {
  giveOwn,
  measureCard,
  offerEntries,
  solveCard,
  type Brief,
  type Given,
  type MeasuredCard,
  type Offer,
} from '$core/choose';
import { overlayLibrary, type OwnEntry } from '$core/library';
import { overlayTables, schoolLibrary, type ClubTable } from '$core/method';
import type { Result } from '$core/result';
import type { Card, TypedLine } from '$core/session';
import { viewsOf } from '$lib/model/exercise-view';
import type { Bench } from './bench';

/** The club's own tables and entries as they came last: most calls bring the same ones again. */
const last: { key: string; of: ReturnType<typeof lay> | null } = { key: '', of: null };

function lay(tables: readonly ClubTable[], entries: readonly OwnEntry[]) {
  return { method: overlayTables(METHOD, tables), library: overlayLibrary(LIBRARY, entries) };
}

function ofClub(tables: readonly ClubTable[], entries: readonly OwnEntry[]) {
  const key = JSON.stringify([tables, entries]);
  last.of = last.of !== null && last.key === key ? last.of : lay(tables, entries);
  last.key = key;
  return last.of;
}

const MOST_OFFERED = 40;

/** Chooses and measures cards off the main thread. */
const api = {
  solve(brief: Brief, tables: readonly ClubTable[], entries: readonly OwnEntry[]): Result<Bench> {
    const { method, library } = ofClub(tables, entries);
    const solved = solveCard(brief, library, method);
    if (!solved.ok) return solved;
    const { card, view, assessment, swaps } = solved.value;
    const ids = [
      ...card.lines.flatMap((line) => [line.exerciseId, ...line.substitutes.map(({ exerciseId }) => exerciseId)]),
      ...view.flatMap((own) => own.exerciseId ?? []),
      ...Object.values(swaps).flatMap((list) => list.map((swap) => swap.exerciseId)),
    ];
    const views = viewsOf(new Set(ids), schoolLibrary(library, brief.schools, method));
    return { ok: true, value: { card, view, assessment, swaps, views } };
  },
  /** A card as it stands, read anew: lines of others came in, or the coach took some back. */
  measure(card: Card, brief: Brief, tables: readonly ClubTable[], entries: readonly OwnEntry[]): MeasuredCard {
    const { method, library } = ofClub(tables, entries);
    return measureCard(card, brief, library, method);
  },
  /** What a line is for one athlete when the coach asks for less, other, or an entry. */
  give(
    card: Card,
    at: { slot: string; athleteId: string },
    given: Given,
    brief: Brief,
    tables: readonly ClubTable[],
    entries: readonly OwnEntry[],
  ): Result<TypedLine> {
    const { method, library } = ofClub(tables, entries);
    return giveOwn(card, at, given, brief, library, method);
  },
  /** The library searched for a line to add. */
  offer(query: string, brief: Brief, tables: readonly ClubTable[], entries: readonly OwnEntry[]): Offer[] {
    const { method, library } = ofClub(tables, entries);
    return offerEntries(query, brief, library, method, MOST_OFFERED);
  },
};

export type SolverApi = typeof api;
Comlink.expose(api);
