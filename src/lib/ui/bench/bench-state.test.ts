import { AS_TEMPLATE } from '$core/session';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { measureCard, solveCard, type Brief } from '$core/choose';
import type { Card } from '$core/session';
import type { KeepCard } from '$lib/model/bodies';
import type { CardAnswer, StoredCard } from '$lib/model/card';
import { athlete, brief } from '../../../../tests/fixtures';
import type { BenchGround } from '$lib/model/bench-ground';
import type { BenchPage } from './bench-page';
import { BenchState } from './bench-state.svelte';

vi.mock('$lib/workers/solver', () => ({
  startSolver: () => ({
    api: {
      solve: (of: Brief) => {
        const solved = solveCard(of, LIBRARY, METHOD);
        return Promise.resolve(solved.ok ? { ok: true, value: { ...solved.value, views: {} } } : solved);
      },
      offer: (query: string) => Promise.resolve([{ exerciseId: query }]),
      measure: (card: Card, of: Brief) => Promise.resolve(measureCard(card, of, LIBRARY, METHOD)),
    },
    close: () => undefined,
  }),
}));

const people = ['a1', 'a2'].map((id) => athlete({ id, name: `Athlete ${id}` }));
const page = (own: Partial<Brief> = {}, session: BenchPage['session'] = null): BenchPage =>
  ({
    plans: true,
    primer: own.primer ?? false,
    frozen: false,
    session,
    newId: 's1',
    phase: 'in-season',
    minutes: 55,
    squad: { id: 'q1' },
    forAthlete: null,
    day: '2026-11-24',
    massUnit: 'kg',
  }) as unknown as BenchPage;

/** A server of one card: keeps each line at its version, conflicts or refuses as a case says. */
let store: StoredCard;
let bodies: KeepCard[] = [];
let down = false;
/** another page has made the card of this day */
let elsewhere = false;
let before: (body: KeepCard) => void = () => undefined;
let refuse: (slot: string) => boolean = () => false;
beforeEach(() => {
  store = {
    id: 's1',
    version: 0,
    minutes: 55,
    phase: 'in-season',
    template: 'full',
    facilityId: null,
    shape: AS_TEMPLATE,
    lines: [],
    typed: [],
  };
  bodies = [];
  down = false;
  elsewhere = false;
  before = () => undefined;
  refuse = () => false;
  vi.stubGlobal('fetch', (_url: string, init: { body: string }) => {
    if (down) return Promise.reject(new TypeError('away'));
    if (elsewhere)
      return Promise.resolve(new Response('{"messages":["Somebody else"],"conflict":true}', { status: 409 }));
    const body = JSON.parse(init.body) as KeepCard;
    before(body);
    bodies.push(body);
    return Promise.resolve(new Response(JSON.stringify({ ...keep(body), messages: [] })));
  });
});

function keep(body: KeepCard): CardAnswer {
  const lines: Record<
    string,
    { state: 'kept' } | { state: 'refused'; issues: [] } | { state: 'conflict'; there: null }
  > = {};
  const now = new Map(store.lines.map((one) => [one.line.slot, one]));
  for (const { seen, position, line } of body.lines) {
    const stands = now.get(line.slot)?.version ?? 0;
    if (refuse(line.slot)) lines[line.slot] = { state: 'refused', issues: [] };
    else if (stands !== seen) lines[line.slot] = { state: 'conflict', there: null };
    else {
      lines[line.slot] = { state: 'kept' };
      now.set(line.slot, { version: seen + 1, position, line });
    }
  }
  for (const { slot } of body.removed) {
    now.delete(slot);
    lines[slot] = { state: 'kept' };
  }
  const head = body.head;
  store = {
    ...store,
    ...(head ? { minutes: head.minutes, phase: head.phase, template: head.template, version: store.version + 1 } : {}),
    lines: [...now.values()].sort((a, b) => a.position - b.position),
    typed: body.typed.map(({ seen, own }) => ({ version: seen + 1, own })),
  };
  return {
    head: head && { state: 'kept' },
    lines,
    typed: Object.fromEntries(
      body.typed.map(({ own }) => [`${own.slot} ${own.athleteId}`, { state: 'kept' as const }]),
    ),
    card: store,
  };
}
async function opened(own: Partial<Brief> = {}, session: BenchPage['session'] = null): Promise<BenchState> {
  const ground = { brief: brief({ athletes: people, ...own }), tables: [], entries: [], kept: [] };
  const bench = new BenchState(page(own, session), () => Promise.resolve(ground));
  await bench.start();
  return bench;
}
const doseOf = (of: { lines: readonly { slot: string; dose: { sets: number; amount: number } }[] }, slot: string) =>
  of.lines.find((line) => line.slot === slot)?.dose;

