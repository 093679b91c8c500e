import { inArray, isNull, sql } from 'drizzle-orm';
import { testSpecs } from '$core/athlete';
import type { Level } from '$core/library';
import { ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { athlete, squadAthlete } from '../db/schema';
import { loadSquadAthletes } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { derivedId } from './facts';
import { keepResults } from './keep-results';
import { readPastedAthletes, type PastedAthlete } from './paste-names';
import { recordChanges } from './record-change';

/** What was added by a paste: new people, and who came over from another squad with all that is known of them. */
export interface AddedAthletes {
  readonly made: number;
  readonly joined: readonly string[];
  /** lines past what one paste takes */
  readonly left: readonly string[];
  /** headings that say nothing known */
  readonly unread: readonly string[];
}

/**
 * Adds pasted names to a squad. Who is in the club already joins with complaints, loads and history: a second person of
 * that name is made only where the birth dates differ.
 * @param id the command's: ids follow from it
 */
export async function addAthletes(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  id: string,
  text: string,
  actor: string,
): Promise<Result<AddedAthletes>> {
  const present = await loadSquadAthletes(tx, of.id, club.today);
  const { rows, issues, left, unread } = readPastedAthletes(
    text,
    present.map(({ name }) => name),
    { specs: testSpecs(club.method), mass: club.massUnit, order: club.dayOrder },
  );
  if (issues.length > 0) return { ok: false, issues };
  const everybody = await tx
    .select({ id: athlete.id, name: athlete.name, birthDate: athlete.birthDate })
    .from(athlete)
    .where(isNull(athlete.erasedAt));
  const known = (row: (typeof rows)[number]) => {
    const same = everybody.filter(({ name }) => name.trim().toLowerCase() === row.name.trim().toLowerCase());
    return same.find((one) => row.birthDate === null || one.birthDate === null || one.birthDate === row.birthDate);
  };
  const joined = rows.flatMap((row) => known(row) ?? []);
  const made = rows
    .filter((row) => !known(row))
    .map(({ results: _, liftLevel, jumpLevel, ...row }) => ({
      clubId: club.clubId,
      id: derivedId(id, row.name),
      ...row,
      liftLevel: liftLevel ?? 'foundation',
      jumpLevel: jumpLevel ?? 'foundation',
    }));
  if (made.length > 0) await tx.insert(athlete).values(made);
  await tx
    .insert(squadAthlete)
    .values([...made, ...joined].map((one) => ({ clubId: club.clubId, squadId: of.id, athleteId: one.id })))
    .onConflictDoNothing();
  await recordChanges(
    tx,
    club.clubId,
    [...made, ...joined].map((one) => ({
      day: club.today,
      actor,
      subject: 'athlete-added',
      athleteId: one.id,
      squadId: of.id,
      from: null,
      to: { name: one.name },
    })),
  );
  await keepPastedResults(tx, club, actor, rows, new Map(made.map(({ name, id: of }) => [name, of])));
  return ok({ made: made.length, joined: joined.map(({ name }) => name), left, unread });
}

/** Last results that came with new people, as of today; of who was known before the log knows better. */
async function keepPastedResults(
  tx: Tx,
  club: ClubContext,
  actor: string,
  rows: readonly PastedAthlete[],
  ids: ReadonlyMap<string, string>,
): Promise<void> {
  const cells = rows.flatMap(({ name, results }) => {
    const athleteId = ids.get(name);
    return athleteId === undefined
      ? []
      : results.map((one) => ({
          ...one,
          trials: one.trials && [...one.trials],
          joints: one.joints && [...one.joints],
          athleteId,
          day: club.today,
          side: 'both' as const,
          seen: 0,
          // typed as what is known; nothing stands it could be unlikely beside
          sure: true,
          source: 'paste' as const,
        }));
  });
  if (cells.length > 0) await keepResults(tx, club, actor, cells);
}

/** Sets the levels of several athletes at once; null = as they are. @returns how many were changed */
export async function setLevels(
  tx: Tx,
  club: ClubContext,
  of: SquadRow,
  { ids, liftLevel, jumpLevel }: { ids: readonly string[]; liftLevel: Level | null; jumpLevel: Level | null },
  actor: string,
): Promise<Result<number>> {
  const present = await loadSquadAthletes(tx, of.id, club.today);
  const wanted = (row: { liftLevel: Level; jumpLevel: Level }) => ({
    liftLevel: liftLevel ?? row.liftLevel,
    jumpLevel: jumpLevel ?? row.jumpLevel,
  });
  const changed = present.filter(
    (row) =>
      ids.includes(row.id) && (wanted(row).liftLevel !== row.liftLevel || wanted(row).jumpLevel !== row.jumpLevel),
  );
  if (changed.length === 0) return ok(0);
  await tx
    .update(athlete)
    .set({
      ...(liftLevel ? { liftLevel } : {}),
      ...(jumpLevel ? { jumpLevel } : {}),
      version: sql`${athlete.version} + 1`,
    })
    .where(
      inArray(
        athlete.id,
        changed.map(({ id }) => id),
      ),
    );
  await recordChanges(
    tx,
    club.clubId,
    changed.map((row) => ({
      day: club.today,
      actor,
      subject: 'facts',
      athleteId: row.id,
      from: { liftLevel: row.liftLevel, jumpLevel: row.jumpLevel },
      to: wanted(row),
    })),
  );
  return ok(changed.length);
}
