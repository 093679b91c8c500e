import { enhance as enhanceForm } from '$app/forms';
import type { ActionResult, SubmitFunction } from '@sveltejs/kit';
import { formTrouble } from './form-trouble.svelte';

/** What to say when a form came to nothing, by what the server (or nobody) answered. */
export function sayTrouble(result: Extract<ActionResult, { type: 'error' }>): string {
  const error: unknown = result.error;
  const said = typeof error === 'object' && error !== null && 'message' in error ? String(error.message) : '';
  if (result.status !== undefined && said !== '') return said;
  return 'The server did not answer. What you typed stands here: send it again in a moment.';
}

/**
 * A form sent without leaving the page. When it comes to nothing (no network, no database, signed out) the page stays as
 * it is, with all that was typed, and says so: the framework's own answer would put an error page in its place.
 */
export const enhance = (form: HTMLFormElement, submit: SubmitFunction = () => undefined) => {
  let underWay: string | null = null;
  return enhanceForm(form, async (input) => {
    // Enter in a changed field sends twice: the late second answer would write over what is typed meanwhile
    const body = JSON.stringify([...input.formData].map(([name, value]) => [name, sentAs(value)]));
    if (body === underWay) {
      input.cancel();
      return;
    }
    underWay = body;
    const after = await submit(input);
    return async (outcome) => {
      underWay = null;
      if (outcome.result.type === 'error') {
        formTrouble.say(sayTrouble(outcome.result));
        return;
      }
      formTrouble.clear();
      await (after ? after(outcome) : outcome.update());
    };
  });
};

const sentAs = (value: FormDataEntryValue): string =>
  typeof value === 'string' ? value : `${value.name} ${String(value.size)}`;

/** For forms that go on showing what was typed after it is kept. */
export const keep: SubmitFunction =
  () =>
  ({ update }) =>
    update({ reset: false });
