import { json } from '@sveltejs/kit';
import type { z } from 'zod';
import { sayIssue } from '$lib/messages';
import type { Issue, Result } from '$core/result';

/** Codes that mean somebody else was first. */
const CONFLICTS = ['card_elsewhere'];

const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;
/** Whether a text from outside is an id at all. */
export const isId = (text: string): boolean => ID.test(text);

/** Reads a JSON body at the border; what does not fit answers 400 and says where. */
export async function readBody<T>(
  request: Request,
  schema: z.ZodType<T>,
): Promise<{ ok: true; value: T } | { ok: false; response: Response }> {
  let body: unknown;
  try {
    body = await request.json();
  } catch {
    return { ok: false, response: json({ messages: ['This did not arrive whole. Try again.'] }, { status: 400 }) };
  }
  const parsed = schema.safeParse(body);
  if (parsed.success) return { ok: true, value: parsed.data };
  const messages = parsed.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`);
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
