import { METHOD } from '../../src/catalog';
import { eq, sql } from 'drizzle-orm';
import pg from 'pg';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it, test } from 'vitest';
import { beginTry, endTry } from '../../src/lib/server/auth/attempts';
import { authDatabase, closeAuth } from '../../src/lib/server/auth/auth';
import {
  endInvite,
  findInvite,
  makeInvite,
  openInvites,
  removeStaff,
  staffOf,
  useInvite,
} from '../../src/lib/server/auth/invites';
import { makeAccount } from '../../src/lib/server/auth/sign-up';
import { makeLink, withLink } from '../../src/lib/server/commands/athlete-link';
import { answerMorning } from '../../src/lib/server/commands/answer-morning';
import { noteComplaint } from '../../src/lib/server/commands/complaints';
import { keepKeptCard } from '../../src/lib/server/commands/keep-kept-card';
import { recordChanges } from '../../src/lib/server/commands/record-change';
import { eraseAthlete, forgetOldHealth, setHealthMonths } from '../../src/lib/server/commands/forget';
import { databaseUrls } from '../../src/lib/server/config';
import { closeDatabase, outsideClubs, withClub, type Tx } from '../../src/lib/server/db/client';
import { isReady } from '../../src/lib/server/db/ready';
import * as schema from '../../src/lib/server/db/schema';
import { attempt, session } from '../../src/lib/server/db/schema/auth';
import { keepHouse } from '../../src/lib/server/housekeeping';
import { historyWords } from '../../src/lib/server/reads/history-words';
import { ownData } from '../../src/lib/server/reads/own-data';
import { loadAthlete } from '../../src/lib/server/repositories/athletes';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { loadHistory } from '../../src/lib/server/repositories/history';
import type { CheckInBody } from '../../src/lib/model/bodies';
import { DAY, makeClub, type TestClub } from './club';

let one: TestClub;
let other: TestClub;
let owner: pg.Client;
beforeAll(async () => {
  one = await makeClub();
  other = await makeClub();
  owner = new pg.Client({ connectionString: databaseUrls().owner });
  await owner.connect();
});
afterAll(async () => {
  await owner.end();
  await closeDatabase();
  await closeAuth();
});

const inOne = <T>(work: (tx: Tx) => Promise<T>): Promise<T> => withClub(one.clubId, work);
/** As the owner of the tables, with a club's rows in sight. */
async function asOwner(...statements: string[]): Promise<string> {
  try {
    await owner.query('begin');
    await owner.query(`select set_config('app.club_id', $1, true)`, [one.clubId]);
    for (const statement of statements) await owner.query(statement);
    return 'done';
  } catch (failure) {
    return (failure as Error).message;
  } finally {
    await owner.query('rollback');
  }
}

describe('what happened', () => {
  const APPEND_ONLY = ['change', 'health_view', 'fact', 'set_log', 'check_in'];

  it('is rewritten by nobody, not even the owner of the tables', async () => {
    await inOne(async (tx) => {
      await answerMorning(tx, await loadClub(tx), one.athletes[0] ?? '', answerOf({}), DAY, one.coachId);
    });
    expect(await asOwner('update check_in set answer = answer')).toMatch(/never rewritten/);
    expect(await asOwner('delete from check_in')).toMatch(/never rewritten/);
    for (const table of APPEND_ONLY) expect(await asOwner(`truncate ${table} cascade`), table).toMatch(/never emptied/);
    // a person's row drags nothing along
    expect(await asOwner(`delete from athlete where id = '${one.athletes[0] ?? ''}'`)).toMatch(/never rewritten/);
    expect(await asOwner('set local role jaleo_maintenance', 'update check_in set answer = answer')).toBe('done');
  });

  it('has a guard on every table that the application may only add to', async () => {
    const { rows } = await owner.query<{ name: string }>(`
      select c.relname as name from pg_class c
      where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'
        and has_table_privilege('jaleo_app', c.oid, 'INSERT')
        and not has_table_privilege('jaleo_app', c.oid, 'UPDATE') and not has_table_privilege('jaleo_app', c.oid, 'DELETE')
        and not exists (select 1 from pg_trigger t where t.tgrelid = c.oid and t.tgname = 'append_only')`);
    expect(rows).toEqual([]);
    const guarded = await owner.query(`select 1 from pg_trigger where tgname = 'append_only'`);
    expect(guarded.rowCount).toBe(APPEND_ONLY.length);
  });

  it('cannot be reached by the application under another role', async () => {
    await expect(inOne((tx) => tx.execute(sql`set local role jaleo_maintenance`))).rejects.toThrow();
  });
});

