import { count, eq, isNull } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { LIBRARY } from '../../src/catalog';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { makeLink } from '../../src/lib/server/commands/athlete-link';
import { noteComplaint } from '../../src/lib/server/commands/complaints';
import { keepEntry, removeEntry } from '../../src/lib/server/commands/keep-entry';
import { runCommand, runOne } from '../../src/lib/server/commands/run-command';
import { addAthletes } from '../../src/lib/server/commands/roster';
import { foundSquad } from '../../src/lib/server/commands/found-squad';
import { addEvent, makeSquad, removeEvent, type NewSquad } from '../../src/lib/server/commands/squads';
import { KITS } from '../../src/lib/model/kit';
import { closeDatabase, withClub, type Tx } from '../../src/lib/server/db/client';
import { athlete, athleteLink, command, complaint, event, squad, squadAthlete } from '../../src/lib/server/db/schema';
import { loadSquadAthletes } from '../../src/lib/server/repositories/athletes';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { DAY, GYM_DAYS, makeClub, type TestClub } from './club';
import { answer, changeOf, keep, makeCard, onDay, session } from './drive';
import { cardOf } from '../../src/lib/server/repositories/sessions';

afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub();
});
const head = (id: string, verb: string) => ({ clubId: club.clubId, id, verb, actor: club.coachId });
const many = async (table: typeof squad | typeof event | typeof complaint | typeof command): Promise<number> =>
  (await withClub(club.clubId, (tx) => tx.select({ n: count() }).from(table)))[0]?.n ?? 0;
const here = async (tx: Tx) => {
  const context = await loadClub(tx);
  return { context, own: context.squads.find(({ id }) => id === club.squadId)! };
};

describe('the same command twice at once', () => {
  it('makes one squad, one event and one complaint, and answers both alike', async () => {
    const ids = [v7(), v7(), v7()] as const;
    const twice = async (work: () => Promise<unknown>): Promise<void> => {
      const [a, b] = await Promise.all([work(), work()]);
      expect(a).toEqual(b);
    };
    const value = { name: 'Second', sportId: 'ultimate', place: { id: club.squadId }, gymDays: GYM_DAYS };
    await twice(() =>
      runOne(head(ids[0], 'make-squad'), value, async (tx) =>
        makeSquad(tx, await loadClub(tx), ids[0], value, club.coachId),
      ),
    );
    const day = { day: '2026-12-05', name: 'Cup', kind: 'cup' as const };
    await twice(() =>
      runOne(head(ids[1], 'add-event'), day, async (tx) => {
        const { context, own } = await here(tx);
        return addEvent(tx, context, own, ids[1], day, club.coachId);
      }),
    );
    const noted = { place: 'knee', side: null, score: 3, signs: [], since: DAY };
    await twice(() =>
      runOne(head(ids[2], 'note'), noted, async (tx) =>
        noteComplaint(tx, await loadClub(tx), club.athletes[0]!, ids[2], noted, club.coachId),
      ),
    );
    expect([await many(squad), await many(event), await many(complaint)]).toEqual([2, 1, 1]);
  });

  it('is refused when the body is another, and leaves nothing behind when nothing was kept', async () => {
    const id = v7();
    const work = (keepIt: boolean) => () => Promise.resolve({ answer: keepIt, keep: keepIt });
    expect(await runCommand(head(id, 'x'), { a: 1 }, work(false))).toEqual({ ok: true, value: false });
    expect(await many(command)).toBe(0);
    expect(await runCommand(head(id, 'x'), { a: 1, b: 2 }, work(true))).toEqual({ ok: true, value: true });
    expect(await runCommand(head(id, 'x'), { b: 2, a: 1 }, work(false))).toEqual({ ok: true, value: true });
    expect(await runCommand(head(id, 'x'), { a: 2 }, work(true))).toMatchObject({ issues: [{ code: 'id_reused' }] });
    expect(await runCommand(head(id, 'y'), { a: 1, b: 2 }, work(true))).toMatchObject({
      issues: [{ code: 'id_reused' }],
    });
  });

  it('tries again when writers got in each other’s way, and not for what is wrong with the work', async () => {
    let tries = 0;
    const done = await runCommand(head(v7(), 'x'), null, () => {
      tries += 1;
      if (tries < 3) throw Object.assign(new Error('deadlock'), { cause: { code: '40P01' } });
      return Promise.resolve({ answer: tries, keep: true });
    });
    expect(done).toEqual({ ok: true, value: 3 });
    tries = 0;
    await expect(
      runCommand(head(v7(), 'x'), null, () => {
        tries += 1;
        throw Object.assign(new Error('wrong'), { code: '23505' });
      }),
    ).rejects.toThrow('wrong');
    expect(tries).toBe(1);
  });

  it('leaves one link alive of four made at once', async () => {
    await Promise.all(
      [1, 2, 3, 4].map(() => withClub(club.clubId, (tx) => makeLink(tx, club.clubId, club.athletes[0]!))),
    );
    const live = await withClub(club.clubId, (tx) =>
      tx.select().from(athleteLink).where(isNull(athleteLink.revokedAt)),
    );
    expect(live).toHaveLength(1);
  });
});

