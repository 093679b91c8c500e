import { error, fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { findInvite, useInvite } from '$lib/server/auth/invites';
import { refusePassword } from '$lib/server/auth/passwords';
import { makeAccount } from '$lib/server/auth/sign-up';
import { orAway } from '$lib/server/away';
import { textOf } from '$lib/server/door/sent-form';
import { INVITED_ROLES, personSchema, ROLE_WORDS } from '$lib/model/account';
import type { Actions, PageServerLoad } from './$types';

const NO_LINK = 'This link leads nowhere any more. Ask the head coach for a new one.';

export const load: PageServerLoad = async ({ params }) => {
  const found = await findInvite(params.token).catch(orAway);
  if (!found) error(404, NO_LINK);
  const role = INVITED_ROLES.find((one) => one === found.role);
  return { club: found.club, role: role ? ROLE_WORDS[role] : found.role };
};

export const actions: Actions = {
  /** A new account in the club of the link. An e-mail that had one answers the same, and leaves the link unused. */
  default: async ({ params, request }) => {
    const data = await request.formData();
    const kept = { name: textOf(data, 'name'), email: textOf(data, 'email') };
    const found = await findInvite(params.token).catch(orAway);
    if (!found) error(404, NO_LINK);
    const parsed = personSchema.safeParse(Object.fromEntries(data));
    if (!parsed.success) return fail(400, { ...kept, errors: z.flattenError(parsed.error).fieldErrors });
    const person = parsed.data;
    const weak = refusePassword(person.password, [person.email, person.name, found.club]);
    if (weak !== null) return fail(400, { ...kept, errors: { password: [weak] } });
    const userId = await makeAccount(person).catch(orAway);
    if (userId !== null) await useInvite(params.token, { id: userId, name: person.name }).catch(orAway);
    redirect(303, '/sign-in?made');
  },
};
