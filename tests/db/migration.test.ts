import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { v7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { foldAthlete, foldAthleteComplaints } from '../../src/lib/server/commands/refold';
import { databaseUrls } from '../../src/lib/server/config';
import type { Tx } from '../../src/lib/server/db/client';
import * as schema from '../../src/lib/server/db/schema';
import { dose } from '../fixtures';

const MIGRATIONS = 'src/lib/server/db/migrations';
/** The last migration of a club from before the tracks. */
const BEFORE = 6;

const name = `jaleo_migration_${String(process.pid)}`;
const [clubId, squadId, ana, bo, session] = [v7(), v7(), v7(), v7(), v7()];
let admin: pg.Client;
let client: pg.Client;

/** The migrations up to one, in a folder of their own. */
function upTo(last: number): string {
  const folder = mkdtempSync(join(tmpdir(), 'migrations-'));
  cpSync(MIGRATIONS, folder, { recursive: true });
  const journal = join(folder, 'meta/_journal.json');
  const all = JSON.parse(readFileSync(journal, 'utf8')) as { entries: { idx: number }[] };
  writeFileSync(journal, JSON.stringify({ ...all, entries: all.entries.filter(({ idx }) => idx <= last) }));
  return folder;
}
const insert = (table: string, row: Record<string, unknown>): Promise<unknown> => {
  const keys = Object.keys(row);
  return client.query(
    `insert into ${table} (${keys.map((key) => `"${key}"`).join(', ')}) values (${keys.map((_, i) => `$${String(i + 1)}`).join(', ')})`,
    keys.map((key) => {
      const value = row[key];
      return typeof value === 'object' && value !== null ? JSON.stringify(value) : value;
    }),
  );
};
const squat = (own: object) => dose({ sets: 3, amount: 6, rir: 2, ...own });
const setOf = (athleteId: string, setNumber: number, written: object, own: Record<string, unknown> = {}) => ({
  club_id: clubId,
  id: v7(),
  session_id: session,
  athlete_id: athleteId,
  slot: 'main',
  set_number: setNumber,
  day: '2026-11-17',
  exercise_id: 'back-squat',
  row: 'D-MAINT',
  written,
  amount: 6,
  load_kg: 80,
  rir: 2,
  as_written: true,
  done_at: '2026-11-17T18:00:00Z',
  ...own,
});

beforeAll(async () => {
  const url = new URL(databaseUrls().owner);
  admin = new pg.Client({ connectionString: url.toString() });
  await admin.connect();
  await admin.query(`create database ${name}`);
  url.pathname = `/${name}`;
  client = new pg.Client({ connectionString: url.toString() });
  await client.connect();
  const folder = upTo(BEFORE);
  await migrate(drizzle(client), { migrationsFolder: folder });
  rmSync(folder, { recursive: true });
  await client.query(`select set_config('app.club_id', $1, false)`, [clubId]);
  const gym = v7();
  await insert('auth.organization', { id: clubId, name: 'Club', slug: 'club', created_at: '2026-01-01' });
  await insert('club', { club_id: clubId, name: 'Club', zone: 'Europe/Madrid', schools: {} });
  await insert('facility', { club_id: clubId, id: gym, name: 'Gym', kit: {} });
  await insert('squad', {
    club_id: clubId,
    id: squadId,
    facility_id: gym,
    name: 'First',
    sport_id: 'team-handball',
    phase: 'in-season',
    gym_days: '[]',
  });
  for (const [id, who] of [
    [ana, 'Ana'],
    [bo, 'Bo'],
  ])
    await insert('athlete', { club_id: clubId, id, name: who });
  await insert('gym_session', {
    club_id: clubId,
    id: session,
    squad_id: squadId,
    day: '2026-11-17',
    phase: 'in-season',
    minutes: 60,
    template: 'full',
  });
  await insert('session_line', {
    club_id: clubId,
    session_id: session,
    slot: 'main',
    position: 0,
    block: 'main',
    exercise_id: 'back-squat',
    row: 'D-MAINT',
    dose: squat({}),
    reasons: '[]',
    pinned: true,
  });
  await insert('line_override', {
    club_id: clubId,
    session_id: session,
    slot: 'main',
    athlete_id: bo,
    exercise_id: 'back-squat',
    row: 'D-MAINT',
    dose: squat({ sets: 1, loadKg: 50 }),
    reasons: '[]',
    typed: true,
  });
  for (const n of [1, 2, 3]) await insert('set_log', setOf(ana, n, squat({ loadKg: 80 })));
  // bo's dose was cut by a layoff on that card, and the cut must not have become what bo owns
  await insert('set_log', setOf(bo, 1, squat({ sets: 1, loadKg: 50 }), { load_kg: 50 }));
  const at = { exerciseId: 'back-squat', dose: squat({ loadKg: 80 }) };
  await insert('proposal', {
    club_id: clubId,
    id: v7(),
    athlete_id: ana,
    squad_id: squadId,
    session_id: session,
    slot: 'main',
    row: 'D-MAINT',
    day: '2026-11-18',
    kind: 'load-up',
    from: at,
    to: { ...at, dose: squat({ loadKg: 82.5 }) },
    rules: '["PROG-9"]',
    saw: {},
    state: 'accepted',
    decided_day: '2026-11-18',
  });
  await insert('complaint', {
    club_id: clubId,
    id: v7(),
    athlete_id: bo,
    place: 'knee',
    score: 5,
    signs: '[]',
    since: '2026-11-10',
    updated_day: '2026-11-16',
    clearance: { role: 'physio', from: '2026-11-12', expires: '2027-01-10', lifts: 'mild', scope: 'knee, low jumps' },
  });
  await migrate(drizzle(client), { migrationsFolder: MIGRATIONS });
}, 120_000);
afterAll(async () => {
  await client.end();
  await admin.query(`drop database if exists ${name}`);
  await admin.end();
});

const tx = (): Tx => drizzle(client, { schema }) as unknown as Tx;

describe('a club from before the tracks', () => {
  it('owns what it had come to: the last dose written, and what was accepted since', async () => {
    const [track] = await foldAthlete(tx(), ana, null);
    expect(track).toMatchObject({
      exerciseId: 'back-squat',
      row: 'D-MAINT',
      owned: { dose: { sets: 3, amount: 6, loadKg: 82.5 }, by: 'opened' },
      lastDone: '2026-11-17',
    });
    expect(track?.exposures[0]?.sets).toHaveLength(3);
  });

  it('keeps its sets, its cards, and what the coach typed for one athlete', async () => {
    const count = async (from: string) =>
      (await client.query<{ n: number }>(`select count(*)::int as n from ${from}`)).rows[0]?.n;
    expect(await count('set_now')).toBe(4);
    expect(await count('session_line where typed')).toBe(1);
    expect((await client.query('select athlete_id, dose from typed_line')).rows).toMatchObject([
      { athlete_id: bo, dose: { sets: 1, loadKg: 50 } },
    ]);
    expect(await count(`information_schema.tables where table_name in ('proposal', 'line_override')`)).toBe(0);
    expect(await count(`change where subject = 'taken-over'`)).toBe(2);
  });

  it('has its complaints as they stood, cleared for what was known and with the clinician’s words kept', async () => {
    expect(await foldAthleteComplaints(tx(), bo)).toMatchObject([
      {
        place: 'knee',
        score: 5,
        since: '2026-11-10',
        clearance: { lifts: 'mild', score: 5, endedOn: null, scope: { maxTier: null, note: 'knee, low jumps' } },
      },
    ]);
  });
});
