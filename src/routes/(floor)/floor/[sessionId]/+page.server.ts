import { error } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { remembered } from '$lib/server/db/remembered';
import { isId } from '$lib/server/http';
import { loadSessionDay, readFloor } from '$lib/server/reads/floor';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, userId, role } = identityOf(locals);
  if (!isId(params.sessionId)) error(404, 'There is no such session.');
  const read = await remembered(clubId, `floor ${params.sessionId} ${role}`, async (tx) => {
    const rows = await loadSessionDay(tx, params.sessionId);
    const page = rows && readFloor(rows, can(role, 'health'), can(role, 'log'));
    if (!page) error(404, 'There is no such session.');
    return page;
  });
  // whose taps wait on this device
  return { ...read, me: userId };
};
