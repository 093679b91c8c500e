import { eq, sql } from 'drizzle-orm';
import { v7 } from 'uuid';
import { addDays } from '$core/calendar';
import { fail, ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { athleteDays, club as clubTable } from '../db/schema';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { recordChanges } from './record-change';

const DAYS_A_MONTH = 30.44;

/**
 * Forgets a person who asked for it: name, facts, health notes, results and free text go; sets and doses stay for the
 * squad's counts, under no name.
 * @param typed the name, typed by who does it: it cannot be undone
 * @returns nothing, or `name_differs`
 */
export async function eraseAthlete(
  tx: Tx,
  club: ClubContext,
  row: Pick<AthleteRow, 'id' | 'name'>,
  typed: string,
  actor: string,
): Promise<Result<null>> {
  const same = (text: string): string => text.trim().replace(/\s+/g, ' ').toLowerCase();
  if (same(typed) !== same(row.name)) return fail('name_differs', ['name'], { name: row.name });
  await forgetWords(tx, row);
  await tx.execute(sql`select forget_athlete(${row.id}::uuid, ${actor}, ${club.today}::date, ${v7()}::uuid)`);
  return ok(null);
}

/** The athlete's own calendar, coaches' notes on lines that are for this person or name them, and the names of kept cards. */
async function forgetWords(tx: Tx, { id, name }: Pick<AthleteRow, 'id' | 'name'>): Promise<void> {
  await tx.delete(athleteDays).where(eq(athleteDays.athleteId, id));
  await tx.execute(sql`
    update session_line set note = null, override = case when override is null then null else 'A reason that was forgotten' end,
      version = version + 1
    where (note is not null or override is not null)
      and ("only" @> ${JSON.stringify([id])}::jsonb or override_for @> ${JSON.stringify([id])}::jsonb or position(lower(${name}) in lower(concat(note, ' ', override))) > 0)`);
  await tx.execute(sql`
    update kept_card set
      name = case when position(lower(${name}) in lower(name)) > 0 then 'Kept card ' || left(md5(name), 8) else name end,
      lines = (
        select jsonb_agg(case when position(lower(${name}) in lower(line ->> 'note')) > 0
          then line || '{"note": null}'::jsonb else line end)
        from jsonb_array_elements(lines) line)
    where position(lower(${name}) in lower(name || lines::text)) > 0`);
}

/** How long the club keeps closed complaints and morning answers. */
export async function setHealthMonths(tx: Tx, club: ClubContext, months: number, actor: string): Promise<Result<null>> {
  await tx.update(clubTable).set({ healthMonths: months }).where(eq(clubTable.clubId, club.clubId));
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'health-months',
      from: { months: club.healthMonths },
      to: { months },
      rules: ['SAFE-7'],
    },
  ]);
  return ok(null);
}

/** Forgets the club's health notes that are past its own time. @returns how many rows went */
export async function forgetOldHealth(
  tx: Tx,
  { healthMonths, today }: Pick<ClubContext, 'healthMonths' | 'today'>,
): Promise<number> {
  const before = addDays(today, -Math.round(healthMonths * DAYS_A_MONTH));
  const { rows } = await tx.execute<{ gone: number }>(
    sql`select forget_old_health(${before}::date, ${today}::date, ${v7()}::uuid) as gone`,
  );
  return rows[0]?.gone ?? 0;
}
