import { openDB, type IDBPDatabase } from 'idb';
import { network } from './network.svelte';

/** Queues of the application, by database and store. */
export const QUEUES = { sets: 'jaleo-outbox', cells: 'jaleo-results' } as const;
const databaseOf = (database: string, owner: string): string => `${database} ${owner}`;

/** How much of one person's waits on this device, laid aside or not sent yet; looks without opening a page's queue. */
export async function waitingHere(owner: string): Promise<number> {
  const known = new Set((await indexedDB.databases()).map(({ name }) => name));
  let waiting = 0;
  for (const [store, database] of Object.entries(QUEUES)) {
    const name = databaseOf(database, owner);
    if (!known.has(name)) continue;
    const db = await openDB(name);
    for (const one of [store, parkedStore(store)])
      if (db.objectStoreNames.contains(one)) waiting += await db.count(one);
    db.close();
  }
  return waiting;
}

const RETRY_MS = 3000;
/** An item that the server fails on by itself this often is laid aside, so that it keeps no other waiting. */
const TRIES = 3;

/** What the server made of one item. */
export type Delivered =
  | { readonly state: 'kept' }
  /** somebody has to see it: laid aside until they have */
  | { readonly state: 'parked'; readonly why: string };

/** An item laid aside, with why and when. */
export interface Parked<T> {
  readonly item: T;
  readonly why: string;
}

export interface QueueOf<T> {
  /** the browser's database and its store */
  readonly database: string;
  readonly store: string;
  readonly batch: number;
  /** a newer item of the same key takes the older one's place */
  readonly keyOf: (item: T) => string;
  /** tells a newer item from the one that was sent */
  readonly stamp: (item: T) => string;
  /** sends some and says what became of each; throws `Away` when nothing can be delivered now */
  readonly send: (items: readonly T[]) => Promise<readonly Delivered[]>;
}

/** Thrown by `send` when nothing can be delivered now. `failing` = the server is there and fails on what was sent. */
export class Away extends Error {
  constructor(readonly failing = false) {
    super('away');
  }
}