const answerOf = (own: Partial<CheckInBody>): CheckInBody => ({
  id: v7(),
  answer: 'fine',
  place: null,
  side: null,
  score: null,
  signs: [],
  ...own,
});

describe('a person’s own data', () => {
  it('goes out as one file, with sets and results inside', async () => {
    const id = one.athletes[1] ?? '';
    const data = await inOne(async (tx) => {
      const club = await loadClub(tx);
      await noteComplaint(
        tx,
        club,
        id,
        v7(),
        { place: 'knee', side: 'left', score: 2, signs: [], since: DAY },
        one.coachId,
      );
      await tx
        .insert(schema.testResult)
        .values({ clubId: one.clubId, id: v7(), athleteId: id, test: 'cmj', day: DAY, side: 'both', value: 0.35 });
      const row = await loadAthlete(tx, id, DAY);
      if (!row) throw new Error('no athlete');
      return ownData(tx, club, row);
    });
    expect(data.athlete.name).toBe('Athlete 2');
    expect(data.complaints).toMatchObject([{ place: 'knee', score: 2 }]);
    expect(data.files['results.csv']).toContain('0.35');
    expect(data.history.map(({ subject }) => subject)).toContain('complaint');
  });

  it('is erased by name only, leaves the name nowhere and the squad’s sets whole', async () => {
    const club = await makeClub(2);
    const [id = '', stays = ''] = club.athletes;
    const name = `Pilar Anonym ${v7().slice(-6)}`;
    const sessionId = v7();
    await withClub(club.clubId, async (tx) => {
      await tx.update(schema.athlete).set({ name, birthDate: '2008-03-02' }).where(eq(schema.athlete.id, id));
      const context = await loadClub(tx);
      await answerMorning(
        tx,
        context,
        id,
        answerOf({ answer: 'pain', place: 'knee', score: 5, signs: ['swelling'] }),
        DAY,
        `athlete:${id}`,
      );
      await makeLink(tx, club.clubId, id);
      await tx.insert(schema.command).values({
        clubId: club.clubId,
        id: v7(),
        verb: 'add',
        actor: club.coachId,
        hash: 'x',
        answer: { joined: [name] },
      });
      await tx.insert(schema.gymSession).values({
        clubId: club.clubId,
        id: sessionId,
        squadId: club.squadId,
        day: DAY,
        minutes: 45,
        phase: 'in-season',
        template: 'full',
      });
      const line = {
        exerciseId: 'back-squat',
        row: 'D-MAINT' as const,
        dose: { sets: 1 } as never,
        block: 'main',
        group: null,
      };
      const words = { slot: 'main', position: 0, reasons: [], pinned: true, note: `for ${name}: slow` };
      await tx.insert(schema.sessionLine).values({ clubId: club.clubId, sessionId, ...line, ...words });
      // a gate overridden for this person alone, with the reason on the line and in the history
      const over = { override: 'The knee was looked at', overrideFor: [id] };
      const second = { ...words, slot: 'main-2', position: 1, note: null };
      await tx.insert(schema.sessionLine).values({ clubId: club.clubId, sessionId, ...line, ...second, ...over });
      await recordChanges(
        tx,
        club.clubId,
        [
          { from: null, to: { ...line, ...over } },
          { from: { ...line, ...over }, to: { ...line, override: `Seen with ${name}` } },
          { from: null, to: { ...line, override: 'Everybody was tested last week' } },
        ].map((change) => ({
          ...change,
          day: DAY,
          actor: club.coachId,
          subject: 'line',
          sessionId,
          rules: ['JUMP-2'],
        })),
      );
      const kept = { name: `Ring for ${name}`, minutes: 30, lines: [{ ...line, typed: false, note: `${name} leads` }] };
      expect(await keepKeptCard(tx, club.coachId, kept)).toMatchObject({ ok: true });
      for (const athleteId of [id, stays])
        await tx.insert(schema.setLog).values({
          clubId: club.clubId,
          id: v7(),
          sessionId,
          athleteId,
          slot: 'main',
          setNumber: 1,
          day: DAY,
          exerciseId: 'back-squat',
          row: 'D-MAINT',
          written: { sets: 1 } as never,
          amount: 5,
          fault: athleteId === id ? `${name} leans` : 'leans',
          asWritten: true,
          doneAt: new Date(),
        });
    });
    const erase = (typed: string) =>
      withClub(club.clubId, async (tx) => {
        const context = await loadClub(tx);
        return eraseAthlete(tx, context, { id, name }, typed, club.coachId);
      });
    expect(await erase('Pilar')).toMatchObject({ ok: false, issues: [{ code: 'name_differs' }] });
    expect(await erase(`  ${name.toUpperCase()} `)).toMatchObject({ ok: true });
    const tables = await owner.query<{ name: string }>(
      `select relname as name from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r'`,
    );
    await withClub(club.clubId, async (tx) => {
      for (const { name: table } of tables.rows) {
        const { rows } = await tx.execute(
          sql`select 1 from ${sql.identifier(table)} t where to_jsonb(t)::text ilike ${`%${name}%`}`,
        );
        expect(rows, table).toEqual([]);
      }
      const sets = await tx.select().from(schema.setLog);
      expect(sets.map(({ fault }) => fault).sort()).toEqual(['leans', null]);
      const overridden = await tx.select().from(schema.sessionLine).where(eq(schema.sessionLine.slot, 'main-2'));
      expect(overridden.map(({ override }) => override)).toEqual(['A reason that was forgotten']);
      const changed = JSON.stringify(await tx.select().from(schema.change).where(eq(schema.change.subject, 'line')));
      expect(changed).not.toContain('The knee was looked at');
      expect(changed).toContain('Everybody was tested last week');
      expect(await tx.select().from(schema.complaint)).toEqual([]);
      expect(await tx.select().from(schema.checkIn)).toEqual([]);
      expect(await tx.select().from(schema.athleteLink)).toEqual([]);
      const history = await loadHistory(tx, id, 40);
      expect(history.map(({ subject }) => subject)).toContain('athlete-erased');
      const words = {
        names: {},
        athlete: 'Erased',
        mass: 'kg',
        places: {},
        stages: METHOD.returning.stages,
        health: true,
        exercise: String,
      } as const;
      expect(historyWords(history, words).map(({ what }) => what)).toContain('Forgotten since');
    });
    expect(await erase(name)).toMatchObject({ ok: true });
  });

  it('of another club is out of reach', async () => {
    await inOne((tx) =>
      tx.execute(sql`select forget_athlete(${other.athletes[0]}::uuid, 'x', ${DAY}::date, ${v7()}::uuid)`),
    );
    const rows = await withClub(other.clubId, (tx) => tx.select().from(schema.athlete));
    expect(rows.every(({ erasedAt }) => erasedAt === null)).toBe(true);
  });
});

