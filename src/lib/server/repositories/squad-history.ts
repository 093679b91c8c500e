import { and, asc, eq, gte, lte } from 'drizzle-orm';
import type { Day } from '$core/calendar';
import type { Tx } from '../db/client';
import { athlete, gymSession, setNow, squadAthlete, testResult } from '../db/schema';

/** Everything measured of a squad's athletes from a day on, and who has nothing: one row a result, or one with nulls. */
export const loadSquadResults = (tx: Tx, squadId: string, from: Day) =>
  tx
    .select({
      athleteId: athlete.id,
      name: athlete.name,
      test: testResult.test,
      day: testResult.day,
      asks: testResult.asks,
      value: testResult.value,
      loadKg: testResult.loadKg,
      reps: testResult.reps,
      rir: testResult.rir,
    })
    .from(squadAthlete)
    .innerJoin(athlete, and(eq(athlete.clubId, squadAthlete.clubId), eq(athlete.id, squadAthlete.athleteId)))
    .leftJoin(
      testResult,
      and(eq(testResult.clubId, athlete.clubId), eq(testResult.athleteId, athlete.id), gte(testResult.day, from)),
    )
    .where(eq(squadAthlete.squadId, squadId))
    .orderBy(asc(athlete.name), asc(athlete.id), asc(testResult.day));

/** The sets of one lift that a squad did from its cards. */
export const loadLiftSets = (tx: Tx, squadId: string, exerciseId: string, from: Day, through: Day) =>
  tx
    .select({
      athleteId: setNow.athleteId,
      day: setNow.day,
      exerciseId: setNow.exerciseId,
      written: setNow.written,
      amount: setNow.amount,
      loadKg: setNow.loadKg,
      rir: setNow.rir,
      fault: setNow.fault,
    })
    .from(setNow)
    .innerJoin(gymSession, and(eq(gymSession.clubId, setNow.clubId), eq(gymSession.id, setNow.sessionId)))
    .where(
      and(
        eq(gymSession.squadId, squadId),
        eq(setNow.exerciseId, exerciseId),
        gte(gymSession.day, from),
        lte(gymSession.day, through),
      ),
    );
