import { AS_TEMPLATE } from '$core/session';
import { eq } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { LIBRARY, METHOD } from '../../src/catalog';
import { testSpecs } from '../../src/core/athlete';
import { getExercise } from '../../src/core/library';
import type { KeepCard } from '../../src/lib/model/bodies';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { addAthletes, setLevels } from '../../src/lib/server/commands/roster';
import { closeDatabase, withClub, type Tx } from '../../src/lib/server/db/client';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { change, clubTable, complaint } from '../../src/lib/server/db/schema';
import { cardOf } from '../../src/lib/server/repositories/sessions';
import { dropKeptCard, keepKeptCard, loadKeptCards } from '../../src/lib/server/commands/keep-kept-card';
import { readPastedAthletes } from '../../src/lib/server/commands/paste-names';
import { DAY, knownGround, makeClub, type TestClub } from './club';
import {
  answer,
  askEverything,
  changeOf,
  clear,
  close,
  dayOf,
  keep,
  lineOn,
  log,
  logDay,
  holding,
  makeCard,
  onDay,
  readOn,
  session,
  settle,
  tapOf,
  waiting,
} from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
let first = '';
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub();
  first = club.athletes[0]!;
});
const NEXT = '2026-11-25';
const LATER = '2026-12-01';

/** The body that gives one line another dose, seen at the version that stands. */
async function dosed(id: string, slot: string, own: object, seen?: number): Promise<KeepCard> {
  const row = await session(club, id);
  const at = row.lines.findIndex((line) => line.slot === slot);
  const line = cardOf(row).lines[at]!;
  return changeOf(club, id, {
    lines: [
      {
        seen: seen ?? row.lines[at]!.version,
        position: at,
        line: { ...line, dose: { ...line.dose, ...own }, typed: true, pinned: true },
      },
    ],
  });
}

