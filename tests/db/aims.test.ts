import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { METHOD } from '../../src/catalog';
import { NO_AIMS, type SquadAims } from '../../src/core/startline';
import { aimsSchema } from '../../src/lib/model/forms';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub, type Tx } from '../../src/lib/server/db/client';
import { athlete, change, squad, squadAthlete, testResult } from '../../src/lib/server/db/schema';
import { factsOf, loadSquadsAthletes } from '../../src/lib/server/repositories/athletes';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { readAthlete } from '../../src/lib/server/reads/athlete-reading';
import { historyWords } from '../../src/lib/server/reads/history-words';
import {
  aimsOf,
  ceilingTrouble,
  keepAims,
  resultTests,
  setCeiling,
  setMoment,
} from '../../src/lib/server/commands/squad-aims';
import { v7 } from 'uuid';
import { DAY, makeClub, type TestClub } from './club';

let club: TestClub;
beforeAll(async () => {
  club = await makeClub(6);
  await withClub(club.clubId, (tx) =>
    tx.update(athlete).set({ bodyMassKg: 80, sex: 'female' }).where(eq(athlete.id, club.athletes[0]!)),
  );
});
afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

const open = async (tx: Tx, id = club.athletes[0]!) => {
  const found = await loadClub(tx);
  const of = found.squads.find((one) => one.id === club.squadId)!;
  const rows = (await loadSquadsAthletes(tx, [of.id], DAY)).get(of.id) ?? [];
  return { club: found, squad: of, rows, row: rows.find((one) => one.id === id)! };
};
const facts = (id?: string) =>
  withClub(club.clubId, async (tx) => {
    const { club: found, squad: of, row } = await open(tx, id);
    return factsOf(row, DAY, found, of);
  });
const value = (test: string, day: string, own: Partial<typeof testResult.$inferInsert>) => ({
  clubId: club.clubId,
  id: v7(),
  athleteId: club.athletes[0]!,
  test,
  day,
  ...own,
});

describe('aims of a squad', () => {
  const form = (own: Record<string, string>) =>
    aimsSchema.safeParse({
      resultTest: '',
      resultName: '',
      resultError: '',
      ...Object.fromEntries(
        ['female', 'male', 'young', 'enough'].flatMap((who) => [
          [`${who}Squat`, ''],
          [`${who}Hinge`, ''],
        ]),
      ),
      ...own,
    });

  it('are read from a form: the error in the unit the test is shown in, pairs together', () => {
    const read = form({
      resultTest: 'result-speed',
      resultName: 'Throw',
      resultError: '1,8',
      femaleSquat: '1.1',
      femaleHinge: '1.4',
    });
    expect(read.success && aimsOf(read.data, { method: METHOD })).toEqual({
      result: { test: 'result-speed', name: 'Throw', error: 0.5 },
      targets: { female: { squat: 1.1, hinge: 1.4 }, male: null, young: null },
      enough: { squat: null, hinge: null },
    });
    expect(resultTests({ method: METHOD }).every(({ id }) => !id.startsWith('C') && id !== 'back-squat')).toBe(true);
  });

  it('say at the field what cannot be', () => {
    const half = form({ femaleSquat: '1.1' });
    expect(half.error?.issues[0]).toMatchObject({ path: ['femaleHinge'] });
    expect(form({ maleSquat: '9', maleHinge: '1' }).error?.issues[0]?.message).toContain('at most 4');
    const low = form({ enoughSquat: '1.2' });
    expect(low.success && ceilingTrouble(aimsOf(low.data, { method: METHOD }), { method: METHOD })).toMatchObject([
      { path: ['enoughSquat'] },
    ]);
    const fine = form({ enoughSquat: '1.8', enoughHinge: '2.2' });
    expect(fine.success && ceilingTrouble(aimsOf(fine.data, { method: METHOD }), { method: METHOD })).toEqual([]);
  });

  it('move the target of those they are for, and a ceiling reaches whoever is there', async () => {
    await withClub(club.clubId, async (tx) => {
      await tx
        .insert(testResult)
        .values([
          value('back-squat', '2026-10-20', { loadKg: 100, reps: 5, rir: 0 }),
          value('back-squat', '2026-11-20', { loadKg: 120, reps: 5, rir: 0 }),
        ]);
      const { club: found, squad: of } = await open(tx);
      const aims: SquadAims = { ...NO_AIMS, enough: { squat: 1.7, hinge: null } };
      await keepAims(tx, found, of, aims, club.coachId);
    });
    // 120 × 5 is 140 kg, 1.75 × body mass
    expect((await facts()).atCeiling).toEqual(['back-squat']);
    expect((await facts(club.athletes[1])).atCeiling).toEqual([]);
    const told = await withClub(club.clubId, (tx) => tx.select().from(change).where(eq(change.subject, 'squad-aims')));
    expect(told).toHaveLength(1);
  });
});

