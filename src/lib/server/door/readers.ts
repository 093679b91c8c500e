import type { RequestEvent } from '@sveltejs/kit';
import { z } from 'zod';
import { DAY_ORDERS } from '$core/calendar';
import type { Texts } from '$lib/model/merge-texts';
import { daysOfRequest } from '../day-order';
import { textOf, type SentForm } from './sent-form';

export type FieldSays = Record<string, string[] | undefined>;

/** A form read: what is asked, or sentences at its fields. */
export type Read<In> = { readonly ok: true; readonly value: In } | { readonly ok: false; readonly errors: FieldSays };

/**
 * Reads what a form asks, from texts: what was typed, or what became of it when somebody else changed the record
 * meanwhile.
 */
export interface Reader<In, E = RequestEvent> {
  readonly read: (typed: Texts, sent: SentForm, event: E) => Read<In> | Promise<Read<In>>;
}

/** Reads fields alone: at once, and whatever the request. */
export interface FieldReader<In> {
  readonly read: (typed: Texts, sent: SentForm) => Read<In>;
}

/** Fields by a schema; those named in `lists` may repeat. Days are read as the form told them when it was shown. */
export const fields = <In>(schema: z.ZodType<In>, lists: readonly string[] = []): FieldReader<In> => ({
  read: (typed, { data }) => {
    const order = DAY_ORDERS.find((known) => known === textOf(data, 'dayOrder'));
    if (order) daysOfRequest(order);
    // of a field that is no list and came more than once (a button beside a ticked one of its name) the first one counts
    const raw: Record<string, unknown> = Object.fromEntries(
      Object.entries(typed).map(([key, text]) => [key, data.getAll(key).length > 1 ? firstOf(text) : text]),
    );
    for (const list of lists) raw[list] = (typed[list] ?? '').split(', ').filter(Boolean);
    const parsed = schema.safeParse(raw);
    return parsed.success
      ? { ok: true, value: parsed.data }
      : { ok: false, errors: z.flattenError(parsed.error).fieldErrors };
  },
});

/** The first of texts that were joined. */
export const firstOf = (text: string): string => text.split(', ')[0] ?? '';

/** A form that asks nothing beside being sent. */
export const nothing: FieldReader<null> = { read: () => ({ ok: true, value: null }) };

/** The id of something that may be gone by now. */
export const idField = (field: string, gone: string): FieldReader<string> =>
  fields(z.object({ [field]: z.uuid(gone) }).transform((value) => value[field] ?? ''));

/** A file that was sent, at most so many bytes. @returns the file, or what to say of it */
export function fileOf(data: FormData, most: number, tooLarge: string): File | string {
  const file = data.get('file');
  if (!(file instanceof File) || file.size === 0) return 'Choose a file.';
  return file.size > most ? tooLarge : file;
}
