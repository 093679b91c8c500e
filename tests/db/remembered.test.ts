import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, outsideClubs, withClub } from '../../src/lib/server/db/client';
import { remembered } from '../../src/lib/server/db/remembered';
import { athlete, command, squad } from '../../src/lib/server/db/schema';
import { makeClub, type TestClub } from './club';

let one: TestClub;
let other: TestClub;
let reads = 0;
beforeAll(async () => {
  one = await makeClub();
  other = await makeClub();
});
afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

const names = (of: TestClub, key = 'names') =>
  remembered(of.clubId, key, async (tx) => {
    reads += 1;
    const rows = await tx.select({ name: athlete.name }).from(athlete).orderBy(athlete.id);
    return rows.map(({ name }) => name);
  });
const rename = (of: TestClub, name: string) =>
  withClub(of.clubId, (tx) =>
    tx
      .update(athlete)
      .set({ name })
      .where(eq(athlete.id, of.athletes[0] ?? '')),
  );
/** How often something was read while `work` ran. */
async function readsOf(work: () => Promise<unknown>): Promise<number> {
  const before = reads;
  await work();
  return reads - before;
}

it('reads once, and anew after any write of the club, at once', async () => {
  expect(await readsOf(() => names(one))).toBe(1);
  expect(await readsOf(() => names(one))).toBe(0);
  for (let i = 0; i < 5; i++) {
    await rename(one, `Renamed ${String(i)}`);
    expect(await names(one)).toContain(`Renamed ${String(i)}`);
    expect(await readsOf(() => names(one))).toBe(0);
  }
});

it('is not disturbed by another club, by a command’s own row, or by a write that was undone', async () => {
  await names(one);
  await rename(other, 'Elsewhere');
  await withClub(one.clubId, (tx) =>
    tx.insert(command).values({ clubId: one.clubId, id: crypto.randomUUID(), verb: 'x', actor: 'x', hash: 'x' }),
  );
  await expect(
    withClub(one.clubId, async (tx) => {
      await tx.update(squad).set({ name: 'Undone' });
      throw new Error('undone');
    }),
  ).rejects.toThrow('undone');
  expect(await readsOf(() => names(one))).toBe(0);
});

it('sees a write as soon as it is committed and not before', async () => {
  await names(one);
  let commit: () => void = () => undefined;
  const writing = withClub(one.clubId, async (tx) => {
    await tx
      .update(athlete)
      .set({ name: 'Late' })
      .where(eq(athlete.id, one.athletes[0] ?? ''));
    await new Promise<void>((done) => (commit = done));
  });
  await new Promise((done) => setTimeout(done, 200));
  expect(await names(one)).not.toContain('Late');
  // a read begun before and kept must not hide it afterwards
  expect(await names(one, 'another')).not.toContain('Late');
  commit();
  await writing;
  expect(await names(one)).toContain('Late');
  expect(await names(one, 'another')).toContain('Late');
});

it('never gives what is older than a write that was answered, with writers and readers at once', async () => {
  let written = 0;
  const writer = async (): Promise<void> => {
    for (let i = 1; i <= 25; i++) {
      await rename(one, `N${String(i).padStart(3, '0')}`);
      written = i;
    }
  };
  const reader = async (): Promise<void> => {
    while (written < 25) {
      const before = written;
      const seen = Number((await names(one)).find((name) => /^N\d+$/.test(name))?.slice(1) ?? 0);
      expect(seen).toBeGreaterThanOrEqual(before);
    }
  };
  await Promise.all([writer(), reader(), reader(), reader()]);
});

it('keeps nothing of a read that failed', async () => {
  const fails = () => remembered<object>(one.clubId, 'fails', () => Promise.reject(new Error('no')));
  await expect(fails()).rejects.toThrow('no');
  await expect(fails()).rejects.toThrow('no');
});

it('has its mark on every table that a page may show, so that a new one cannot be forgotten', async () => {
  const { rows } = await outsideClubs<{ name: string }>(`
    select c.relname as name from pg_class c
    where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'
      and not exists (select 1 from pg_trigger t where t.tgrelid = c.oid and t.tgname = 'touch') order by 1`);
  expect(rows.map(({ name }) => name)).toEqual(['club_touch', 'command', 'health_view']);
  await withClub(one.clubId, (tx) => tx.execute(sql`select 1`));
});
