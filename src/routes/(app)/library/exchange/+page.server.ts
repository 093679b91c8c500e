import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub } from '$lib/server/repositories/club-context';
import { readInWorker } from '$lib/server/files/pool';
import { clubPage } from '$lib/server/reads/page-thread';
import { previewLibrary, takeLibrary } from '$lib/server/forms/library';
import type { PageServerLoad } from './$types';

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

export const actions = { preview: previewLibrary, take: takeLibrary };
