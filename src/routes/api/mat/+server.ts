import { connect } from 'node:net';
import { createInterface } from 'node:readline';
import { error } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { matAddress } from '$lib/server/config';
import { whileOpen } from '$lib/server/streams';
import type { RequestHandler } from './$types';

/**
 * Hands the mat's lines to the page as they come. A browser cannot open the mat's stream itself; where the mat stands is
 * the server's own setting, never the page's.
 */
export const GET: RequestHandler = ({ locals }) => {
  if (!can(identityOf(locals).role, 'log')) error(403, 'Your role reads results; it does not write them.');
  const { host, port } = matAddress();
  let stop = (): void => undefined;
  const stream = new ReadableStream<string>({
    start(controller) {
      const socket = connect(port, host);
      const lines = createInterface({ input: socket });
      const say = (event: string, data: string): void => {
        controller.enqueue(`event: ${event}\ndata: ${data}\n\n`);
      };
      let open = true;
      const noted = whileOpen(() => {
        end('unplugged');
      });
      const end = (why: string): void => {
        if (!open) return;
        open = false;
        noted();
        say('gone', why);
        controller.close();
        socket.destroy();
      };
      stop = () => {
        open = false;
        noted();
        socket.destroy();
      };
      // a socket's error comes out of the reader too: unheard it would end the process
      lines.on('error', () => undefined);
      lines.on('line', (line) => {
        if (open) say('line', line);
      });
      socket.on('error', () => {
        end('absent');
      });
      socket.on('close', () => {
        end('unplugged');
      });
    },
    cancel() {
      stop();
    },
  });
  return new Response(stream.pipeThrough(new TextEncoderStream()), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
  });
};
