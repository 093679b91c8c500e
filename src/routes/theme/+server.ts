import { redirect } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const YEAR_S = 365 * 86_400;

export const POST: RequestHandler = async ({ request, cookies, url }) => {
  const theme = (await request.formData()).get('theme') === 'noche' ? 'noche' : 'cal';
  cookies.set('theme', theme, { path: '/', maxAge: YEAR_S, sameSite: 'lax', httpOnly: true });
  const to = url.searchParams.get('to') ?? '/calls';
  redirect(303, to.startsWith('/') && !to.startsWith('//') && !to.includes('\\') ? to : '/calls');
};