describe('keeping a card', () => {
  it('answers a repeat as it answered, tells a stale write from it, and keeps the other coach’s line', async () => {
    const id = await makeCard(club);
    const mine = await dosed(id, 'upper-pull', { restSeconds: 75 });
    const theirs = await dosed(id, 'upper-pull', { restSeconds: 120 });
    const kept = await keep(club, id, mine);
    expect(kept.ok && kept.value.lines['upper-pull']).toEqual({ state: 'kept' });
    expect(await keep(club, id, mine)).toEqual(kept);
    const stale = await keep(club, id, theirs);
    expect(stale.ok && stale.value.lines['upper-pull']).toEqual({ state: 'conflict', there: null });
    expect((await session(club, id)).lines.find(({ slot }) => slot === 'upper-pull')?.dose.restSeconds).toBe(75);
    expect(await keep(club, id, { ...theirs, id: mine.id })).toMatchObject({ issues: [{ code: 'id_reused' }] });
  });

  it('merges different lines of two coaches, whoever comes first', async () => {
    const id = await makeCard(club);
    const [pull, push] = [
      await dosed(id, 'upper-pull', { restSeconds: 75 }),
      await dosed(id, 'upper-push', { restSeconds: 100 }),
    ];
    const done = await Promise.all([keep(club, id, pull), keep(club, id, push)]);
    expect(done.map((one) => one.ok && Object.values(one.value.lines).map(({ state }) => state))).toEqual([
      ['kept'],
      ['kept'],
    ]);
    const rests = Object.fromEntries((await session(club, id)).lines.map(({ slot, dose }) => [slot, dose.restSeconds]));
    expect(rests).toMatchObject({ 'upper-pull': 75, 'upper-push': 100 });
  });

  it('tells exactly one of five writers of one line that it was kept, every round', async () => {
    const id = await makeCard(club);
    for (let round = 0; round < 4; round++) {
      const bodies = await Promise.all([1, 2, 3, 4, 5].map((n) => dosed(id, 'upper-pull', { restSeconds: 60 + n })));
      const done = await Promise.all(bodies.map((body) => keep(club, id, body)));
      const states = done.map((one) => (one.ok ? one.value.lines['upper-pull']?.state : 'refused'));
      expect(states.filter((state) => state === 'kept')).toHaveLength(1);
      expect((await session(club, id)).lines.find(({ slot }) => slot === 'upper-pull')?.dose.restSeconds).toBe(
        61 + states.indexOf('kept'),
      );
    }
  });

  it('edits other lines once a set is logged, and leaves a past card as it was', async () => {
    const id = await makeCard(club);
    await log(club, [tapOf(id, DAY, await lineOn(club, DAY, first, 'upper-push'), 1)]);
    const kept = await keep(club, id, await dosed(id, 'upper-pull', { restSeconds: 75 }));
    expect(kept.ok && kept.value.lines['upper-pull']?.state).toBe('kept');
    const before = (await readOn(club, DAY)).view.find((own) => own.slot === 'upper-push' && own.athleteId === first);
    onDay(NEXT);
    await answer(club, first, { answer: 'pain', place: 'shoulder', score: 7 }, NEXT);
    const past = (await readOn(club, DAY)).view.find((own) => own.slot === 'upper-push' && own.athleteId === first);
    expect(past).toMatchObject({ exerciseId: before?.exerciseId, dose: before?.dose });
    const late = await keep(club, id, await dosed(id, 'upper-pull', { restSeconds: 90 }));
    expect(late).toMatchObject({ ok: false, issues: [{ code: 'card_frozen' }] });
  });

  it('refuses what the rules forbid, whoever sends it, and keeps the rest of the same write', async () => {
    const id = await makeCard(club);
    await answer(club, first, { answer: 'pain', place: 'knee', score: 6 }, DAY);
    const row = await session(club, id);
    const main = cardOf(row).lines.find(({ slot }) => slot === 'main')!;
    const body = await dosed(id, 'upper-pull', { restSeconds: 75 });
    const own = { slot: 'main', athleteId: first, exerciseId: 'front-squat', row: main.row, dose: main.dose };
    const done = await keep(club, id, { ...body, typed: [{ seen: 0, own }] });
    expect(done.ok && done.value.lines['upper-pull']).toEqual({ state: 'kept' });
    expect(done.ok && done.value.typed[`main ${first}`]).toMatchObject({
      state: 'refused',
      issues: [{ code: 'barred_by_complaint' }],
    });
    const unknown = {
      ...body,
      id: v7(),
      lines: [{ ...body.lines[0]!, line: { ...body.lines[0]!.line, exerciseId: 'no-such-entry' } }],
    };
    expect(await keep(club, id, unknown)).toMatchObject({
      value: { lines: { 'upper-pull': { state: 'refused', issues: [{ code: 'entry_unknown' }] } } },
    });
  });

  it('an entry over its gates is refused, and kept with a written reason that everybody finds again (JUMP-2)', async () => {
    const id = await makeCard(club);
    const row = await session(club, id);
    const at = row.lines.find(({ slot }) => slot === 'main')!;
    const line = { ...cardOf(row).lines.find(({ slot }) => slot === 'main')!, exerciseId: 'deadlift', pinned: true };
    const put = async (own: Partial<typeof line>) => {
      const now = (await session(club, id)).lines.find(({ slot }) => slot === 'main')!;
      const lines = [{ seen: now.version, position: at.position, line: { ...line, ...own } }];
      return keep(club, id, await changeOf(club, id, { lines }));
    };
    expect(await put({})).toMatchObject({
      value: { lines: { main: { state: 'refused', issues: [{ code: 'gate_not_met' }] } } },
    });
    const why = 'lifted with me for two years';
    expect(await put({ override: why })).toMatchObject({ value: { lines: { main: { state: 'kept' } } } });
    const { view, assessment } = await readOn(club, DAY);
    expect(view.filter(({ slot }) => slot === 'main').every(({ exerciseId }) => exerciseId === 'deadlift')).toBe(true);
    expect(assessment.findings.find(({ code }) => code === 'gate_overridden')?.facts).toMatchObject({
      why,
      slot: 'main',
    });
    const lines = await withClub(club.clubId, (tx) => tx.select().from(change).where(eq(change.sessionId, id)));
    expect(lines.find(({ rules }) => rules.includes('JUMP-2'))?.to).toMatchObject({
      exerciseId: 'deadlift',
      override: why,
    });
    // for one of them alone it is kept so, and nobody else does it
    expect(await put({ override: why, overrideFor: [first] })).toMatchObject({
      value: { lines: { main: { state: 'kept' } } },
    });
    const over = (await readOn(club, DAY)).view.filter(
      ({ slot, exerciseId }) => slot === 'main' && exerciseId === 'deadlift',
    );
    expect(over.map(({ athleteId }) => athleteId)).toEqual([first]);
    // pain stops it all the same
    await answer(club, first, { answer: 'pain', place: 'back-thigh', score: 6 }, DAY);
    const hurt = (await readOn(club, DAY)).view.find(({ slot, athleteId }) => slot === 'main' && athleteId === first);
    expect(hurt?.exerciseId).not.toBe('deadlift');
  });

  it('trying a phase changes today’s card and no other day’s, nor the squad before the session is over', async () => {
    await makeCard(club, LATER);
    const rows = await dayOf(club, LATER);
    expect(rows.squad.phase).toBe('in-season');
    const head = {
      seen: 1,
      minutes: 60,
      phase: 'specific' as const,
      template: 'full',
      facilityId: null,
      shape: AS_TEMPLATE,
    };
    await keep(club, rows.session!.id, await changeOf(club, rows.session!.id, { head }));
    expect((await dayOf(club, DAY)).squad.phase).toBe('in-season');
    expect((await dayOf(club, LATER)).session?.phase).toBe('specific');
  });
});

