import { LIBRARY, METHOD } from '../../src/catalog';
import { eq } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import type { Call } from '../../src/lib/model/call';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { athlete, change, checkIn, complaint, proposal, setLog, squad } from '../../src/lib/server/db/schema';
import { loadDaySessions, loadProposals, loadSilent, loadUnreferred } from '../../src/lib/server/repositories/calls';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { factsOf, loadAthlete, loadSquadAthletes } from '../../src/lib/server/repositories/athletes';
import { cardOf, loadSession } from '../../src/lib/server/repositories/sessions';
import { hideHealth } from '../../src/lib/server/reads/hide-health';
import { historyWords } from '../../src/lib/server/reads/history-words';
import { loadSquadDay } from '../../src/lib/server/reads/squad-day';
import { makeBrief } from '../../src/lib/server/reads/make-brief';
import { makeCalls, settledToday } from '../../src/lib/server/services/make-calls';
import { ownCard } from '../../src/lib/server/services/own-card';
import { daysOffered, nextCardDay, tagWords } from '../../src/lib/server/reads/page-thread';
import { DAY, makeCard, makeClub, type TestClub } from './club';

afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
beforeEach(async () => {
  club = await makeClub(4);
});

const MONDAY = '2026-11-23';

/** Puts sets into the log of a past card without the floor: what the calls look at. */
async function done(sessionId: string, athleteIds: readonly string[], day: string): Promise<void> {
  await withClub(club.clubId, async (tx) => {
    const session = (await loadSession(tx, sessionId))!;
    const line = session.lines.find((one) => one.slot === 'jump-1')!;
    await tx.insert(setLog).values(
      athleteIds.map((athleteId) => ({
        clubId: club.clubId,
        id: v7(),
        sessionId,
        athleteId,
        slot: line.slot,
        setNumber: 1,
        day,
        exerciseId: line.exerciseId,
        row: line.row,
        written: line.dose,
        amount: line.dose.amount,
        loadKg: null,
        rir: null,
        fault: null,
        asWritten: true,
        doneAt: new Date(`${day}T18:00:00Z`),
      })),
    );
  });
}

const calls = (health = true): Promise<Call[]> =>
  withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    return makeCalls({
      club: context,
      proposals: await loadProposals(tx, context.today),
      silent: await loadSilent(tx, context.today),
      unreferred: await loadUnreferred(tx),
      squadId: null,
      health,
    });
  });

const propose = (athleteId: string, sessionId: string, own: Partial<typeof proposal.$inferInsert> = {}) =>
  withClub(club.clubId, async (tx) => {
    const line = (await loadSession(tx, sessionId))!.lines.find((one) => one.slot === (own.slot ?? 'jump-1'))!;
    const from = { exerciseId: line.exerciseId, dose: line.dose };
    await tx.insert(proposal).values({
      clubId: club.clubId,
      id: v7(),
      athleteId,
      squadId: club.squadId,
      sessionId,
      slot: line.slot,
      row: line.row,
      day: DAY,
      kind: 'set-up',
      from,
      to: { ...from, dose: { ...line.dose, sets: line.dose.sets + 1 } },
      rules: ['PROG-2'],
      saw: { answer: 'fine' },
      ...own,
    });
  });

