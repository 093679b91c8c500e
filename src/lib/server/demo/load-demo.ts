import { and, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { DEMO_CLUB, DEMO_COMPLAINTS, DEMO_NOTES, DEMO_PASSWORD, DEMO_SQUADS } from '$catalog/demo/club';
import { addDays, gymDayOn, weekdayOf, type Day } from '$core/calendar';
import { solveCard } from '$core/choose';
import { seeded } from '$core/random';
import { athleteLines } from '$core/session';
import { DEFAULT_KIT, EQUIPMENT, type Kit } from '$lib/model/kit';
import { auth, authDatabase } from '../auth/auth';
import { createClub } from '../auth/create-club';
import { withClub, type Tx } from '../db/client';
import {
  athlete,
  complaint,
  event,
  facility,
  member,
  organization,
  proposal,
  setLog,
  squad,
  squadAthlete,
  staff,
  testDay,
  testResult,
} from '../db/schema';
import { NO_AIMS } from '$core/startline';
import { loadClub } from '../repositories/club-context';
import { keepCheckIn } from '../services/check-in';
import { decide } from '../services/decide';
import { keepCard } from '../services/keep-card';
import { loadSquadDay } from '../services/load-squad-day';
import { makeBrief } from '../services/make-brief';
import { demoResults } from './demo-results';

const HISTORY_DAYS = 21;

/**
 * Loads the demo club into an empty database: people, squads, tests, events, and three weeks of history made by the
 * same services that a coach's taps go through. The content follows from seed and day; ids are new each time.
 * @returns false when there is already a club
 */
export async function loadDemo(day: Day, seed: number): Promise<boolean> {
  const taken = await authDatabase().select({ id: organization.id }).from(organization).limit(1);
  if (taken.length > 0) return false;
  const coach = await signUp(DEMO_CLUB.coach, 'coach@jaleo.example');
  const clubId = await createClub(coach, DEMO_CLUB.name, DEMO_CLUB.zone);
  for (const [name, email, role] of [
    [DEMO_CLUB.assistant, 'assistant@jaleo.example', 'assistant'],
    [DEMO_CLUB.physio, 'physio@jaleo.example', 'physio-read'],
    [DEMO_CLUB.athlete, 'athlete@jaleo.example', 'athlete'],
  ] as const) {
    const person = await signUp(name, email);
    await authDatabase().insert(member).values({ id: v7(), organizationId: clubId, userId: person.id, role });
    await withClub(clubId, (tx) => tx.insert(staff).values({ clubId, userId: person.id, displayName: name }));
  }
  const random = seeded(seed);
  const squads = await withClub(clubId, (tx) => writeRoster(tx, clubId, day, random));
  for (let past = addDays(day, -HISTORY_DAYS); past <= day; past = addDays(past, 1))
    await withClub(clubId, async (tx) => {
      await answerMornings(tx, clubId, coach.id, past, day, random);
      if (past < day) for (const squadId of squads) await train(tx, squadId, coach.id, past, random);
    });
  await withClub(clubId, async (tx) => {
    await writeComplaints(tx, clubId, day);
    await writeNotes(tx, clubId, day);
  });
  return true;
}

async function signUp(name: string, email: string): Promise<{ id: string; name: string }> {
  const made = await auth().api.signUpEmail({ body: { name, email, password: DEMO_PASSWORD } });
  return { id: made.user.id, name };
}

async function writeRoster(tx: Tx, clubId: string, day: Day, random: () => number): Promise<string[]> {
  const ids = new Map<string, string>();
  const squadIds: string[] = [];
  const monday = addDays(day, 1 - weekdayOf(day));
  for (const demo of DEMO_SQUADS) {
    const squadId = v7();
    squadIds.push(squadId);
    const kit: Kit = {
      ...DEFAULT_KIT,
      equipment: EQUIPMENT.filter((item) => !demo.kit.without.includes(item)),
      racks: demo.kit.racks,
    };
    await tx.insert(facility).values({ clubId, id: squadId, name: demo.place, kit });
    await tx.insert(squad).values({
      clubId,
      id: squadId,
      facilityId: squadId,
      name: demo.name,
      sportId: demo.sportId,
      phase: demo.phase,
      gymDays: demo.gymDays,
      aims: { ...NO_AIMS, result: demo.result },
    });
    await tx.insert(event).values(
      demo.events.map(({ weekday, weeks, name, kind }) => ({
        clubId,
        id: v7(),
        squadId,
        day: addDays(monday, weeks * 7 + weekday - 1),
        name,
        kind,
      })),
    );
    for (const person of demo.athletes) {
      const id = v7();
      ids.set(person.name, id);
      await tx.insert(athlete).values({
        clubId,
        id,
        name: person.name,
        role: person.role,
        sex: person.sex,
        bodyMassKg: person.massKg,
        liftLevel: person.lift,
        jumpLevel: person.jump,
        birthDate: addDays(day, -Math.round(person.age * 365.25 + 40 + random() * 280)),
        jumpSeasons: person.jump === 'foundation' ? 0 : person.jump === 'developing' ? 1 : 3,
        guardianConsent: person.age < 18,
      });
      const results = demoResults(person, demo, clubId, id, day);
      if (results.length > 0) await tx.insert(testResult).values(results);
    }
    if (demo.testsToday.length > 0) await tx.insert(testDay).values({ clubId, squadId, day, tests: demo.testsToday });
    const members = [...demo.athletes.map((person) => person.name), ...demo.shared];
    await tx.insert(squadAthlete).values(members.map((name) => ({ clubId, squadId, athleteId: ids.get(name) ?? '' })));
  }
  return squadIds;
}

/** A gym day of the past: the card is made and everyone who came does it, mostly as written. */
async function train(tx: Tx, squadId: string, coachId: string, day: Day, random: () => number): Promise<void> {
  const rows = await loadSquadDay(tx, squadId, day, null);
  const gym = rows && gymDayOn(day, rows.squad.gymDays);
  if (!gym) return;
  const brief = makeBrief(rows, {
    day,
    phase: rows.squad.phase,
    minutes: gym.minutes,
    keepPrevious: true,
    athleteId: null,
  });
  const solved = solveCard(brief, rows.club.library, rows.club.method);
  if (!solved.ok) throw new Error(`train: ${JSON.stringify(solved.issues)}`);
  const id = v7();
  const { card } = solved.value;
  const kept = await keepCard(tx, coachId, id, {
    version: 0,
    squadId,
    athleteId: null,
    day,
    minutes: gym.minutes,
    card,
  });
  if (!kept.ok) throw new Error(`train: ${JSON.stringify(kept.issues)}`);
  const logs: (typeof setLog.$inferInsert)[] = [];
  for (const person of rows.athletes) {
    if (random() < 0.06) continue;
    for (const { line, exerciseId, row, dose } of athleteLines(card, person.id))
      for (let setNumber = 1; setNumber <= dose.sets; setNumber++) {
        const off = random() < 0.04;
        logs.push({
          clubId: rows.club.clubId,
          id: v7(),
          sessionId: id,
          athleteId: person.id,
          slot: line.slot,
          setNumber,
          day,
          exerciseId,
          row,
          written: dose,
          amount: off && dose.unit === 'reps' ? Math.max(1, dose.amount - 1) : dose.amount,
          loadKg: dose.loadKg,
          rir: dose.rir,
          fault: null,
          asWritten: !off,
          doneAt: new Date(`${day}T${gym.start}:00Z`),
        });
      }
  }
  for (let i = 0; i < logs.length; i += 500) await tx.insert(setLog).values(logs.slice(i, i + 500));
}

/** The morning after: most answer, mostly well; the coach accepted the changes of the past and has today's still open. */
async function answerMornings(
  tx: Tx,
  clubId: string,
  coachId: string,
  day: Day,
  today: Day,
  random: () => number,
): Promise<void> {
  const trained = await tx
    .selectDistinct({ athleteId: setLog.athleteId, name: athlete.name })
    .from(setLog)
    .innerJoin(athlete, and(eq(athlete.clubId, setLog.clubId), eq(athlete.id, setLog.athleteId)))
    .where(eq(setLog.day, addDays(day, -1)));
  const context = await loadClub(tx, day);
  for (const person of trained.sort((a, b) => (a.name < b.name ? -1 : 1))) {
    const luck = random();
    if (luck < (day === today ? 0.2 : 0.1)) continue;
    const tight = luck > 0.93;
    await keepCheckIn(
      tx,
      context,
      person.athleteId,
      {
        id: v7(),
        answer: tight ? 'tight' : luck > 0.6 ? 'usual' : 'fine',
        place: tight ? 'front-thigh' : null,
        side: null,
        score: null,
        signs: [],
      },
      day,
      `athlete:${person.athleteId}`,
    );
  }
  if (day === today) return;
  const open = await tx.select({ id: proposal.id }).from(proposal).where(eq(proposal.state, 'open'));
  if (open.length > 0)
    await decide(
      tx,
      clubId,
      open.map((row) => row.id),
      'accepted',
      coachId,
      day,
    );
}

async function writeNotes(tx: Tx, clubId: string, day: Day): Promise<void> {
  for (const { athlete: name, squatAgain, moment, injury } of DEMO_NOTES) {
    const [found] = await tx.select().from(athlete).where(eq(athlete.name, name));
    if (!found) continue;
    if (moment)
      await tx
        .update(athlete)
        .set({ weakMoment: { id: moment, since: addDays(day, -4), by: 'athlete' } })
        .where(eq(athlete.id, found.id));
    if (injury)
      await tx
        .update(athlete)
        .set({ background: { ...found.background, pastInjuries: [injury] } })
        .where(eq(athlete.id, found.id));
    if (squatAgain && found.bodyMassKg !== null)
      await tx.insert(testResult).values({
        clubId,
        id: v7(),
        athleteId: found.id,
        day: addDays(day, -squatAgain.daysAgo),
        test: 'back-squat',
        // a set of three at that estimate
        loadKg: Math.round((squatAgain.timesMass * found.bodyMassKg) / 1.1 / 2.5) * 2.5,
        reps: 3,
        rir: 0,
      });
  }
}

async function writeComplaints(tx: Tx, clubId: string, day: Day): Promise<void> {
  for (const { athlete: name, place, side, score, daysAgo, referred } of DEMO_COMPLAINTS) {
    const [found] = await tx.select({ id: athlete.id }).from(athlete).where(eq(athlete.name, name));
    if (found)
      await tx.insert(complaint).values({
        clubId,
        id: v7(),
        athleteId: found.id,
        place,
        side,
        score,
        signs: [],
        since: addDays(day, -daysAgo),
        updatedDay: addDays(day, -daysAgo),
        clearance: null,
        referredAt: referred ? new Date(`${day}T08:00:00Z`) : null,
      });
  }
}
