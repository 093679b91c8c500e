import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Away, Queue, type Delivered } from './queue.svelte';

interface Item {
  readonly key: string;
  readonly id: number;
}
let databases = 0;
const queues: Queue<Item>[] = [];
function queueOf(
  send: (items: readonly Item[]) => Promise<readonly Delivered[]>,
  keyOf = ({ key }: Item) => key,
  database = `q${String(++databases)}`,
  owner = 'ada',
) {
  const queue = new Queue<Item>({
    database,
    store: 'items',
    batch: 3,
    keyOf,
    stamp: ({ id }) => String(id),
    send,
  });
  queues.push(queue);
  queue.open(owner);
  return queue;
}
const KEPT: Delivered = { state: 'kept' };
const item = (id: number, key = `k${String(id)}`): Item => ({ key, id });

afterEach(() => {
  for (const queue of queues.splice(0)) queue.close();
  vi.useRealTimers();
});

describe('a shared device', () => {
  it('keeps what somebody entered for them, whoever signs in meanwhile', async () => {
    const sent: [string, number][] = [];
    const away = queueOf(() => Promise.reject(new Away()), undefined, 'shared', 'ada');
    await away.put([item(1)]);
    away.close();
    const of = (owner: string) =>
      queueOf(
        (items) => {
          for (const { id } of items) sent.push([owner, id]);
          return Promise.resolve(items.map(() => KEPT));
        },
        undefined,
        'shared',
        owner,
      );
    const other = of('ben');
    await other.put([item(2)]);
    expect(sent).toEqual([['ben', 2]]);
    expect(other.parked).toEqual([]);
    const again = of('ada');
    await again.send();
    await vi.waitFor(() => {
      expect(sent).toEqual([
        ['ben', 2],
        ['ada', 1],
      ]);
    });
  });
});

describe('the outbox', () => {
  it('takes off what was kept, lays aside what was refused, and keeps no other waiting', async () => {
    const queue = queueOf((items) =>
      Promise.resolve(items.map(({ id }) => (id === 2 ? { state: 'parked', why: 'no such line' } : KEPT))),
    );
    await queue.put([1, 2, 3, 4, 5].map((id) => item(id)));
    expect(queue.waiting).toBe(0);
    expect(queue.parked).toEqual([{ item: item(2), why: 'no such line' }]);
    await queue.drop(item(2));
    expect(queue.parked).toEqual([]);
  });

  it('keeps everything while the server is away, in its order, over a closed page', async () => {
    let away = true;
    const seen: number[] = [];
    const send = (items: readonly Item[]) => {
      if (away) return Promise.reject(new Away());
      seen.push(...items.map(({ id }) => id));
      return Promise.resolve(items.map(() => KEPT));
    };
    const first = queueOf(send, undefined, 'kept');
    await first.put([item(1), item(2)]);
    expect(first).toMatchObject({ waiting: 2, away: true });
    first.close();
    const second = queueOf(send, undefined, 'kept');
    expect(await second.pending()).toHaveLength(2);
    away = false;
    await second.put([item(3)]);
    expect(seen).toEqual([1, 2, 3]);
    expect(second).toMatchObject({ waiting: 0, away: false });
  });

  it('sends the newest of one key only, and not away what came while it was on its way', async () => {
    const sent: number[] = [];
    let release = (): void => undefined;
    const queue = queueOf(async (items) => {
      sent.push(...items.map(({ id }) => id));
      if (sent.length === 1) await new Promise<void>((resolve) => (release = resolve));
      return items.map(() => KEPT);
    });
    const first = queue.put([item(1, 'same')]);
    await vi.waitFor(() => {
      expect(sent).toEqual([1]);
    });
    const second = queue.put([item(2, 'same')]);
    await vi.waitFor(async () => {
      expect(await queue.pending()).toEqual([item(2, 'same')]);
    });
    release();
    await Promise.all([first, second]);
    expect(sent).toEqual([1, 2]);
    expect(queue.waiting).toBe(0);
  });

  it('loses no newer item of a key that comes while the older one is being taken off', async () => {
    const sent: number[] = [];
    let second = Promise.resolve();
    let came = false;
    const queue = queueOf(
      (items) => {
        sent.push(...items.map(({ id }) => id));
        return Promise.resolve(items.map(() => KEPT));
      },
      // asked for the key of what was sent, the queue is about to take it off
      ({ id, key }) => {
        if (sent.includes(id) && !came) {
          came = true;
          second = Promise.resolve().then(() => queue.put([item(2, 'same')]));
        }
        return key;
      },
    );
    await queue.put([item(1, 'same')]);
    await second;
    expect(sent).toEqual([1, 2]);
    expect(queue.waiting).toBe(0);
  });

  it('counts what is being written to disk as waiting, from the moment it was entered', async () => {
    const queue = queueOf((items) => Promise.resolve(items.map(() => KEPT)));
    const put = queue.put([item(1), item(2)]);
    expect(queue.waiting).toBe(2);
    await put;
    expect(queue.waiting).toBe(0);
  });

  it('finds the one item the server always fails on, lays it aside after three tries, and delivers the rest', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const kept: number[] = [];
    const queue = queueOf((items) => {
      if (items.some(({ id }) => id === 2)) return Promise.reject(new Away(true));
      kept.push(...items.map(({ id }) => id));
      return Promise.resolve(items.map(() => KEPT));
    });
    await queue.put([item(1), item(2), item(3)]);
    expect(kept).toEqual([1]);
    for (let round = 0; round < 3; round++) {
      await vi.advanceTimersByTimeAsync(3000);
      await queue.send();
    }
    expect(queue.parked.map(({ item: { id } }) => id)).toEqual([2]);
    expect(kept).toEqual(expect.arrayContaining([1, 3]));
    expect(queue.waiting).toBe(0);
  });

  it('tries what was laid aside once more when somebody says so', async () => {
    let refuse = true;
    const queue = queueOf((items) =>
      Promise.resolve(items.map(() => (refuse ? { state: 'parked', why: 'full' } : KEPT))),
    );
    await queue.put([item(1)]);
    refuse = false;
    await queue.retry(item(1));
    expect(queue.parked).toEqual([]);
    expect(queue.waiting).toBe(0);
  });
});