describe('cards kept to start from', () => {
  const line = {
    block: 'main',
    group: 'ring',
    exerciseId: 'back-squat',
    row: 'D-MAINT' as const,
    typed: true,
    note: 'slow',
  };
  const dose = {
    sets: 3,
    amount: 8,
    unit: 'reps' as const,
    per: null,
    percent: null,
    loadKg: null,
    rir: 2,
    restSeconds: 90,
    tempo: null,
  };
  const of = { name: 'Ring', minutes: 30, lines: [{ ...line, dose }] };

  it('stand under their name, are written over, are taken away, and are in the history', async () => {
    const keepIt = (own: object = {}) =>
      withClub(club.clubId, (tx) => keepKeptCard(tx, club.coachId, { ...of, ...own }));
    expect(await keepIt()).toMatchObject({ ok: true, value: [of] });
    expect(await keepIt({ minutes: 45 })).toMatchObject({ ok: true, value: [{ name: 'Ring', minutes: 45 }] });
    expect(await keepIt({ name: 'Other', lines: [{ ...line, dose, exerciseId: 'constructor' }] })).toMatchObject({
      ok: false,
      issues: [{ code: 'entry_unknown' }],
    });
    const other = await makeClub();
    expect(await withClub(other.clubId, loadKeptCards)).toEqual([]);
    expect(await withClub(club.clubId, (tx) => dropKeptCard(tx, club.coachId, 'Ring'))).toEqual({
      ok: true,
      value: [],
    });
    const told = await withClub(club.clubId, (tx) => tx.select().from(change).where(eq(change.subject, 'kept-card')));
    expect(told).toHaveLength(3);
  });

  it('a line keeps its words and whom it is for', async () => {
    const id = await makeCard(club);
    const row = await session(club, id);
    const [at] = cardOf(row).lines;
    const words = { note: 'slow down', only: [first] };
    const body = await changeOf(club, id, {
      lines: [{ seen: row.lines[0]!.version, position: 0, line: { ...at!, ...words } }],
    });
    expect((await keep(club, id, body)).ok).toBe(true);
    expect(cardOf(await session(club, id)).lines[0]).toMatchObject(words);
    const foreign = (await makeClub()).athletes;
    const now = await session(club, id);
    const other = await changeOf(club, id, {
      lines: [{ seen: now.lines[1]!.version, position: 1, line: { ...cardOf(now).lines[1]!, only: foreign } }],
    });
    const told = await keep(club, id, other);
    expect(told.ok && Object.values(told.value.lines)).toMatchObject([
      { state: 'refused', issues: [{ code: 'athlete_not_in_squad' }] },
    ]);
    const { view } = await readOn(club, DAY);
    const doing = view.filter(({ slot, exerciseId }) => slot === at!.slot && exerciseId !== null);
    expect(doing.map(({ athleteId }) => athleteId)).toEqual([first]);
  });
});