describe('calls', () => {
  it('names who has not answered since training, and nobody who has', async () => {
    const id = await makeCard(club, MONDAY);
    await done(id, club.athletes.slice(0, 3), MONDAY);
    await withClub(club.clubId, (tx) =>
      tx.insert(checkIn).values({
        clubId: club.clubId,
        id: v7(),
        athleteId: club.athletes[0]!,
        day: DAY,
        answer: 'fine',
        place: null,
        side: null,
        score: null,
        signs: [],
      }),
    );
    const [call, ...more] = await calls();
    expect(more).toEqual([]);
    expect(call).toMatchObject({
      kind: 'silent',
      session: 'yesterday',
      rules: ['PROG-6'],
      deadline: 'before 18:00',
      athletes: [{ name: 'Athlete 2' }, { name: 'Athlete 3' }],
    });
  });

  it('asks for an answer until the third morning and no longer', async () => {
    const id = await makeCard(club, '2026-11-20');
    await done(id, club.athletes, '2026-11-20');
    expect(await calls()).toEqual([]);
  });

  it('puts pain first, says what stops, and tells it only to those who may read it', async () => {
    const id = await makeCard(club, MONDAY);
    await propose(club.athletes[1]!, id);
    await withClub(club.clubId, (tx) =>
      tx.insert(complaint).values({
        clubId: club.clubId,
        id: v7(),
        athleteId: club.athletes[0]!,
        place: 'knee',
        side: 'left',
        score: 2,
        signs: ['swelling'],
        since: DAY,
        updatedDay: DAY,
        clearance: null,
      }),
    );
    expect((await calls()).map(({ kind }) => kind)).toEqual(['pain', 'rise']);
    expect((await calls())[0]).toMatchObject({
      athlete: 'Athlete 1',
      place: 'knee',
      side: 'left',
      stops: 'Squat, single-leg knee, lateral, jump and agility',
      rules: ['SAFE-2', 'SAFE-8'],
    });
    expect((await calls(false)).map(({ kind }) => kind)).toEqual(['rise']);
  });

  it('gathers rises by exercise and cuts by athlete', async () => {
    const id = await makeCard(club, MONDAY);
    await propose(club.athletes[0]!, id);
    await propose(club.athletes[1]!, id);
    await propose(club.athletes[2]!, id, {
      kind: 'set-down',
      rules: ['PROG-4'],
      saw: { answer: 'tight', place: 'calf' },
    });
    await propose(club.athletes[2]!, id, {
      slot: 'prep-landing',
      kind: 'set-down',
      rules: ['PROG-4'],
      saw: { answer: 'tight', place: 'calf' },
    });
    const [cut, rise] = await calls();
    expect(cut).toMatchObject({
      kind: 'cut',
      athlete: 'Athlete 3',
      answer: 'tight',
      place: 'calf',
      session: 'yesterday',
    });
    expect(cut?.kind === 'cut' && cut.changes).toHaveLength(2);
    expect(rise).toMatchObject({ kind: 'rise', changes: [{ athlete: 'Athlete 1' }, { athlete: 'Athlete 2' }] });
    expect((await calls(false))[0]).toMatchObject({ kind: 'cut', place: null });
  });

  it('shows what was settled today and not what waits', async () => {
    const id = await makeCard(club, MONDAY);
    await propose(club.athletes[0]!, id, { state: 'accepted', decidedBy: club.coachId, decidedDay: DAY });
    await propose(club.athletes[1]!, id, { state: 'held', decidedBy: club.coachId, decidedDay: DAY });
    await propose(club.athletes[2]!, id);
    const settled = await withClub(club.clubId, async (tx) => {
      const context = await loadClub(tx);
      return settledToday({ club: context, proposals: await loadProposals(tx, context.today), squadId: null });
    });
    expect(settled.map(({ state, count }) => `${state} ${String(count)}`).sort()).toEqual(['accepted 1', 'held 1']);
    expect(await withClub(club.clubId, (tx) => loadDaySessions(tx, MONDAY))).toHaveLength(1);
  });
});

describe('the next card’s brief', () => {
  it('moves the squad’s line to the dose most athletes have reached', async () => {
    const id = await makeCard(club, MONDAY);
    for (const athleteId of club.athletes.slice(0, 3)) await propose(athleteId, id, { state: 'accepted' });
    const { line, brief } = await withClub(club.clubId, async (tx) => {
      const rows = (await loadSquadDay(tx, club.squadId, '2026-12-01', null))!;
      const made = makeBrief(rows, {
        day: '2026-12-01',
        phase: 'in-season',
        minutes: 60,
        keepPrevious: true,
        athleteId: null,
      });
      return { brief: made, line: (await loadSession(tx, id))!.lines.find((one) => one.slot === 'jump-1')! };
    });
    const next = brief.previous!.lines.find((one) => one.slot === 'jump-1')!;
    expect(next.dose.sets).toBe(line.dose.sets + 1);
    expect(next.own.find((own) => own.athleteId === club.athletes[3])?.dose.sets).toBe(line.dose.sets);
    expect(next.own.find((own) => own.athleteId === club.athletes[0])?.changedBy).toEqual(['PROG-2']);
  });

  it('counts the week and the fortnight before it', async () => {
    await makeCard(club, MONDAY);
    const at = (day: string) =>
      withClub(club.clubId, async (tx) =>
        makeBrief((await loadSquadDay(tx, club.squadId, day, null))!, {
          day,
          phase: 'in-season',
          minutes: 60,
          keepPrevious: true,
          athleteId: null,
        }),
      );
    expect(Object.keys((await at(DAY)).covered).length).toBeGreaterThan(0);
    expect((await at('2026-12-01')).covered).toEqual({});
    expect((await at('2026-12-01')).balance.knee).toBeGreaterThan(0);
    expect((await at('2026-12-20')).balance).toEqual({ knee: 0, hip: 0 });
    expect((await at('2026-12-01')).weekOfBlock).toBe(2);
  });
});

