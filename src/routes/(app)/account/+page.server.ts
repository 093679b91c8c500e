import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { changePassword } from '$lib/server/auth/change-password';
import { identityOf } from '$lib/server/auth/identity';
import { countSessions, endOtherSessions } from '$lib/server/auth/sessions';
import { orAway } from '$lib/server/away';
import { withClub } from '$lib/server/db/client';
import { clubPage } from '$lib/server/reads/page-thread';
import { loadClub } from '$lib/server/repositories/club-context';
import { passwordChangeSchema } from '$lib/model/account';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId, userId } = identityOf(locals);
  const [club, sessions] = await Promise.all([
    withClub(clubId, (tx) => loadClub(tx)),
    countSessions(userId).catch(orAway),
  ]);
  return { ...clubPage(club, '/account'), elsewhere: sessions - 1 };
};

export const actions: Actions = {
  password: async (event) => {
    const parsed = passwordChangeSchema.safeParse(Object.fromEntries(await event.request.formData()));
    if (!parsed.success) return fail(400, { form: 'password', errors: z.flattenError(parsed.error).fieldErrors });
    const identity = identityOf(event.locals);
    const trouble = await changePassword(event, identity, parsed.data).catch(orAway);
    if (trouble) return fail(trouble.status, { form: 'password', errors: { [trouble.field]: [trouble.message] } });
    return { form: 'password', errors: {}, kept: 'Changed. You are signed out everywhere else.' };
  },
  /** Signs this person out everywhere but here. */
  sessions: async ({ locals }) => {
    const { userId, sessionId } = identityOf(locals);
    await endOtherSessions(userId, sessionId).catch(orAway);
    return { form: 'sessions', errors: {}, kept: 'Signed out everywhere else.' };
  },
};
