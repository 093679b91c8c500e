import { and, eq } from 'drizzle-orm';
import type { Day, GymDay } from '$core/calendar';
import { fail, ok, type Result } from '$core/result';
import type { Kit } from '$lib/model/kit';
import type { Tx } from '../db/client';
import { event, facility, squad } from '../db/schema';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { derivedId } from './facts';
import { recordChanges } from './record-change';

/** A squad to be: where it trains is a place that is there, or a new one with what it has. */
export interface NewSquad {
  readonly name: string;
  readonly sportId: string;
  readonly gymDays: readonly GymDay[];
  readonly place: { readonly id: string } | { readonly name: string; readonly kit: Kit };
}

/**
 * Makes a squad at the place the coach named.
 * @param id the squad's, from the command: a form sent twice makes one squad
 * @returns its id, or `place_unknown_here`, `sport_unknown`
 */
export async function makeSquad(
  tx: Tx,
  club: ClubContext,
  id: string,
  { place, ...value }: NewSquad,
  actor: string,
): Promise<Result<string>> {
  if (!club.library.sports.has(value.sportId)) return fail('sport_unknown', ['sportId']);
  if ('id' in place && !club.facilities.some((one) => one.id === place.id))
    return fail('place_unknown_here', ['facilityId']);
  const facilityId = 'id' in place ? place.id : derivedId(id, 'place');
  if (!('id' in place))
    await tx.insert(facility).values({ clubId: club.clubId, id: facilityId, name: place.name, kit: place.kit });
  await tx.insert(squad).values({ clubId: club.clubId, id, facilityId, ...value, phase: 'general' });
  const { name, sportId } = value;
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'squad-made', squadId: id, from: null, to: { name, sportId } },
  ]);
  return ok(id);
}

export const setGymDays = (tx: Tx, club: ClubContext, of: SquadRow, gymDays: readonly GymDay[], actor: string) =>
  changeSquad(tx, club, of, 'gym-days', { gymDays: of.gymDays }, { gymDays }, actor);

/** @returns nothing, or `place_unknown_here` */
export async function setSquadPlace(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  { facilityId, sportId }: { readonly facilityId: string; readonly sportId: string },
  actor: string,
): Promise<Result<null>> {
  if (!club.facilities.some(({ id }) => id === facilityId) || !club.library.sports.has(sportId))
    return fail('place_unknown_here', ['facilityId']);
  const before = { facilityId: of.facilityId, sportId: of.sportId };
  return changeSquad(tx, club, of, 'squad-place', before, { facilityId, sportId }, actor);
}

async function changeSquad(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  subject: string,
  from: unknown,
  set: Partial<typeof squad.$inferInsert>,
  actor: string,
): Promise<Result<null>> {
  await tx
    .update(squad)
    .set({ ...set, version: of.version + 1 })
    .where(eq(squad.id, of.id));
  await recordChanges(tx, club.clubId, [{ day: club.today, actor, subject, squadId: of.id, from, to: set }]);
  return ok(null);
}

/** @param id the event's, from the page it was typed on: sent again corrected, it is the same event */
export async function addEvent(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  value: { readonly day: Day; readonly name: string; readonly kind: 'friendly' | 'league' | 'cup' | 'final' },
  actor: string,
): Promise<Result<null>> {
  const before = of.events.find((one) => one.id === id);
  await tx
    .insert(event)
    .values({ clubId: club.clubId, id, squadId: of.id, ...value })
    .onConflictDoUpdate({ target: [event.clubId, event.id], set: value });
  const from = before ? { day: before.day, name: before.name, kind: before.kind } : null;
  await recordChanges(tx, club.clubId, [{ day: club.today, actor, subject: 'event', squadId: of.id, from, to: value }]);
  return ok(null);
}

/** Takes an event of this squad out; one that is gone already is gone. */
export async function removeEvent(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  actor: string,
): Promise<Result<null>> {
  const [gone] = await tx
    .delete(event)
    .where(and(eq(event.id, id), eq(event.squadId, of.id)))
    .returning();
  if (gone)
    await recordChanges(tx, club.clubId, [
      {
        day: club.today,
        actor,
        subject: 'event',
        squadId: of.id,
        from: { day: gone.day, name: gone.name, kind: gone.kind },
        to: null,
      },
    ]);
  return ok(null);
}
