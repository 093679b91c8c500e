import { auth } from '$lib/server/auth/auth';
import { forwardCookies } from '$lib/server/auth/forward-cookies';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, cookies }) => {
  const response = await auth().api.signOut({ headers: request.headers, asResponse: true });
  forwardCookies(response, cookies);
  // what the browser kept of pages goes; what was entered and waits to be sent is its person's and stays
  return new Response(null, { status: 303, headers: { location: '/sign-in', 'clear-site-data': '"cache"' } });
};
