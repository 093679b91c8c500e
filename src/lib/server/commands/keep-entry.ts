import { and, eq, sql } from 'drizzle-orm';
import { LIBRARY } from '$catalog';
import { changedFields, type EntryKind, type EntryKinds } from '$core/library';
import { fail, ok, type Result } from '$core/result';
import type { Tx } from '../db/client';
import { libraryEntry, sessionLine, track, typedLine } from '../db/schema';
import type { ClubContext } from '../repositories/club-context';
import { recordChanges } from './record-change';

const BUILT_IN: { [K in EntryKind]: ReadonlyMap<string, EntryKinds[K]> } = {
  exercise: LIBRARY.exercises,
  ladder: LIBRARY.ladders,
  sport: LIBRARY.sports,
};

/**
 * Keeps an entry as the club wants it (copy on write): beside the built-in one as it is today, so that a later library
 * can be merged. An entry that equals the built-in one is put back.
 */
export async function keepEntry<K extends EntryKind>(
  tx: Tx,
  club: ClubContext,
  actor: string,
  kind: K,
  entry: EntryKinds[K],
): Promise<void> {
  const builtIn = BUILT_IN[kind].get(entry.id);
  if (builtIn && changedFields(builtIn, entry).length === 0) return putBack(tx, club, actor, kind, entry.id);
  const stored = club.entries.find((own) => own.kind === kind && own.id === entry.id);
  const values = { json: entry, base: builtIn ?? null, version: (stored?.version ?? 0) + 1, changedAt: new Date() };
  await tx
    .insert(libraryEntry)
    .values({ clubId: club.clubId, kind, id: entry.id, ...values })
    .onConflictDoUpdate({ target: [libraryEntry.clubId, libraryEntry.kind, libraryEntry.id], set: values });
  const before = stored?.json ?? builtIn ?? null;
  const fields = before ? changedFields(before, entry) : [];
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'library',
      from: { kind, id: entry.id, ...(before ? pick(before, fields) : {}) },
      to: { kind, id: entry.id, ...(before ? pick(entry, fields) : { added: true }) },
    },
  ]);
}

/** One entry of several to keep at once. */
export type KeptEntry = { [K in EntryKind]: { kind: K; entry: EntryKinds[K] } }[EntryKind];

/**
 * Keeps many entries in two statements: an imported file stands as one change in the history.
 * @param saw what the preview showed, for the history
 */
export async function keepEntries(
  tx: Tx,
  club: ClubContext,
  actor: string,
  entries: readonly KeptEntry[],
  saw: unknown,
): Promise<void> {
  if (entries.length === 0) return;
  const versions = new Map(club.entries.map((own) => [`${own.kind} ${own.id}`, own.version]));
  await tx
    .insert(libraryEntry)
    .values(
      entries.map(({ kind, entry }) => ({
        clubId: club.clubId,
        kind,
        id: entry.id,
        json: entry,
        base: BUILT_IN[kind].get(entry.id) ?? null,
        version: (versions.get(`${kind} ${entry.id}`) ?? 0) + 1,
      })),
    )
    .onConflictDoUpdate({
      target: [libraryEntry.clubId, libraryEntry.kind, libraryEntry.id],
      set: {
        json: sql`excluded.json`,
        base: sql`excluded.base`,
        version: sql`excluded.version`,
        changedAt: sql`now()`,
      },
    });
  await recordChanges(tx, club.clubId, [
    {
      day: club.today,
      actor,
      subject: 'library-import',
      from: null,
      to: entries.map(({ kind, entry }) => ({ kind, id: entry.id })),
      saw,
    },
  ]);
}

/** Drops the club's copy: the built-in entry counts again, or the club's own is gone. */
export async function putBack(tx: Tx, club: ClubContext, actor: string, kind: EntryKind, id: string): Promise<void> {
  const stored = club.entries.find((own) => own.kind === kind && own.id === id);
  if (!stored) return;
  await tx
    .delete(libraryEntry)
    .where(and(eq(libraryEntry.clubId, club.clubId), eq(libraryEntry.kind, kind), eq(libraryEntry.id, id)));
  await recordChanges(tx, club.clubId, [
    { day: club.today, actor, subject: 'library', from: { kind, id, json: stored.json }, to: null },
  ]);
}

const pick = (from: object, fields: readonly string[]): Record<string, unknown> =>
  Object.fromEntries(fields.map((field) => [field, (from as Record<string, unknown>)[field] ?? null]));

/**
 * Takes a club's own exercise out of the library, or puts the built-in one back.
 * @returns whether it is gone, or `entry_in_use`: what stands on a card or in somebody's own line stays
 */
export async function removeEntry(
  tx: Tx,
  club: ClubContext,
  actor: string,
  id: string,
): Promise<Result<{ gone: boolean }>> {
  const isOwn = !LIBRARY.exercises.has(id);
  if (isOwn && (await isUsed(tx, id))) return fail('entry_in_use', [], { exerciseId: id });
  await putBack(tx, club, actor, 'exercise', id);
  return ok({ gone: isOwn });
}

async function isUsed(tx: Tx, id: string): Promise<boolean> {
  const [line] = await tx
    .select({ id: sessionLine.sessionId })
    .from(sessionLine)
    .where(eq(sessionLine.exerciseId, id))
    .limit(1);
  const [own] = await tx
    .select({ id: typedLine.sessionId })
    .from(typedLine)
    .where(eq(typedLine.exerciseId, id))
    .limit(1);
  const [done] = await tx.select({ id: track.athleteId }).from(track).where(eq(track.exerciseId, id)).limit(1);
  return [line, own, done].some((one) => one !== undefined);
}

/** An id from the name, that nothing else has. */
export function freshId(name: string, club: ClubContext): string {
  const base =
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'exercise';
  for (let i = 1; ; i++) {
    const id = i === 1 ? base : `${base}-${String(i)}`;
    if (!club.library.exercises.has(id)) return id;
  }
}
