import { openDB, type IDBPDatabase } from 'idb';
import { network } from './network.svelte';

const RETRY_MS = 3000;

export interface QueueOf<T> {
  /** the browser's database and its store */
  readonly database: string;
  readonly store: string;
  readonly batch: number;
  /** a newer item of the same key takes the older one's place */
  readonly keyOf: (item: T) => string;
  /** tells a newer item from the one that was sent */
  readonly stamp: (item: T) => string;
  /** sends some; throws when the server is away */
  readonly send: (items: readonly T[]) => Promise<void>;
}

/** Thrown by `send` when nothing can be delivered now. */
export class Away extends Error {}

/** Posts JSON; a server that is away, or that no longer knows us, keeps everything here. */
export async function post(url: string, body: unknown): Promise<Response> {
  const response = await network.fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (response.status >= 500 || response.status === 401 || response.status === 403) throw new Away();
  return response;
}

/**
 * Keeps what was entered in the browser until the server has it: written to disk first, sent after, taken off when
 * answered. The newest item of a key replaces the one before.
 */
export class Queue<T> {
  /** items still here */
  waiting = $state(0);
  /** the last try found no server */
  away = $state(false);

  readonly #of: QueueOf<T>;
  #db: Promise<IDBPDatabase> | null = null;
  #sending = false;
  #timer: ReturnType<typeof setTimeout> | null = null;

  constructor(of: QueueOf<T>) {
    this.#of = of;
  }

  open(): void {
    const { database, store } = this.#of;
    this.#db = openDB(database, 1, { upgrade: (db) => void db.createObjectStore(store) });
    void this.send();
  }

  close(): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    void this.#db?.then((db) => db.close());
    this.#db = null;
  }

  /** Everything that has not reached the server yet. */
  async pending(): Promise<T[]> {
    return ((await (await this.#db)?.getAll(this.#of.store)) ?? []) as T[];
  }

  async put(items: readonly T[]): Promise<void> {
    const db = await this.#db;
    if (!db) return;
    const writing = db.transaction(this.#of.store, 'readwrite');
    for (const item of items) void writing.store.put(item, this.#of.keyOf(item));
    await writing.done;
    await this.send();
  }

  async send(): Promise<void> {
    const db = await this.#db;
    const { store, batch, keyOf, stamp } = this.#of;
    if (!db || this.#sending) return;
    this.#sending = true;
    try {
      for (;;) {
        this.waiting = await db.count(store);
        const items = (await db.getAll(store, undefined, batch)) as T[];
        if (items.length === 0) break;
        await this.#of.send(items);
        // a newer item of the same key may have come meanwhile: only what was sent is taken off
        for (const item of items) {
          const now = (await db.get(store, keyOf(item))) as T | undefined;
          if (now && stamp(now) === stamp(item)) await db.delete(store, keyOf(item));
        }
      }
      this.away = false;
    } catch {
      this.away = true;
      this.#timer ??= setTimeout(() => {
        this.#timer = null;
        void this.send();
      }, RETRY_MS);
    } finally {
      this.#sending = false;
      this.waiting = (await db.count(store).catch(() => 0)) || 0;
    }
  }
}
