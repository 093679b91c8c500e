import { eq } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { LIBRARY } from '../../src/catalog';
import { getExercise } from '../../src/core/library';
import type { SetLogBody } from '../../src/lib/model/bodies';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { change, clubTable, complaint, proposal, setLog } from '../../src/lib/server/db/schema';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { cardOf, loadSession } from '../../src/lib/server/repositories/sessions';
import { keepCheckIn } from '../../src/lib/server/services/check-in';
import { decide } from '../../src/lib/server/services/decide';
import { keepCard } from '../../src/lib/server/commands/keep-card';
import { logSets } from '../../src/lib/server/services/log-sets';
import { readPastedAthletes } from '../../src/lib/server/commands/paste-names';
import { DAY, makeCard, makeClub, type TestClub } from './club';

afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
beforeEach(async () => {
  club = await makeClub();
});
const NEXT = '2026-11-25';
const session = (id: string) => withClub(club.clubId, (tx) => loadSession(tx, id)).then((row) => row!);

async function logLine(id: string, slot: string, athleteId: string): Promise<void> {
  const line = (await session(id)).lines.find((one) => one.slot === slot)!;
  const own = (await session(id)).overrides.find((one) => one.slot === slot && one.athleteId === athleteId);
  const dose = own?.dose ?? line.dose;
  const sets = Array.from({ length: dose.sets }, (_, i): SetLogBody => ({
    id: v7(),
    sessionId: id,
    athleteId,
    slot,
    setNumber: i + 1,
    amount: dose.amount,
    loadKg: dose.loadKg,
    rir: dose.rir,
    fault: null,
    asWritten: true,
    doneAt: '2026-11-24T18:00:00Z',
    removed: false,
  }));
  expect(await withClub(club.clubId, (tx) => logSets(tx, club.clubId, sets))).toEqual({ ok: true, value: dose.sets });
}

const answer = (athleteId: string, own: object, day = NEXT) =>
  withClub(club.clubId, async (tx) =>
    keepCheckIn(
      tx,
      await loadClub(tx),
      athleteId,
      { id: v7(), answer: 'fine', place: null, side: null, score: null, signs: [], ...own },
      day,
      `athlete:${athleteId}`,
    ),
  );
const proposals = () => withClub(club.clubId, (tx) => tx.select().from(proposal));

describe('keeping a card', () => {
  it('keeps, repeats without a second version, and refuses a stale one', async () => {
    const id = await makeCard(club);
    const row = await session(id);
    const body = { version: 1, squadId: club.squadId, athleteId: null, day: DAY, minutes: 60, card: cardOf(row) };
    const keep = (version: number) =>
      withClub(club.clubId, (tx) => keepCard(tx, club.coachId, id, { ...body, version }));
    expect(await keep(1)).toEqual({ ok: true, value: { version: 2 } });
    expect(await keep(1)).toEqual({ ok: true, value: { version: 2 } });
    const fewer = { ...body, card: { ...body.card, lines: body.card.lines.slice(0, -1) } };
    expect(await withClub(club.clubId, (tx) => keepCard(tx, club.coachId, id, { ...fewer, version: 1 }))).toMatchObject(
      { ok: false, issues: [{ code: 'card_changed' }] },
    );
    expect((await session(id)).lines.length).toBe(row.lines.length);
  });

  it('refuses what the rules forbid, whoever sends it', async () => {
    const id = await makeCard(club);
    const card = cardOf(await session(id));
    await withClub(club.clubId, (tx) =>
      tx.insert(complaint).values({
        clubId: club.clubId,
        id: v7(),
        athleteId: club.athletes[0]!,
        place: 'head',
        side: null,
        score: 1,
        signs: [],
        since: DAY,
        updatedDay: DAY,
        clearance: null,
      }),
    );
    expect(
      await withClub(club.clubId, (tx) =>
        keepCard(tx, club.coachId, id, {
          version: 1,
          squadId: club.squadId,
          athleteId: null,
          day: DAY,
          minutes: 60,
          card: { ...card, overrides: card.overrides.filter((own) => own.athleteId !== club.athletes[0]) },
        }),
      ),
    ).toMatchObject({
      ok: false,
      issues: expect.arrayContaining([expect.objectContaining({ code: 'barred_by_complaint' })]),
    });
    expect(
      await withClub(club.clubId, (tx) =>
        keepCard(tx, club.coachId, id, {
          version: 1,
          squadId: club.squadId,
          athleteId: null,
          day: DAY,
          minutes: 60,
          card: { ...card, lines: card.lines.map((line) => ({ ...line, exerciseId: 'no-such-entry' })) },
        }),
      ),
    ).toMatchObject({ issues: [{ code: 'entry_unknown' }] });
  });
});

describe('the floor', () => {
  it('takes a set once however often it comes, corrects it, and takes it back', async () => {
    const id = await makeCard(club);
    const set: SetLogBody = {
      id: v7(),
      sessionId: id,
      athleteId: club.athletes[0]!,
      slot: 'jump-1',
      setNumber: 1,
      amount: 3,
      loadKg: null,
      rir: null,
      fault: null,
      asWritten: true,
      doneAt: '2026-11-24T18:00:00Z',
      removed: false,
    };
    const send = (own: Partial<SetLogBody>) =>
      withClub(club.clubId, (tx) => logSets(tx, club.clubId, [{ ...set, ...own }]));
    const stored = () => withClub(club.clubId, (tx) => tx.select({ amount: setLog.amount }).from(setLog));
    await send({});
    await send({});
    expect(await stored()).toEqual([{ amount: 3 }]);
    await send({ id: v7(), amount: 2, asWritten: false });
    expect(await stored()).toEqual([{ amount: 2 }]);
    await send({ id: v7(), removed: true });
    expect(await stored()).toEqual([]);
    expect(await send({ athleteId: v7() })).toMatchObject({ issues: [{ code: 'athlete_not_in_squad' }] });
    expect(await send({ slot: 'nowhere' })).toMatchObject({ issues: [{ code: 'line_unknown' }] });
  });
});

