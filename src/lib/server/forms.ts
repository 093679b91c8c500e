import { fail, type ActionFailure } from '@sveltejs/kit';
import type { Issue } from '$core/result';
import { DAY_ORDERS } from '$core/calendar';
import { sayIssue } from '$lib/messages';
import { v5, v7 } from 'uuid';
import { z } from 'zod';
import { daysOfRequest } from './day-order';

export interface FormTrouble extends Record<string, unknown> {
  form: string;
  errors: Record<string, string[] | undefined>;
  typed: Record<string, string>;
}

/** No field of a form is longer, whatever its own limit: a pasted squad with all its columns. */
const MOST_TYPED = 200_000;

/**
 * Reads a form at the border. Fields named in `lists` may repeat. Its days are read as the form told them when it was shown.
 * @returns the value with the form's own id, by which a repeat is known; or what to show: a message for each field, and everything that was typed
 */
export async function readForm<T>(
  request: Request,
  form: string,
  schema: z.ZodType<T>,
  lists: readonly string[] = [],
): Promise<
  | { ok: true; value: T; typed: Record<string, string>; commandId: string }
  | { ok: false; failure: ActionFailure<FormTrouble> }
> {
  const data = await request.formData();
  const raw: Record<string, unknown> = {};
  const typed: Record<string, string> = {};
  for (const key of new Set(data.keys())) {
    const values = data.getAll(key).map((value) => (typeof value === 'string' ? value : ''));
    raw[key] = lists.includes(key) ? values : values[0];
    typed[key] = values.join(', ');
  }
  for (const list of lists) raw[list] ??= [];
  const unfit = Object.entries(typed).find(([, text]) => text.length > MOST_TYPED || text.includes('\0'));
  if (unfit)
    return {
      ok: false,
      failure: fail(400, {
        form,
        errors: { [unfit[0]]: ['This is too long, or holds a sign that cannot be kept.'] },
        typed: { ...typed, [unfit[0]]: unfit[1].slice(0, MOST_TYPED).replaceAll('\0', '') },
      }),
    };
  const order = DAY_ORDERS.find((known) => known === raw.dayOrder);
  if (order) daysOfRequest(order);
  const parsed = schema.safeParse(raw);
  if (parsed.success) return { ok: true, value: parsed.data, typed, commandId: commandIdOf(data) };
  const errors = z.flattenError(parsed.error).fieldErrors as Record<string, string[] | undefined>;
  return { ok: false, failure: fail(400, { form, errors, typed }) };
}

/** One field as text; a file or nothing reads as empty. */
export function textOf(data: FormData, field: string): string {
  const value = data.get(field);
  return typeof value === 'string' ? value : '';
}

/** The id a form was shown with, its page's and its own name on it: sent twice it is one command. */
export function commandIdOf(data: FormData): string {
  const [shown = '', ...name] = textOf(data, 'commandId').split(' ');
  const sent = z.uuid().safeParse(shown);
  if (!sent.success) return v7();
  return name.length === 0 ? sent.data : v5(name.join(' '), sent.data);
}

/** Sentences for what stood against a form, at the field each names; those of pasted lines at `field`. */
export function troubleOf(
  form: string,
  issues: readonly Issue[],
  typed: Record<string, string>,
  field: string,
): ActionFailure<FormTrouble> {
  const errors: Record<string, string[] | undefined> = {};
  for (const issue of issues) {
    const [at = field] = issue.path;
    // a number is a line of what was pasted
    const [key, said] =
      typeof at === 'number' ? [field, `Line ${String(at)}: ${sayIssue(issue)}`] : [at, sayIssue(issue)];
    errors[key] = [...(errors[key] ?? []), said];
  }
  return fail(400, { form, errors, typed });
}
