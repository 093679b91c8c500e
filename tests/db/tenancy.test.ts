import { getAuthTables } from 'better-auth/db';
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core';
import { is, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { auth, closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import * as schema from '../../src/lib/server/db/schema';
import * as authTables from '../../src/lib/server/db/schema/auth';
import { makeLink, revokeLink, withLink } from '../../src/lib/server/commands/athlete-link';
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

const ours = (Object.values(schema) as unknown[])
  .filter((value) => is(value, PgTable))
  .map((table) => getTableConfig(table))
  .filter((config) => config.schema === undefined);

describe('tenancy', () => {
  it('puts the club first in every key, with row-level security forced on every table', async () => {
    for (const table of ours) {
      expect(
        table.columns.some((column) => column.name === 'club_id'),
        table.name,
      ).toBe(true);
      for (const key of table.primaryKeys) expect(key.columns[0]?.name, table.name).toBe('club_id');
      for (const index of table.indexes)
        expect((index.config.columns[0] as { name: string }).name, table.name).toBe('club_id');
    }
    const found = await withClub(one.clubId, (tx) =>
      tx.execute(
        sql`select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r' and not (relrowsecurity and relforcerowsecurity)`,
      ),
    );
    expect(found.rows).toEqual([]);
  });

  it('works under a role that security binds', async () => {
    const { rows } = await withClub(one.clubId, (tx) =>
      tx.execute(sql`select rolsuper, rolbypassrls from pg_roles where rolname = current_user`),
    );
    expect(rows).toEqual([{ rolsuper: false, rolbypassrls: false }]);
  });

  it('shows one club nothing of another, even when the query forgets it', async () => {
    const names = await withClub(one.clubId, (tx) => tx.select({ clubId: schema.athlete.clubId }).from(schema.athlete));
    expect(new Set(names.map((row) => row.clubId))).toEqual(new Set([one.clubId]));
    await expect(
      withClub(one.clubId, (tx) =>
        tx.insert(schema.athlete).values({ clubId: other.clubId, id: crypto.randomUUID(), name: 'Stray' }),
      ),
    ).rejects.toThrow();
    await withClub(one.clubId, (tx) => tx.update(schema.squad).set({ name: 'Taken' }));
    expect(await withClub(other.clubId, (tx) => tx.select({ name: schema.squad.name }).from(schema.squad))).toEqual([
      { name: 'First' },
    ]);
  });

  it('keeps interleaved requests of two clubs apart', async () => {
    const seen = await Promise.all(
      Array.from({ length: 60 }, (_, i) =>
        withClub(i % 2 ? one.clubId : other.clubId, (tx) =>
          tx.select({ clubId: schema.club.clubId }).from(schema.club),
        ),
      ),
    );
    seen.forEach((rows, i) => {
      expect(rows).toEqual([{ clubId: i % 2 ? one.clubId : other.clubId }]);
    });
  });

  it('never rewrites history', async () => {
    await expect(withClub(one.clubId, (tx) => tx.update(schema.change).set({ subject: 'x' }))).rejects.toThrow();
    await expect(withClub(one.clubId, (tx) => tx.delete(schema.healthView))).rejects.toThrow();
  });

  it('refuses a club id that is no uuid', async () => {
    await expect(withClub(`x'; drop table athlete; --`, () => Promise.resolve(1))).rejects.toThrow(RangeError);
  });

  it('has the tables sign-in expects', () => {
    const expected = getAuthTables(auth().options);
    for (const [name, { fields }] of Object.entries(expected)) {
      const table = (authTables as Record<string, unknown>)[name];
      expect(is(table, PgTable), name).toBe(true);
      for (const field of Object.keys(fields))
        expect(Object.keys(table as object), `${name}.${field}`).toContain(field);
    }
  });
});

describe('an athlete’s link', () => {
  const open = (token: string) => withLink(token, (_tx, of) => Promise.resolve(of.athleteId));

  it('opens one athlete, and wrong, ended, unknown and foreign links answer alike', async () => {
    const path = await withClub(one.clubId, (tx) => makeLink(tx, one.clubId, one.athletes[0]!));
    const token = path.slice('/a/'.length);
    expect(await open(token)).toBe(one.athletes[0]);
    const secret = token.split('.')[1]!;
    expect(await open(`${other.clubId}.${secret}`)).toBeNull();
    expect(await open(`${one.clubId}.${'A'.repeat(43)}`)).toBeNull();
    expect(await open('nothing')).toBeNull();
    await withClub(one.clubId, (tx) => revokeLink(tx, one.athletes[0]!));
    expect(await open(token)).toBeNull();
  });

  it('keeps no secret', async () => {
    const path = await withClub(one.clubId, (tx) => makeLink(tx, one.clubId, one.athletes[1]!));
    const rows = await withClub(one.clubId, (tx) =>
      tx.select({ hash: schema.athleteLink.hash }).from(schema.athleteLink),
    );
    expect(JSON.stringify(rows)).not.toContain(path.split('.')[1]);
  });
});
