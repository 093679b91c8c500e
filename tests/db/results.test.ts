import { and, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { change, testResult } from '../../src/lib/server/db/schema';
import { factsOf, loadSquadAthletes } from '../../src/lib/server/repositories/athletes';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { changedResults } from '../../src/lib/server/repositories/results';
import { importResults, judgeFile, keepResults } from '../../src/lib/server/commands/keep-results';
import type { CellBody } from '../../src/lib/model/results';
import { DAY, makeClub, type TestClub } from './club';

let club: TestClub;
beforeAll(async () => {
  club = await makeClub(3);
});
afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

const cell = (own: Partial<CellBody>): CellBody => ({
  athleteId: club.athletes[0]!,
  test: 'cmj',
  day: DAY,
  side: 'both',
  value: 0.4,
  trials: null,
  joints: null,
  loadKg: null,
  reps: null,
  rir: null,
  seen: 0,
  sure: false,
  source: 'typed',
  ...own,
});
const keep = (...cells: CellBody[]) =>
  withClub(club.clubId, async (tx) => keepResults(tx, await loadClub(tx), club.coachId, cells));

describe('cells of a testing day', () => {
  it('never overwrite what another station wrote, and take a repeat for what it is', async () => {
    const [first] = await keep(cell({}));
    expect(first).toMatchObject({ state: 'kept', cell: { version: 1, value: 0.4, by: 'Ada Brenn' } });
    // the same write again, as a phone does after a lost answer
    expect((await keep(cell({})))[0]?.state).toBe('kept');
    // another phone that had seen nothing
    expect((await keep(cell({ value: 0.44 })))[0]).toMatchObject({ state: 'conflict', cell: { value: 0.4 } });
    // and one that had seen it
    expect((await keep(cell({ value: 0.44, seen: 1 })))[0]).toMatchObject({ state: 'kept', cell: { version: 2 } });
    const told = await withClub(club.clubId, (tx) => tx.select().from(change).where(eq(change.subject, 'test')));
    expect(told).toHaveLength(2);
  });

  it('refuse the impossible with a reason, keep the rest of the batch', async () => {
    const answers = await keep(
      cell({ athleteId: club.athletes[1]!, value: 3.1 }),
      cell({ athleteId: club.athletes[1]!, test: 'R4', value: 0.1 }),
      cell({ athleteId: club.athletes[1]!, test: 'juggling' }),
      cell({ athleteId: club.athletes[1]!, day: '2027-01-01' }),
      cell({ athleteId: club.athletes[1]!, test: 'sj', value: 0.33 }),
    );
    expect(answers.map(({ state }) => state)).toEqual(['refused', 'refused', 'refused', 'refused', 'kept']);
    expect(answers[0]?.message).toContain('310.0 cm is not possible');
    expect(answers[1]?.message).toContain('left or right');
  });

  it('ask about what is unlikely for this athlete, and count once the coach is sure', async () => {
    const of = { athleteId: club.athletes[2]! };
    await keep(cell({ ...of, day: '2026-10-20', value: 0.45 }));
    const [asked] = await keep(cell({ ...of, value: 0.71 }));
    expect(asked?.cell).toMatchObject({ asks: true, value: 0.71 });
    const [sure] = await keep(cell({ ...of, value: 0.71, seen: 1, sure: true }));
    expect(sure?.cell).toMatchObject({ asks: false, version: 2 });
    // the answer to the first write was lost: the word that it is right counts all the same
    const lost = { athleteId: club.athletes[1]! };
    await keep(cell({ ...lost, day: '2026-10-20', value: 0.4 }));
    expect((await keep(cell({ ...lost, value: 0.66 })))[0]?.cell).toMatchObject({ asks: true, version: 1 });
    const said = await keep(cell({ ...lost, value: 0.66, sure: true }));
    expect(said[0]).toMatchObject({ state: 'kept', cell: { asks: false, version: 2 } });
    // another value from a station that has seen nothing does not
    const other = await keep(cell({ ...lost, value: 0.61, sure: true }));
    expect(other[0]).toMatchObject({ state: 'conflict', cell: { value: 0.66 } });
  });

  it('are read into what the Bench knows, side by side', async () => {
    const of = { athleteId: club.athletes[0]!, test: 'C5', value: 0 };
    const facts = async () =>
      withClub(club.clubId, async (tx) => {
        const row = (await loadSquadAthletes(tx, club.squadId, DAY)).find(({ id }) => id === of.athleteId)!;
        return factsOf(row, DAY, await loadClub(tx), null).tests.C5;
      });
    await keep(cell({ ...of, side: 'left' }));
    expect(await facts()).toBeUndefined();
    await keep(cell({ ...of, side: 'right' }));
    expect(await facts()).toBe('passed');
    await keep(cell({ ...of, side: 'right', value: 2, joints: [0, 2, 0, 0], seen: 1 }));
    expect(await facts()).toBe('failed');
  });

  it('show other stations what changed, emptied cells too', async () => {
    const before = new Date(Date.now() - 1000);
    await keep(cell({ value: null, seen: 2 }));
    const rows = await withClub(club.clubId, (tx) => changedResults(tx, club.squadId, DAY, before));
    expect(rows.find(({ test, athleteId }) => test === 'cmj' && athleteId === club.athletes[0])).toMatchObject({
      value: null,
      version: 3,
    });
  });
});

it('a file goes in whole, over what was there, and stands once in the history', async () => {
  const one = { ...cell({ test: 'sprint-20', value: 3.2 }), athleteId: club.athletes[0]! };
  const rows = [one, { ...one, day: '2026-11-10', value: 3.3 }, { ...one, value: 3.1 }];
  const taken = await withClub(club.clubId, async (tx) =>
    importResults(
      tx,
      await loadClub(tx),
      club.coachId,
      club.squadId,
      rows.map((row) => ({ ...row, asks: false })),
    ),
  );
  expect(taken).toBe(2);
  const kept = await withClub(club.clubId, (tx) =>
    tx
      .select()
      .from(testResult)
      .where(and(eq(testResult.test, 'sprint-20'), eq(testResult.day, DAY))),
  );
  expect(kept).toMatchObject([{ value: 3.1, source: 'file' }]);
  const told = await withClub(club.clubId, (tx) => tx.select().from(change).where(eq(change.subject, 'test-import')));
  expect(told).toHaveLength(1);
});

it('a value of a file far from the last one asks, and is not counted until then', async () => {
  const athleteId = club.athletes[2]!;
  const line = (day: string, value: number) => ({ ...cell({ test: 'sj', day, value }), athleteId });
  const asks = await withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    const standing = (await loadSquadAthletes(tx, club.squadId, DAY)).flatMap(({ results }) => results);
    const judged = judgeFile(
      [line('2026-11-02', 0.3), line('2026-11-09', 0.61), line('2026-11-16', 0.31)],
      standing,
      context,
    );
    await importResults(tx, context, club.coachId, club.squadId, judged);
    return judged.map((one) => one.asks);
  });
  expect(asks).toEqual([false, true, false]);
  const row = await withClub(club.clubId, async (tx) =>
    (await loadSquadAthletes(tx, club.squadId, DAY)).find(({ id }) => id === athleteId),
  );
  expect(row?.results.filter(({ test }) => test === 'sj').map(({ value, asks: open }) => [value, open])).toEqual([
    [0.31, false],
    [0.61, true],
    [0.3, false],
  ]);
});
