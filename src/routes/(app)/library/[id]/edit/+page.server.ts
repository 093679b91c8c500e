import { error } from '@sveltejs/kit';
import { LIBRARY } from '$catalog';
import type { Exercise } from '$core/library';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { formOf } from '$lib/server/reads/entry-form';
import { EQUIPMENT } from '$lib/model/kit';
import { clubPage } from '$lib/server/reads/page-thread';
import { entryForms } from '$lib/server/forms/library';
import type { PageServerLoad } from './$types';

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

export const actions = { keep: entryForms.keep };
