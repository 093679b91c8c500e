import { v5 } from 'uuid';
import { addDays, daysBetween, type Day } from '$core/calendar';
import { fail, ok, type Result } from '$core/result';
import { MOST_WEEKS, NO_CHANGES } from '$core/season';
import type { SeasonBasis } from '$lib/model/season-file';
import type { Tx } from '../db/client';
import { event, season } from '../db/schema';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { derivedId } from './facts';
import { recordChanges } from './record-change';

/** A year of whole weeks: weekdays stay what they are. */
const YEAR_DAYS = 364;
/** Weeks before its last day from which a season may give way to the next one. */
export const CLOSING_WEEKS = 8;

/** What a season is laid from, wherever it comes from. */
type Basis = Pick<SeasonBasis, 'season' | 'closures' | 'practices' | 'events'>;

interface Copy {
  readonly basis: Basis;
  /** days everything moves by: whole weeks */
  readonly by: number;
  /** what the history says it came from */
  readonly from: string;
}

/**
 * Copies another squad's season to this one, which has none: dates, closed days and practices, and its events when asked,
 * all of them moved by whole weeks so that it starts in the week asked for.
 * @returns nothing, or `season_there`, `no_season`
 */
export function copySeason(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  { from, start, events }: { readonly from: SquadRow; readonly start: Day; readonly events: boolean },
  actor: string,
): Promise<Result<null>> {
  if (!from.season) return Promise.resolve(fail('no_season', ['squad']));
  if (of.season) return Promise.resolve(fail('season_there', ['squad']));
  const basis = basisOf(from, from.season);
  const by = Math.round(daysBetween(from.season.start, start) / 7) * 7;
  return lay(tx, club, of, id, { basis: events ? basis : { ...basis, events: [] }, by, from: from.name }, actor);
}

/**
 * Lays a season from a file for a squad that has none, as the file has it.
 * @returns nothing, or `season_there`, `season_ends_before_start`, `season_too_long`
 */
export async function seasonFromFile(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  file: SeasonBasis,
  actor: string,
): Promise<Result<null>> {
  if (of.season) return fail('season_there', ['file']);
  const { start, end } = file.season;
  if (end < start) return fail('season_ends_before_start', ['file']);
  const weeks = Math.ceil((daysBetween(start, end) + 1) / 7);
  if (weeks > MOST_WEEKS) return fail('season_too_long', ['file'], { weeks, most: MOST_WEEKS });
  return lay(tx, club, of, id, { basis: file, by: 0, from: 'a file' }, actor);
}

/**
 * The next season as this one was, its dates moved to its fixtures: so that the first match that counts lies on the first
 * one known after this season, else by 52 weeks. Events are not invented: the new ones are those already there.
 * @returns nothing, or `no_season`, `season_runs` while more than some weeks of it are left
 */
export async function nextSeason(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  actor: string,
): Promise<Result<null>> {
  if (!of.season) return fail('no_season', []);
  if (addDays(club.today, CLOSING_WEEKS * 7) < of.season.end)
    return fail('season_runs', [], { end: of.season.end, weeks: CLOSING_WEEKS });
  const basis = basisOf(of, of.season);
  return lay(tx, club, of, id, { basis: { ...basis, events: [] }, by: movedBy(of, of.season), from: of.name }, actor);
}

function movedBy(
  { events }: Pick<SquadRow, 'events'>,
  { start, end }: { readonly start: Day; readonly end: Day },
): number {
  const counted = events.filter(({ kind }) => kind !== 'friendly').map(({ day }) => day);
  const first = counted.filter((day) => start <= day && day <= end).sort()[0];
  const next = counted.filter((day) => day > end).sort()[0];
  return first === undefined || next === undefined ? YEAR_DAYS : Math.round(daysBetween(first, next) / 7) * 7;
}

const basisOf = ({ events }: SquadRow, season: NonNullable<SquadRow['season']>): Basis => ({
  season: { start: season.start, end: season.end, sessionsAWeek: season.sessionsAWeek },
  closures: [...season.closures],
  practices: [...season.practices],
  events: events.filter(({ day }) => season.start <= day),
});

async function lay(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  { basis, by, from }: Copy,
  actor: string,
): Promise<Result<null>> {
  const on = (day: Day): Day => addDays(day, by);
  const part = (i: number, what: string): string => v5(`${what} ${String(i)}`, id);
  const laid = {
    start: on(basis.season.start),
    end: on(basis.season.end),
    sessionsAWeek: basis.season.sessionsAWeek,
    closures: basis.closures.map(({ name, from: first, to, kind }, i) => ({
      id: part(i, 'closure'),
      name,
      kind,
      from: on(first),
      to: on(to),
    })),
    practices: basis.practices.map(({ weekday, start, minutes, hardness, jumps }, i) => ({
      id: part(i, 'practice'),
      weekday,
      start,
      minutes,
      hardness,
      jumps,
      except: [],
    })),
    changes: NO_CHANGES,
    plannedFrom: club.today,
  };
  await tx
    .insert(season)
    .values({ clubId: club.clubId, squadId: of.id, ...laid })
    .onConflictDoUpdate({
      target: [season.clubId, season.squadId],
      set: { ...laid, version: (of.season?.version ?? 0) + 1 },
    });
  const there = new Set(of.events.map(({ day, name }) => `${day} ${name}`));
  const fresh = basis.events
    .map(({ day, name, kind, peak }, i) => ({
      clubId: club.clubId,
      squadId: of.id,
      id: derivedId(id, `event ${String(i)}`),
      day: on(day),
      name,
      kind,
      peak,
    }))
    .filter(({ day, name }) => !there.has(`${day} ${name}`));
  if (fresh.length > 0) await tx.insert(event).values(fresh);
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'season',
      squadId: of.id,
      from: of.season && { start: of.season.start, end: of.season.end },
      to: { start: laid.start, end: laid.end, copiedFrom: from, events: fresh.length },
    },
  ]);
  return ok(null);
}
