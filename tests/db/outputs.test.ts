import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { LIBRARY } from '../../src/catalog';
import { getExercise } from '../../src/core/library';
import { entryOnRung } from '../../src/core/progress';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { sayEffort } from '../../src/lib/server/commands/answer-morning';
import { foldAthlete } from '../../src/lib/server/commands/refold';
import { runOne } from '../../src/lib/server/commands/run-command';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { askedOf, makeBrief } from '../../src/lib/server/reads/make-brief';
import { loadPastSessions } from '../../src/lib/server/repositories/athlete-history';
import { loadEfforts } from '../../src/lib/server/repositories/balance';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { loadSets } from '../../src/lib/server/repositories/sessions';
import { DAY, makeClub, type TestClub } from './club';
import { answer, close, dayOf, log, makeCard, onDay, readOn, rebuilt, tapOf } from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

const NEXT = '2026-11-25';
let club: TestClub;
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub(3);
});

describe('what a set came to', () => {
  it('is kept with the set and folds into what the athlete did', async () => {
    const id = await makeCard(club);
    const [one] = club.athletes;
    const own = (await readOn(club, DAY)).view.find((line) => line.slot === 'jump-1' && line.athleteId === one)!;
    await log(club, [tapOf(id, DAY, own, 1, { output: 0.41 }), tapOf(id, DAY, own, 2, { output: 0.36 })]);
    await withClub(club.clubId, async (tx) => {
      const tracks = await foldAthlete(tx, one!, null);
      const track = tracks.find(({ exerciseId }) => exerciseId === own.exerciseId)!;
      expect(track.exposures[0]!.sets.map(({ output }) => output)).toEqual([0.41, 0.36]);
      const { stored, folded } = await rebuilt(tx, one!);
      expect(folded).toEqual(stored);
    });
  });

  it('teaches the rest of who jumped it, on the squad’s card and on their own (REST-2)', async () => {
    const id = await makeCard(club);
    const [one, other] = club.athletes;
    const own = (await readOn(club, DAY)).view.find((line) => line.slot === 'jump-1' && line.athleteId === one)!;
    await log(club, [tapOf(id, DAY, own, 1, { output: 0.41 }), tapOf(id, DAY, own, 2, { output: 0.36 })]);
    await close(club, id);
    onDay(NEXT);
    const restOf = async (athleteId: string) => {
      const rows = await dayOf(club, NEXT, athleteId);
      return makeBrief(rows, askedOf(rows, 60)).running.rests[`${own.exerciseId!} ${own.row}`]?.seconds;
    };
    expect(await restOf(one!)).toBe(own.dose.restSeconds! + 30);
    expect(await restOf(other!)).toBeUndefined();
  });

  it('goes one rung down in the middle of a line, and to nothing else (FLOOR-3)', async () => {
    const id = await makeCard(club);
    const own = (await readOn(club, DAY)).view.find(
      ({ exerciseId }) => exerciseId !== null && entryOnRung(getExercise(LIBRARY, exerciseId), -1, LIBRARY),
    )!;
    const below = entryOnRung(getExercise(LIBRARY, own.exerciseId!), -1, LIBRARY)!;
    const as = (exerciseId: string) => ({ ...tapOf(id, DAY, own, 1).shown!, exerciseId });
    await log(club, [tapOf(id, DAY, own, 1, { fault: 'seen', asWritten: false })]);
    await log(club, [
      tapOf(id, DAY, own, 2, { shown: as(below.id) }),
      tapOf(id, DAY, own, 3, { shown: as('back-squat') }),
    ]);
    const sets = await withClub(club.clubId, (tx) => loadSets(tx, [id]));
    expect(sets.sort((a, b) => a.setNumber - b.setNumber).map(({ exerciseId }) => exerciseId)).toEqual([
      own.exerciseId,
      below.id,
      own.exerciseId,
    ]);
  });
});

describe('how hard a session was, as its athletes say', () => {
  const effort = (athleteId: string, rpe: number) => {
    const id = v7();
    return runOne({ clubId: club.clubId, id, verb: 'effort', actor: `athlete:${athleteId}` }, { rpe }, async (tx) =>
      sayEffort(tx, await loadClub(tx), athleteId, id, rpe, `athlete:${athleteId}`),
    );
  };
  const said = async () =>
    withClub(club.clubId, async (tx) => ({
      squad: (await loadEfforts(tx, club.squadId, DAY, DAY))[0]?.rpe,
      own: (await loadPastSessions(tx, club.squadId, club.athletes[0]!, DAY, DAY))[0]?.rpe,
    }));

  it('needs an answer first; the middle of theirs counts until the coach says, and their own for themselves', async () => {
    const id = await makeCard(club);
    const { view } = await readOn(club, DAY);
    await log(
      club,
      club.athletes.map((athleteId) =>
        tapOf(
          id,
          DAY,
          view.find((line) => line.athleteId === athleteId)!,
          1,
        ),
      ),
    );
    onDay(NEXT);
    expect((await effort(club.athletes[0]!, 5)).ok).toBe(false);
    for (const [i, rpe] of [4, 9, 6].entries()) {
      await answer(club, club.athletes[i]!, {}, NEXT);
      expect((await effort(club.athletes[i]!, rpe)).ok).toBe(true);
    }
    expect(await said()).toEqual({ squad: 6, own: 4 });
    // the last word counts once
    await effort(club.athletes[0]!, 7);
    expect(await said()).toEqual({ squad: 7, own: 7 });
    onDay(DAY);
    await close(club, id);
    expect(await said()).toEqual({ squad: 6, own: 7 });
  });
});
