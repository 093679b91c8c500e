import { createHash } from 'node:crypto';
import { sayIssue } from '$lib/messages';
import { mergeTexts, type Texts } from '$lib/model/merge-texts';
import { lastWrote } from '../commands/run-command';
import type { Tx } from '../db/client';
import type { Stopped } from './form-command';
import type { FieldSays, Read } from './readers';
import type { SentForm } from './sent-form';

type Merged<In> =
  | {
      readonly ok: true;
      readonly value: In;
      readonly typed: Texts;
      readonly touched: ReadonlySet<string>;
      readonly wrote: Texts | null;
    }
  | ({ readonly ok: false } & Stopped);

/** What a page wrote is remembered as what tells it again, not as words. */
const markOf = (pageId: string, text: string): string =>
  createHash('sha256')
    .update(`${pageId} ${text.replaceAll('\r\n', '\n').trim()}`)
    .digest('base64url');

/**
 * Lays a form over the record as it stands by now: what nobody else changed is taken, what only others changed stays, and
 * what both changed is told at its field with both values.
 * @param of `now` the record's texts, null = the form changes no record; `read` reads the form anew where texts moved
 * @param tell a field's text in a person's words
 */
export async function mergeSent<In>(
  tx: Tx,
  of: {
    readonly sent: SentForm;
    readonly value: In;
    readonly now: Texts | null;
    readonly read: (typed: Texts) => Read<In> | Promise<Read<In>>;
  },
  tell: (field: string, text: string) => string,
): Promise<Merged<In>> {
  const { sent, value, now } = of;
  if (!now) return { ok: true, value, typed: sent.typed, touched: new Set(), wrote: null };
  const before = await lastWrote(tx, sent.pageId);
  const isOwn = (field: string, text: string): boolean => before[field] === markOf(sent.pageId, text);
  const { merged, touched, conflicts } = mergeTexts(sent.typed, sent.shown ?? {}, now, isOwn);
  if (conflicts.length > 0) {
    const errors: FieldSays = {};
    for (const { field, now: there, typed } of conflicts) {
      const facts = { now: tell(field, there), typed: tell(field, typed) };
      errors[field] = [sayIssue({ code: 'changed_meanwhile', facts })];
    }
    return { ok: false, errors, typed: merged, seen: now };
  }
  const wrote = Object.fromEntries([...touched].map((field) => [field, markOf(sent.pageId, merged[field] ?? '')]));
  if (Object.keys(now).every((field) => merged[field] === sent.typed[field]))
    return { ok: true, value, typed: merged, touched, wrote };
  const again = await of.read(merged);
  return again.ok
    ? { ok: true, value: again.value, typed: merged, touched, wrote }
    : { ok: false, errors: again.errors, typed: merged, seen: now };
}
