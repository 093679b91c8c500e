import { redirect } from '@sveltejs/kit';
import { auth } from '$lib/server/auth/auth';
import { forwardCookies } from '$lib/server/auth/forward-cookies';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, cookies }) => {
  const response = await auth().api.signOut({ headers: request.headers, asResponse: true });
  forwardCookies(response, cookies);
  redirect(303, '/sign-in');
};