describe('a lift that is strong enough', () => {
  it('is told from the result, kept with its reason, and may rise again', async () => {
    await withClub(club.clubId, async (tx) => {
      const { club: found, squad: of } = await open(tx);
      await keepAims(tx, found, of, { ...NO_AIMS, result: { test: 'sprint-20', name: '', error: 0.03 } }, club.coachId);
      await tx
        .insert(testResult)
        .values([value('sprint-20', '2026-10-20', { value: 3.2 }), value('sprint-20', '2026-11-20', { value: 3.21 })]);
    });
    const read = () =>
      withClub(club.clubId, async (tx) => {
        const { club: found, squad: of, rows } = await open(tx);
        return readAthlete(
          { club: found, squad: of, rows, ofSport: rows, logged: new Map(), done: [] },
          club.athletes[0]!,
          true,
        );
      });
    expect((await read())?.resultCheck).toMatchObject({ enough: ['back-squat'], result: { moved: 'flat' } });
    const set = (kg: number | null) =>
      withClub(club.clubId, async (tx) =>
        setCeiling(tx, await open(tx), { lift: 'back-squat', kg, why: 'result' }, club.coachId),
      );
    const low = await set(90);
    expect(!low.ok && low.issues[0]).toMatchObject({ code: 'below_target', facts: { least: 100 } });
    expect((await set(140)).ok).toBe(true);
    expect((await read())?.ceilings).toMatchObject([{ lift: 'back-squat', kg: 140, since: DAY, why: 'result' }]);
    expect((await facts()).atCeiling).toEqual(['back-squat']);
    await set(null);
    expect((await facts()).atCeiling).toEqual([]);
    const wrong = await withClub(club.clubId, async (tx) =>
      setCeiling(tx, await open(tx), { lift: 'juggling', kg: 100, why: 'typed' }, club.coachId),
    );
    expect(!wrong.ok && wrong.issues[0]?.code).toBe('lift_unknown');
  });
});

describe('a weak moment', () => {
  it('is named by coach or athlete, weighs for a block, and stands in the history', async () => {
    const set = (id: string, actor: string) =>
      withClub(club.clubId, async (tx) => setMoment(tx, await open(tx), id, actor));
    expect((await set('juggling', club.coachId)).ok).toBe(false);
    expect((await set('late-jump', `athlete:${club.athletes[0]!}`)).ok).toBe(true);
    expect((await facts()).moment).toMatchObject({ id: 'late-jump', quality: 'strength-endurance' });
    const later = await withClub(club.clubId, async (tx) => {
      const { club: found, squad: of, row } = await open(tx);
      return factsOf(row, '2026-12-22', found, of).moment;
    });
    expect(later).toBeNull();
    await set('', club.coachId);
    expect((await facts()).moment).toBeNull();
    const lines = await withClub(club.clubId, async (tx) => {
      const rows = await tx.select().from(change).where(eq(change.athleteId, club.athletes[0]!));
      return historyWords(rows, {
        names: { [club.coachId]: 'Ada Brenn' },
        athlete: 'Athlete 1',
        mass: 'kg',
        places: {},
        stages: METHOD.returning.stages,
        health: true,
        exercise: (id) => id,
      });
    });
    expect(lines.filter(({ what }) => what === 'Weak moment').map(({ who, to }) => [who, to])).toEqual([
      ['Athlete 1', 'the second jump after contact'],
      ['Ada Brenn', 'none'],
    ]);
    expect(lines.map(({ what }) => what)).toContain('Strong enough: back squat');
  });
});

it('percentiles by level reach over every squad of the sport, and over no other', async () => {
  const line = await withClub(club.clubId, async (tx) => {
    const { club: found, squad: of, rows } = await open(tx);
    const other = v7();
    await tx.insert(squad).values({
      clubId: club.clubId,
      id: other,
      facilityId: of.facilityId,
      name: 'Second',
      sportId: of.sportId,
      phase: 'general',
      gymDays: [],
    });
    const people = Array.from({ length: 5 }, (_, i) => ({
      clubId: club.clubId,
      id: v7(),
      name: `Second ${String(i)}`,
    }));
    await tx.insert(athlete).values(people);
    await tx
      .insert(squadAthlete)
      .values(people.map(({ id }) => ({ clubId: club.clubId, squadId: other, athleteId: id })));
    await tx
      .insert(testResult)
      .values([
        value('cmj', '2026-11-20', { value: 0.4 }),
        ...people.map(({ id }, i) => ({ ...value('cmj', '2026-11-20', { value: 0.3 + i * 0.04 }), athleteId: id })),
      ]);
    const bySquad = await loadSquadsAthletes(tx, [of.id, other], DAY);
    const read = readAthlete(
      {
        club: found,
        squad: of,
        rows: bySquad.get(of.id) ?? rows,
        ofSport: [...bySquad.values()].flat(),
        logged: new Map(),
        done: [],
      },
      club.athletes[0]!,
      true,
    );
    return read?.lines.find(({ id }) => id === 'cmj');
  });
  // 0.30 0.34 0.38 lie below, 0.42 0.46 above; its own squad has nobody to stand among
  expect(line).toMatchObject({ inSquad: null, inLevel: 60 });
});
