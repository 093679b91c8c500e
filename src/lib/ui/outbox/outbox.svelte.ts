import type { SetLogBody } from '$lib/model/bodies';
import { post, Queue } from './queue.svelte';

/** Keeps every tap of the floor until the server has it. A repeat of a set changes nothing on the server. */
export class Outbox {
  /** what the server refused, in its words */
  refused = $state('');

  readonly #queue = new Queue<SetLogBody>({
    database: 'jaleo-outbox',
    store: 'sets',
    batch: 50,
    keyOf: (set) => [set.sessionId, set.athleteId, set.slot, set.setNumber].join(' '),
    stamp: (set) => set.id,
    send: async (sets) => {
      const response = await post('/api/sets', { sets });
      if (!response.ok)
        this.refused =
          ((await response.json()) as { messages?: string[] }).messages?.join(' ') ?? 'Some sets could not be kept.';
    },
  });

  /** taps still here */
  get waiting(): number {
    return this.#queue.waiting;
  }
  /** the last try found no server */
  get away(): boolean {
    return this.#queue.away;
  }

  open(): void {
    this.#queue.open();
  }
  close(): void {
    this.#queue.close();
  }

  /** Sets of a session that have not reached the server yet. */
  async pending(sessionId: string): Promise<SetLogBody[]> {
    return (await this.#queue.pending()).filter((set) => set.sessionId === sessionId);
  }

  put(set: SetLogBody): Promise<void> {
    return this.#queue.put([set]);
  }
}
