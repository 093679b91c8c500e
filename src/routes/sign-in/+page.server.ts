import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { signIn } from '$lib/server/auth/sign-in';
import { signUpIsOpen } from '$lib/server/config';
import { textOf } from '$lib/server/door/sent-form';
import { ownPath } from '$lib/server/own-path';
import type { Actions, PageServerLoad } from './$types';

const schema = z.object({ email: z.email().max(254), password: z.string().min(1).max(128) });

export const load: PageServerLoad = ({ url }) => ({
  open: signUpIsOpen(),
  made: url.searchParams.has('made'),
});

export const actions: Actions = {
  default: async (event) => {
    const data = await event.request.formData();
    const email = textOf(data, 'email');
    const parsed = schema.safeParse(Object.fromEntries(data));
    if (!parsed.success) return fail(400, { email, message: 'Write your e-mail and your password.' });
    const refused = await signIn(event, parsed.data);
    if (refused) return fail(refused.status, { email, message: refused.message });
    redirect(303, ownPath(event.url.searchParams.get('to'), '/calls'));
  },
};
