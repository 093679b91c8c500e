import { redirect } from '@sveltejs/kit';
import { themeOf } from '$lib/model/theme';
import { ownPath } from '$lib/server/own-path';
import type { RequestHandler } from './$types';

const YEAR_S = 365 * 86_400;

export const POST: RequestHandler = async ({ request, cookies, url }) => {
  const theme = themeOf((await request.formData()).get('theme'));
  cookies.set('theme', theme, { path: '/', maxAge: YEAR_S, sameSite: 'lax', httpOnly: true });
  redirect(303, ownPath(url.searchParams.get('to'), '/calls'));
};
