import journal from './migrations/meta/_journal.json';
import { isAway } from './pool';
import { outsideClubs } from './client';

const LATEST = Math.max(...journal.entries.map(({ when }) => when));

/** @returns null when the database answers and knows this version's last migration, else what is missing */
export async function isReady(): Promise<string | null> {
  try {
    const { rows } = await outsideClubs<{ latest: string | null }>(
      'select max(created_at) as latest from drizzle.__drizzle_migrations',
    );
    return Number(rows[0]?.latest ?? 0) >= LATEST ? null : 'The database lacks migrations of this version.';
  } catch (failure) {
    if (isAway(failure)) return 'The database cannot be reached.';
    return 'The database is not set up for this version.';
  }
}
