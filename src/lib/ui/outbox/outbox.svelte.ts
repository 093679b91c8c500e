import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { SetLogBody } from '$lib/model/bodies';

interface OutboxSchema extends DBSchema {
  sets: { key: string; value: SetLogBody };
}

const RETRY_MS = 3000;
/** Sets sent in one go. */
const BATCH = 50;

/**
 * Keeps every tap in the browser until the server has it: written to disk first, sent after, taken off when answered.
 * The newest tap on one set replaces the one before, and a repeat changes nothing on the server.
 */
export class Outbox {
  /** taps still here */
  waiting = $state(0);
  /** the last try found no server */
  away = $state(false);
  /** what the server refused, in its words */
  refused = $state('');

  #db: Promise<IDBPDatabase<OutboxSchema>> | null = null;
  #sending = false;
  #timer: ReturnType<typeof setTimeout> | null = null;

  open(): void {
    this.#db = openDB<OutboxSchema>('jaleo-outbox', 1, { upgrade: (db) => void db.createObjectStore('sets') });
    void this.send();
  }

  close(): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    void this.#db?.then((db) => db.close());
    this.#db = null;
  }

  /** Sets of a session that have not reached the server yet. */
  async pending(sessionId: string): Promise<SetLogBody[]> {
    const all = (await (await this.#db)?.getAll('sets')) ?? [];
    return all.filter((set) => set.sessionId === sessionId);
  }

  async put(set: SetLogBody): Promise<void> {
    const db = await this.#db;
    await db?.put('sets', set, [set.sessionId, set.athleteId, set.slot, set.setNumber].join(' '));
    await this.send();
  }

  async send(): Promise<void> {
    const db = await this.#db;
    if (!db || this.#sending) return;
    this.#sending = true;
    try {
      for (;;) {
        const keys = (await db.getAllKeys('sets')).slice(0, BATCH);
        this.waiting = await db.count('sets');
        if (keys.length === 0) break;
        const sets = (await Promise.all(keys.map((key) => db.get('sets', key)))).filter((set) => set !== undefined);
        const response = await fetch('/api/sets', {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ sets }),
        });
        if (response.status >= 500 || response.status === 401 || response.status === 403) throw new Error('away');
        if (!response.ok)
          this.refused =
            ((await response.json()) as { messages?: string[] }).messages?.join(' ') ?? 'Some sets could not be kept.';
        // a newer tap on the same set may have come meanwhile: only what was sent is taken off
        for (const [i, key] of keys.entries())
          if ((await db.get('sets', key))?.id === sets[i]?.id) await db.delete('sets', key);
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
      this.waiting = (await db.count('sets').catch(() => 0)) || 0;
    }
  }
}
