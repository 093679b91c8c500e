import { redirect } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadFloorDoor } from '$lib/server/reads/floor';
import type { PageServerLoad } from './$types';

/** The floor opens on today's one session; with none or several it asks. */
export const load: PageServerLoad = async ({ locals }) => {
  const door = await withClub(identityOf(locals).clubId, loadFloorDoor);
  const [only] = door.sessions;
  if (door.sessions.length === 1 && only) redirect(307, `/floor/${only.id}`);
  return door;
};