describe('health notes past their time', () => {
  it('go where nothing is open, stay where something is, and the history says so', async () => {
    const club = await makeClub(2);
    const [closed = '', open = ''] = club.athletes;
    const answers = await withClub(club.clubId, async (tx) => {
      const context = await loadClub(tx);
      const answer = (athleteId: string, day: string, own: Partial<CheckInBody>) =>
        answerMorning(tx, context, athleteId, answerOf(own), day, `athlete:${athleteId}`);
      await answer(closed, '2025-01-10', { answer: 'pain', place: 'knee', score: 2 });
      await answer(closed, '2025-01-20', {});
      await answer(closed, '2025-01-21', {});
      await answer(closed, '2026-11-20', {});
      await answer(open, '2025-01-10', { answer: 'pain', place: 'knee', score: 5 });
      await setHealthMonths(tx, context, 6, club.coachId);
      const gone = await forgetOldHealth(tx, { healthMonths: 6, today: DAY });
      const again = await forgetOldHealth(tx, { healthMonths: 6, today: DAY });
      return {
        gone,
        again,
        kept: await tx.select().from(schema.checkIn),
        complaints: await tx.select().from(schema.complaint),
      };
    });
    expect(answers.gone).toBeGreaterThanOrEqual(3);
    expect(answers.again).toBe(0);
    expect(answers.kept.map(({ athleteId, day }) => [athleteId, day])).toEqual([
      [closed, '2026-11-20'],
      [open, '2025-01-10'],
    ]);
    expect(answers.complaints.map(({ athleteId }) => athleteId)).toEqual([open]);
    const changes = await withClub(club.clubId, (tx) => tx.select().from(schema.change));
    expect(changes.map(({ subject }) => subject)).toContain('health-forgotten');
  });
});

