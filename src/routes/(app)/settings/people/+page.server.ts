import { error, fail } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { endInvite, makeInvite, openInvites, removeStaff, staffOf } from '$lib/server/auth/invites';
import { orAway } from '$lib/server/away';
import { withClub } from '$lib/server/db/client';
import { readForm } from '$lib/server/door/read-form';
import { textOf } from '$lib/server/door/sent-form';
import { clubPage, sayDay } from '$lib/server/reads/page-thread';
import { loadClub } from '$lib/server/repositories/club-context';
import { INVITED_ROLES, inviteSchema, ROLE_WORDS } from '$lib/model/account';
import { healthForm } from '$lib/server/forms/settings';
import type { Actions, PageServerLoad } from './$types';

const wordsOf = (role: string): string => {
  const known = INVITED_ROLES.find((one) => one === role);
  return known ? (ROLE_WORDS[known].split(':')[0] ?? role) : role.replace(/^./, (first) => first.toUpperCase());
};

export const load: PageServerLoad = async ({ locals }) => {
  const { clubId, userId, role } = identityOf(locals);
  const plans = can(role, 'plan');
  const [club, people, invites] = await Promise.all([
    withClub(clubId, (tx) => loadClub(tx)),
    staffOf(clubId).catch(orAway),
    plans ? openInvites(clubId).catch(orAway) : [],
  ]);
  return {
    ...clubPage(club, '/settings/people'),
    healthMonths: club.healthMonths,
    people: people.map((one) => ({
      userId: one.userId,
      name: one.name,
      email: plans ? one.email : '',
      role: wordsOf(one.role),
      isMe: one.userId === userId,
    })),
    invites: invites.map((one) => ({
      id: one.id,
      role: wordsOf(one.role),
      until: sayDay(one.expiresAt.toISOString().slice(0, 10)),
    })),
    roles: INVITED_ROLES.map((id) => ({ id, words: ROLE_WORDS[id] })),
  };
};

export const actions: Actions = {
  invite: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'invite', inviteSchema);
    if (!form.ok) return form.failure;
    const link = await makeInvite(clubId, userId, form.value.role).catch(orAway);
    return { form: 'invite', errors: {}, typed: {}, link };
  },
  endInvite: async ({ locals, request }) => {
    await endInvite(identityOf(locals).clubId, textOf(await request.formData(), 'id')).catch(orAway);
    return { form: 'endInvite', errors: {}, typed: {} };
  },
  remove: async ({ locals, request }) => {
    const { clubId, userId } = identityOf(locals);
    const id = textOf(await request.formData(), 'userId');
    if (id === userId) error(400, 'Somebody else has to take you out.');
    if (!(await removeStaff(clubId, id).catch(orAway)))
      return fail(400, { form: 'remove', errors: { userId: ['A club keeps one head coach.'] }, typed: {} });
    return { form: 'remove', errors: {}, typed: {} };
  },
  health: healthForm,
};
