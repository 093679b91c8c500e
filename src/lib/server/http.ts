import { json } from '@sveltejs/kit';
import type { z } from 'zod';
import { nestsDeeperThan } from './files/lines';
import { sayIssue } from '$lib/messages';
import type { Issue, Result } from '$core/result';

/** Codes that mean somebody else was first. */
const CONFLICTS = ['card_elsewhere'];

const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;
/** Whether a text from outside is an id at all. */
export const isId = (text: string): boolean => ID.test(text);

/** A card of sixty athletes with a line of their own on each slot stays below. */
const MOST_SIGNS = 2_000_000;
const MOST_DEPTH = 32;
/** A sign the database cannot keep in a text. */
const UNKEEPABLE = /\\u0000/;

/** Reads a JSON body at the border; what does not fit answers 400 and says where. */
export async function readBody<T>(
  request: Request,
  schema: z.ZodType<T>,
): Promise<{ ok: true; value: T } | { ok: false; response: Response }> {
  const refuse = (message: string, status = 400) => ({
    ok: false as const,
    response: json({ messages: [message] }, { status }),
  });
  let body: unknown;
  try {
    const text = await request.text();
    if (text.length > MOST_SIGNS) return refuse('This is too much at once. Send less.', 413);
    if (nestsDeeperThan(text, MOST_DEPTH) !== null || UNKEEPABLE.test(text))
      return refuse('This holds something that cannot be kept.');
    body = JSON.parse(text);
  } catch {
    return refuse('This did not arrive whole. Try again.');
  }
  const parsed = schema.safeParse(body);
  if (parsed.success) return { ok: true, value: parsed.data };
  const messages = parsed.error.issues.slice(0, 20).map((issue) => `${issue.path.join('.')}: ${issue.message}`);
  return { ok: false, response: json({ messages }, { status: 400 }) };
}

/** A service's answer as JSON: the value, or sentences for what stood against it. */
export function answer<T>(result: Result<T>, nameOf: (issue: Issue) => Issue = (issue) => issue): Response {
  if (result.ok) return json(result.value);
  const conflict = result.issues.some((issue) => CONFLICTS.includes(issue.code));
  const issues = result.issues.map(nameOf);
  return json(
    { conflict, messages: [...new Set(issues.map(sayIssue))], slots: issues.flatMap((issue) => issue.path) },
    { status: conflict ? 409 : 422 },
  );
}
