import { asc, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { afterAll, beforeEach, expect, it } from 'vitest';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { addOwnDays, keepAppearances, removeOwnDays, type Played } from '../../src/lib/server/commands/own-days';
import { closeDatabase, withClub, type Tx } from '../../src/lib/server/db/client';
import {
  change,
  event,
  gymSession,
  sessionLine,
  squad as squadTable,
  squadAthlete,
} from '../../src/lib/server/db/schema';
import { apartToday } from '../../src/lib/server/reads/apart';
import { readBalance } from '../../src/lib/server/reads/balance';
import { askedOf, makeBrief } from '../../src/lib/server/reads/make-brief';
import { loadSquadAthletes } from '../../src/lib/server/repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '../../src/lib/server/repositories/club-context';
import { DAY, knownGround, makeClub, type TestClub } from './club';
import { dayOf, makeCard, onDay, readOn } from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub(4);
  await knownGround(club, club.athletes);
});

const inClub = <T>(work: (tx: Tx, club: ClubContext, squad: SquadRow) => Promise<T>): Promise<T> =>
  withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    return work(
      tx,
      context,
      context.squads.find(({ id }) => id === club.squadId)!,
    );
  });
const who = (i: number): string => club.athletes[i]!;

async function addDays(i: number, kind: 'event' | 'exams' | 'away', from: string, to = from) {
  const id = v7();
  const done = await inClub(async (tx, context, { id: squadId }) => {
    const row = (await loadSquadAthletes(tx, squadId, DAY)).find((one) => one.id === who(i))!;
    return addOwnDays(tx, context, row, id, { kind, name: 'Camp', from, to }, 'coach');
  });
  return { id, done };
}
const played = async (eventId: string, of: readonly Played[]) =>
  inClub(async (tx, context, squad) =>
    keepAppearances(
      tx,
      context,
      squad,
      eventId,
      { played: of, members: await loadSquadAthletes(tx, squad.id, DAY) },
      'coach',
    ),
  );
async function makeEvent(day: string, squadId = club.squadId): Promise<string> {
  const id = v7();
  await withClub(club.clubId, (tx) =>
    tx.insert(event).values({ clubId: club.clubId, id, squadId, day, name: 'Puerto Lobo', kind: 'league' }),
  );
  return id;
}
/** What each athlete's day is beside the squad's, by number. */
async function apart(day = DAY): Promise<Record<number, string>> {
  const rows = await dayOf(club, day);
  const found = apartToday(makeBrief(rows, askedOf(rows, 60)), rows.club);
  return Object.fromEntries(found.map(({ athleteId, words }) => [club.athletes.indexOf(athleteId), words]));
}
const doneBy = async (i: number) =>
  (await readOn(club, DAY)).view.filter(({ athleteId, exerciseId }) => athleteId === who(i) && exerciseId !== null);

it('who plays with others tomorrow, yesterday or is away has a day of their own on the card as it stands', async () => {
  await makeCard(club);
  const before = (await doneBy(0)).length;
  expect(await apart()).toEqual({});
  await addDays(0, 'event', '2026-11-23');
  await addDays(1, 'event', '2026-11-25');
  await addDays(2, 'exams', DAY, '2026-11-27');
  await addDays(3, 'away', DAY);
  expect(await apart()).toEqual({
    0: 'played elsewhere, recovery',
    1: expect.stringContaining('plays elsewhere') as string,
    2: 'exams, less of everything',
  });
  const { athletes, away } = await dayOf(club, DAY);
  expect([athletes.length, away.map(({ id }) => id)]).toEqual([3, [who(3)]]);
  const recovery = await doneBy(0);
  expect(recovery.length).toBeLessThan(before);
  expect(recovery.every(({ row }) => ['D-PREP', 'D-MOB', 'D-STAB', 'D-TRK', 'D-COOL'].includes(row))).toBe(true);
  expect((await readOn(club, DAY)).view.some(({ athleteId }) => athleteId === who(3))).toBe(false);
});

it('days end before they begin: said; taken out again they bind nobody; both stand in the history', async () => {
  const bad = await addDays(0, 'event', '2026-11-25', '2026-11-24');
  expect(bad.done).toMatchObject({ ok: false, issues: [{ code: 'closure_ends_before_start' }] });
  const { id } = await addDays(0, 'event', '2026-11-25');
  expect(Object.keys(await apart())).toEqual(['0']);
  // somebody else's hand on it does nothing
  await inClub((tx, context) => removeOwnDays(tx, context, { id: who(1) }, id, 'coach'));
  expect(Object.keys(await apart())).toEqual(['0']);
  await inClub((tx, context) => removeOwnDays(tx, context, { id: who(0) }, id, 'coach'));
  expect(await apart()).toEqual({});
  const lines = await withClub(club.clubId, (tx) =>
    tx.select().from(change).where(eq(change.subject, 'own-days')).orderBy(asc(change.at), asc(change.id)),
  );
  expect(lines.map(({ from, to }) => [from === null, to === null])).toEqual([
    [true, false],
    [false, true],
  ]);
});

