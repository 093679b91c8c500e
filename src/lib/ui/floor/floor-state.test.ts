import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { SetLogBody } from '$lib/model/bodies';
import { dose } from '../../../../tests/fixtures';
import { FloorState, type FloorAthlete, type FloorPage } from './floor-state.svelte';

const one = (id: string, own: Partial<FloorAthlete> = {}): FloorAthlete => ({
  id,
  name: `Athlete ${id}`,
  exerciseId: 'back-squat',
  row: 'D-MAINT',
  dose: dose({ sets: 3, amount: 5, loadKg: 60, rir: 2 }),
  based: dose({ sets: 3, amount: 5, loadKg: 62.5, rir: 2 }),
  eased: ['WEEK-2'],
  ramp: [],
  below: null,
  first: null,
  replaced: false,
  stopped: false,
  ...own,
});
const page = (athletes: FloorAthlete[], own: Partial<FloorPage> = {}): FloorPage => ({
  session: { id: 's', day: '2026-11-24', minutes: 60, title: 'First', back: '/', closed: false, frozen: false },
  people: athletes.map(({ id, name }) => ({ id, name })),
  massUnit: 'kg',
  selfPaced: false,
  selfPacedRule: { underBest: 0.05, inARow: 2, unmeasuredAttempts: 12 },
  racks: 2,
  plates: { bar: 20, pairs: [] },
  lines: [
    {
      slot: 'main',
      block: 'main',
      group: null,
      exerciseId: 'back-squat',
      note: null,
      dose: dose({ sets: 3 }),
      athletes,
    },
    { slot: 'calf', block: 'assist', group: null, exerciseId: 'pogo', note: null, dose: dose(), athletes: [] },
  ],
  views: {},
  beats: {},
  ramps: {},
  logs: [],
  mayLog: true,
  ...own,
});

let sent: SetLogBody[] = [];
let refuse: (set: SetLogBody) => boolean = () => false;
let floor: FloorState;
beforeEach(() => {
  sent = [];
  refuse = () => false;
  vi.stubGlobal('fetch', (url: string, init: { body: string }) => {
    const body = JSON.parse(init.body) as { sets?: SetLogBody[]; id: string };
    sent.push(...(body.sets ?? []));
    const answers = (body.sets ?? []).map((set) =>
      refuse(set) ? { state: 'refused', messages: ['Not in this squad.'] } : { state: 'kept' },
    );
    return Promise.resolve(new Response(JSON.stringify({ answers }), { status: url.endsWith('close') ? 400 : 200 }));
  });
});
afterEach(() => {
  floor.stop();
  vi.unstubAllGlobals();
});

describe('a complex on the floor (DOSE-9)', () => {
  const part = (slot: string, sets: number, athletes: FloorAthlete[]): FloorPage['lines'][number] => ({
    ...page(athletes).lines[0]!,
    slot,
    group: 'complex-row',
    dose: dose({ sets, restSeconds: slot === 'turn' ? 90 : 30 }),
  });
  const others = (): string[] =>
    sent.map(({ slot, setNumber, asWritten }) => `${slot} ${String(setNumber)} ${String(asWritten)}`);

  it('one tap logs every part, and the rest is the longest', async () => {
    const row = one('1', { dose: dose({ sets: 2, restSeconds: 30 }) });
    const turn = one('1', { dose: dose({ sets: 1, restSeconds: 90 }) });
    floor = new FloorState(page([row], { lines: [part('row', 2, [row]), part('turn', 1, [turn])] }));
    await floor.start('ada');
    await floor.log('1', { fault: 'heels lift' });
    expect(floor.restEndsAt! - floor.now).toBe(90_000);
    await floor.log('1', null);
    await vi.waitFor(() => {
      // the second part has one set only
      expect(others()).toEqual(['row 1 false', 'turn 1 true', 'row 2 true']);
    });
  });

  it('all as written is all of its parts', async () => {
    const row = one('1', { dose: dose({ sets: 2 }) });
    floor = new FloorState(page([row], { lines: [part('row', 2, [row]), part('turn', 2, [row])] }));
    await floor.start('ada');
    expect(floor.leftOf('line')).toBe(4);
  });

  it('what stopped one part stops that part alone', async () => {
    const [row, turn] = [one('1'), one('1', { stopped: true })];
    floor = new FloorState(page([row], { lines: [part('row', 3, [row]), part('turn', 3, [turn])] }));
    await floor.start('ada');
    await floor.log('1', null);
    await vi.waitFor(() => {
      expect(others()).toEqual(['row 1 true']);
    });
  });
});

