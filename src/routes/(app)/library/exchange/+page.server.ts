import { fail } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { keepEntries } from '$lib/server/commands/keep-entry';
import { readInWorker } from '$lib/server/files/pool';
import { clubPage } from '$lib/server/reads/page-thread';
import type { Actions, PageServerLoad } from './$types';

/** A library of thousands of entries with drawings stays well below. */
const MOST_BYTES = 5_000_000;

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId } = identityOf(locals);
  const club = await withClub(clubId, (tx) => loadClub(tx));
  return {
    ...clubPage(club, '/library/exchange'),
    count: club.library.exercises.size,
    ladders: club.library.ladders.size,
    sports: club.library.sports.size,
    own: club.entries.length,
  };
};

async function fileOf(request: Request): Promise<{ text: string; name: string } | string> {
  const file = (await request.formData()).get('file');
  if (!(file instanceof File) || file.size === 0) return 'Choose a file first.';
  if (file.size > MOST_BYTES) return 'This file is larger than 5 MB. Split it.';
  if (!/\.(json|csv)$/i.test(file.name)) return 'A library file ends in .json or .csv.';
  return { text: await file.text(), name: file.name.slice(0, 120) };
}

/** Changes listed on the page; the count says them all. */
const SHOWN = 200;

/** Reads the posted file against the club's library, with nothing held open meanwhile. */
async function read(clubId: string, file: { text: string; name: string }) {
  const club = await withClub(clubId, (tx) => loadClub(tx));
  return { club, ...(await readInWorker('library', { ...file, entries: club.entries })) };
}

export const actions: Actions = {
  /** Shows what a file would change; writes nothing. */
  preview: async ({ locals, request }) => {
    const file = await fileOf(request);
    if (typeof file === 'string') return fail(400, { message: file });
    const { issues, changes, same } = await read(identityOf(locals).clubId, file);
    return { name: file.name, issues, changes: changes.slice(0, SHOWN), count: changes.length, same, taken: null };
  },
  /** Takes the same file in, all or nothing. */
  take: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const file = await fileOf(request);
    if (typeof file === 'string') return fail(400, { message: file });
    const { club, issues, changes, same, entries } = await read(clubId, file);
    if (issues.length > 0)
      return fail(400, {
        name: file.name,
        issues,
        changes: changes.slice(0, SHOWN),
        count: changes.length,
        same,
        taken: null,
      });
    const saw = changes.map(({ kind, id, fields }) => ({
      kind,
      id,
      fields: fields?.map(({ field }) => field) ?? null,
    }));
    await withClub(clubId, (tx) => keepEntries(tx, club, userId, entries, saw));
    return { name: file.name, issues, changes: [], count: 0, same, taken: entries.length };
  },
};
