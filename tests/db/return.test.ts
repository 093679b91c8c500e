import { eq } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { runOne } from '../../src/lib/server/commands/run-command';
import { settleCall } from '../../src/lib/server/commands/settle-call';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { complaint, fact, testResult } from '../../src/lib/server/db/schema';
import { addFacts } from '../../src/lib/server/commands/facts';
import { eraseAthlete, forgetOldHealth } from '../../src/lib/server/commands/forget';
import { refoldComplaints } from '../../src/lib/server/commands/refold';
import type { CallOf } from '../../src/lib/model/call';
import { ownSides } from '../../src/lib/server/reads/sides';
import { loadSides } from '../../src/lib/server/repositories/sides';
import { giveSide } from '../../src/lib/server/commands/sides';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { loadAthlete } from '../../src/lib/server/repositories/athletes';
import { readBench } from '../../src/lib/server/reads/bench';
import { askedOf } from '../../src/lib/server/reads/make-brief';
import { addDays } from '../../src/core/calendar';
import type { ReturnStageId } from '../../src/core/method';
import { DAY, makeClub, type TestClub } from './club';
import { answer, callsOf, clear, dayOf, log, makeCard, onDay, readOn, rebuilt, session, tapOf } from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
let hurt: string;
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub(3);
  hurt = club.athletes[0]!;
  await answer(club, hurt, { answer: 'pain', place: 'knee', side: 'left', score: 6 }, DAY);
});

const stored = () =>
  withClub(club.clubId, async (tx) => (await tx.select().from(complaint).where(eq(complaint.athleteId, hurt)))[0]!);
const stage = async () => (await stored()).returning?.stage;
const note = async (upTo: ReturnStageId) => clear(club, hurt, (await stored()).id, '2027-03-01', null, upTo);
const returnCall = async () =>
  (await callsOf(club)).find((one): one is CallOf<'return'> => one.kind === 'return') ?? null;
const say = (call: CallOf<'return'>, choice: 'later' | 'leave' | 'talk') => {
  const id = v7();
  return runOne({ clubId: club.clubId, id, verb: 'answer-call', actor: club.coachId }, { choice }, (tx) =>
    settleCall(tx, id, { key: call.key, choice }, club.coachId),
  );
};

/** Trains on a day and answers the next; the clock stands on the next. */
async function trainAndAnswer(day: string, said: Parameters<typeof answer>[2] = {}): Promise<void> {
  onDay(day);
  const id = await makeCard(club, day);
  const own = (await readOn(club, day)).view.find((line) => line.athleteId === hurt && line.exerciseId !== null)!;
  await log(club, [tapOf(id, day, own, 1)]);
  onDay(addDays(day, 1));
  await answer(club, hurt, said, addDays(day, 1));
}