describe('morning to next session', () => {
  it('overly tight, calf: proposes the cut once, and the accepted change stands on the next card and in the history', async () => {
    const id = await makeCard(club);
    const athleteId = club.athletes[0]!;
    const before = (await session(id)).lines.find((line) => line.slot === 'jump-1')!;
    await logLine(id, 'jump-1', athleteId);
    await answer(athleteId, { answer: 'tight', place: 'calf' });
    await answer(athleteId, { answer: 'tight', place: 'calf' });
    const [made, ...more] = await proposals();
    expect(more).toEqual([]);
    expect(made).toMatchObject({ state: 'open', slot: 'jump-1', rules: expect.arrayContaining(['PROG-4']) });
    await withClub(club.clubId, (tx) => decide(tx, club.clubId, [made!.id], 'accepted', club.coachId, NEXT));
    const next = await session(await makeCard(club, '2026-12-01'));
    const own = next.overrides.find((one) => one.slot === 'jump-1' && one.athleteId === athleteId)!;
    expect(own.dose).toMatchObject({ sets: made!.to.dose.sets, amount: made!.to.dose.amount });
    expect(own.dose.sets * own.dose.amount).toBeLessThan(before.dose.sets * before.dose.amount);
    const history = await withClub(club.clubId, (tx) =>
      tx.select().from(change).where(eq(change.athleteId, athleteId)),
    );
    expect(history.find((row) => row.subject === 'dose')).toMatchObject({
      actor: club.coachId,
      rules: made!.rules,
      saw: made!.saw,
    });
  });

  it('puts an accepted change on a next card that already stands', async () => {
    const id = await makeCard(club);
    const athleteId = club.athletes[1]!;
    await logLine(id, 'jump-1', athleteId);
    const nextId = await makeCard(club, '2026-12-01');
    await answer(athleteId, { answer: 'fine' });
    const ids = (await proposals()).map((row) => row.id);
    expect(ids.length).toBeGreaterThan(0);
    await withClub(club.clubId, (tx) => decide(tx, club.clubId, ids, 'accepted', club.coachId, NEXT));
    const next = await session(nextId);
    expect(next.version).toBe(2);
    expect(next.overrides.find((one) => one.athleteId === athleteId && one.slot === 'jump-1')?.reasons).toMatchObject([
      { code: 'accepted_change' },
    ]);
    expect(await withClub(club.clubId, (tx) => decide(tx, club.clubId, ids, 'held', club.coachId, NEXT))).toEqual({
      ok: true,
      value: 0,
    });
  });

  it('opens a complaint on pain, lifts it by calm answers, and takes the work off the next card', async () => {
    const athleteId = club.athletes[0]!;
    await makeCard(club);
    await answer(athleteId, { answer: 'pain', place: 'knee', score: 5 });
    const next = await session(await makeCard(club, '2026-12-01'));
    const own = next.overrides.filter((one) => one.athleteId === athleteId);
    for (const line of next.lines.filter(({ exerciseId }) =>
      ['jump', 'squat', 'single-leg-knee'].includes(getExercise(LIBRARY, exerciseId).family),
    ))
      expect(own.find((one) => one.slot === line.slot)?.exerciseId).not.toBe(line.exerciseId);
    await answer(athleteId, { answer: 'fine' }, '2026-11-26');
    const [still] = await withClub(club.clubId, (tx) => tx.select().from(complaint));
    expect(still?.score).toBe(5);
  });

  it('follows a number changed in the club’s dose table: card and proposal, no code touched', async () => {
    const athleteId = club.athletes[0]!;
    const jumpRow = async (id: string) => (await session(id)).lines.find((line) => line.slot === 'upper-pull')!;
    const plain = await jumpRow(await makeCard(club));
    await withClub(club.clubId, (tx) =>
      tx.insert(clubTable).values({
        clubId: club.clubId,
        table: 'doses',
        json: { [plain.row]: { sets: [plain.dose.sets + 1, plain.dose.sets + 1] } },
      }),
    );
    const id = await makeCard(club, '2026-12-01', (brief) => ({ ...brief, previous: null }));
    const changed = await jumpRow(id);
    expect(changed.dose.sets).toBe(plain.dose.sets + 1);
    await logLine(id, 'upper-pull', athleteId);
    await answer(athleteId, { answer: 'fine' }, '2026-12-02');
    const made = (await proposals()).find((row) => row.slot === 'upper-pull');
    expect(made).toMatchObject({ kind: 'amount-up', to: { dose: { sets: plain.dose.sets + 1 } } });
  });
});

describe('pasted names', () => {
  it('keeps good rows beside the reasons of bad ones', () => {
    const { rows, issues } = readPastedAthletes(
      'Name\tBorn\tMass\nAna Sol\t17/05/2008\t61,5\nBo\t2008-02-30\t70\nAna Sol\t\t\n\tx\nCai Rem',
      [],
    );
    expect(rows).toEqual([
      { name: 'Ana Sol', birthDate: '2008-05-17', bodyMassKg: 61.5 },
      { name: 'Cai Rem', birthDate: null, bodyMassKg: null },
    ]);
    expect(issues.map(({ code, path }) => `${code} ${String(path[0])}`)).toEqual([
      'day_unreadable 3',
      'name_twice 4',
      'name_missing 5',
    ]);
  });
});
