/** An athlete at a station, with the load that decides who lifts beside whom. */
export interface StationAthlete {
  readonly id: string;
  readonly loadKg: number | null;
}

/**
 * Shares athletes over stations so that neighbours in load stand together and change few plates: sorted by load, cut
 * into even groups (FLOOR-1, ORD-3). Without loads the order given stays.
 * @param stations how many there are, ≥ 1
 * @returns groups of athlete ids, none empty
 * @throws {RangeError} stations below 1
 * @example shareStations([{ id: 'a', loadKg: 60 }, { id: 'b', loadKg: 80 }], 2) // [['a'], ['b']]
 */
export function shareStations(athletes: readonly StationAthlete[], stations: number): string[][] {
  if (!(stations >= 1)) throw new RangeError(`shareStations: stations must be ≥ 1, got ${stations}`);
  const order = athletes
    .map((athlete, i) => ({ ...athlete, i }))
    .sort((a, b) => (a.loadKg ?? 0) - (b.loadKg ?? 0) || a.i - b.i);
  const count = Math.min(stations, order.length);
  return Array.from({ length: count }, (_, s) =>
    order
      .slice(Math.round((s * order.length) / count), Math.round(((s + 1) * order.length) / count))
      .map(({ id }) => id),
  );
}

/**
 * Who lifts now and who is next: whoever has done fewest sets, in the station's order.
 * @param done sets done, by athlete id
 * @param wanted sets written, by athlete id
 * @returns ids still to lift, in turn; empty when the station is through
 */
export const turnOrder = (
  station: readonly string[],
  done: ReadonlyMap<string, number>,
  wanted: ReadonlyMap<string, number>,
): string[] =>
  station
    .map((id, i) => ({ id, i, sets: done.get(id) ?? 0 }))
    .filter(({ id, sets }) => sets < (wanted.get(id) ?? 0))
    .sort((a, b) => a.sets - b.sets || a.i - b.i)
    .map(({ id }) => id);