describe('the floor', () => {
  it('keeps the good sets of a batch beside the bad one, and takes a set once however often it comes', async () => {
    const id = await makeCard(club);
    const line = await lineOn(club, DAY, first, 'jump-1');
    const good = [1, 2].map((n) => tapOf(id, DAY, line, n));
    const bad = tapOf(id, DAY, { ...line, athleteId: v7() }, 1);
    const nowhere = tapOf(id, DAY, { ...line, slot: 'nowhere' }, 1, { shown: null });
    const states = (await log(club, [good[0]!, bad, good[1]!, nowhere])).map(({ state }) => state);
    expect(states).toEqual(['kept', 'refused', 'kept', 'refused']);
    await log(club, good);
    expect((await dayOf(club, DAY)).sets).toHaveLength(2);
  });

  it('lets the time of doing decide: a late older tap neither wins nor revives what was taken back', async () => {
    const id = await makeCard(club);
    const line = await lineOn(club, DAY, first, 'jump-1');
    const at = (time: string, own: object) => tapOf(id, DAY, line, 1, { doneAt: `${DAY}T${time}.000Z`, ...own });
    const amount = async () => (await dayOf(club, DAY)).sets.map((set) => set.amount);
    await log(club, [at('18:10:00', { amount: 4 })]);
    await log(club, [at('18:05:00', { amount: 2 })]);
    expect(await amount()).toEqual([4]);
    await log(club, [at('18:20:00', { removed: true })]);
    await log(club, [at('18:15:00', { amount: 3 })]);
    expect(await amount()).toEqual([]);
    await log(club, [at('18:25:00', { amount: 5 })]);
    expect(await amount()).toEqual([5]);
  });

  it('at the close a line nobody tapped counts as done, and one said not to be done as nothing', async () => {
    const id = await makeCard(club);
    await log(club, [tapOf(id, DAY, await lineOn(club, DAY, first, 'jump-1'), 1)]);
    const own = (await readOn(club, DAY)).view.filter(({ athleteId, exerciseId }) => athleteId === first && exerciseId);
    const [main, calf] = ['main', 'calf'].map((slot) => own.find((line) => line.slot === slot)!.exerciseId!);
    await close(club, id, null, ['main']);
    onDay(NEXT);
    const tracks = (await dayOf(club, NEXT)).athletes.find((row) => row.id === first)!.tracks;
    const done = tracks.map(({ state }) => state.exerciseId);
    expect(done).toContain(calf);
    expect(done).not.toContain(main);
    onDay(DAY);
  });

  it('survives four writers of the same sets in opposite order', async () => {
    const id = await makeCard(club);
    const lines = (await readOn(club, DAY)).view.filter((line) => line.exerciseId !== null);
    const sets = lines.map((line) => tapOf(id, DAY, line, 1));
    const rounds = await Promise.all(
      [sets, [...sets].reverse(), sets, [...sets].reverse()].map((own) => log(club, own)),
    );
    for (const answers of rounds) expect(answers.every(({ state }) => state === 'kept')).toBe(true);
    expect((await dayOf(club, DAY)).sets).toHaveLength(sets.length);
  });

  it('shows a morning’s pain on a card that stands, on every read of it; what was begun stays and its rest stops', async () => {
    const id = await makeCard(club);
    const begun = await lineOn(club, DAY, first, 'main');
    await log(club, [tapOf(id, DAY, begun, 1)]);
    await answer(club, first, { answer: 'pain', place: 'knee', score: 6 }, DAY);
    for (const health of [true, false]) {
      const own = (await readOn(club, DAY, health)).view.filter(({ athleteId }) => athleteId === first);
      const begunNow = own.find(({ slot }) => slot === 'main')!;
      expect(begunNow).toMatchObject({ exerciseId: begun.exerciseId, begun: true });
      for (const line of own) {
        if (line.exerciseId === null || line.stopped) continue;
        expect(['jump', 'squat', 'single-leg-knee', 'lateral', 'agility']).not.toContain(
          getExercise(LIBRARY, line.exerciseId).family,
        );
      }
    }
  });
});