describe('the floor', () => {
  it('rests as the athlete’s own dose says, not as the squad’s', async () => {
    floor = new FloorState(page([one('a', { dose: dose({ sets: 3, restSeconds: 45 }) })]));
    await floor.start('ada');
    await floor.log('a', null);
    expect(floor.restEndsAt! - floor.now).toBe(45_000);
  });

  it('logs a set as it is shown, with what eased it, and counts it at once', async () => {
    floor = new FloorState(page([one('a')]));
    await floor.start('ada');
    await floor.log('a', null);
    await floor.log('a', { amount: 4, fault: 'knee in' });
    expect(floor.setsDone('a')).toBe(2);
    expect(sent).toMatchObject([
      { setNumber: 1, amount: 5, loadKg: 60, asWritten: true, shown: { eased: ['WEEK-2'], based: { loadKg: 62.5 } } },
      { setNumber: 2, amount: 4, fault: 'knee in', asWritten: false },
    ]);
    expect(floor.present).toEqual(new Set(['a']));
  });

  it('takes the last set back as another tap on the same set, later than the first', async () => {
    floor = new FloorState(page([one('a')]));
    await floor.start('ada');
    await floor.log('a', null);
    await floor.takeBack('a');
    expect(floor.setsDone('a')).toBe(0);
    const [done, back] = sent;
    expect(back).toMatchObject({ setNumber: 1, removed: true });
    expect(back?.id).not.toBe(done?.id);
    expect((back?.doneAt ?? '') >= (done?.doneAt ?? '')).toBe(true);
  });

  it('opens on the first line with work left, and wants nothing of who is stopped', () => {
    floor = new FloorState(
      page([one('a', { stopped: true }), one('b')], {
        logs: [1, 2, 3].map((setNumber) => ({
          athleteId: 'b',
          slot: 'main',
          setNumber,
          amount: 5,
          loadKg: 60,
          rir: 2,
          fault: null,
          output: null,
          asWritten: true,
        })),
      }),
    );
    expect(floor.at).toBe(0);
    expect(new FloorState(page([one('a'), one('b')])).at).toBe(0);
  });

  it('the same fault twice offers the rung below, which the sets that are left are done as (FLOOR-3)', async () => {
    const below = { exerciseId: 'goblet-squat', dose: dose({ sets: 3, amount: 8 }) };
    const athletes = [one('a', { below })];
    floor = new FloorState(page(athletes));
    await floor.start('ada');
    await floor.log('a', { fault: 'knees fall in' });
    await floor.log('a', { fault: 'heels lift' });
    expect(floor.faultOf('a')).toBeNull();
    await floor.takeBack('a');
    await floor.log('a', { fault: 'knees fall in' });
    expect(floor.faultOf('a')).toBe('knees fall in');
    floor.regress('a');
    expect(floor.athlete('a')).toMatchObject({ exerciseId: 'goblet-squat', dose: { amount: 8 }, below: null });
    // not done yet: it can be taken back
    expect(floor.mayGoUp('a')).toBe(true);
    floor.goUp('a');
    expect(floor.athlete('a')?.exerciseId).toBe('back-squat');
    floor.regress('a');
    await floor.log('a', null);
    expect(sent.at(-1)).toMatchObject({ setNumber: 3, amount: 8, shown: { exerciseId: 'goblet-squat' } });
    expect(floor.mayGoUp('a')).toBe(false);
    // it stands after the page is read again
    const { athleteId, slot, setNumber, amount, loadKg, rir, fault, output, asWritten } = sent.at(-1)!;
    const log = {
      athleteId,
      slot,
      setNumber,
      amount,
      loadKg,
      rir,
      fault,
      output,
      asWritten,
      exerciseId: 'goblet-squat',
    };
    expect(new FloorState(page(athletes, { logs: [log] })).athlete('a')?.exerciseId).toBe('goblet-squat');
    expect(new FloorState(page(athletes)).athlete('a')?.exerciseId).toBe('back-squat');
  });

  it('keeps the output of a set, and ends self-paced jumps by it (REST-3)', async () => {
    const views = { 'back-squat': { intent: 'height' } } as unknown as FloorPage['views'];
    floor = new FloorState(page([one('a'), one('b')], { selfPaced: true, views }));
    await floor.start('ada');
    for (const output of [0.5, 0.47]) await floor.log('a', { output });
    expect(sent.map(({ output }) => output)).toEqual([0.5, 0.47]);
    expect(floor.isSpent('a')).toBeNull();
    await floor.log('a', { output: 0.46 });
    expect(floor.isSpent('a')).toBe('tired');
    for (let i = 0; i < 3; i++) await floor.log('b', null);
    expect(floor.isSpent('b')).toBe('enough');
    const full = new FloorState(page([one('a')], { views, logs: [] }));
    expect(full.isSpent('a')).toBeNull();
  });

  it('lays a refused set aside in words, and keeps the others', async () => {
    refuse = ({ athleteId }) => athleteId === 'b';
    floor = new FloorState(page([one('a'), one('b')]));
    await floor.start('ada');
    await floor.log('b', null);
    await floor.log('a', null);
    expect(floor.outbox.waiting).toBe(0);
    expect(floor.outbox.parked.map(({ item, why }) => `${floor.wordsOf(item)}: ${why}`)).toEqual([
      'Athlete b, main, set 1: Not in this squad.',
    ]);
    for (const { item } of floor.outbox.parked) await floor.outbox.drop(item);
  });

  it('closes only when all is kept, and a corrected form is another command', async () => {
    floor = new FloorState(page([one('a')]));
    await floor.start('ada');
    const ids: string[] = [];
    vi.stubGlobal('fetch', (_url: string, init: { body: string }) => {
      ids.push((JSON.parse(init.body) as { id: string }).id);
      const no = ids.length === 1;
      return Promise.resolve(
        new Response(JSON.stringify(no ? { messages: ['Nobody was there.'] } : {}), { status: no ? 400 : 200 }),
      );
    });
    expect(await floor.close(60, 6, [])).toBe('Nobody was there.');
    expect(await floor.close(60, 6, ['a'])).toBe('');
    expect(ids[0]).not.toBe(ids[1]);
  });

  describe('several at once', () => {
    const two = () =>
      page([one('a'), one('b'), one('c', { stopped: true })], {
        lines: [
          ...['prep', 'main', 'assist'].map((block) => ({
            slot: block,
            block,
            group: null,
            exerciseId: 'back-squat',
            note: null,
            dose: dose({ sets: 3 }),
            athletes: [one('a'), one('b'), one('c', { stopped: true })],
          })),
        ],
      });
    const told = () =>
      sent.map(({ slot, athleteId, setNumber, removed }) => [slot, athleteId, setNumber, removed].join(' '));

    it('logs what is left of a line as written, after an exception, and takes it back in one tap', async () => {
      floor = new FloorState(two());
      await floor.start('ada');
      floor.at = 1;
      await floor.log('a', { amount: 4 });
      expect(floor.leftOf('line')).toBe(5);
      await floor.logLeft('line');
      expect(told().slice(1)).toEqual([
        'main a 2 false',
        'main a 3 false',
        'main b 1 false',
        'main b 2 false',
        'main b 3 false',
      ]);
      expect(sent.slice(1).every(({ asWritten, amount }) => asWritten && amount === 5)).toBe(true);
      expect(floor.leftOf('line')).toBe(0);
      await floor.takeTogetherBack();
      expect([floor.setsDone('a'), floor.setsDone('b')]).toEqual([1, 0]);
      expect(sent.slice(6).every(({ removed }) => removed)).toBe(true);
    });

    it('of one rack only its own people; of the session every line but getting warm', async () => {
      floor = new FloorState(two());
      await floor.start('ada');
      floor.at = 1;
      expect(floor.leftOf(['b'])).toBe(3);
      expect(floor.leftOf('session')).toBe(12);
      await floor.logLeft('session');
      expect(new Set(sent.map(({ slot }) => slot))).toEqual(new Set(['main', 'assist']));
    });

    it('who is not here has no turn and no sets; the device remembers', async () => {
      const kept = new Map<string, string>();
      vi.stubGlobal('localStorage', {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => kept.set(key, value),
      });
      floor = new FloorState(two());
      await floor.start('ada');
      floor.at = 1;
      floor.setAbsent('a', true);
      expect(floor.stations.flatMap(({ order }) => order)).not.toContain('a');
      expect(floor.leftOf('session')).toBe(6);
      floor.stop();
      floor = new FloorState(two());
      await floor.start('ada');
      expect([...floor.absent]).toEqual(['a']);
      floor.setAbsent('a', false);
      expect(floor.leftOf('session')).toBe(12);
    });

    it('asks at the close about lines nobody tapped, and tells which were not done', async () => {
      floor = new FloorState(two());
      await floor.start('ada');
      floor.at = 1;
      await floor.log('a', null);
      expect(floor.untouched.map(({ slot }) => slot)).toEqual(['assist']);
      await floor.logLine('assist');
      expect(floor.untouched).toEqual([]);
      const bodies: { notDone?: string[] }[] = [];
      vi.stubGlobal('fetch', (_url: string, init: { body: string }) => {
        bodies.push(JSON.parse(init.body) as { notDone?: string[] });
        return Promise.resolve(new Response('{}'));
      });
      expect(await floor.close(60, 6, ['a'], ['assist'])).toBe('');
      expect(bodies[0]?.notDone).toEqual(['assist']);
    });
  });
});
