import { z } from 'zod';
import { v5, v7 } from 'uuid';
import type { Texts } from '$lib/model/merge-texts';

/** No field of a form is longer, whatever its own limit: a pasted squad with all its columns. */
const MOST_TYPED = 200_000;

/** A form as it arrived: its fields as texts, lists joined, and what it says of the page it was sent from. */
export interface SentForm {
  readonly data: FormData;
  readonly typed: Texts;
  /** the page's id for this form: the same page sent again is known by it */
  readonly pageId: string;
  /** the record as this form showed it; null = it did not say */
  readonly shown: Texts | null;
  /** a field that cannot be kept, whatever it is */
  readonly unfit: string | null;
}

const shownSchema = z.record(z.string().max(200), z.string().max(MOST_TYPED));
/** What a form carries beside its fields. */
const OWN_FIELDS = ['commandId', 'seen', 'dayOrder'];

/** Fields of a form as texts; a file reads as empty. */
export function readSent(data: FormData): SentForm {
  const typed: Record<string, string> = {};
  for (const key of new Set(data.keys())) {
    if (OWN_FIELDS.includes(key)) continue;
    typed[key] = data
      .getAll(key)
      .map((value) => (typeof value === 'string' ? value : ''))
      .join(', ');
  }
  const unfit = Object.entries(typed).find(
    ([key, text]) => text.length > MOST_TYPED || `${key}${text}`.includes('\0'),
  )?.[0];
  return { data, typed, pageId: pageIdOf(data), shown: shownOf(textOf(data, 'seen')), unfit: unfit ?? null };
}

/** One field as text; a file or nothing reads as empty. */
export function textOf(data: FormData, field: string): string {
  const value = data.get(field);
  return typeof value === 'string' ? value : '';
}

/** The id a form was shown with, its page's and its own name on it. */
function pageIdOf(data: FormData): string {
  const [shown = '', ...name] = textOf(data, 'commandId').split(' ');
  const sent = z.uuid().safeParse(shown);
  if (!sent.success) return v7();
  return name.length === 0 ? sent.data : v5(name.join(' '), sent.data);
}

function shownOf(text: string): Texts | null {
  try {
    return shownSchema.parse(JSON.parse(text));
  } catch {
    return null;
  }
}
