import { createHash } from 'node:crypto';
import { fail as refuse, redirect, type ActionFailure, type RequestEvent } from '@sveltejs/kit';
import { v5 } from 'uuid';
import type { Issue, Result } from '$core/result';
import { sayIssue } from '$lib/messages';
import type { Texts } from '$lib/model/merge-texts';
import { canonical, runCommand } from '../commands/run-command';
import type { Tx } from '../db/client';
import { mergeSent } from './merge-sent';
import { readSent } from './sent-form';
import type { FieldSays, Reader } from './readers';

/** Who sends, and of which club. */
export interface Sender {
  readonly clubId: string;
  /** user id of staff, or `athlete:<id>` */
  readonly actor: string;
}

/** What a command works on, and how it is reached. */
export interface Scope<E extends RequestEvent, Of> {
  /** @throws {HttpError} 404, nobody who may write here */
  readonly sender: (event: E) => Sender | Promise<Sender>;
  /** Opens it for writing: whatever the command compares is locked before it is read. */
  readonly open: (tx: Tx, event: E, sender: Sender, typed: Texts) => Promise<Of>;
  /** What must happen before and after. */
  readonly around?: <T>(
    tx: Tx,
    of: Of,
    head: { readonly actor: string; readonly verb: string },
    work: () => Promise<Result<T>>,
  ) => Promise<Result<T>>;
}

/** What was asked, by whom. */
export interface Asked<In> extends Sender {
  readonly value: In;
  /** the command's own id: one for each content that a page sends */
  readonly id: string;
  /** the page's: what a form adds is named by it, so that a corrected form changes what it added before */
  readonly pageId: string;
  /** fields of the record that the writer changed from what the form showed */
  readonly touched: ReadonlySet<string>;
  /** what the page hears once and nobody ever again, since it is not kept (a secret address) */
  readonly reveal: (secret: unknown) => void;
}

/**
 * A form's command as data: how the form reads, the record as its writer saw it, what is done, and what the page hears of
 * it. Its answer is the page's answer: there is no other way out of it.
 */
export interface FormCommand<E extends RequestEvent, In, Of, Out, Says extends object> {
  /** the form's name on its page */
  readonly form: string | ((typed: Texts) => string);
  readonly verb: string;
  readonly reads: Reader<In, E>;
  /** the field at which trouble that names none, or a line of a list, is said */
  readonly field: string;
  /**
   * The record as the form shows it, field by field: compared with what the writer saw, and merged. Null = there is none
   * yet. Absent = the command adds, or does one thing whatever stands there.
   */
  readonly shows?: (of: Of, typed: Texts, event: E) => Texts | null;
  /** What stands in a field in a person's words. */
  readonly tells?: (field: string, text: string, of: Of) => string;
  readonly work: (tx: Tx, of: Of, asked: Asked<In>) => Promise<Result<Out>>;
  /** What the page hears beside that it was kept. */
  readonly says?: (out: Out, value: In) => Says;
  /** What the page hears of what is revealed once, and what is said when it was revealed before. */
  readonly once?: { readonly shows: (secret: unknown) => Says; readonly said: string };
  /** Where the page goes then. */
  readonly leads?: (out: Out, event: E) => string | null;
}

/** What a form that was refused gets back: sentences at their fields, all that was typed, and the record to compare with next time. */
export interface FormTrouble {
  readonly form: string;
  readonly errors: FieldSays;
  readonly typed: Texts;
  readonly message: string;
  readonly seen: Texts | null;
}

export type FormKept<Says> = { readonly form: string; readonly errors: FieldSays; readonly typed: Texts } & Says;

/** What went wrong, at its fields; nothing typed is lost: what was sent goes back with it. */
export interface Stopped {
  readonly errors: FieldSays;
  readonly typed: Texts;
  readonly seen: Texts | null;
}

type Done<Out> = { readonly ok: true; readonly value: Out } | ({ readonly ok: false } & Stopped);

