import { parseSetCookieHeader } from 'better-auth/cookies';
import type { Cookies } from '@sveltejs/kit';

/** Hands sign-in's cookies on through a form action's own answer. */
export function forwardCookies(response: Response, cookies: Cookies): void {
  for (const [name, cookie] of parseSetCookieHeader(response.headers.get('set-cookie') ?? '')) {
    cookies.set(name, decodeURIComponent(cookie.value), {
      path: cookie.path ?? '/',
      httpOnly: cookie.httponly ?? true,
      secure: cookie.secure ?? false,
      sameSite: 'lax',
      ...(cookie['max-age'] === undefined ? {} : { maxAge: cookie['max-age'] }),
    });
  }
}
