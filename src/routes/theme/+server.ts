import { redirect } from '@sveltejs/kit';
import { ownPath } from '$lib/server/own-path';
import type { RequestHandler } from './$types';

const YEAR_S = 365 * 86_400;

export const POST: RequestHandler = async ({ request, cookies, url }) => {
  const theme = (await request.formData()).get('theme') === 'noche' ? 'noche' : 'cal';
  cookies.set('theme', theme, { path: '/', maxAge: YEAR_S, sameSite: 'lax', httpOnly: true });
  redirect(303, ownPath(url.searchParams.get('to'), '/calls'));
};