/** Posts JSON; a server that is away, or that no longer knows us, keeps everything here. */
export async function post(url: string, body: unknown): Promise<Response> {
  const response = await network.fetch(url, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (response.status >= 500 && response.status !== 503) throw new Away(true);
  if (response.status === 503 || response.status === 401 || response.status === 403) throw new Away();
  return response;
}

/**
 * Keeps what was entered in the browser until the server has it: written to disk first, sent after, taken off when
 * answered. The newest item of a key replaces the one before. What is refused, or always fails, is laid aside where
 * somebody sees it, and keeps no other item waiting.
 */
export class Queue<T> {
  /** items on disk when last counted, and items on their way to disk */
  #stored = $state(0);
  #arriving = $state(0);
  /** the last try found no server */
  away = $state(false);
  parked = $state.raw<readonly Parked<T>[]>([]);

  readonly #of: QueueOf<T>;
  #db: Promise<IDBPDatabase> | null = null;
  #run: Promise<void> | null = null;
  #more = false;
  #timer: ReturnType<typeof setTimeout> | null = null;
  readonly #tries = new Map<string, number>();

  constructor(of: QueueOf<T>) {
    this.#of = of;
  }

  /** Items still here, from the moment they were entered. */
  get waiting(): number {
    return this.#stored + this.#arriving;
  }

  /** Opens what one person has entered here: who signs in next on a shared device has a queue of their own. */
  open(owner: string): void {
    const { database, store } = this.#of;
    this.#db = openDB(databaseOf(database, owner), 2, {
      upgrade: (db) => {
        for (const name of [store, parkedStore(store)])
          if (!db.objectStoreNames.contains(name)) db.createObjectStore(name);
      },
    });
    void this.#showParked().then(() => this.send());
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
    this.#arriving += items.length;
    try {
      const db = await this.#db;
      if (!db) return;
      const writing = db.transaction(this.#of.store, 'readwrite');
      for (const item of items) void writing.store.put(item, this.#of.keyOf(item));
      await writing.done;
      this.#stored = await db.count(this.#of.store);
    } finally {
      this.#arriving -= items.length;
    }
    await this.send();
  }

  /** Somebody has seen an item laid aside: it goes. */
  async drop(item: T): Promise<void> {
    const db = await this.#db;
    await db?.delete(parkedStore(this.#of.store), this.#of.stamp(item));
    await this.#showParked();
  }

  /** What was laid aside, as it stands on disk. */
  async laidAside(): Promise<readonly Parked<T>[]> {
    await this.#showParked();
    return this.parked;
  }

  /** Items laid aside that something newer has settled go. */
  async dropWhere(is: (item: T) => boolean): Promise<void> {
    for (const { item } of this.parked.filter((one) => is(one.item))) await this.drop(item);
  }

  /** An item laid aside is tried once more. */
  async retry(item: T): Promise<void> {
    await this.drop(item);
    await this.put([item]);
  }

  /** Sends what is here; what comes while it is at it goes with the next round, never waits for another tap. */
  send(): Promise<void> {
    this.#more = true;
    this.#run ??= this.#rounds();
    return this.#run;
  }

  async #rounds(): Promise<void> {
    do await this.#sendAll();
    while (this.#more && !this.away);
    this.#run = null;
  }

  async #sendAll(): Promise<void> {
    const db = await this.#db;
    const { store, batch } = this.#of;
    if (!db) {
      this.#more = false;
      return;
    }
    try {
      while (this.#more) {
        this.#more = false;
        this.#stored = await db.count(store);
        const items = (await db.getAll(store, undefined, batch)) as T[];
        if (items.length === 0) continue;
        await this.#deliver(db, items);
        this.#more = true;
      }
      this.away = false;
    } catch {
      this.away = true;
      this.#timer ??= setTimeout(() => {
        this.#timer = null;
        void this.send();
      }, RETRY_MS);
    } finally {
      this.#stored = (await db.count(store).catch(() => 0)) || 0;
    }
  }

  /** Sends a batch; where the server fails on it, each item by itself, so that the one it fails on is found. */
  async #deliver(db: IDBPDatabase, items: readonly T[]): Promise<void> {
    try {
      const answers = await this.#of.send(items);
      await this.#settle(db, items, answers);
    } catch (failure) {
      if (!(failure instanceof Away) || !failure.failing) throw failure;
      if (items.length > 1) {
        for (const item of items) await this.#deliver(db, [item]);
        return;
      }
      const [item] = items;
      if (item === undefined) return;
      const stamp = this.#of.stamp(item);
      const tries = (this.#tries.get(stamp) ?? 0) + 1;
      this.#tries.set(stamp, tries);
      if (tries < TRIES) throw failure;
      await this.#settle(db, [item], [{ state: 'parked', why: 'The server fails on this one.' }]);
    }
  }

  /** One transaction: nothing newer comes between looking at what stands under a key and taking it off. */
  async #settle(db: IDBPDatabase, items: readonly T[], answers: readonly Delivered[]): Promise<void> {
    const { store, keyOf, stamp } = this.#of;
    const settling = db.transaction([store, parkedStore(store)], 'readwrite');
    const queued = settling.objectStore(store);
    const aside = settling.objectStore(parkedStore(store));
    for (const [i, item] of items.entries()) {
      const answer = answers[i];
      if (answer?.state === 'parked') void aside.put({ item, why: answer.why } satisfies Parked<T>, stamp(item));
      // a newer item of the same key may have come meanwhile: only what was sent is taken off
      const now = (await queued.get(keyOf(item))) as T | undefined;
      if (now !== undefined && stamp(now) === stamp(item)) void queued.delete(keyOf(item));
    }
    await settling.done;
    if (answers.some(({ state }) => state === 'parked')) await this.#showParked();
  }

  async #showParked(): Promise<void> {
    const db = await this.#db;
    this.parked = ((await db?.getAll(parkedStore(this.#of.store)).catch(() => [])) ?? []) as Parked<T>[];
  }
}

const parkedStore = (store: string): string => `${store}-parked`;
