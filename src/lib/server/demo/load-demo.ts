import { gymTimeOn } from '$core/season';
import { and, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { DEMO_CLUB, DEMO_COMPLAINTS, DEMO_NOTES, DEMO_PASSWORD, DEMO_SQUADS } from '$catalog/demo/club';
import { addDays, weekdayOf, type Day } from '$core/calendar';
import { solveCard } from '$core/choose';
import { seeded } from '$core/random';
import { isSideDay } from '$core/side';
import type { Library } from '$core/library';
import { DEFAULT_KIT, EQUIPMENT, type Kit } from '$lib/model/kit';
import { newCardBody } from '$lib/model/new-card-body';
import { auth, authDatabase } from '../auth/auth';
import { foundOrganization, writeClub } from '../auth/create-club';
import { member, organization, user } from '../db/schema/auth';
import { withClub, type Tx } from '../db/client';
import {
  athlete,
  club,
  complaint,
  event,
  season,
  facility,
  setLog,
  squad,
  squadAthlete,
  testDay,
  testResult,
} from '../db/schema';
import { NO_AIMS } from '$core/startline';
import { timesOf, loadClub } from '../repositories/club-context';
import { answerMorning } from '../commands/answer-morning';
import { closeSession } from '../commands/close-session';
import { noteComplaint, referComplaint } from '../commands/complaints';
import { decide } from '../commands/decide';
import { keepAppearances } from '../commands/own-days';
import { keepCard } from '../commands/keep-card';
import { refoldTracks } from '../commands/refold';
import { askedOf, makeBrief } from '../reads/make-brief';
import { loadSquadDay } from '../reads/squad-day';
import { addFacts } from '../commands/facts';
import { keepSideDone } from '../commands/sides';
import { ownSides, sideWeek } from '../reads/sides';
import { readWaiting } from '../reads/waiting';
import { loadSides } from '../repositories/sides';
import { lastSessions } from '../commands/apply-by-rule';
import { loadSessionHeads } from '../repositories/session-heads';
import { loadSquadAthletes, loadSquadsAthletes } from '../repositories/athletes';
import { demoResults } from './demo-results';

const HISTORY_DAYS = 21;

/**
 * Loads the demo club into an empty database: people, squads, tests, events, and three weeks of history made by the
 * same services that a coach's taps go through. The content follows from seed and day; ids are new each time.
 * @returns false when there is already a club
 */
export async function loadDemo(day: Day, seed: number): Promise<boolean> {
  const db = authDatabase();
  const clubs = await db.select({ id: organization.id }).from(organization).limit(2);
  const coach = await personOf(DEMO_CLUB.coach, COACH_EMAIL, clubs.length === 0);
  if (!coach) return false;
  const own = await db.select({ id: member.organizationId }).from(member).where(eq(member.userId, coach.id)).limit(1);
  const clubId = own[0]?.id ?? (await foundOrganization(coach.id, DEMO_CLUB.name));
  // who signs in comes first, the club whole and last: a load that was cut off goes on from here
  const there = await withClub(clubId, (tx) => tx.select({ id: club.clubId }).from(club));
  if (there.length > 0) return false;
  const people = [coach];
  for (const [name, email, role] of [
    [DEMO_CLUB.assistant, 'assistant@jaleo.example', 'assistant'],
    [DEMO_CLUB.physio, 'physio@jaleo.example', 'physio-read'],
    [DEMO_CLUB.athlete, 'athlete@jaleo.example', 'athlete'],
  ] as const) {
    const person = await personOf(name, email, true);
    if (!person) throw new Error(`loadDemo: ${email} could not be signed up`);
    people.push(person);
    const [known] = await db.select({ id: member.id }).from(member).where(eq(member.userId, person.id)).limit(1);
    if (!known) await db.insert(member).values({ id: v7(), organizationId: clubId, userId: person.id, role });
  }
  await withClub(clubId, async (tx) => {
    await writeClub(tx, clubId, { name: DEMO_CLUB.name, zone: DEMO_CLUB.zone }, people);
    await writeDemo(tx, { clubId, coachId: coach.id, day, seed });
  });
  return true;
}

const COACH_EMAIL = 'coach@jaleo.example';

/** All of the club that the demo shows, in the transaction it is given. */
async function writeDemo(
  tx: Tx,
  { clubId, coachId, day, seed }: { clubId: string; coachId: string; day: Day; seed: number },
): Promise<void> {
  const random = seeded(seed);
  const squads = await writeRoster(tx, clubId, day, random);
  for (let past = addDays(day, -HISTORY_DAYS); past <= day; past = addDays(past, 1)) {
    await answerMornings(tx, clubId, coachId, past, day, random);
    if (past < day) for (const squadId of squads) await train(tx, squadId, coachId, past, random);
  }
  await writeComplaints(tx, clubId, coachId, day);
  await writeNotes(tx, clubId, day);
  await writePlayed(tx, coachId, day);
  await writeBeside(tx, coachId, squads[0] ?? '', day, seeded(seed + 1));
}

/** A person of the demo who can sign in: the one a load that was cut off made, else a new one. @param make false = only if there */
async function personOf(name: string, email: string, make: boolean): Promise<{ id: string; name: string } | null> {
  const [known] = await authDatabase().select({ id: user.id }).from(user).where(eq(user.email, email)).limit(1);
  if (known) return { id: known.id, name };
  if (!make) return null;
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
    if (demo.season)
      await tx.insert(season).values({
        clubId,
        squadId,
        start: addDays(monday, demo.season.fromWeek * 7),
        end: addDays(monday, (demo.season.fromWeek + demo.season.weeks) * 7 - 1),
        plannedFrom: addDays(monday, demo.season.fromWeek * 7),
        closures: demo.season.closed.map(({ name, fromWeek, weeks }) => ({
          id: v7(),
          name,
          from: addDays(monday, fromWeek * 7),
          to: addDays(monday, (fromWeek + weeks) * 7 - 1),
          kind: 'closed' as const,
        })),
        practices: demo.season.practices.map((practice) => ({ id: v7(), ...practice, except: [] })),
      });
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

/** What the first squad does beside its sessions, and mostly did in the last two weeks. */
async function writeBeside(tx: Tx, coachId: string, squadId: string, day: Day, random: () => number): Promise<void> {
  const since = addDays(day, -BESIDE_DAYS);
  const given = { programme: 'foot-ankle', athleteId: null, on: true };
  const { clubId } = await loadClub(tx, day);
  await addFacts(tx, clubId, [
    { id: v7(), kind: 'side-given', day: since, actor: coachId, squadId, athleteId: null, body: given },
  ]);
  for (let past = since; past < day; past = addDays(past, 1)) {
    const rows = await loadSquadDay(tx, squadId, past, null);
    const programme = rows?.club.method.sides[given.programme];
    if (!rows || !programme || !isSideDay(programme, past, sideWeek([rows.squad]))) continue;
    const sides = await loadSides(tx, [squadId], null, past);
    for (const row of rows.athletes) {
      if (random() > 0.7) continue;
      const own = ownSides(rows, row, sides).find(({ due }) => due);
      const of = own && { club: { ...rows.club, today: past }, athleteId: row.id, own };
      if (of) await keepSideDone(tx, of, v7(), true, `athlete:${row.id}`);
    }
  }
}
const BESIDE_DAYS = 14;

/** How hard sessions of the demo were, by weekday. */
const EFFORTS = [5, 7, 6];

/** A gym day of the past: the card is made, everyone who came does it, mostly as written, and the coach closes it. */
async function train(tx: Tx, squadId: string, coachId: string, day: Day, random: () => number): Promise<void> {
  const rows = await loadSquadDay(tx, squadId, day, null);
  const gym = rows && gymTimeOn(day, timesOf(rows.squad));
  if (!gym) return;
  const { club } = rows;
  const brief = makeBrief(rows, askedOf(rows, gym.minutes));
  const solved = solveCard(brief, club.library, club.method);
  // the school rests, or the day is an event's: nothing is done
  if (!solved.ok) return;
  const { card, view } = solved.value;
  const id = v7();
  // a card of the past is the loader's own: nobody keeps one afterwards
  const kept = await keepCard(tx, coachId, id, newCardBody(card, { squadId, day }), day);
  if (!kept.ok) throw new Error(`train: ${JSON.stringify(kept.issues)}`);
  const logs: (typeof setLog.$inferInsert)[] = [];
  const present: string[] = [];
  for (const person of rows.athletes) {
    if (random() < 0.06) continue;
    present.push(person.id);
    for (const own of view) {
      const { slot, exerciseId, row, dose, based, eased } = own;
      // nobody ticks a warm-up drill by drill
      if (own.athleteId !== person.id || exerciseId === null || !club.method.doses[row].progresses) continue;
      for (let setNumber = 1; setNumber <= dose.sets; setNumber++) {
        const off = random() < 0.03;
        logs.push({
          clubId: club.clubId,
          id: v7(),
          sessionId: id,
          athleteId: person.id,
          slot,
          setNumber,
          day,
          exerciseId,
          row,
          written: dose,
          based,
          eased,
          amount: off && dose.unit === 'reps' ? Math.max(1, dose.amount - 1) : dose.amount,
          loadKg: dose.loadKg ?? foundLoad(exerciseId, person.bodyMassKg ?? 70, club.library),
          rir: dose.rir,
          fault: null,
          asWritten: !off,
          actor: coachId,
          doneAt: new Date(`${day}T${gym.start}:00Z`),
        });
      }
    }
  }
  for (let i = 0; i < logs.length; i += 500) await tx.insert(setLog).values(logs.slice(i, i + 500));
  for (const athleteId of present)
    await refoldTracks(tx, club.clubId, athleteId, [
      ...new Set(logs.filter((log) => log.athleteId === athleteId).map(({ exerciseId }) => exerciseId)),
    ]);
  await closeSession(tx, coachId, id, {
    id: v7(),
    minutes: gym.minutes,
    rpe: EFFORTS[weekdayOf(day) % EFFORTS.length] ?? null,
    present,
    notDone: [],
  });
}

/** Of body mass, what somebody carefully squats for some reps without a test behind it. */
const CAREFUL_SQUAT = 0.7;

/** What somebody picks up where no load was known: a light bell, or a bar by body mass and how strong the lift is. */
function foundLoad(exerciseId: string, massKg: number, library: Library): number | null {
  const load = library.exercises.get(exerciseId)?.load;
  if (load?.kind === 'dumbbell' || load?.kind === 'kettlebell') return massKg > 70 ? 16 : 12;
  if (load?.kind !== 'barbell') return null;
  const kg = massKg * CAREFUL_SQUAT * (load.oneRepMax?.ratio ?? 0.5);
  return Math.max(20, Math.floor(kg / 2.5) * 2.5);
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
  const context = { ...(await loadClub(tx, day)), today: day };
  for (const person of trained.sort((a, b) => (a.name < b.name ? -1 : 1))) {
    const luck = random();
    if (luck < (day === today ? 0.2 : 0.1)) continue;
    const tight = luck > 0.93;
    await answerMorning(
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
  if (day === today || trained.length === 0) return;
  const squads = await loadSquadsAthletes(
    tx,
    context.squads.map(({ id }) => id),
    day,
  );
  const all = [...squads.values()].flat();
  const sessionOf = await loadSessionHeads(tx, [
    ...new Set(all.flatMap(({ tracks }) => lastSessions(tracks.map(({ state }) => state)))),
  ]);
  const { waiting } = readWaiting(context, squads, sessionOf);
  const items = waiting.map(({ athlete: who, track, change }) => ({
    athleteId: who.id,
    exerciseId: track.exerciseId,
    row: track.row,
    to: change.to,
  }));
  if (items.length > 0) await decide(tx, context, { id: v7(), decision: 'accepted', items }, coachId);
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

/** The last match of each squad: most played most of it, a few came on late, one was left out. */
async function writePlayed(tx: Tx, coachId: string, day: Day): Promise<void> {
  const club = { ...(await loadClub(tx, day)), today: day };
  for (const one of club.squads) {
    const last = one.events.filter((match) => match.day < day && match.kind !== 'friendly').at(-1);
    if (!last) continue;
    const members = await loadSquadAthletes(tx, one.id, day);
    const played = members.map(({ id: athleteId }, i) => {
      if (i % 9 === 4) return { athleteId, selected: false, minutes: null, rpe: null };
      const late = i % 5 === 3;
      return { athleteId, selected: true, minutes: late ? 14 : 35 + ((i * 7) % 25), rpe: late ? 5 : 7 + (i % 2) };
    });
    await keepAppearances(tx, club, one, last.id, { played, members }, coachId);
  }
}

async function writeComplaints(tx: Tx, clubId: string, coachId: string, day: Day): Promise<void> {
  for (const { athlete: name, place, side, score, daysAgo, referred } of DEMO_COMPLAINTS) {
    const [found] = await tx.select({ id: athlete.id }).from(athlete).where(eq(athlete.name, name));
    if (!found) continue;
    const club = { ...(await loadClub(tx, day)), today: addDays(day, -daysAgo) };
    await noteComplaint(tx, club, found.id, v7(), { place, side, score, signs: [], since: club.today }, coachId);
    const [row] = await tx.select().from(complaint).where(eq(complaint.athleteId, found.id));
    if (referred && row) await referComplaint(tx, club, v7(), row.id, coachId);
  }
}
