import { METHOD } from '$catalog';
import { leavesOf, valueAt } from '$core/method';
import { identityOf } from '$lib/server/auth/identity';
import { TABLES } from '$lib/server/commands/settings';
import { withClub } from '$lib/server/db/client';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { pathWords, TABLE_WORDS, type TableId } from '$lib/messages';
import { clubPage } from '$lib/server/reads/page-thread';
import { methodForms } from '$lib/server/forms/settings';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const table = TABLES.find((id) => id === url.searchParams.get('table')) ?? 'doses';
  const rows = Object.keys(club.method[table]);
  const row = rows.find((id) => id === url.searchParams.get('row')) ?? rows[0] ?? '';
  const builtIn: unknown = METHOD[table];
  const changed = (path: readonly (string | number)[]): boolean =>
    JSON.stringify(valueAt(club.method[table], path)) !== JSON.stringify(valueAt(builtIn, path));
  return {
    ...clubPage(club, '/settings/method'),
    tables: TABLES.map((id) => ({
      id,
      name: TABLE_WORDS[id],
      changed: club.tables.some((own) => own.table === id),
    })),
    table,
    row,
    rows: rows.map((id) => ({ id, name: rowName(club, table, id), changed: changed([id]) })),
    leaves: leavesOf(valueAt(club.method[table], [row]), [row]).map(({ path, value }) => ({
      path: JSON.stringify(path),
      words: pathWords(path.slice(1)),
      value,
      standard: valueAt(builtIn, path) as typeof value,
      changed: changed(path),
    })),
  };
};

function rowName(club: ClubContext, table: TableId, id: string): string {
  const name = valueAt(club.method[table], [id, 'name']);
  return typeof name === 'string' ? `${id} · ${name}` : pathWords([id]);
}

export const actions = methodForms;
