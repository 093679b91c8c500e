import { and, eq, inArray } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import { fail, ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { appearance, athleteDays } from '../db/schema';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { recordChanges } from './record-change';

/** Entries of one athlete's own calendar that are still ahead, or lately behind. */
const MOST_DAYS = 100;

interface OwnDays {
  readonly kind: 'event' | 'exams' | 'away';
  readonly name: string;
  readonly from: Day;
  readonly to: Day;
}

/**
 * Adds days to an athlete's own calendar. @param id from the page they were typed on: sent again corrected, they are the same
 * @returns nothing, or `closure_ends_before_start`, `too_many_parts`
 */
export async function addOwnDays(
  tx: Tx,
  club: ClubContext,
  { id: athleteId, days }: Pick<AthleteRow, 'id' | 'days'>,
  id: string,
  value: OwnDays,
  actor: string,
): Promise<Result<null>> {
  if (value.to < value.from) return fail('closure_ends_before_start', ['to']);
  if (days.length >= MOST_DAYS) return fail('too_many_parts', [], { most: MOST_DAYS });
  await tx
    .insert(athleteDays)
    .values({ clubId: club.clubId, id, athleteId, ...value })
    .onConflictDoUpdate({ target: [athleteDays.clubId, athleteDays.id], set: value });
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'own-days', athleteId, from: null, to: value, rules: ['WEEK-4'] },
  ]);
  return ok(null);
}

/** Takes days out of an athlete's own calendar; what is gone already is gone. */
export async function removeOwnDays(
  tx: Tx,
  club: ClubContext,
  { id: athleteId }: Pick<AthleteRow, 'id'>,
  id: string,
  actor: string,
): Promise<Result<null>> {
  const [gone] = await tx
    .delete(athleteDays)
    .where(and(eq(athleteDays.id, id), eq(athleteDays.athleteId, athleteId)))
    .returning();
  if (gone)
    await recordChanges(tx, club.clubId, [
      {
        day: club.today,
        actor,
        subject: 'own-days',
        athleteId,
        from: { kind: gone.kind, name: gone.name, from: gone.from, to: gone.to },
        to: null,
        rules: ['WEEK-4'],
      },
    ]);
  return ok(null);
}

export interface Played {
  readonly athleteId: string;
  readonly selected: boolean;
  readonly minutes: number | null;
  readonly rpe: number | null;
}

/**
 * Keeps who was selected for an event and how long they played; whoever is not named is taken as before.
 * @returns nothing, or `event_gone`
 */
export async function keepAppearances(
  tx: Tx,
  club: ClubContext,
  squad: SquadRow,
  eventId: string,
  { played, members }: { readonly played: readonly Played[]; readonly members: readonly AthleteRow[] },
  actor: string,
): Promise<Result<null>> {
  const event = squad.events.find(({ id }) => id === eventId);
  if (!event) return fail('event_gone', ['id']);
  const of = new Map(members.map((row) => [row.id, row]));
  const known = played.filter(({ athleteId }) => of.has(athleteId));
  const before = await tx.select().from(appearance).where(eq(appearance.eventId, eventId));
  const was = new Map(before.map(({ athleteId, selected, minutes, rpe }) => [athleteId, { selected, minutes, rpe }]));
  const changed = known.filter(({ athleteId, ...now }) => !isSame(now, was.get(athleteId) ?? AS_UNKNOWN));
  if (changed.length === 0) return ok(null);
  await tx.delete(appearance).where(
    and(
      eq(appearance.eventId, eventId),
      inArray(
        appearance.athleteId,
        changed.map(({ athleteId }) => athleteId),
      ),
    ),
  );
  const rows = changed.filter(({ athleteId: _, ...now }) => !isSame(now, AS_UNKNOWN));
  if (rows.length > 0)
    await tx.insert(appearance).values(rows.map((one) => ({ clubId: club.clubId, eventId, ...one })));
  await recordChanges(
    tx,
    club.clubId,
    changed.map(({ athleteId, ...now }) => ({
      day: club.today,
      actor,
      subject: 'played',
      athleteId,
      squadId: squad.id,
      from: was.has(athleteId) ? { event: event.name, ...was.get(athleteId) } : null,
      to: { event: event.name, on: event.day, ...now },
      rules: ['WEEK-4'],
    })),
  );
  return ok(null);
}

type How = Omit<Played, 'athleteId'>;
/** Somebody of whom nothing is known is taken as selected. */
const AS_UNKNOWN: How = { selected: true, minutes: null, rpe: null };
const isSame = (a: How, b: How): boolean => a.selected === b.selected && a.minutes === b.minutes && a.rpe === b.rpe;
