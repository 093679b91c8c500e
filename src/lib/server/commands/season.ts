import { and, eq, inArray } from 'drizzle-orm';
import { fail, ok, type Result } from '$core/result';
import { MOST_WEEKS, type Closure, type Practice } from '$core/season';
import { daysBetween, type Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { event, season } from '../db/schema';
import type { Fixture } from '../files/read-fixtures';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { derivedId } from './facts';
import { recordChanges } from './record-change';

/** Closures and practices of a season. */
const MOST_PARTS = 60;

type Season = typeof season.$inferSelect;
type SeasonPart = Partial<Pick<Season, 'start' | 'end' | 'sessionsAWeek' | 'closures' | 'practices' | 'changes'>>;

/** Sets a squad's season. @returns nothing, or `season_ends_before_start`, `season_too_long` */
export async function setSeason(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  value: { readonly start: Day; readonly end: Day; readonly sessionsAWeek: number | null },
  actor: string,
): Promise<Result<null>> {
  if (value.end < value.start) return fail('season_ends_before_start', ['end']);
  const weeks = Math.ceil((daysBetween(value.start, value.end) + 1) / 7);
  if (weeks > MOST_WEEKS) return fail('season_too_long', ['end'], { weeks, most: MOST_WEEKS });
  return writeSeason(tx, club, of, value, actor);
}

/** Adds days without the gym, or with less of everything. @param id the closure's, from the command */
export const addClosure = (tx: Tx, club: ClubContext, of: SquadRow, closure: Closure, actor: string) =>
  closure.to < closure.from
    ? Promise.resolve(fail('closure_ends_before_start', ['to']))
    : addPart(tx, club, of, 'closures', closure, actor);

/** Adds a practice of every week. */
export const addPractice = (tx: Tx, club: ClubContext, of: SquadRow, practice: Practice, actor: string) =>
  addPart(tx, club, of, 'practices', practice, actor);

async function addPart<K extends 'closures' | 'practices'>(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  what: K,
  part: Season[K][number],
  actor: string,
): Promise<Result<null>> {
  if (!of.season) return fail('no_season', []);
  // a page that is sent again corrected changes what it added before
  const there = (of.season[what] as readonly Season[K][number][]).filter(({ id }) => id !== part.id);
  if (there.length >= MOST_PARTS) return fail('too_many_parts', [], { most: MOST_PARTS });
  return writeSeason(tx, club, of, { [what]: [...there, part] }, actor);
}

/** Takes a closure or a practice out; one that is gone already is gone. */
export function removePart(tx: Tx, club: ClubContext, of: SquadRow, id: string, actor: string): Promise<Result<null>> {
  if (!of.season) return Promise.resolve(ok(null));
  const { closures, practices } = of.season;
  return writeSeason(
    tx,
    club,
    of,
    { closures: closures.filter((one) => one.id !== id), practices: practices.filter((one) => one.id !== id) },
    actor,
  );
}

/** Writes a part of a squad's season with its history. */
export async function writeSeason(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  set: SeasonPart,
  actor: string,
): Promise<Result<null>> {
  const before = of.season;
  const from = before && Object.fromEntries(Object.keys(set).map((key) => [key, before[key as keyof Season]]));
  if (before)
    await tx
      .update(season)
      .set({ ...set, version: before.version + 1 })
      .where(eq(season.squadId, of.id));
  else {
    const { start = club.today, end = club.today, ...rest } = set;
    await tx
      .insert(season)
      .values({ clubId: club.clubId, squadId: of.id, start, end, plannedFrom: club.today, ...rest });
  }
  await recordChanges(tx, club.clubId, [{ day: club.today, actor, subject: 'season', squadId: of.id, from, to: set }]);
  return ok(null);
}

/** Moves an event, or names it as one to be at the best for. @returns nothing, or `event_gone` */
export async function changeEvent(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  set: { readonly day?: Day; readonly peak?: boolean; readonly kind?: Fixture['kind'] },
  actor: string,
): Promise<Result<null>> {
  const [before] = await tx
    .select()
    .from(event)
    .where(and(eq(event.id, id), eq(event.squadId, of.id)))
    .for('update');
  if (!before) return fail('event_gone', ['id']);
  await tx
    .update(event)
    .set({ ...set, version: before.version + 1 })
    .where(and(eq(event.id, id), eq(event.squadId, of.id)));
  const { day, name, kind, peak } = before;
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'event',
      squadId: of.id,
      from: { day, name, kind, peak },
      to: { day, name, kind, peak, ...set },
    },
  ]);
  return ok(null);
}

export interface TakenFixtures {
  readonly added: number;
  readonly moved: number;
  readonly same: number;
  readonly removed: number;
}

/**
 * Takes the fixtures of a file: new ones are added, those known by their uid are moved, those called off go.
 * @param id the command's: ids follow from it
 */
export async function takeFixtures(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  { fixtures, cancelled }: { readonly fixtures: readonly Fixture[]; readonly cancelled: readonly string[] },
  actor: string,
): Promise<Result<TakenFixtures>> {
  const standing = await tx.select().from(event).where(eq(event.squadId, of.id));
  const known = new Map(standing.flatMap((one) => (one.uid === null ? [] : [[one.uid, one] as const])));
  // one typed by hand is the same match as one of that day and name
  const typed = new Set(
    standing.filter(({ uid }) => uid === null).map(({ day, name }) => `${day} ${name.toLowerCase()}`),
  );
  const fresh = fixtures.filter(({ uid, day, name }) => !known.has(uid) && !typed.has(`${day} ${name.toLowerCase()}`));
  const moved = fixtures.filter(({ uid, day, name }) => {
    const there = known.get(uid);
    return there && (there.day !== day || there.name !== name);
  });
  if (fresh.length > 0)
    await tx
      .insert(event)
      .values(fresh.map((one) => ({ clubId: club.clubId, squadId: of.id, id: derivedId(id, one.uid), ...one })));
  for (const { uid, day, name } of moved)
    await tx
      .update(event)
      .set({ day, name })
      .where(and(eq(event.squadId, of.id), eq(event.uid, uid)));
  const off = standing.filter(({ uid }) => uid !== null && cancelled.includes(uid)).map((one) => one.id);
  if (off.length > 0) await tx.delete(event).where(and(eq(event.squadId, of.id), inArray(event.id, off)));
  const taken = {
    added: fresh.length,
    moved: moved.length,
    same: fixtures.length - fresh.length - moved.length,
    removed: off.length,
  };
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'fixtures', squadId: of.id, from: null, to: taken },
  ]);
  return ok(taken);
}
