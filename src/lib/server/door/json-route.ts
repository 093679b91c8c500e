import { json, type RequestEvent, type RequestHandler } from '@sveltejs/kit';
import type { z } from 'zod';
import type { Result } from '$core/result';
import { identityOf } from '../auth/identity';
import { runCommand, runOne, type CommandHead, type Worked } from '../commands/run-command';
import type { Tx } from '../db/client';
import { answer, readBody } from '../http';

/** A body's command as data: how it reads, its client's id, what is done, and how its answer is told. */
interface Common<In> {
  readonly verb: string;
  readonly reads: z.ZodType<In>;
  /** the client's own id, or one that follows from what is asked */
  readonly id: (value: In, event: RequestEvent) => string;
}

export interface BodyCommand<In, Out> extends Common<In> {
  readonly work: (tx: Tx, asked: { value: In; actor: string; params: Params }) => Promise<Result<Out>>;
  readonly tells?: (out: Out) => unknown;
}

export interface ItemsCommand<In, Out> extends Common<In> {
  /** Answers item by item; nothing of it may be kept. */
  readonly items: (tx: Tx, asked: { value: In; actor: string; params: Params }) => Promise<Worked<Out>>;
  readonly tells: (out: Out, value: In) => unknown;
}

type Params = Readonly<Partial<Record<string, string>>>;

/** A route from a command that is kept whole or not at all. */
export const bodyRoute = <In, Out>(command: BodyCommand<In, Out>): RequestHandler =>
  routeOf(command, async (head, whole, value, params) => {
    const done = await runOne(head, whole, (tx) => command.work(tx, { value, actor: head.actor, params }));
    return done.ok && command.tells ? json(command.tells(done.value)) : answer(done);
  });

/** A route from a command that answers each of its items. */
export const itemsRoute = <In, Out>(command: ItemsCommand<In, Out>): RequestHandler =>
  routeOf(command, async (head, whole, value, params) => {
    const done = await runCommand(head, whole, (tx) => command.items(tx, { value, actor: head.actor, params }));
    return done.ok ? json(command.tells(done.value, value)) : answer(done);
  });

const routeOf =
  <In>(
    command: Common<In>,
    run: (head: CommandHead, whole: unknown, value: In, params: Params) => Promise<Response>,
  ): RequestHandler =>
  async (event) => {
    const { clubId, userId } = identityOf(event.locals);
    const body = await readBody(event.request, command.reads);
    if (!body.ok) return body.response;
    const head = { clubId, id: command.id(body.value, event), verb: command.verb, actor: userId };
    return run(head, { params: event.params, value: body.value }, body.value, event.params);
  };
