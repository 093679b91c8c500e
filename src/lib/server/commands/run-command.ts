import { createHash } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { and, eq, isNotNull } from 'drizzle-orm';
import { fail, type Issue, type Result } from '$core/result';
import { withClub, type Tx } from '../db/client';
import { command } from '../db/schema';

/** Who asks for what, with an id the client made: a repeat is answered the same and does nothing. */
export interface CommandHead {
  readonly id: string;
  readonly verb: string;
  /** user id of staff, or `athlete:<id>` */
  readonly actor: string;
  readonly clubId: string;
  /** the form's own id on its page; a page that is sent again corrected is known by it */
  readonly pageId?: string;
}

/** What became of a command: its answer, whether anything is kept, and what of a record it wrote (`lastWrote`). */
export interface Worked<T> {
  readonly answer: T;
  readonly keep: boolean;
  readonly wrote?: Readonly<Record<string, string>> | null;
}

/** What became of one item of a command. */
export type ItemAnswer<There = unknown> =
  | { readonly state: 'kept' }
  | { readonly state: 'refused'; readonly issues: readonly Issue[] }
  | { readonly state: 'conflict'; readonly there: There };

export const refused = (...issues: readonly Issue[]): ItemAnswer<never> => ({ state: 'refused', issues });
export const KEPT: ItemAnswer<never> = { state: 'kept' };

/** Carries an answer out of a transaction that is to leave nothing behind. */
class Undone extends Error {
  constructor(readonly answer: unknown) {
    super('undone');
  }
}

const RETRIES = 6;
/** Waits grow, and differ between those who met, so that they do not meet again. */
const PAUSE_MS = 15;
/** Another writer was in the way: the same again will do. */
const RETRY_CODES = ['40001', '40P01'];

/**
 * Carries out a command once: transaction and club, idempotency by id, retries when writers got in each other's way. A
 * command of which nothing is kept leaves no trace, so that a corrected one may come under the same id.
 * @param body what was asked, to tell a repeat from another command under the same id
 * @param work does it; `keep` false = nothing was kept, roll everything back
 * @returns the answer of `work`, a repeat's answer as it was given, or `id_reused`
 */
export async function runCommand<T>(
  head: CommandHead,
  body: unknown,
  work: (tx: Tx) => Promise<Worked<T>>,
): Promise<Result<T>> {
  const hash = createHash('sha256').update(canonical(body)).digest('hex');
  for (let attempt = 0; ; attempt++) {
    try {
      return await withClub(head.clubId, async (tx): Promise<Result<T>> => {
        const { clubId, id, verb, actor, pageId = null } = head;
        // a twin under way is waited for here; its answer is then the answer
        const mine = await tx
          .insert(command)
          .values({ clubId, id, verb, actor, hash, pageId })
          .onConflictDoNothing()
          .returning({ id: command.id });
        if (mine.length === 0) {
          const [found] = await tx
            .select()
            .from(command)
            .where(and(eq(command.clubId, clubId), eq(command.id, id)));
          return found?.hash === hash && found.verb === verb
            ? { ok: true, value: found.answer as T }
            : fail('id_reused');
        }
        const { answer, keep, wrote = null } = await work(tx);
        if (!keep) throw new Undone(answer);
        await tx
          .update(command)
          .set({ answer, wrote })
          .where(and(eq(command.clubId, clubId), eq(command.id, id)));
        return { ok: true, value: answer };
      });
    } catch (failure) {
      if (failure instanceof Undone) return { ok: true, value: failure.answer as T };
      if (attempt >= RETRIES || !RETRY_CODES.includes(codeOf(failure) ?? '')) throw failure;
      await pause(PAUSE_MS * 2 ** attempt * (0.5 + Math.random()));
    }
  }
}

/** What a page wrote of each field when it was last sent: marks by field. */
export async function lastWrote(tx: Tx, pageId: string): Promise<Readonly<Record<string, string>>> {
  const rows = await tx
    .select({ wrote: command.wrote })
    .from(command)
    .where(and(eq(command.pageId, pageId), isNotNull(command.wrote)))
    .orderBy(command.at);
  return Object.assign({}, ...rows.map(({ wrote }) => wrote)) as Record<string, string>;
}

/** A command of one item as a result: the answer, or what stood against it. */
export async function runOne<T>(
  head: CommandHead,
  body: unknown,
  work: (tx: Tx) => Promise<Result<T>>,
): Promise<Result<T>> {
  const done = await runCommand<Result<T>>(head, body, async (tx) => {
    const answer = await work(tx);
    return { answer, keep: answer.ok };
  });
  return done.ok ? done.value : done;
}

const codeOf = (failure: unknown): string | undefined => {
  const of = failure as { code?: string; cause?: { code?: string } } | null;
  return of?.cause?.code ?? of?.code;
};

/** JSON with its keys in order: the same content is the same text. */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
}
