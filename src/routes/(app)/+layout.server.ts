import { error } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { onceId } from '$lib/server/once-id';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals }) => {
  const { identity } = locals;
  if (!identity) error(401, 'Sign in first.');
  const { userId, name, email, role } = identity;
  return {
    // forms of this page are told apart from the same ones sent again
    formId: onceId(locals),
    person: { id: userId, name, email, role },
    may: { plan: can(role, 'plan'), log: can(role, 'log'), health: can(role, 'health') },
  };
};
