import { fail } from '@sveltejs/kit';
import { and, eq } from 'drizzle-orm';
import { METHOD } from '$catalog';
import { leavesOf, methodTablesSchema, overlayTables, valueAt, withLeaf, withoutLeaf } from '$core/method';
import { identityOf } from '$lib/server/auth/identity';
import { withClub, type Tx } from '$lib/server/db/client';
import { clubTable } from '$lib/server/db/schema';
import { readForm } from '$lib/server/forms';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { recordChanges } from '$lib/server/services/record-change';
import { pathWords, TABLE_WORDS, type TableId } from '$lib/messages';
import { tableValueSchema } from '$lib/model/forms';
import { clubPage } from '$lib/server/services/page-thread';
import type { Actions, PageServerLoad } from './$types';

const TABLES = Object.keys(TABLE_WORDS) as TableId[];

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
    const { table, path: pathText, value: text } = form.value;
    const refuse = (message: string) =>
      fail(400, { form: `change:${pathText}`, errors: { value: [message] }, typed: { value: text } });
    return withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const found = find(club, table, pathText);
      if (!found) return refuse('This value is not there any more. Reload the page.');
      const value = readValue(text, found.standard);
      if (value === undefined) return refuse(`Write ${typeof found.standard === 'number' ? 'a number' : 'a word'}.`);
      const json = withLeaf(found.own, club.method[found.table], found.path, value);
      const parsed = methodTablesSchema.safeParse(
        overlayTables(METHOD, [
          ...club.tables.filter((one) => one.table !== found.table),
          { table: found.table, json },
        ]),
      );
      if (!parsed.success || !inOrder(valueAt(parsed.data[found.table], found.path.slice(0, -1))))
        return refuse(
          parsed.success ? 'The first of the two may not be above the second.' : 'This value does not fit here.',
        );
      await keep(tx, club, {
        clubId,
        userId,
        table: found.table,
        json,
        path: pathText,
        from: found.current,
        to: value,
      });
      return { form: `change:${pathText}`, errors: {}, typed: {}, kept: true };
    });
  },
  putBack: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'putBack', tableValueSchema.omit({ value: true }));
    if (!form.ok) return form.failure;
    return withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const found = find(club, form.value.table, form.value.path);
      if (!found) return fail(400, { form: 'putBack', errors: { value: ['It is not there any more.'] }, typed: {} });
      const json = withoutLeaf(found.own, found.path);
      await keep(tx, club, {
        clubId,
        userId,
        table: found.table,
        json,
        path: form.value.path,
        from: found.current,
        to: found.standard,
      });
      return { form: `change:${form.value.path}`, errors: {}, typed: {}, kept: true };
    });
  },
};

function find(club: ClubContext, tableText: string, pathText: string) {
  const table = TABLES.find((id) => id === tableText);
  if (!table) return null;
  const leaf = leavesOf(club.method[table]).find(({ path }) => JSON.stringify(path) === pathText);
  if (!leaf) return null;
  return {
    table,
    path: leaf.path,
    current: leaf.value,
    standard: valueAt(METHOD[table], leaf.path) as string | number | boolean | null,
    own: club.tables.find((one) => one.table === table)?.json,
  };
}

/** Text as the kind of value the built-in one is; undefined when it cannot be. */
function readValue(text: string, standard: unknown): string | number | boolean | undefined {
  if (typeof standard === 'boolean') return text === 'true' ? true : text === 'false' ? false : undefined;
  if (typeof standard !== 'number') return text.trim() === '' ? undefined : text.trim();
  const value = Number(text.replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(value) || value < 0 ? undefined : value;
}

const inOrder = (list: unknown): boolean =>
  !Array.isArray(list) || list.length !== 2 || typeof list[0] !== 'number' || list[0] <= (list[1] as number);

async function keep(
  tx: Tx,
  club: ClubContext,
  of: { clubId: string; userId: string; table: TableId; json: unknown; path: string; from: unknown; to: unknown },
): Promise<void> {
  const mine = and(eq(clubTable.clubId, of.clubId), eq(clubTable.table, of.table));
  const stored = club.tables.find((one) => one.table === of.table);
  if (of.json === undefined) await tx.delete(clubTable).where(mine);
  else if (stored)
    await tx
      .update(clubTable)
      .set({ json: of.json, version: stored.version + 1 })
      .where(mine);
  else await tx.insert(clubTable).values({ clubId: of.clubId, table: of.table, json: of.json });
  await recordChanges(tx, of.clubId, [
    {
      day: club.today,
      actor: of.userId,
      subject: 'method-table',
      from: { table: of.table, path: of.path, value: of.from },
      to: { table: of.table, path: of.path, value: of.to },
    },
  ]);
}
