import { APIError } from 'better-auth/api';
import { error, type Cookies, type RequestEvent } from '@sveltejs/kit';
import { AWAY_MESSAGE, isAwayTold } from '../away';
import { clientAddress } from '../client-address';
import { beginTry, endTry } from './attempts';
import { auth } from './auth';
import { forwardCookies } from './forward-cookies';

const WRONG = 'E-mail and password do not belong together.';

/** What to say to somebody who has to wait, in words a person counts in. */
export function sayTooMany(seconds: number): string {
  const wait = seconds < 90 ? `${String(seconds)} seconds` : `${String(Math.ceil(seconds / 60))} minutes`;
  return `Too many wrong tries. Wait ${wait}, then try once more.`;
}

/**
 * Signs a person in and hands over the cookies. Whether the e-mail is known, the answer is the same.
 * @returns null when signed in, else what to say and how to answer
 */
export async function signIn(
  event: Pick<RequestEvent, 'request' | 'platform' | 'getClientAddress'> & { readonly cookies: Cookies },
  { email, password }: { readonly email: string; readonly password: string },
): Promise<{ readonly status: number; readonly message: string } | null> {
  const address = clientAddress(event);
  try {
    const waitS = await beginTry(email, address);
    if (waitS > 0) return { status: 429, message: sayTooMany(waitS) };
    const response = await auth().api.signInEmail({
      body: { email, password },
      headers: event.request.headers,
      asResponse: true,
    });
    if (response.status >= 500) error(503, AWAY_MESSAGE);
    if (!response.ok) return { status: 400, message: WRONG };
    await endTry(email, address);
    forwardCookies(response, event.cookies);
    return null;
  } catch (failure) {
    if (isAwayTold(failure)) error(503, AWAY_MESSAGE);
    if (failure instanceof APIError) return { status: 400, message: WRONG };
    throw failure;
  }
}
