import type { SetLogBody } from '$lib/model/bodies';
import { post, Queue, QUEUES, type Delivered, type Parked } from './queue.svelte';

interface SetAnswer {
  readonly state: 'kept' | 'refused' | 'conflict';
  readonly messages?: readonly string[];
}

/** Keeps every tap of the floor until the server has it. A repeat of a set changes nothing on the server. */
export class Outbox {
  readonly #queue = new Queue<SetLogBody>({
    database: QUEUES.sets,
    store: 'sets',
    batch: 200,
    keyOf: (set) => [set.sessionId, set.athleteId, set.slot, set.setNumber].join(' '),
    stamp: (set) => set.id,
    send: async (sets) => {
      const response = await post('/api/sets', { sets });
      const said = (await response.json()) as { answers?: readonly SetAnswer[]; messages?: readonly string[] };
      return sets.map((_, i): Delivered => {
        const answer = said.answers?.[i];
        if (answer?.state === 'kept') return { state: 'kept' };
        const why = (answer?.messages ?? said.messages ?? []).join(' ');
        return { state: 'parked', why: why === '' ? 'This set could not be kept.' : why };
      });
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
  /** sets laid aside until somebody has seen them */
  get parked(): readonly Parked<SetLogBody>[] {
    return this.#queue.parked;
  }

  open(owner: string): void {
    this.#queue.open(owner);
  }
  close(): void {
    this.#queue.close();
  }

  /** Sets of a session that have not reached the server yet. */
  async pending(sessionId: string): Promise<SetLogBody[]> {
    return (await this.#queue.pending()).filter((set) => set.sessionId === sessionId);
  }

  put(...sets: readonly SetLogBody[]): Promise<void> {
    return this.#queue.put(sets);
  }
  retry(set: SetLogBody): Promise<void> {
    return this.#queue.retry(set);
  }
  drop(set: SetLogBody): Promise<void> {
    return this.#queue.drop(set);
  }
}