const UNFIT = 'This is too long, or holds a sign that cannot be kept.';
const withoutNul = (texts: Texts): Texts =>
  Object.fromEntries(Object.entries(texts).map(([key, text]) => [key, text.replaceAll('\0', '')]));

/**
 * Makes the action of a page from a command: the form is read, the seen record compared, the command run once, and its
 * answer given.
 */
export function formAction<E extends RequestEvent, In, Of, Out, Says extends object = { readonly kept: true }>(
  scope: Scope<E, Of>,
  command: FormCommand<E, In, Of, Out, Says>,
): (event: E) => Promise<FormKept<Says> | ActionFailure<FormTrouble>> {
  return async (event) => {
    const sent = readSent(await event.request.formData());
    const form = typeof command.form === 'string' ? command.form : command.form(sent.typed);
    const stop = ({ errors, typed, seen }: Stopped) =>
      refuse(400, { form, errors, typed, seen, message: Object.values(errors).flat().join(' ') });
    const atFields = (errors: FieldSays) => stop({ errors, typed: withoutNul(sent.typed), seen: sent.shown });
    if (sent.unfit !== null) return atFields({ [sent.unfit.replaceAll('\0', '')]: [UNFIT] });
    const read = await command.reads.read(sent.typed, sent, event);
    if (!read.ok) return atFields(read.errors);
    const sender = await scope.sender(event);
    const body = { params: event.params, typed: sent.typed, value: read.value };
    // what a page sends corrected is another command; the same again is the same
    const id = v5(createHash('sha256').update(canonical(body)).digest('hex'), sent.pageId);
    const { verb } = command;
    let revealed: { readonly secret: unknown } | null = null;
    const done = await runCommand<Done<Out>>({ ...sender, id, verb, pageId: sent.pageId }, body, async (tx) => {
      revealed = null;
      const of = await scope.open(tx, event, sender, sent.typed);
      const now = command.shows?.(of, sent.typed, event) ?? null;
      const merged = await mergeSent(
        tx,
        { sent, value: read.value, now, read: (typed) => command.reads.read(typed, sent, event) },
        (field, text) => command.tells?.(field, text, of) ?? text,
      );
      if (!merged.ok) return { answer: merged, keep: false };
      const { value, typed, touched, wrote } = merged;
      const reveal = (secret: unknown): void => {
        revealed = { secret };
      };
      const work = () => command.work(tx, of, { ...sender, id, pageId: sent.pageId, value, touched, reveal });
      const out = await (scope.around ? scope.around(tx, of, { actor: sender.actor, verb }, work) : work());
      if (out.ok) return { answer: out, keep: true, wrote };
      const errors = sayIssues(out.issues, command.field);
      return { answer: { ok: false, errors, typed, seen: now ?? sent.shown }, keep: false };
    });
    if (!done.ok) return atFields(sayIssues(done.issues, command.field));
    if (!done.value.ok) return stop(done.value);
    const { once } = command;
    // what a retried attempt made is not what stands: only the last one is told
    const told = revealed as { readonly secret: unknown } | null;
    if (once && told === null) return atFields({ [command.field]: [once.said] });
    const to = command.leads?.(done.value.value, event) ?? null;
    if (to !== null) redirect(303, to);
    const says = once && told ? once.shows(told.secret) : command.says?.(done.value.value, read.value);
    return { form, errors: {}, typed: {}, ...(says ?? ({ kept: true } as unknown as Says)) };
  };
}

/** Sentences for what stood against a form, at the field each names; those of pasted lines, and those of none, at `field`. */
function sayIssues(issues: readonly Issue[], field: string): FieldSays {
  const errors: FieldSays = {};
  for (const issue of issues) {
    const [at = field] = issue.path;
    // a number is a line of what was pasted
    const [key, said] =
      typeof at === 'number' ? [field, `Line ${String(at)}: ${sayIssue(issue)}`] : [at, sayIssue(issue)];
    errors[key] = [...(errors[key] ?? []), said];
  }
  return errors;
}
