import { error } from '@sveltejs/kit';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { isId } from '$lib/server/http';
import { loadSessionDay } from '$lib/server/reads/floor';
import { readPrintEach } from '$lib/server/reads/print';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId } = identityOf(locals);
  if (!isId(params.sessionId)) error(404, 'There is no such session.');
  const rows = await withClub(clubId, (tx) => loadSessionDay(tx, params.sessionId));
  const page = rows && readPrintEach(rows);
  if (!page) error(404, 'There is no such session.');
  return page;
};
