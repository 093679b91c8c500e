import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, outsideClubs, withClub } from '../../src/lib/server/db/client';
import { remembered } from '../../src/lib/server/db/remembered';
import { keptPage } from '../../src/lib/server/kept-pages';
import { onceId } from '../../src/lib/server/once-id';
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

/** A page of the club's names as the hook lays one out. */
async function page(of: TestClub, key = 'a page', status = 200) {
  const locals = { onceIds: [] as string[] };
  const response = await keptPage(of.clubId, key, locals.onceIds, async () => {
    const nonce = crypto.randomUUID();
    const html = `<script nonce="${nonce}"></script>${onceId(locals)} ${(await names(of, key)).join()}`;
    const headers = {
      'content-type': 'text/html',
      'content-security-policy': `script-src 'nonce-${nonce}'`,
      etag: 'x',
    };
    return new Response(html, { status, headers });
  });
  const html = await response.text();
  return {
    status: response.status,
    nonce: /nonce="([^"]+)"/.exec(html)?.[1],
    policy: response.headers.get('content-security-policy'),
    tag: response.headers.get('etag'),
    id: /[0-9a-f-]{36} /.exec(html.slice(html.indexOf('</script>')))?.[0],
    names: html.split(' ').slice(2).join(' '),
  };
}

it('lays a page out once until the club is written, with ids and nonce of its own each time', async () => {
  const first = await page(one);
  let again = first;
  expect(await readsOf(async () => (again = await page(one)))).toBe(0);
  expect(again.names).toBe(first.names);
  expect(again.id).toMatch(/^[0-9a-f-]{36} $/);
  expect(again.id).not.toBe(first.id);
  expect(again.nonce).not.toBe(first.nonce);
  expect(again.policy).toBe(`script-src 'nonce-${again.nonce ?? ''}'`);
  expect(again.tag).toBeNull();
  await rename(one, 'Laid anew');
  expect((await page(one)).names).toContain('Laid anew');
  expect((await page(other)).names).not.toContain('Laid anew');
});

it('lays a page out once for many who ask at once, and keeps no answer but a page', async () => {
  await rename(one, 'At once');
  let all: Awaited<ReturnType<typeof page>>[] = [];
  expect(await readsOf(async () => (all = await Promise.all(Array.from({ length: 8 }, () => page(one)))))).toBe(1);
  expect(new Set(all.map(({ id }) => id)).size).toBe(8);
  expect(await Promise.all([page(one, 'gone', 404), page(one, 'gone', 404)])).toMatchObject([
    { status: 404 },
    { status: 404 },
  ]);
  expect((await page(one, 'gone')).status).toBe(200);
});

it('has its mark on every table that a page may show, so that a new one cannot be forgotten', async () => {
  const { rows } = await outsideClubs<{ name: string }>(`
    select c.relname as name from pg_class c
    where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'
      and not exists (select 1 from pg_trigger t where t.tgrelid = c.oid and t.tgname = 'touch') order by 1`);
  expect(rows.map(({ name }) => name)).toEqual(['club_touch', 'command', 'health_view']);
  await withClub(one.clubId, (tx) => tx.execute(sql`select 1`));
});