it('the day after a match those who hardly played, or not at all, are free of it, and load knows minutes and effort', async () => {
  const id = await makeEvent('2026-11-23');
  const full = { athleteId: who(0), selected: true, minutes: 60, rpe: 8 };
  await played(id, [
    full,
    { athleteId: who(1), selected: true, minutes: 12, rpe: 6 },
    { athleteId: who(2), selected: false, minutes: null, rpe: null },
    { athleteId: v7(), selected: false, minutes: null, rpe: null },
  ]);
  expect(await apart()).toEqual({ 1: 'free of the match', 2: 'free of the match' });
  const load = (athlete: string) =>
    inClub(async (tx, context, squad) => {
      const rows = await loadSquadAthletes(tx, squad.id, DAY);
      return (await readBalance(tx, context, squad, rows, athlete)).load;
    });
  // loads are counted from a squad's first card on
  onDay('2026-11-17');
  await makeCard(club, '2026-11-17');
  onDay(DAY);
  const monday = async (i: number) => (await load(who(i))).weeks.find(({ start }) => start === '2026-11-23')?.daily[0];
  expect([await monday(0), await monday(1), await monday(2), await monday(3)]).toEqual([480, 72, 0, null]);
  // an own card is what the athlete's day allows
  const own = await dayOf(club, DAY, who(2));
  expect(makeBrief(own, askedOf(own, 60)).athletes.map(({ id: of }) => of)).toEqual([who(2)]);
  // the same again leaves no second line
  await played(id, [full]);
  const lines = await withClub(club.clubId, (tx) => tx.select().from(change).where(eq(change.subject, 'played')));
  expect(lines).toHaveLength(3);
  expect((await played(v7(), [])).ok).toBe(false);
});

it('an athlete of two squads: the other’s match and the other’s card bear on this one', async () => {
  const other = v7();
  await withClub(club.clubId, async (tx) => {
    await tx.insert(squadTable).values({
      clubId: club.clubId,
      id: other,
      facilityId: club.squadId,
      name: 'Second',
      sportId: 'team-handball',
      phase: 'in-season',
      gymDays: [{ weekday: 2, start: '09:00', minutes: 60 }],
    });
    await tx.insert(squadAthlete).values({ clubId: club.clubId, squadId: other, athleteId: who(0) });
  });
  await makeEvent('2026-11-25', other);
  expect(await apart()).toEqual({ 0: expect.stringContaining('plays elsewhere') as string });
  await withClub(club.clubId, (tx) => tx.delete(event).where(eq(event.squadId, other)));
  expect(await apart()).toEqual({});
  // the morning's card of the other squad
  await makeCard({ ...club, squadId: other });
  const rows = await dayOf(club, DAY);
  const words = (await apart())[0];
  const { calendars } = makeBrief(rows, askedOf(rows, 60));
  expect(calendars[who(0)]?.contactsToday).toBeGreaterThan(0);
  expect(words).toContain('contacts earlier today');
  // and what it trained comes off the week that both share
  const { sharedWeek, stepped } = calendars[who(0)]!;
  expect(sharedWeek?.phases).toEqual(['in-season']);
  expect(sharedWeek!.knee + sharedWeek!.hip).toBeGreaterThan(0);
  expect(words).toMatch(/another squad this week, \d+ knee-led and \d+ hip-led sets left/);
  expect(stepped).toEqual({});
  await withClub(club.clubId, async (tx) => {
    const reasons = [{ code: 'squad_step', rules: ['PROG-16'], facts: { rise: true } }];
    const [card] = await tx.select().from(gymSession).where(eq(gymSession.squadId, other));
    await tx.update(sessionLine).set({ reasons }).where(eq(sessionLine.sessionId, card!.id));
  });
  const rose = await dayOf(club, DAY);
  expect(Object.keys(makeBrief(rose, askedOf(rose, 60)).calendars[who(0)]!.stepped).length).toBeGreaterThan(0);
  // in the other direction nothing: this squad trains in the evening
  const back = await dayOf({ ...club, squadId: other }, DAY);
  expect(makeBrief(back, askedOf(back, 60)).calendars).toEqual({});
});