describe('the way in', () => {
  it('lets a handful of four hundred wrong tries through, all at once, and the right one after the wait only', async () => {
    const email = `${v7()}@club.example`;
    const address = v7();
    const waits = await Promise.all(Array.from({ length: 400 }, () => beginTry(email, address)));
    expect(waits.filter((wait) => wait === 0)).toHaveLength(5);
    // whoever guesses elsewhere does not shut this person out
    expect(await beginTry(email, 'elsewhere')).toBe(0);
    await endTry(email, address);
    expect(await beginTry(email, address)).toBe(0);
    const many = await Promise.all(Array.from({ length: 120 }, (_, i) => beginTry(email, `from ${String(i)}`)));
    expect(many.some((wait) => wait > 0)).toBe(true);
  });

  it('counts an address over many accounts', async () => {
    const address = v7();
    const waits: number[] = [];
    for (let i = 0; i < 40; i++) waits.push(await beginTry(`${v7()}@club.example`, address));
    expect(waits.filter((wait) => wait === 0)).toHaveLength(30);
  });

  it('lets nobody lift the wait of an address by signing in to an account of their own', async () => {
    const address = v7();
    for (let i = 0; i < 31; i++) await beginTry(`${v7()}@club.example`, address);
    await endTry('own@club.example', address);
    expect(await beginTry(`${v7()}@club.example`, address)).toBeGreaterThan(0);
    // a right one among few wrong ones waits for nothing
    const calm = v7();
    for (let i = 0; i < 29; i++) await beginTry(`${v7()}@club.example`, calm);
    await endTry('own@club.example', calm);
    expect(await beginTry(`${v7()}@club.example`, calm)).toBe(0);
  });

  it('makes no second account for an e-mail, and says nothing of it', async () => {
    const person = { name: 'Ada Brenn', email: `${v7()}@club.example`, password: 'copper-wagon-violet' };
    expect(await makeAccount(person)).not.toBeNull();
    expect(await makeAccount({ ...person, password: 'other-wagon-violet' })).toBeNull();
  });

  it('by a link is for one person, of the link’s club, in its role', async () => {
    const path = await makeInvite(one.clubId, one.coachId, 'assistant');
    const secret = path.slice('/join/'.length);
    expect(await findInvite(secret)).toMatchObject({ clubId: one.clubId, role: 'assistant' });
    expect(await findInvite('nothing')).toBeNull();
    const people = await Promise.all(
      ['Ira', 'Bel', 'Sam'].map(async (name) => ({
        id: (await makeAccount({ name, email: `${v7()}@club.example`, password: 'copper-wagon-violet' })) ?? '',
        name,
      })),
    );
    const used = await Promise.all(people.map((person) => useInvite(secret, person)));
    expect(used.filter(Boolean)).toHaveLength(1);
    const staff = await staffOf(one.clubId);
    expect(staff.map(({ role }) => role)).toEqual(['head-coach', 'assistant']);
    expect(await findInvite(secret)).toBeNull();
    expect(await removeStaff(one.clubId, staff[1]?.userId ?? '')).toBe(true);
    expect(await removeStaff(one.clubId, one.coachId)).toBe(false);
    expect(await removeStaff(one.clubId, other.coachId)).toBe(false);
  });

  it('by a link of another club cannot be ended, one’s own can', async () => {
    await makeInvite(one.clubId, one.coachId, 'physio-read');
    const [made] = await openInvites(one.clubId);
    await endInvite(other.clubId, made?.id ?? '');
    expect(await openInvites(one.clubId)).toHaveLength(1);
    await endInvite(one.clubId, made?.id ?? '');
    expect(await openInvites(one.clubId)).toHaveLength(0);
  });

  it('of an athlete ends with the link’s time', async () => {
    const id = one.athletes[0] ?? '';
    const token = (await inOne((tx) => makeLink(tx, one.clubId, id))).slice('/a/'.length);
    const look = () => withLink(token, (_, of) => Promise.resolve(of.athleteId));
    expect(await look()).toBe(id);
    await inOne((tx) => tx.update(schema.athleteLink).set({ expiresAt: new Date(Date.now() - 1000) }));
    expect(await look()).toBeNull();
  });

  it('is swept: ended sessions and old wrong tries go', async () => {
    await beginTry(`${v7()}@club.example`, v7());
    const before = await authDatabase().$count(attempt);
    await authDatabase()
      .insert(session)
      .values({ id: v7(), token: v7(), userId: one.coachId, expiresAt: new Date(Date.now() - 1000) });
    await keepHouse(new Date(Date.now() + 3 * 86_400_000));
    expect(before).toBeGreaterThan(0);
    expect(await authDatabase().$count(attempt)).toBe(0);
    expect(await authDatabase().$count(session)).toBe(0);
  });
});

