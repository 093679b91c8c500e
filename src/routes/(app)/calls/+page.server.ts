import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { remembered } from '$lib/server/db/remembered';
import { loadCalls } from '$lib/server/reads/call-rows';
import { readCalls } from '$lib/server/reads/calls';
import { callForms } from '$lib/server/forms/calls';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { clubId, role } = identityOf(locals);
  const squad = url.searchParams.get('squad');
  return remembered(clubId, `calls ${squad ?? ''} ${role}`, async (tx) =>
    readCalls(await loadCalls(tx), squad, can(role, 'health')),
  );
};

export const actions = callForms;
