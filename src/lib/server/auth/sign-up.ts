import { eq } from 'drizzle-orm';
import { error } from '@sveltejs/kit';
import { AWAY_MESSAGE } from '../away';
import { user } from '../db/schema/auth';
import { auth, authDatabase } from './auth';

export interface NewPerson {
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/**
 * Makes an account. Nobody learns from the answer whether the e-mail had one.
 * @returns the new user's id; null when there was an account already
 */
export async function makeAccount(person: NewPerson): Promise<string | null> {
  const response = await auth().api.signUpEmail({ body: { ...person }, asResponse: true });
  if (response.status >= 500) error(503, AWAY_MESSAGE);
  if (!response.ok) return null;
  const made = (await response.json()) as { user: { id: string } };
  // the library answers for a known e-mail as for a new one, in the same time: only the table tells them apart
  const [found] = await authDatabase().select({ id: user.id }).from(user).where(eq(user.id, made.user.id));
  return found?.id ?? null;
}
