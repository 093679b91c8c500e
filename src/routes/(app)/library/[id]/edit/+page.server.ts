import { error, fail, redirect } from '@sveltejs/kit';
import { LIBRARY } from '$catalog';
import type { Exercise } from '$core/library';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { keepEntry } from '$lib/server/commands/keep-entry';
import { formOf, readEntryForm } from '$lib/server/reads/entry-form';
import { EQUIPMENT } from '$lib/model/kit';
import { clubPage } from '$lib/server/reads/page-thread';
import type { Actions, PageServerLoad } from './$types';

const isNew = (url: URL): boolean => url.searchParams.get('new') !== null;

function open(club: ClubContext, id: string): Exercise {
  const exercise = club.library.exercises.get(id);
  if (!exercise) error(404, 'There is no such exercise in the library.');
  return exercise;
}

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId, role } = identityOf(locals);
  if (!can(role, 'plan')) error(403, 'Your role reads the library; it does not change it.');
  const club = await withClub(clubId, (tx) => loadClub(tx));
  const exercise = open(club, params.id);
  return {
    ...clubPage(club, '/library'),
    id: exercise.id,
    title: exercise.name,
    isNew: isNew(url),
    equipment: EQUIPMENT,
    values: { ...formOf(exercise), ...(isNew(url) ? { name: `${exercise.name}, ours` } : {}) },
    patterns: exercise.pattern,
    builtIn: LIBRARY.exercises.has(exercise.id),
  };
};

export const actions: Actions = {
  keep: async ({ locals, params, request, url }) => {
    const { clubId, userId } = identityOf(locals);
    const data = await request.formData();
    const typed = Object.fromEntries(
      [...data.entries()].map(([field, value]) => [field, typeof value === 'string' ? value : '']),
    );
    // a redirect thrown inside the transaction would take it back
    const kept = await withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const base = open(club, params.id);
      const read = readEntryForm(typed, base);
      if (!read.ok) return fail(400, { errors: read.errors, typed });
      const unknown = [...read.value.equipment.allOf, ...read.value.equipment.anyOf].filter(
        (item) => !(EQUIPMENT as readonly string[]).includes(item),
      );
      if (unknown.length > 0)
        return fail(400, { errors: { allOf: [`Not known as kit: ${unknown.join(', ')}.`] }, typed });
      const entry = isNew(url) ? { ...read.value, id: freshId(read.value.name, club), ladder: null } : read.value;
      const twin = [...club.library.exercises.values()].find(
        (other) => other.id !== entry.id && other.name.toLowerCase() === entry.name.toLowerCase(),
      );
      if (twin) return fail(400, { errors: { name: ['Another exercise already has this name.'] }, typed });
      await keepEntry(tx, club, userId, 'exercise', entry);
      return { id: entry.id };
    });
    if ('id' in kept) redirect(303, `/library/${kept.id}`);
    return kept;
  },
};

/** An id from the name, that nothing else has. */
function freshId(name: string, club: ClubContext): string {
  const base =
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'exercise';
  for (let i = 1; ; i++) {
    const id = i === 1 ? base : `${base}-${String(i)}`;
    if (!club.library.exercises.has(id)) return id;
  }
}
