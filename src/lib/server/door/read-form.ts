import { fail, type ActionFailure } from '@sveltejs/kit';
import type { z } from 'zod';
import type { Texts } from '$lib/model/merge-texts';
import { fields, type FieldSays } from './readers';
import { readSent } from './sent-form';

/**
 * Reads a form of sign-in and accounts, which belong to no club and so to no command.
 * @returns the value; or what to show: a message for each field, and everything that was typed
 */
export async function readForm<T>(
  request: Request,
  form: string,
  schema: z.ZodType<T>,
): Promise<
  | { ok: true; value: T; typed: Texts }
  | { ok: false; failure: ActionFailure<{ form: string; errors: FieldSays; typed: Texts }> }
> {
  const sent = readSent(await request.formData());
  const { typed } = sent;
  const refuse = (errors: FieldSays) => ({
    ok: false as const,
    failure: fail(400, {
      form,
      errors,
      typed: Object.fromEntries(Object.entries(typed).map(([key, text]) => [key, text.replaceAll('\0', '')])),
    }),
  });
  if (sent.unfit !== null)
    return refuse({ [sent.unfit.replaceAll('\0', '')]: ['This is too long, or holds a sign that cannot be kept.'] });
  const read = fields(schema).read(typed, sent);
  return read.ok ? { ok: true, value: read.value, typed } : refuse(read.errors);
}
