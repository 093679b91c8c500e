import { fail, redirect } from '@sveltejs/kit';
import { APIError } from 'better-auth/api';
import { z } from 'zod';
import { auth } from '$lib/server/auth/auth';
import { textOf } from '$lib/server/forms';
import { ownPath } from '$lib/server/own-path';
import { forwardCookies } from '$lib/server/auth/forward-cookies';
import type { Actions } from './$types';

const schema = z.object({ email: z.email(), password: z.string().min(1) });

export const actions: Actions = {
  default: async ({ request, cookies, url }) => {
    const data = await request.formData();
    const email = textOf(data, 'email');
    const parsed = schema.safeParse(Object.fromEntries(data));
    if (!parsed.success) return fail(400, { email, message: 'Write your e-mail and your password.' });
    try {
      const response = await auth().api.signInEmail({ body: parsed.data, headers: request.headers, asResponse: true });
      if (response.status === 429) return fail(429, { email, message: 'Too many tries from here. Wait a minute.' });
      if (!response.ok) return fail(400, { email, message: 'E-mail and password do not belong together.' });
      forwardCookies(response, cookies);
    } catch (thrown) {
      if (!(thrown instanceof APIError)) throw thrown;
      return fail(400, { email, message: 'E-mail and password do not belong together.' });
    }
    redirect(303, ownPath(url.searchParams.get('to'), '/calls'));
  },
};
