import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { createClub } from '$lib/server/auth/create-club';
import { refusePassword } from '$lib/server/auth/passwords';
import { makeAccount } from '$lib/server/auth/sign-up';
import { signUpIsOpen } from '$lib/server/config';
import { textOf } from '$lib/server/door/sent-form';
import { personSchema } from '$lib/model/account';
import type { Actions, PageServerLoad } from './$types';

const isZone = (zone: string): boolean => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
};

const schema = personSchema.extend({
  club: z.string().trim().min(2, 'Give the club a name.').max(80, 'A shorter name, please.'),
  zone: z.string().refine(isZone, 'Unknown time zone.').catch('Europe/Madrid'),
});

export const load: PageServerLoad = () => ({ open: signUpIsOpen() });

export const actions: Actions = {
  default: async ({ request }) => {
    const data = await request.formData();
    const kept = { name: textOf(data, 'name'), club: textOf(data, 'club'), email: textOf(data, 'email') };
    if (!signUpIsOpen())
      return fail(403, { ...kept, errors: { email: ['New clubs are not taken here. Ask a head coach for a link.'] } });
    const parsed = schema.safeParse(Object.fromEntries(data));
    if (!parsed.success) return fail(400, { ...kept, errors: z.flattenError(parsed.error).fieldErrors });
    const { club, zone, ...person } = parsed.data;
    const weak = refusePassword(person.password, [person.email, person.name, club]);
    if (weak !== null) return fail(400, { ...kept, errors: { password: [weak] } });
    const userId = await makeAccount(person);
    if (userId !== null) await createClub({ id: userId, name: person.name }, club, zone);
    redirect(303, '/sign-in?made&to=%2Fsquad');
  },
};