describe('what is known of an athlete', () => {
  it('lets results fade with time, and a failed screen stand', async () => {
    const facts = async (
      day: string,
      results: { test: string; day: string; passed?: boolean; loadKg?: number; reps?: number }[],
    ) => {
      const [row] = await withClub(club.clubId, (tx) => loadSquadAthletes(tx, club.squadId, day));
      const filled = results.map((own) => ({
        clubId: club.clubId,
        id: v7(),
        athleteId: row!.id,
        passed: null,
        value: null,
        loadKg: null,
        reps: null,
        rir: null,
        createdAt: new Date(),
        side: 'both' as const,
        trials: null,
        joints: null,
        asks: false,
        source: 'typed',
        typedBy: null,
        version: 1,
        changedAt: new Date(),
        ...own,
      }));
      return factsOf(
        { ...row!, birthDate: '2010-01-01', results: filled },
        {},
        day,
        { method: METHOD, library: LIBRARY },
        null,
      );
    };
    const found = await facts('2026-11-24', [
      { test: 'R1', day: '2026-07-01', passed: true },
      { test: 'R2', day: '2026-07-01', passed: false },
      { test: 'C5', day: '2026-07-01', passed: true },
      { test: 'back-squat', day: '2026-11-01', loadKg: 90, reps: 3 },
      { test: 'back-squat', day: '2026-11-10', loadKg: 80, reps: 3 },
      { test: 'deadlift', day: '2026-09-01', loadKg: 120, reps: 3 },
    ]);
    expect(found.tests).toEqual({ R2: 'failed', C5: 'passed' });
    expect(Object.keys(found.e1rmKg)).toEqual(['back-squat']);
    expect(found.e1rmKg['back-squat']).toBeCloseTo(99, 9);
    expect(found.ageYears).toBe(16);
  });
});

