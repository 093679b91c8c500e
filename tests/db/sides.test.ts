import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { giveSide, doSide } from '../../src/lib/server/commands/sides';
import { runOne } from '../../src/lib/server/commands/run-command';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { readBeside } from '../../src/lib/server/reads/beside';
import { loadCalls } from '../../src/lib/server/reads/call-rows';
import { ownSides } from '../../src/lib/server/reads/sides';
import { loadSquadDay } from '../../src/lib/server/reads/squad-day';
import { loadSquadAthletes } from '../../src/lib/server/repositories/athletes';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { loadSides } from '../../src/lib/server/repositories/sides';
import { DAY, makeClub, type TestClub } from './club';
import { answer, callsOf, onDay } from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub(3);
});

const FOOT = 'foot-ankle';
const give = (on = true, athleteId: string | null = null, programme = FOOT) =>
  withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    const squad = context.squads.find(({ id }) => id === club.squadId)!;
    return giveSide(tx, context, squad, v7(), { programme, athleteId, on }, club.coachId);
  });
const own = (athleteId: string) =>
  withClub(club.clubId, async (tx) => {
    const { today } = await loadClub(tx);
    const rows = (await loadSquadDay(tx, club.squadId, today, null))!;
    const row = rows.athletes.find(({ id }) => id === athleteId)!;
    return ownSides(rows, row, await loadSides(tx, [club.squadId], athleteId, today));
  });
const done = (athleteId: string, is = true, id = v7(), programme = FOOT) =>
  runOne({ clubId: club.clubId, id, verb: 'side', actor: `athlete:${athleteId}` }, { programme, is }, (tx) =>
    doSide(tx, athleteId, id, { programme, done: is }, `athlete:${athleteId}`),
  );
const beside = () =>
  withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    const squad = context.squads.find(({ id }) => id === club.squadId)!;
    const athletes = await loadSquadAthletes(tx, squad.id, context.today);
    return readBeside(context, squad, athletes, await loadSides(tx, [squad.id], null, context.today));
  });
const dosesOf = async (athleteId: string) =>
  (await own(athleteId))[0]!.lines.map(({ dose }) => `${String(dose.sets)}x${String(dose.amount)}`);
/** The first day from a day on which it is due. */
async function nextDue(from: string): Promise<string> {
  for (let i = 0; i < 8; i++) {
    const day = new Date(Date.parse(from) + i * 86_400_000).toISOString().slice(0, 10);
    onDay(day);
    if ((await own(club.athletes[0]!))[0]?.due) return day;
  }
  throw new Error('never due');
}

describe('beside the sessions (SIDE-1)', () => {
  it('is everybody’s once given, one athlete’s where it is for one, and ends', async () => {
    const [one, two] = club.athletes;
    expect(await own(one!)).toEqual([]);
    expect(await give()).toMatchObject({ ok: true });
    expect(await give(true, one, 'mobility')).toMatchObject({ ok: true });
    expect((await own(one!)).map(({ id }) => id)).toEqual([FOOT, 'mobility']);
    expect((await own(two!)).map(({ id }) => id)).toEqual([FOOT]);
    await give(false);
    expect((await own(one!)).map(({ id }) => id)).toEqual(['mobility']);
    expect(await give(true, null, 'juggling')).toMatchObject({ ok: false, issues: [{ code: 'side_unknown' }] });
    expect(await give(true, v7())).toMatchObject({ ok: false, issues: [{ code: 'athlete_not_in_squad' }] });
  });

  it('goes on from the last time by the morning after, and can be taken back', async () => {
    const who = club.athletes[0]!;
    await give();
    const first = await nextDue(DAY);
    const before = await dosesOf(who);
    const id = v7();
    expect(await done(who, true, id)).toMatchObject({ ok: true });
    expect(await done(who, true, id)).toMatchObject({ ok: true });
    expect((await own(who))[0]).toMatchObject({ done: true });
    await done(who, false);
    expect((await own(who))[0]).toMatchObject({ done: false });
    await done(who);
    const morning = new Date(Date.parse(first) + 86_400_000).toISOString().slice(0, 10);
    onDay(morning);
    await answer(club, who, { answer: 'fine' }, morning);
    await nextDue(morning);
    const after = await dosesOf(who);
    // a set more where there is room for one
    expect(after).not.toEqual(before);
    expect(after[0]).toBe('3x10');
    expect(await dosesOf(club.athletes[1]!)).toEqual(before);
    expect((await beside()).programmes[0]!.who.map((row) => row.done)).toEqual([1, 0, 0]);
  });

  it('counts in the ledger of the calls, and leaves out what a complaint bars', async () => {
    const [one, two] = club.athletes;
    await give();
    const due = await nextDue(DAY);
    await answer(club, two!, { answer: 'pain', place: 'foot', side: 'left', score: 5 }, due);
    const lines = (await own(two!))[0]!.lines;
    expect(lines.filter(({ barred }) => barred !== null).length).toBeGreaterThan(1);
    await done(one!);
    const rows = await withClub(club.clubId, (tx) => loadCalls(tx));
    expect(new Set(rows.done.map(({ exerciseId }) => exerciseId))).toContain('tibialis-raise');
    // with the foot work given, the other programme is still on offer
    const call = (await callsOf(club)).find((each) => each.kind === 'neglected');
    expect(call).toMatchObject({ squads: [{ sides: [{ id: 'hip-trunk' }] }] });
    expect(await done(one!, true, v7(), 'mobility')).toMatchObject({ ok: false, issues: [{ code: 'side_unknown' }] });
  });
});