describe('the Bench', () => {
  it('chooses a card and keeps it whole', async () => {
    const bench = await opened();
    expect(bench.keep).toBe('kept');
    expect(bodies).toHaveLength(1);
    expect(store.lines.map(({ line }) => line.slot)).toEqual(bench.card?.lines.map(({ slot }) => slot));
  });

  it('says that the card of the day is another, until something was changed on this one', async () => {
    elsewhere = true;
    const bench = await opened();
    expect(bench.standsElsewhere).toBe(true);
    await bench.typeDose('upper-pull', '2 x 7');
    expect([bench.keep, bench.standsElsewhere]).toEqual(['conflict', false]);
    elsewhere = false;
    expect((await opened()).standsElsewhere).toBe(false);
  });

  it('keeps two swaps made within a breath, one after the other', async () => {
    const bench = await opened();
    const [first, second] = [bench.swaps.main?.[0], bench.swaps['upper-pull']?.[0]];
    await Promise.all([bench.swap('main', first!.exerciseId), bench.swap('upper-pull', second!.exerciseId)]);
    const stored = new Map(store.lines.map(({ line }) => [line.slot, line.exerciseId]));
    expect(stored.get('main')).toBe(first!.exerciseId);
    expect(stored.get('upper-pull')).toBe(second!.exerciseId);
    expect(bench.keep).toBe('kept');
  });

  it('sends only what changed: a typed dose is one line, and stands as typed', async () => {
    const bench = await opened();
    expect(await bench.typeDose('upper-pull', '2 x 7 rest 1:10')).toEqual([]);
    expect(doseOf({ lines: store.lines.map(({ line }) => line) }, 'upper-pull')).toMatchObject({ sets: 2, amount: 7 });
    expect(bodies.at(-1)?.lines.find(({ line }) => line.slot === 'upper-pull')?.line.typed).toBe(true);
    expect(bodies.at(-1)?.head).toBeNull();
    expect(await bench.typeDose('upper-pull', '4 x')).not.toEqual([]);
    expect(doseOf(bench.card!, 'upper-pull')).toMatchObject({ sets: 2, amount: 7 });
  });

  it('takes another coach’s line in, and on the same line holds mine until it is said', async () => {
    const bench = await opened();
    before = () => {
      before = () => undefined;
      store = {
        ...store,
        lines: store.lines.map((one) =>
          one.line.slot === 'upper-pull' || one.line.slot === 'upper-push'
            ? { ...one, version: one.version + 1, line: { ...one.line, dose: { ...one.line.dose, restSeconds: 200 } } }
            : one,
        ),
      };
    };
    await bench.typeDose('upper-pull', '2 x 7');
    expect(bench.keep).toBe('conflict');
    expect(bench.conflicts).toMatchObject([
      { slot: 'upper-pull', mine: { dose: { amount: 7 } }, theirs: { dose: { restSeconds: 200 } } },
    ]);
    expect(bench.card?.lines.find(({ slot }) => slot === 'upper-push')?.dose.restSeconds).toBe(200);
    await bench.takeMine('upper-pull');
    expect(bench.keep).toBe('kept');
    expect(doseOf({ lines: store.lines.map(({ line }) => line) }, 'upper-pull')?.amount).toBe(7);
  });

  it('puts a refused line back as it is stored, and says so where it was typed', async () => {
    const bench = await opened();
    const was = doseOf(bench.card!, 'upper-pull');
    refuse = (slot) => slot === 'upper-pull';
    await bench.typeDose('upper-pull', '2 x 7');
    expect(doseOf(bench.card!, 'upper-pull')).toEqual(was);
  });

  it('keeps what was changed while the server is away, and sends it when it answers', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout'] });
    const bench = await opened();
    down = true;
    await bench.typeDose('upper-pull', '2 x 7');
    expect(bench.keep).toBe('waiting');
    expect(doseOf(bench.card!, 'upper-pull')?.amount).toBe(7);
    down = false;
    await vi.advanceTimersByTimeAsync(60_000);
    await vi.waitFor(() => {
      expect(bench.keep).toBe('kept');
    });
    expect(doseOf({ lines: store.lines.map(({ line }) => line) }, 'upper-pull')?.amount).toBe(7);
    vi.useRealTimers();
  });

  it('types for one athlete without touching the squad’s line', async () => {
    const bench = await opened();
    const was = doseOf(bench.card!, 'upper-pull');
    bench.shownAthlete = 'a2';
    await bench.typeDose('upper-pull', '1 x 4');
    expect(doseOf(bench.card!, 'upper-pull')).toEqual(was);
    expect(store.typed).toMatchObject([{ own: { slot: 'upper-pull', athleteId: 'a2', dose: { sets: 1, amount: 4 } } }]);
    expect(bench.doseOf('upper-pull')).toMatchObject({ sets: 1, amount: 4 });
  });

  it('opens a card as it is stored, though there is room for more, and takes every change back to just that', async () => {
    const whole = (await opened()).card!;
    const card = { ...whole, lines: whole.lines.filter(({ slot }) => slot !== 'calf' && slot !== 'upper-push') };
    const lines = card.lines.map((line, position) => ({ version: 1, position, line }));
    store = { ...store, version: 1, lines };
    bodies = [];
    const session = { stored: store, card, view: [], assessment: null, views: {} } as unknown as BenchPage['session'];
    const bench = await opened({}, session);
    expect(bench.card).toEqual(card);
    expect(bodies).toEqual([]);
    expect(bench.swaps.main?.length).toBeGreaterThan(0);
    expect(new Set(bench.view.map(({ slot }) => slot))).toEqual(new Set(card.lines.map(({ slot }) => slot)));

    await bench.remove('upper-pull');
    await bench.typeDose('main', '2 x 4');
    expect(bench.card).not.toEqual(card);
    await bench.undo();
    await bench.undo();
    expect(bench.card?.lines).toEqual(card.lines);
    expect(bench.canUndo).toBe(false);
    expect(store.lines.map(({ line }) => line)).toEqual(card.lines);
  });

  it('lets nothing come on the card when a line is moved, noted, dosed or given to one', async () => {
    const whole = (await opened()).card!;
    const card = { ...whole, lines: whole.lines.filter(({ slot }) => slot !== 'calf' && slot !== 'upper-push') };
    store = { ...store, version: 1, lines: card.lines.map((line, position) => ({ version: 1, position, line })) };
    const session = { stored: store, card, view: [], assessment: null, views: {} } as unknown as BenchPage['session'];
    const bench = await opened({}, session);
    const slots = () => new Set(bench.card?.lines.map(({ slot }) => slot));
    const before = slots();
    await bench.moveBy('upper-pull', -1);
    await bench.note('main', 'slow');
    await bench.typeDose('main', '1 x 4');
    await bench.reserve('upper-pull', 'a1');
    bench.shownAthlete = 'a2';
    await bench.typeDose('main', '1 x 3');
    await bench.swap('main', bench.swaps.main?.[0]?.exerciseId ?? '');
    expect(slots()).toEqual(before);
    expect(bench.keep).toBe('kept');
    // taken off, the minutes go to what has most value left
    await bench.remove('upper-pull');
    expect(slots().has('upper-pull')).toBe(false);
    expect([...slots()].some((slot) => !before.has(slot))).toBe(true);
  });

  it('leaves no step behind where a change was refused', async () => {
    const bench = await opened();
    const was = bench.card;
    expect(await bench.typeDose('main', 'much')).not.toEqual([]);
    await bench.setMinutes(1);
    expect(bench.keep).toBe('refused');
    expect(bench.card).toBe(was);
    expect(bench.canUndo).toBe(false);
  });

  it('offers nothing on the day of an event until a primer is asked for', async () => {
    const bench = await opened({ events: [{ day: '2026-11-24', kind: 'league' }] });
    expect(bench).toMatchObject({ eventDay: true, card: null, keep: 'none' });
    expect(bodies).toEqual([]);
    await bench.askPrimer();
    expect(bench.card?.template).toBe('primer');
    expect(bench.keep).toBe('kept');
  });

  it('searches the library as soon as it is there, however early it was asked', async () => {
    let answer: (ground: BenchGround) => void = () => undefined;
    const bench = new BenchState(page(), () => new Promise((done) => (answer = done)));
    const started = bench.start();
    const asked = bench.offers('row');
    answer({ brief: brief({ athletes: people }), tables: [], entries: [], kept: [] });
    expect(await asked).toHaveLength(1);
    await started;
  });

  it('opens on what leads, never on getting warm, and is there again when another kind is taken back', async () => {
    const bench = await opened();
    expect(bench.selected).toBe('main');
    expect(await bench.setKind('circuit')).toBe(true);
    const line = bench.card?.lines.find(({ slot }) => slot === bench.selected);
    expect(line?.block).not.toBe('prep');
    await bench.undo();
    expect(bench.selected).toBe('main');
  });
});
