import { asc, eq } from 'drizzle-orm';
import { testSpecs } from '$core/athlete';
import { ownValue } from '$core/own';
import { writeCsv } from '../csv';
import type { Tx } from '../db/client';
import { change, checkIn, complaint, fact, healthView, setNow, testResult } from '../db/schema';
import type { AthletePage } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';

/** Everything the club holds about one athlete, for the athlete: what it is, in their words, and what looked at it. */
export async function ownData(tx: Tx, club: ClubContext, row: AthletePage) {
  const sets = await tx.select().from(setNow).where(eq(setNow.athleteId, row.id)).orderBy(asc(setNow.doneAt));
  const results = await tx
    .select()
    .from(testResult)
    .where(eq(testResult.athleteId, row.id))
    .orderBy(asc(testResult.day));
  const mornings = await tx.select().from(checkIn).where(eq(checkIn.athleteId, row.id)).orderBy(asc(checkIn.seq));
  const complaints = await tx.select().from(complaint).where(eq(complaint.athleteId, row.id));
  const facts = await tx.select().from(fact).where(eq(fact.athleteId, row.id)).orderBy(asc(fact.seq));
  const history = await tx.select().from(change).where(eq(change.athleteId, row.id)).orderBy(asc(change.at));
  const looks = await tx.select().from(healthView).where(eq(healthView.athleteId, row.id));
  const who = (actor: string | null): string =>
    actor === null ? '' : actor.startsWith('athlete:') ? row.name : (ownValue(club.staffNames, actor) ?? actor);
  const specs = testSpecs(club.method);
  const exercise = (id: string): string => club.library.exercises.get(id)?.name ?? id;
  const setRows = sets.map((one) => ({
    day: one.day,
    exercise: exercise(one.exerciseId),
    set: one.setNumber,
    written: `${String(one.written.sets)} x ${String(one.written.amount)} ${one.written.unit}`,
    done: one.amount,
    loadKg: one.loadKg,
    rir: one.rir,
    fault: one.fault,
    output: one.output,
    doneAt: one.doneAt.toISOString(),
  }));
  const resultRows = results.map((one) => ({
    day: one.day,
    test: specs.get(one.test)?.name ?? one.test,
    side: one.side,
    value: one.value,
    loadKg: one.loadKg,
    reps: one.reps,
    rir: one.rir,
    source: one.source,
  }));
  return {
    format: 'jaleo-athlete',
    version: 1,
    club: club.name,
    day: club.today,
    athlete: {
      name: row.name,
      birthDate: row.birthDate,
      sex: row.sex,
      bodyMassKg: row.bodyMassKg,
      heightM: row.heightM,
      growthCmPerMonth: row.growthCmPerMonth,
      liftLevel: row.liftLevel,
      jumpLevel: row.jumpLevel,
      jumpSeasons: row.jumpSeasons,
      role: row.role,
      guardianConsent: row.guardianConsent,
      background: row.background,
      recentWork: row.recentWork,
      focus: row.focus,
      weakMoment: row.weakMoment,
      ceilings: row.ceilings,
    },
    mornings: mornings.map(({ day, answer, place, side, score, signs, rpe }) => ({
      day,
      answer,
      place,
      side,
      score,
      signs,
      rpe,
    })),
    complaints: complaints.map(({ place, side, score, signs, since, clearance, returning }) => ({
      place,
      side,
      score,
      signs,
      since,
      clearance,
      returning,
    })),
    facts: facts.map(({ kind, day, body }) => ({ kind, day, body })),
    history: history.map(({ at, subject, actor, from, to, rules }) => ({
      at: at.toISOString(),
      subject,
      by: who(actor),
      from,
      to,
      rules,
    })),
    looked: looks.map(({ at, userId }) => ({ at: at.toISOString(), by: who(userId) })),
    files: { 'sets.csv': writeCsv(setRows), 'results.csv': writeCsv(resultRows) },
  };
}
