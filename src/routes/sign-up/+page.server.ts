import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { auth } from '$lib/server/auth/auth';
import { createClub } from '$lib/server/auth/create-club';
import { textOf } from '$lib/server/forms';
import { forwardCookies } from '$lib/server/auth/forward-cookies';
import type { Actions } from './$types';

const isZone = (zone: string): boolean => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
};

const schema = z.object({
  name: z.string().trim().min(2, 'Write your name as your athletes know it.').max(80),
  club: z.string().trim().min(2, 'Give the club a name.').max(80),
  email: z.email('This does not read as an e-mail address.'),
  password: z.string().min(10, 'At least 10 characters.').max(128, 'At most 128 characters.'),
  zone: z.string().refine(isZone, 'Unknown time zone.').catch('Europe/Madrid'),
});

export const actions: Actions = {
  default: async ({ request, cookies }) => {
    const data = await request.formData();
    const kept = { name: textOf(data, 'name'), club: textOf(data, 'club'), email: textOf(data, 'email') };
    const parsed = schema.safeParse(Object.fromEntries(data));
    if (!parsed.success) return fail(400, { ...kept, errors: z.flattenError(parsed.error).fieldErrors });
    const { club, zone, ...person } = parsed.data;
    const response = await auth().api.signUpEmail({ body: person, headers: request.headers, asResponse: true });
    if (response.status === 429)
      return fail(429, { ...kept, errors: { email: ['Too many tries from here. Wait a minute.'] } });
    if (!response.ok)
      return fail(400, { ...kept, errors: { email: ['There is an account with this e-mail. Sign in instead.'] } });
    const { user } = (await response.clone().json()) as { user: { id: string } };
    await createClub({ id: user.id, name: person.name }, club, zone);
    forwardCookies(response, cookies);
    redirect(303, '/squad');
  },
};