describe('the database', () => {
  test('killed connections are replaced at the next request', async () => {
    const ask = () => inOne((tx) => tx.execute(sql`select 1`));
    await Promise.all(Array.from({ length: 6 }, ask));
    const kill = () =>
      outsideClubs(
        `select pg_terminate_backend(pid) from pg_stat_activity where usename = current_user and pid <> pg_backend_pid() and datname = current_database()`,
      );
    await kill();
    await ask();
    // one that dies with a request in it answers "not now", and the process lives
    const waiting = inOne((tx) => tx.execute(sql`select pg_sleep(5)`)).then(
      () => null,
      (failure: unknown) => failure,
    );
    await new Promise((done) => setTimeout(done, 300));
    await kill();
    expect(await waiting).toMatchObject({ status: 503 });
    await ask();
  });

  test('is ready, and says what it lacks when a migration is missing', async () => {
    expect(await isReady()).toBeNull();
    const { rows } = await owner.query<{ id: number; created_at: string; hash: string }>(
      'select * from drizzle.__drizzle_migrations order by created_at desc limit 1',
    );
    const last = rows[0];
    await owner.query('delete from drizzle.__drizzle_migrations where id = $1', [last?.id]);
    try {
      expect(await isReady()).toMatch(/lacks migrations/);
    } finally {
      await owner.query('insert into drizzle.__drizzle_migrations (id, hash, created_at) values ($1, $2, $3)', [
        last?.id,
        last?.hash,
        last?.created_at,
      ]);
    }
  });
});