it('a name pasted into a second squad is the same person, with the complaint', async () => {
  await answer(club, club.athletes[0]!, { answer: 'pain', place: 'knee', score: 5 }, DAY);
  const id = v7();
  await withClub(club.clubId, async (tx) => {
    await makeSquad(
      tx,
      await loadClub(tx),
      id,
      { name: 'Second', sportId: 'ultimate', place: { id: club.squadId }, gymDays: GYM_DAYS },
      club.coachId,
    );
  });
  const added = await withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    return addAthletes(
      tx,
      context,
      context.squads.find((one) => one.id === id)!,
      v7(),
      'athlete 1\nSomebody New',
      club.coachId,
    );
  });
  expect(added).toMatchObject({ ok: true, value: { made: 1, joined: ['Athlete 1'] } });
  await withClub(club.clubId, async (tx) => {
    expect(await tx.select().from(athlete)).toHaveLength(4);
    const homes = await tx.select().from(squadAthlete).where(eq(squadAthlete.athleteId, club.athletes[0]!));
    expect(homes).toHaveLength(2);
  });
});

describe('a new squad on one page', () => {
  const value = { name: 'Third', sportId: 'ultimate', gymDays: GYM_DAYS };
  const hall = { name: 'Old hall', kit: { ...KITS.hall, laneM: 15 } };
  const found = (id: string, own: Pick<NewSquad, 'place'> & { names: string }) =>
    runOne(head(id, 'make-squad'), { ...value, ...own }, (tx) =>
      foundSquad(tx, id, { ...value, ...own }, club.coachId),
    );

  it('stands with its place and people, or not at all', async () => {
    const id = v7();
    const bad = await found(id, { place: hall, names: 'Name;Level\nOna Brill;trained\nIvo Marn;expert' });
    expect(bad).toMatchObject({ ok: false, issues: [{ code: 'level_unreadable', path: [3] }] });
    const there = () => withClub(club.clubId, (tx) => loadClub(tx));
    expect((await there()).facilities.map(({ name }) => name)).not.toContain('Old hall');
    // the corrected page is sent again with the same id
    const made = await found(id, { place: hall, names: 'Name;Level;Shoe\nOna Brill;trained;43\nIvo Marn;new;40' });
    expect(made).toEqual({ ok: true, value: { id, unread: ['Shoe'] } });
    const squad = (await there()).squads.find((one) => one.id === id);
    expect(squad).toMatchObject({ gymDays: GYM_DAYS, kit: { equipment: KITS.hall.equipment, laneM: 15 } });
    const people = await withClub(club.clubId, (tx) => loadSquadAthletes(tx, id, DAY));
    expect(people.map(({ name, liftLevel }) => [name, liftLevel])).toEqual([
      ['Ivo Marn', 'foundation'],
      ['Ona Brill', 'trained'],
    ]);
  });

  it('trains at no place that is not there, and takes no more people than one paste does', async () => {
    const nowhere = await found(v7(), { place: { id: v7() }, names: '' });
    expect(nowhere).toMatchObject({ ok: false, issues: [{ code: 'place_unknown_here', path: ['facilityId'] }] });
    const names = Array.from({ length: 203 }, (_, i) => `Player ${String(i)}`).join('\n');
    const many = await found(v7(), { place: hall, names });
    expect(many).toMatchObject({ ok: false, issues: [{ code: 'too_many_people', facts: { left: 3 } }] });
  });
});

it('an own exercise in somebody’s own line stays in the library, and the next Bench opens', async () => {
  const own = { ...LIBRARY.exercises.get('push-up')!, id: 'our-push-up', name: 'Our push-up' };
  // made before there is such an entry: no line of it chooses it by itself
  const id = await makeCard(club);
  await withClub(club.clubId, async (tx) => keepEntry(tx, await loadClub(tx), club.coachId, 'exercise', own));
  const push = cardOf(await session(club, id)).lines.find(({ slot }) => slot === 'upper-push')!;
  const typed = {
    slot: push.slot,
    athleteId: club.athletes[0]!,
    exerciseId: own.id,
    row: push.row,
    dose: { ...push.dose, loadKg: null, percent: null },
  };
  const kept = await keep(club, id, await changeOf(club, id, { typed: [{ seen: 0, own: typed }] }));
  expect(kept.ok && Object.values(kept.value.typed)).toEqual([{ state: 'kept' }]);
  const remove = () => withClub(club.clubId, async (tx) => removeEntry(tx, await loadClub(tx), club.coachId, own.id));
  expect(await remove()).toMatchObject({ ok: false, issues: [{ code: 'entry_in_use' }] });
  await keep(
    club,
    id,
    await changeOf(club, id, { untyped: [{ slot: push.slot, athleteId: club.athletes[0]!, seen: 1 }] }),
  );
  expect(await remove()).toEqual({ ok: true, value: { gone: true } });
  await makeCard(club, '2026-12-01');
});

it('an event half a year ahead is there to be seen and removed', async () => {
  const id = v7();
  const far = { day: '2027-06-05', name: 'Final', kind: 'final' as const };
  await withClub(club.clubId, async (tx) => {
    const { context, own } = await here(tx);
    await addEvent(tx, context, own, id, far, club.coachId);
  });
  const events = () => withClub(club.clubId, async (tx) => (await here(tx)).own.events);
  expect(await events()).toMatchObject([far]);
  await withClub(club.clubId, async (tx) => {
    const { context, own } = await here(tx);
    expect(await removeEvent(tx, context, own, id, club.coachId)).toMatchObject({ ok: true });
  });
  expect(await events()).toEqual([]);
});
