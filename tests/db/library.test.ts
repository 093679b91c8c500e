import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { LIBRARY } from '../../src/catalog';
import { exerciseToRow, EXERCISE_COLUMNS } from '../../src/core/exchange';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { change, clubTable, libraryEntry, squad } from '../../src/lib/server/db/schema';
import { libraryOf, loadClub } from '../../src/lib/server/repositories/club-context';
import { keepEntries, keepEntry, putBack } from '../../src/lib/server/commands/keep-entry';
import { readLibraryFile } from '../../src/lib/server/files/read-library';
import Papa from 'papaparse';
import { makeClub, type TestClub } from './club';

let one: TestClub;
let other: TestClub;
beforeAll(async () => {
  one = await makeClub();
  other = await makeClub();
});
afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

const SQUAT = LIBRARY.exercises.get('goblet-squat')!;
const clubOf = (of: TestClub) => withClub(of.clubId, (tx) => loadClub(tx));
const csv = (rows: readonly (typeof SQUAT)[]): string =>
  Papa.unparse(rows.map(exerciseToRow), { columns: [...EXERCISE_COLUMNS] });

describe('a club’s own entries', () => {
  it('stand for the club alone, and go back to the built-in one', async () => {
    const cues = ['Elbows inside the knees.', 'Sit between the heels.'];
    await withClub(one.clubId, async (tx) =>
      keepEntry(tx, await loadClub(tx), one.coachId, 'exercise', { ...SQUAT, cues }),
    );
    expect((await clubOf(one)).library.exercises.get(SQUAT.id)?.cues).toEqual(cues);
    expect((await clubOf(other)).library.exercises.get(SQUAT.id)?.cues).toEqual(SQUAT.cues);

    await withClub(one.clubId, async (tx) => putBack(tx, await loadClub(tx), one.coachId, 'exercise', SQUAT.id));
    expect((await clubOf(one)).library.exercises.get(SQUAT.id)?.cues).toEqual(SQUAT.cues);
    const history = await withClub(one.clubId, (tx) => tx.select().from(change).where(eq(change.subject, 'library')));
    expect(history).toHaveLength(2);
  });

  it('keep nothing when they equal the built-in one', async () => {
    await withClub(one.clubId, async (tx) => keepEntry(tx, await loadClub(tx), one.coachId, 'exercise', SQUAT));
    expect((await clubOf(one)).entries.filter(({ id }) => id === SQUAT.id)).toEqual([]);
  });

  it('take what a later library changes, where the club changed something else', async () => {
    const cautions = ['Not in the first week'];
    await withClub(one.clubId, async (tx) => {
      await keepEntry(tx, await loadClub(tx), one.coachId, 'exercise', { ...SQUAT, cautions });
      // as if the club had edited it under an earlier library, whose cues were others
      const base = { ...SQUAT, cues: ['An older cue.', 'And another.'] };
      await tx
        .update(libraryEntry)
        .set({ base, json: { ...base, cautions } })
        .where(eq(libraryEntry.id, SQUAT.id));
    });
    const merged = (await clubOf(one)).library.exercises.get(SQUAT.id);
    expect(merged?.cautions).toEqual(cautions);
    expect(merged?.cues).toEqual(SQUAT.cues);
    await withClub(one.clubId, async (tx) => putBack(tx, await loadClub(tx), one.coachId, 'exercise', SQUAT.id));
  });
});

describe('a file of exercises', () => {
  it('shows just the one cue that was changed outside, and takes just that', async () => {
    const file = csv(
      [...LIBRARY.exercises.values()].map((e) =>
        e.id === SQUAT.id ? { ...e, cues: [...SQUAT.cues.slice(1), 'Sit tall'] } : e,
      ),
    );
    const reading = readLibraryFile(file, 'exercises.csv', (await clubOf(one)).library);
    expect(reading.issues).toEqual([]);
    expect(reading.changes.map(({ id, fields }) => [id, fields?.map(({ field }) => field)])).toEqual([
      [SQUAT.id, ['cues']],
    ]);
    await withClub(one.clubId, async (tx) => {
      await keepEntries(tx, await loadClub(tx), one.coachId, reading.entries, reading.changes);
    });
    const club = await clubOf(one);
    expect(club.entries.map(({ id }) => id)).toEqual([SQUAT.id]);
    expect(readLibraryFile(file, 'exercises.csv', club.library).changes).toEqual([]);
  });

  it('names line and column of what is wrong, and changes nothing', async () => {
    const rows = [SQUAT, LIBRARY.exercises.get('back-squat')!].map(exerciseToRow);
    const bad = Papa.unparse([rows[0], { ...rows[1], family: 'squatting' }], { columns: [...EXERCISE_COLUMNS] });
    const { issues, entries } = readLibraryFile(bad, 'exercises.csv', (await clubOf(one)).library);
    expect(issues[0]).toMatchObject({ line: 3, column: 'family', message: expect.stringContaining('one of: squat') });
    expect(entries).toEqual([]);
  });
});

describe('schools and tables', () => {
  it('are read by the whole club, and by one squad over it', async () => {
    const share = (library: typeof LIBRARY): number => library.exercises.get('romanian-deadlift')?.share.glutes ?? 0;
    const before = await clubOf(one);
    expect(before.squads[0] && share(libraryOf(before, before.squads[0]))).toBe(share(LIBRARY));
    await withClub(one.clubId, (tx) => tx.update(squad).set({ schools: { rdlShares: 'glute-led' } }));
    const after = await clubOf(one);
    expect(share(libraryOf(after))).toBe(share(LIBRARY));
    expect(after.squads[0] && share(libraryOf(after, after.squads[0]))).toBeGreaterThan(share(LIBRARY));
  });

  it('change one number of the method for one club', async () => {
    const built = (await clubOf(other)).method.settings;
    const json = { ...built, shares: { ...built.shares, hamstringOf: { ...built.shares.hamstringOf, balanced: 0.5 } } };
    await withClub(one.clubId, (tx) => tx.insert(clubTable).values({ clubId: one.clubId, table: 'settings', json }));
    expect((await clubOf(one)).method.settings.shares.hamstringOf.balanced).toBe(0.5);
    expect((await clubOf(other)).method.settings).toEqual(built);
  });
});
