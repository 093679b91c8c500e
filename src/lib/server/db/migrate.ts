import { sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { databaseUrls } from '../config';
import { FOLD_VERSION, refoldTracks } from '../commands/refold';
import { withClub } from './client';

/** Makes the three smaller roles where they are missing and steps a login without its own into them, then migrates. */
export async function migrateDatabase(): Promise<void> {
  const client = new pg.Client({ connectionString: databaseUrls().owner });
  await client.connect();
  try {
    // one migration at a time, whichever instance gets there first
    await client.query(`select pg_advisory_lock(hashtext('jaleo-migrate'))`);
    for (const role of ['jaleo_app', 'jaleo_auth', 'jaleo_maintenance']) {
      const found = await client.query('select 1 from pg_roles where rolname = $1', [role]);
      if (found.rowCount === 0) await client.query(`create role ${role} nologin nosuperuser nobypassrls noinherit`);
      const member = await client.query<{ ok: boolean }>('select pg_has_role(current_user, $1, $2) as ok', [
        role,
        'member',
      ]);
      if (!member.rows[0]?.ok) await client.query(`grant ${role} to current_user`);
    }
    await migrate(drizzle(client), { migrationsFolder: 'src/lib/server/db/migrations' });
    // the application asks whether it is ready
    await client.query('grant usage on schema drizzle to jaleo_app');
    await client.query('grant select on drizzle.__drizzle_migrations to jaleo_app');
    await refoldWhatIsOld(client);
  } finally {
    await client.end();
  }
}

/** Tracks follow from the facts: where they are missing or of an older fold, they are folded anew, club by club. */
async function refoldWhatIsOld(client: pg.Client): Promise<void> {
  const clubs = await client.query<{ id: string }>('select id from auth.organization');
  for (const { id } of clubs.rows)
    await withClub(id, async (tx) => {
      const due = await tx.execute<{ athlete_id: string }>(sql`
        select distinct athlete_id from set_log l
        where not exists (select 1 from track t where t.club_id = l.club_id and t.athlete_id = l.athlete_id
          and t.fold_version = ${FOLD_VERSION})`);
      for (const { athlete_id } of due.rows) await refoldTracks(tx, id, athlete_id, null);
    });
}
