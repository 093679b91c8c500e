import { asc, eq, sql } from 'drizzle-orm';
import { fail, ok, type Result } from '$core/result';
import type { KeptCardBody } from '$lib/model/bodies';
import type { KeptCard } from '$lib/model/bench-ground';
import type { Tx } from '../db/client';
import { keptCard } from '../db/schema';
import { loadClub } from '../repositories/club-context';
import { recordChanges } from './record-change';

/** Cards a club keeps to start others from. */
const MOST_KEPT = 60;

/** What the history says of one: no words of the coach's, which it could not forget (SAFE-7). */
const told = ({ minutes, lines }: Pick<KeptCard, 'minutes' | 'lines'>) => ({ minutes, lines: lines.length });

/** What the club has kept, by name: one statement. */
export const loadKeptCards = (tx: Tx): Promise<KeptCard[]> =>
  tx
    .select({ name: keptCard.name, minutes: keptCard.minutes, lines: keptCard.lines })
    .from(keptCard)
    .orderBy(asc(keptCard.name));

/**
 * Keeps a card to start others from; the same name is written over.
 * @returns all that are kept now; or `entry_unknown`, `too_many_kept`
 */
export async function keepKeptCard(
  tx: Tx,
  actor: string,
  { name, minutes, lines }: Omit<KeptCardBody, 'id'>,
): Promise<Result<KeptCard[]>> {
  const club = await loadClub(tx);
  const unknown = lines.find(({ exerciseId }) => !club.library.exercises.has(exerciseId));
  if (unknown) return fail('entry_unknown', ['lines'], { exerciseId: unknown.exerciseId });
  const there = await loadKeptCards(tx);
  const before = there.find((one) => one.name === name);
  if (!before && there.length >= MOST_KEPT) return fail('too_many_kept', ['name'], { most: MOST_KEPT });
  await tx
    .insert(keptCard)
    .values({ clubId: club.clubId, name, minutes, lines })
    .onConflictDoUpdate({
      target: [keptCard.clubId, keptCard.name],
      set: { minutes, lines, changedAt: sql`now()` },
    });
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'kept-card', from: before ? told(before) : null, to: told({ minutes, lines }) },
  ]);
  return ok(await loadKeptCards(tx));
}

/** Takes a kept card away; cards that were started from it stay. @returns all that are kept now */
export async function dropKeptCard(tx: Tx, actor: string, name: string): Promise<Result<KeptCard[]>> {
  const club = await loadClub(tx);
  const [gone] = await tx.delete(keptCard).where(eq(keptCard.name, name)).returning();
  if (gone)
    await recordChanges(tx, club.clubId, [
      {
        day: club.today,
        actor,
        subject: 'kept-card',
        from: told(gone),
        to: null,
      },
    ]);
  return ok(await loadKeptCards(tx));
}
