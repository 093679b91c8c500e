import { eq } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import { ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { battery, testDay } from '../db/schema';
import type { ClubContext } from '../repositories/club-context';
import { derivedId } from './facts';

/** Chooses the tests of a squad's day, and keeps them under a name when one is given. */
export async function keepTestDay(
  tx: Tx,
  { clubId }: ClubContext,
  squadId: string,
  day: Day,
  { tests, name }: { readonly tests: readonly string[]; readonly name: string },
): Promise<Result<null>> {
  await tx
    .insert(testDay)
    .values({ clubId, squadId, day, tests })
    .onConflictDoUpdate({ target: [testDay.clubId, testDay.squadId, testDay.day], set: { tests } });
  if (name === '') return ok(null);
  const [same] = await tx.select().from(battery).where(eq(battery.name, name));
  if (same) await tx.update(battery).set({ tests }).where(eq(battery.id, same.id));
  else
    await tx
      .insert(battery)
      .values({ clubId, id: derivedId(clubId, 'battery', name), name, tests })
      .onConflictDoNothing();
  return ok(null);
}