describe('the way back from a complaint', () => {
  it('opens stage by stage with notes and fine mornings, and is left when all that is asked is there', async () => {
    await note('slow-two-leg');
    expect(await stage()).toBe('isometric');
    expect(await returnCall()).toBeNull();

    let day = addDays(DAY, 2);
    const fine = async (): Promise<void> => {
      await trainAndAnswer(day);
      day = addDays(day, 2);
    };
    await fine();
    expect(await stage()).toBe('isometric');
    await fine();
    expect(await stage()).toBe('slow-two-leg');
    await fine();
    await fine();
    expect(await stage()).toBe('slow-two-leg');
    const waits = (await returnCall())!;
    expect(waits.way).toMatchObject({ name: 'slow, two legs', needsNote: true, finesLeft: 0 });
    expect((await callsOf(club, false)).map(({ kind }) => kind)).not.toContain('return');
    // the clinician was asked: the call stays away until something moves
    expect((await say(waits, 'later')).ok).toBe(false);
    expect((await say(waits, 'talk')).ok).toBe(true);
    expect(await returnCall()).toBeNull();

    await note('full');
    expect(await stage()).toBe('slow-one-leg');
    for (let i = 0; i < 10; i++) await fine();
    expect(await stage()).toBe('full');
    const tests = (await returnCall())!;
    expect(tests.way.checks.filter(({ met }) => met !== true).map(({ of }) => of)).toEqual([
      'symmetry',
      'screen',
      'screen',
      'screen',
    ]);
    expect((await say(tests, 'leave')).ok).toBe(false);

    const at = addDays(day, -2);
    await withClub(club.clubId, (tx) =>
      tx.insert(testResult).values(
        (
          [
            ['hop', 'left', 1.7],
            ['hop', 'right', 1.8],
            ...['K1', 'K2', 'K3'].map((test) => [test, 'both', 1] as const),
          ] as const
        ).map(([test, side, value]) => ({
          clubId: club.clubId,
          id: v7(),
          athleteId: hurt,
          test,
          day: at,
          side,
          value,
        })),
      ),
    );
    const over = (await returnCall())!;
    expect(over.way.checks.every(({ met }) => met === true)).toBe(true);
    expect((await say(over, 'leave')).ok).toBe(true);
    expect(await stored()).toMatchObject({ score: 0, returning: null });
    expect(await returnCall()).toBeNull();
    await withClub(club.clubId, async (tx) => {
      const { stored: kept, folded } = await rebuilt(tx, hurt);
      expect(folded).toEqual(kept);
    });
  });

  it('is forgotten with the other health notes: by the club’s own time, and when a person is', async () => {
    await note('isometric');
    const facts = () =>
      withClub(club.clubId, async (tx) =>
        (await tx.select().from(fact).where(eq(fact.athleteId, hurt))).map(({ kind }) => kind).sort(),
      );
    const over = [
      { kind: 'returned' as const, body: { complaint: (await stored()).origin } },
      { kind: 'call' as const, body: { key: `return ${hurt} x isometric`, choice: 'later' } },
    ];
    const written = (athleteId: string) =>
      withClub(club.clubId, async (tx) => {
        await addFacts(
          tx,
          club.clubId,
          over.map((one) => ({ ...one, id: v7(), day: DAY, actor: club.coachId, athleteId })),
        );
        await refoldComplaints(tx, club.clubId, athleteId);
      });
    await written(hurt);
    expect(await facts()).toEqual(['call', 'clearance', 'returned']);
    await withClub(club.clubId, (tx) => forgetOldHealth(tx, { healthMonths: 6, today: '2027-12-01' }));
    expect(await facts()).toEqual([]);

    await written(hurt);
    const { name } = (await withClub(club.clubId, (tx) => loadAthlete(tx, hurt, DAY)))!;
    await withClub(club.clubId, async (tx) =>
      eraseAthlete(tx, await loadClub(tx), { id: hurt, name }, name, club.coachId),
    );
    expect(await facts()).toEqual([]);
  });

  it('what was answered is taken back with the answer that replaces it', async () => {
    await note('full');
    await trainAndAnswer(addDays(DAY, 2));
    await trainAndAnswer(addDays(DAY, 4));
    expect(await stage()).toBe('slow-two-leg');
    await answer(club, hurt, { answer: 'tight', place: 'knee' }, addDays(DAY, 5));
    expect((await stored()).returning).toMatchObject({ stage: 'isometric', fines: 0 });
  });

  it('the athlete’s own card is one of the return phase, and foot work comes oftener with mobility between', async () => {
    await note('isometric');
    const own = await dayOf(club, DAY, hurt);
    expect(askedOf(own, 60).phase).toBe('return');
    expect(askedOf(await dayOf(club, DAY, club.athletes[1]), 60).phase).toBe('in-season');
    expect(askedOf(await dayOf(club, DAY), 60).phase).toBe('in-season');
    // once another phase was chosen the way back is still there to choose
    const made = await session(club, await makeCard(club));
    const changed = { ...own, session: { ...made, athleteId: hurt, phase: 'general' as const, lines: [], typed: [] } };
    const may = { plan: true, health: true };
    const phasesOf = (rows: typeof own) => readBench(rows, may).phases.map(({ id }) => id);
    expect(phasesOf(changed)).toContain('return');
    expect(phasesOf(await dayOf(club, DAY))).not.toContain('return');

    const id = v7();
    const given = { programme: 'foot-ankle', athleteId: null, on: true };
    await runOne({ clubId: club.clubId, id, verb: 'give-side', actor: club.coachId }, given, async (tx) => {
      const context = await loadClub(tx);
      return giveSide(tx, context, context.squads[0]!, id, given, club.coachId);
    });
    const perWeek = (athleteId: string) =>
      withClub(club.clubId, async (tx) => {
        const row = (await loadAthlete(tx, athleteId, DAY))!;
        const sides = ownSides(await dayOf(club, DAY), row, await loadSides(tx, [club.squadId], athleteId, DAY));
        return Object.fromEntries(sides.map((side) => [side.id, side.programme.perWeek]));
      });
    expect(await perWeek(hurt)).toEqual({ 'foot-ankle': 3, mobility: 7 });
    expect(await perWeek(club.athletes[1]!)).toEqual({ 'foot-ankle': 2 });
  });
});
