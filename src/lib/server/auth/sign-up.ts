import { error } from '@sveltejs/kit';
import { AWAY_MESSAGE } from '../away';
import { auth } from './auth';

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
  if (!response.ok) {
    // as long as the other answer took
    const { password } = await auth().$context;
    await password.hash(person.password);
    return null;
  }
  const { user } = (await response.json()) as { user: { id: string } };
  return user.id;
}
