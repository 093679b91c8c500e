import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { error } from '@sveltejs/kit';
import { Piscina } from 'piscina';
import type * as worker from './worker';

/** A file that takes longer is given up. */
const PATIENCE_MS = 20_000;
/** Files waiting behind the ones being read; more are told to come again. */
const MOST_WAITING = 8;

const BUILT = resolve('build/workers/files.js');
const SOURCE = resolve('src/lib/server/files/worker.ts');

let pool: Piscina | undefined;

/** One thread, so that files never take more than one core; it goes when nothing is to be read. */
const open = (): Piscina =>
  (pool ??= new Piscina({
    ...(process.env.NODE_ENV === 'production' && existsSync(BUILT)
      ? { filename: BUILT }
      : { filename: SOURCE, execArgv: ['--import', 'tsx'] }),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 30_000,
    maxQueue: MOST_WAITING,
    resourceLimits: { maxOldGenerationSizeMb: 384, stackSizeMb: 4 },
  }));

type Jobs = typeof worker;

/**
 * Reads a file in a worker thread.
 * @throws {HttpError} 503 when too many are waiting, 422 for one that takes too long or too much memory
 */
export async function readInWorker<K extends keyof Jobs>(
  job: K,
  task: Parameters<Jobs[K]>[0],
): Promise<ReturnType<Jobs[K]>> {
  try {
    return (await open().run(task, { name: job, signal: AbortSignal.timeout(PATIENCE_MS) })) as ReturnType<Jobs[K]>;
  } catch (failure) {
    const { name, code, message } = failure as Error & { code?: string };
    if (/queue/i.test(message)) error(503, 'Other files are being read. Try again in a moment.');
    if (name === 'AbortError' || code === 'ERR_WORKER_OUT_OF_MEMORY' || /abort|memory/i.test(message))
      error(422, 'This file takes too long to read. Split it, and look at how it is made.');
    throw failure;
  }
}

/** Ends the thread so that the process can stop. */
export async function closeFilePool(): Promise<void> {
  await pool?.destroy();
  pool = undefined;
}
