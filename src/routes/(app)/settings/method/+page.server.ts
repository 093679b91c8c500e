import { METHOD } from '$catalog';
import { leavesOf, valueAt } from '$core/method';
import { identityOf } from '$lib/server/auth/identity';
import { runOne } from '$lib/server/commands/run-command';
import { changeTable, putTableBack, TABLES } from '$lib/server/commands/settings';
import { withClub } from '$lib/server/db/client';
import { readForm, troubleOf } from '$lib/server/forms';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { pathWords, TABLE_WORDS, type TableId } from '$lib/messages';
import { tableValueSchema } from '$lib/model/forms';
import { clubPage } from '$lib/server/reads/page-thread';
import type { Actions, PageServerLoad } from './$types';

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

export const actions: Actions = {
  change: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'change', tableValueSchema);
    if (!form.ok) return form.failure;
    const { commandId: id, value } = form;
    const done = await runOne({ clubId, id, verb: 'method-table', actor: userId }, value, async (tx) =>
      changeTable(tx, await loadClub(tx), value, userId),
    );
    const name = `change:${value.path}`;
    return done.ok
      ? { form: name, errors: {}, typed: {}, kept: true }
      : troubleOf(name, done.issues, { value: value.value }, 'value');
  },
  putBack: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'putBack', tableValueSchema.omit({ value: true }));
    if (!form.ok) return form.failure;
    const { commandId: id, value } = form;
    const done = await runOne({ clubId, id, verb: 'method-table-back', actor: userId }, value, async (tx) =>
      putTableBack(tx, await loadClub(tx), value, userId),
    );
    return done.ok
      ? { form: `change:${value.path}`, errors: {}, typed: {}, kept: true }
      : troubleOf('putBack', done.issues, {}, 'value');
  },
};