describe('morning to next session', () => {
  it('overly tight, thigh: nothing waits, and the next card asks less (PROG-16)', async () => {
    const id = await makeCard(club, DAY, holding('jump-1', 'countermovement-jump'));
    const before = await lineOn(club, DAY, first, 'jump-1');
    await logDay(club, DAY, id, (line) => line.slot === 'jump-1' && line.athleteId === first);
    onDay(NEXT);
    await answer(club, first, { answer: 'tight', place: 'front-thigh' }, NEXT);
    await answer(club, first, { answer: 'tight', place: 'front-thigh' }, NEXT);
    expect(await waiting(club)).toEqual([]);
    onDay(LATER);
    await makeCard(club, LATER);
    const now = await lineOn(club, LATER, first, 'jump-1');
    expect(now.exerciseId).toBe(before.exerciseId);
    expect(now.dose.sets * now.dose.amount).toBeLessThan(before.dose.sets * before.dose.amount);
    // the squad's line is at its least, and what is fast does not fall under it: only who is tired does less
    const { card, view } = await readOn(club, LATER);
    const line = card.lines.find(({ slot }) => slot === 'jump-1');
    expect(line?.reasons.map(({ code }) => code)).not.toContain('squad_step');
    for (const own of view.filter(({ slot, athleteId }) => slot === 'jump-1' && athleteId !== first))
      expect(own.dose).toMatchObject({ sets: before.dose.sets, amount: before.dose.amount });
  });

  it('a primer in between takes nothing from a load that was come to', async () => {
    const lifted = async (day: string, loadKg: number | null) => {
      onDay(day);
      const id = await makeCard(club, day);
      await logDay(
        club,
        day,
        id,
        (line) => line.athleteId === first && line.slot === 'main',
        (line) => ({ loadKg: line.dose.loadKg ?? loadKg }),
      );
      await close(club, id);
    };
    await lifted(DAY, 60);
    const loads = async (day: string) =>
      (await dayOf(club, day)).athletes
        .find((row) => row.id === first)!
        .tracks.flatMap(({ state }) =>
          state.owned?.dose.loadKg == null ? [] : [[state.exerciseId, state.owned.dose]],
        );
    onDay(NEXT);
    const owned = await loads(NEXT);
    expect(owned).toHaveLength(1);
    onDay('2026-11-27');
    const primer = await makeCard(club, '2026-11-27', {
      minutes: 20,
      brief: (made) => ({ ...made, events: [{ day: '2026-11-28', kind: 'league' }] }),
    });
    await logDay(club, '2026-11-27', primer);
    await close(club, primer);
    onDay(LATER);
    expect(await loads(LATER)).toEqual(owned);
  });

  it('a correction takes back what the first answer asked: fine, then pain 6, leaves nothing to accept', async () => {
    await askEverything(club);
    await knownGround(club, [first]);
    for (const day of ['2026-11-18', DAY]) {
      onDay(day);
      const id = await makeCard(club, day, holding('main', 'goblet-squat'));
      await logDay(
        club,
        day,
        id,
        (line) => line.athleteId === first && line.slot === 'main',
        (line) => ({ loadKg: line.dose.loadKg ?? 12, rir: (line.dose.rir ?? 0) + 2 }),
      );
      await close(club, id);
      if (day === DAY) continue;
      onDay('2026-11-19');
      await answer(club, first, {}, '2026-11-19');
    }
    onDay(NEXT);
    await answer(club, first, { answer: 'fine' }, NEXT);
    const rises = await waiting(club);
    await answer(club, first, { answer: 'pain', place: 'knee', score: 6 }, NEXT);
    expect(await waiting(club)).toEqual([]);
    expect(rises.length).toBeGreaterThan(0);
    const late = await settle(club, rises, 'accepted');
    expect(late.ok && late.value.every(({ state }) => state === 'conflict')).toBe(true);
  });

  it('three check-ins at once are three answers and no error, one complaint', async () => {
    const body = { id: v7(), answer: 'pain' as const, place: 'knee', score: 5 };
    const done = await Promise.all([
      answer(club, first, body, DAY),
      answer(club, first, body, DAY),
      answer(club, first, { ...body, id: v7() }, DAY),
    ]);
    expect(done.every(({ ok }) => ok)).toBe(true);
    expect(await withClub(club.clubId, (tx) => tx.select().from(complaint))).toHaveLength(1);
  });

  it('a clearance lifts what was known and nothing later', async () => {
    const knee = (day: string, score: number, signs: ('swelling' | 'giving way')[] = []) =>
      answer(club, first, { answer: 'pain', place: 'knee', score, signs }, day);
    await knee(DAY, 4);
    const [row] = await withClub(club.clubId, (tx) => tx.select().from(complaint));
    expect(await clear(club, first, row!.id, '2026-12-20')).toEqual({ ok: true, value: null });
    await makeCard(club, LATER);
    const families = async () =>
      (await readOn(club, LATER)).view.flatMap((own) =>
        own.athleteId === first && own.exerciseId !== null ? getExercise(LIBRARY, own.exerciseId).family : [],
      );
    expect(await families()).toContain('jump');
    onDay('2026-11-26');
    await knee('2026-11-26', 9, ['swelling', 'giving way']);
    expect(await families()).not.toContain('jump');
  });

  it('follows a number changed in the club’s dose table: card and what waits, no code touched', async () => {
    const pull = async (id: string) => (await session(club, id)).lines.find((line) => line.slot === 'upper-pull')!;
    const plain = await pull(await makeCard(club));
    await withClub(club.clubId, (tx) =>
      tx.insert(clubTable).values({
        clubId: club.clubId,
        table: 'doses',
        json: { [plain.row]: { sets: [plain.dose.sets + 1, plain.dose.sets + 1] } },
      }),
    );
    onDay(LATER);
    const id = await makeCard(club, LATER, {
      keepRunning: false,
      brief: (made) => ({ ...made, running: { ...made.running, doses: {} } }),
    });
    expect((await pull(id)).dose.sets).toBe(plain.dose.sets + 1);
  });
});