describe('what others see', () => {
  it('takes place and score out of the reasons of a card', async () => {
    await withClub(club.clubId, (tx) =>
      tx.insert(complaint).values({
        clubId: club.clubId,
        id: v7(),
        athleteId: club.athletes[0]!,
        place: 'knee',
        side: null,
        score: 5,
        signs: [],
        since: DAY,
        updatedDay: DAY,
        clearance: null,
      }),
    );
    const id = await makeCard(club);
    const card = await withClub(club.clubId, async (tx) => cardOf((await loadSession(tx, id))!));
    expect(JSON.stringify(card)).toContain('"place":"knee"');
    const hidden = hideHealth(card);
    expect(JSON.stringify(hidden)).not.toContain('knee"');
    expect(hidden.overrides).toHaveLength(card.overrides.length);
  });

  it('gives an athlete the next card as they do it, without a health note', async () => {
    const id = await makeCard(club);
    const card = await withClub(club.clubId, (tx) =>
      ownCard(tx, club.athletes[0]!, [club.squadId], DAY, 'kg', LIBRARY),
    );
    const session = await withClub(club.clubId, (tx) => loadSession(tx, id));
    expect(card?.day).toBe(DAY);
    expect(card?.lines.length).toBeLessThanOrEqual(session!.lines.length);
    expect(await withClub(club.clubId, (tx) => ownCard(tx, club.athletes[0]!, [], DAY, 'kg', LIBRARY))).toBeNull();
  });

  it('says history in words, and health only to those who may read it', async () => {
    const athleteId = club.athletes[0]!;
    const row = (subject: string, from: unknown, to: unknown, rules: string[] = []) => ({
      clubId: club.clubId,
      id: v7(),
      day: DAY,
      actor: club.coachId,
      subject,
      athleteId,
      squadId: null,
      sessionId: null,
      from,
      to,
      rules,
      saw: null,
    });
    const dose = {
      sets: 3,
      amount: 5,
      unit: 'reps',
      per: null,
      percent: null,
      loadKg: 80,
      rir: 2,
      restSeconds: 90,
      tempo: null,
    };
    const lines = await withClub(club.clubId, async (tx) => {
      await tx
        .insert(change)
        .values([
          row(
            'dose',
            { exerciseId: 'back-squat', dose },
            { exerciseId: 'back-squat', dose: { ...dose, loadKg: 82.5 } },
            ['PROG-9'],
          ),
          row('complaint', { place: 'knee', score: 2 }, { place: 'knee', score: 0 }),
          row('facts', { role: null }, { role: 'wing', bodyMassKg: 70 }),
          row('unheard-of', null, null),
        ]);
      const rows = await tx.select().from(change).where(eq(change.athleteId, athleteId));
      const words = (health: boolean) =>
        historyWords(rows, {
          names: { [club.coachId]: 'Ada Brenn' },
          athlete: 'Athlete 1',
          mass: 'kg',
          places: METHOD.places,
          health,
          exercise: (id) => id,
        });
      return { all: words(true), without: words(false) };
    });
    expect(lines.all.map(({ what, from, to, who }) => [who, what, from, to])).toEqual([
      ['Ada Brenn', 'back-squat', '80 kg', '82.5 kg'],
      ['Ada Brenn', 'Complaint, knee', '2', 'gone'],
      ['Ada Brenn', 'Facts changed: role, body mass', null, null],
    ]);
    expect(lines.without.map(({ what }) => what)).not.toContain('Complaint, knee');
  });

  it('finds an athlete’s page only in its own club', async () => {
    const other = await makeClub();
    expect(await withClub(other.clubId, (tx) => loadAthlete(tx, club.athletes[0]!, DAY))).toBeUndefined();
  });
});

describe('the thread', () => {
  it('offers gym days around today and the one shown', async () => {
    const row = await withClub(club.clubId, async (tx) => (await loadClub(tx)).squads[0]!);
    expect(nextCardDay(row, DAY)).toBe(DAY);
    expect(nextCardDay(row, '2026-11-25')).toBe('2026-12-01');
    const days = daysOffered(row, DAY, '2026-11-27');
    expect(days).toContain('2026-11-27');
    expect(days).toEqual([...days].sort());
    expect(days.filter((day) => day > DAY && day !== '2026-11-27')).toHaveLength(4);
  });

  it('names the day as a coach does', () => {
    const tag = (place: 'before' | 'on' | 'after', days: number) => ({ place, days, friendly: false, eventDay: DAY });
    expect(tagWords([])).toBeNull();
    expect(tagWords([tag('on', 0)])).toBe('MD');
    expect(tagWords([tag('after', 3), tag('before', 4)])).toBe('MD−4');
    expect(tagWords([tag('after', 1), tag('before', 6)])).toBe('MD+1 · MD−6');
    expect(tagWords([tag('after', 2)])).toBe('MD+2');
  });
});

it('one statement a subject: squads, athletes and sessions do not cost more when they are many', async () => {
  await withClub(club.clubId, async (tx) => {
    const many = Array.from({ length: 40 }, () => v7());
    await tx.insert(squad).values(
      many.map((id) => ({
        clubId: club.clubId,
        id,
        name: `Squad ${id.slice(-4)}`,
        sportId: 'ultimate',
        phase: 'general' as const,
        gymDays: [],
        facilityId: club.squadId,
      })),
    );
    await tx
      .insert(athlete)
      .values(Array.from({ length: 40 }, () => ({ clubId: club.clubId, id: v7(), name: 'More' })));
    expect((await loadClub(tx)).squads).toHaveLength(41);
  });
});