describe('pasted people', () => {
  const context = { specs: testSpecs(METHOD), mass: 'kg' as const, order: 'day-first' as const };
  const bare = { sex: null, role: null, liftLevel: null, jumpLevel: null, results: [] };

  it('keeps good rows beside the reasons of bad ones', () => {
    const { rows, issues } = readPastedAthletes(
      'Name\tBorn\tMass\nAna Sol\t17/05/2008\t61,5\nBo\t2008-02-30\t70\nAna Sol\t\t\n\tx\nCai Rem',
      [],
      context,
    );
    expect(rows).toEqual([
      { ...bare, name: 'Ana Sol', birthDate: '2008-05-17', bodyMassKg: 61.5 },
      { ...bare, name: 'Cai Rem', birthDate: null, bodyMassKg: null },
    ]);
    expect(issues.map(({ code, path }) => `${code} ${String(path[0])}`)).toEqual([
      'day_unreadable 3',
      'name_twice 4',
      'name_missing 5',
    ]);
  });

  it('reads level, sex, role and last lifts under any heading, and says which columns it does not know', () => {
    const { rows, issues, unread } = readPastedAthletes(
      'Player;Position;Level;Jump level;Sex;Back squat;Deadlift (kg);Shoe\nAna Sol;wing;Trained;;f;100 x 5;140;41\nBo Rem;;beginner;advanced;man;;x;42\nCy Lor;;expert;;q;;;',
      [],
      context,
    );
    expect(rows).toMatchObject([
      {
        name: 'Ana Sol',
        role: 'wing',
        liftLevel: 'trained',
        jumpLevel: 'trained',
        sex: 'female',
        results: [
          { test: 'back-squat', loadKg: 100, reps: 5, rir: 0 },
          { test: 'deadlift', loadKg: 140, reps: 1, rir: 0 },
        ],
      },
    ]);
    expect(issues.map(({ code, path }) => `${code} ${String(path[0])}`)).toEqual([
      'not_a_lift 3',
      'level_unreadable 4',
      'sex_unreadable 4',
    ]);
    expect(unread).toEqual(['Shoe']);
  });

  it('reads dates with the month first for a club that writes them so', () => {
    const { rows } = readPastedAthletes('Ana Sol,05/17/2008\nCai Rem,5/6/2008', [], {
      ...context,
      order: 'month-first',
    });
    expect(rows.map(({ birthDate }) => birthDate)).toEqual(['2008-05-17', '2008-05-06']);
  });

  it('without a heading in the order name, birth date, mass, level, sex, role', () => {
    const { rows } = readPastedAthletes('Ana Sol,2008-05-17,61,developing,f,keeper', [], context);
    expect(rows).toMatchObject([{ liftLevel: 'developing', jumpLevel: 'developing', sex: 'female', role: 'keeper' }]);
  });

  it('come into the squad with their levels and lifts, and levels are set for many at once', async () => {
    const squadOf = async (tx: Tx) => {
      const found = await loadClub(tx);
      return { found, of: found.squads.find(({ id }) => id === club.squadId)! };
    };
    const text = 'Name,Level,Back squat\nAna Sol,trained,100 x 5\nBo Rem,developing,80';
    const added = await withClub(club.clubId, async (tx) => {
      const { found, of } = await squadOf(tx);
      return addAthletes(tx, found, of, v7(), text, club.coachId);
    });
    expect(added).toMatchObject({ ok: true, value: { made: 2, joined: [], unread: [] } });
    const { athletes } = await dayOf(club, DAY);
    const ana = athletes.find(({ name }) => name === 'Ana Sol')!;
    expect(ana).toMatchObject({ liftLevel: 'trained', jumpLevel: 'trained' });
    await makeCard(club);
    const { brief } = await readOn(club, DAY);
    expect(brief.athletes.find(({ id }) => id === ana.id)?.e1rmKg['back-squat']).toBeCloseTo(100 * (1 + 5 / 30), 1);

    const everybody = { ids: athletes.map(({ id }) => id), liftLevel: 'advanced' as const, jumpLevel: null };
    const many = () =>
      withClub(club.clubId, async (tx) => {
        const { found, of } = await squadOf(tx);
        return setLevels(tx, found, of, everybody, club.coachId);
      });
    expect(await many()).toEqual({ ok: true, value: athletes.length });
    expect(await many()).toEqual({ ok: true, value: 0 });
    const after = (await dayOf(club, DAY)).athletes;
    expect(new Set(after.map(({ liftLevel }) => liftLevel))).toEqual(new Set(['advanced']));
    expect(after.find(({ id }) => id === ana.id)?.jumpLevel).toBe('trained');
    const other = await makeClub();
    const foreign = await withClub(other.clubId, async (tx) => {
      const found = await loadClub(tx);
      return setLevels(tx, found, found.squads[0]!, everybody, other.coachId);
    });
    expect(foreign).toEqual({ ok: true, value: 0 });
  });
});
