import { eq } from 'drizzle-orm';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { addDays } from '$core/calendar';
import type { Result } from '$core/result';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { closeAuth } from '../../src/lib/server/auth/auth';
import {
  addClosure,
  addPractice,
  changeEvent,
  removePart,
  setSeason,
  takeFixtures,
} from '../../src/lib/server/commands/season';
import { closeDatabase, withClub, type Tx } from '../../src/lib/server/db/client';
import { event, season, seasonWeek } from '../../src/lib/server/db/schema';
import { endCalendarLink, makeCalendarLink, withCalendarLink } from '../../src/lib/server/commands/calendar-link';
import { athleteCalendar, calendarOf, plannedSquad } from '../../src/lib/server/feeds/season-calendar';
import { seasonFile } from '../../src/lib/server/feeds/season-file';
import { readSeasonFile } from '../../src/lib/server/files/read-season';
import { addOwnDays } from '../../src/lib/server/commands/own-days';
import { seasonFileSchema } from '../../src/lib/model/season-file';
import { seasonTable } from '../../src/lib/server/feeds/season-table';
import { copySeason, nextSeason, seasonFromFile } from '../../src/lib/server/commands/copy-season';
import { putBlockLength, putPhase, putSession } from '../../src/lib/server/commands/season-changes';
import { asStep, moveSteps } from '../../src/lib/server/commands/season-step';
import { makeSquad, setGymDays } from '../../src/lib/server/commands/squads';
import { loadSquadDay } from '../../src/lib/server/reads/squad-day';
import { planOf } from '../../src/lib/server/reads/squad-plan';
import { roleOn } from '../../src/lib/server/reads/squad-role';
import { readSeason } from '../../src/lib/server/reads/season';
import { loadSquadAthletes } from '../../src/lib/server/repositories/athletes';
import { loadFollowed, loadSteps } from '../../src/lib/server/repositories/season';
import { loadClub, type ClubContext, type SquadRow } from '../../src/lib/server/repositories/club-context';
import { GYM_DAYS, makeClub, type TestClub } from './club';

let one: TestClub;
beforeAll(async () => {
  one = await makeClub();
});
afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

const onSquad = <T>(work: (tx: Tx, club: ClubContext, squad: SquadRow) => Promise<T>): Promise<T> =>
  withClub(one.clubId, async (tx) => {
    const club = await loadClub(tx);
    return work(
      tx,
      club,
      club.squads.find(({ id }) => id === one.squadId)!,
    );
  });
const page = (week: number | null = null) =>
  onSquad(async (tx, club, squad) =>
    readSeason(
      club,
      squad,
      await loadSquadAthletes(tx, squad.id, club.today),
      { followed: await loadFollowed(tx, squad.id), steps: await loadSteps(tx, squad.id, 9) },
      week,
      true,
    ),
  );
const DATES = { start: '2026-07-06', end: '2027-05-09', sessionsAWeek: null };
const set = (over: Partial<typeof DATES> = {}) =>
  onSquad((tx, club, squad) => setSeason(tx, club, squad, { ...DATES, ...over }, 'coach'));

it('is proposed, set, and refused where it makes no sense', async () => {
  expect(await page()).toMatchObject({ season: null, weeks: [] });
  expect(
    await onSquad((tx, club, squad) =>
      addPractice(
        tx,
        club,
        squad,
        { id: 'p', weekday: 1, start: '19:00', minutes: 60, hardness: 5, jumps: 0, except: [] },
        'coach',
      ),
    ),
  ).toMatchObject({ issues: [{ code: 'no_season' }] });
  expect(await set({ end: '2026-01-01' })).toMatchObject({ issues: [{ code: 'season_ends_before_start' }] });
  expect(await set({ end: '2029-01-01' })).toMatchObject({ issues: [{ code: 'season_too_long' }] });
  expect(await set()).toMatchObject({ ok: true });
  expect(await set({ end: '2027-05-02' })).toMatchObject({ ok: true });
  expect((await page()).weeks).toHaveLength(43);
});

const MATCHES = [
  { uid: 'a', day: '2026-10-03', name: 'Puerto Lobo', kind: 'league' as const },
  { uid: 'b', day: '2026-10-10', name: 'Vallesur', kind: 'league' as const },
  { uid: 'c', day: '2027-04-24', name: 'Final', kind: 'final' as const },
];
const take = (id: string, fixtures: readonly (typeof MATCHES)[number][], cancelled: readonly string[] = []) =>
  onSquad((tx, club, squad) => takeFixtures(tx, club, squad, id, { fixtures, cancelled }, 'coach'));

it('lays itself anew from fixtures, which are moved and called off by their names', async () => {
  expect(await take('0197a000-0000-7000-8000-000000000001', MATCHES)).toMatchObject({
    value: { added: 3, moved: 0, same: 0, removed: 0 },
  });
  const before = await page();
  expect(before.weeks.find(({ phase }) => phase === 'in-season')?.start).toBe('2026-09-28');
  expect(before.weeks.filter(({ peak }) => peak).map(({ start }) => start)).toEqual(['2027-04-12', '2027-04-19']);
  const moved = MATCHES.map((match) => (match.uid === 'a' ? { ...match, day: '2026-10-17' } : match));
  expect(await take('0197a000-0000-7000-8000-000000000002', moved, ['c'])).toMatchObject({
    value: { added: 0, moved: 1, same: 2, removed: 1 },
  });
  const after = await page();
  expect(after.weeks.find(({ phase }) => phase === 'in-season')?.start).toBe('2026-10-05');
  expect(after.weeks.some(({ peak }) => peak)).toBe(false);
});

it('shows days off and practices in their week, and takes them out again', async () => {
  const closure = { id: 'x', name: 'New year', from: '2026-12-21', to: '2027-01-03', kind: 'closed' as const };
  expect(
    await onSquad((tx, club, squad) => addClosure(tx, club, squad, { ...closure, to: '2026-12-01' }, 'coach')),
  ).toMatchObject({ issues: [{ code: 'closure_ends_before_start' }] });
  await onSquad((tx, club, squad) => addClosure(tx, club, squad, closure, 'coach'));
  await onSquad((tx, club, squad) =>
    addPractice(
      tx,
      club,
      squad,
      { id: 'p', weekday: 3, start: '19:00', minutes: 90, hardness: 8, jumps: 80, except: [] },
      'coach',
    ),
  );
  const shown = await page(25);
  expect(shown.weeks.filter(({ closed }) => closed).map(({ number }) => number)).toEqual([25, 26]);
  expect(shown.shown?.days[2]).toMatchObject({
    allows: 'New year',
    practices: [{ start: '19:00', hardness: 8 }],
    session: null,
  });
  await onSquad((tx, club, squad) => removePart(tx, club, squad, 'x', 'coach'));
  expect((await page(25)).weeks.some(({ closed }) => closed)).toBe(false);
});

it('changes an event of its own squad only', async () => {
  const [first] = await withClub(one.clubId, (tx) => tx.select().from(event).where(eq(event.uid, 'b')));
  const change = (id: string) =>
    onSquad((tx, club, squad) =>
      changeEvent(tx, club, squad, id, { day: '2026-11-07', peak: true, kind: 'cup' }, 'coach'),
    );
  expect(await change(first!.id)).toMatchObject({ ok: true });
  expect((await page()).events.find(({ id }) => id === first!.id)).toMatchObject({
    day: '2026-11-07',
    peak: true,
    kind: 'cup',
  });
  expect(await change(crypto.randomUUID())).toMatchObject({ issues: [{ code: 'event_gone' }] });
});

/** A form of the Season as its command: what it moves can be taken back. */
const step = <T>(verb: string, work: (tx: Tx, club: ClubContext, squad: SquadRow) => Promise<Result<T>>) =>
  onSquad((tx, club, squad) => asStep(tx, { club, squad, actor: 'coach', verb }, () => work(tx, club, squad)));
const steps = (verb: 'undo' | 'redo') =>
  onSquad((tx, club, squad) => moveSteps(tx, { club, squad, actor: 'coach', verb }));
const sessionsOf = async (week: number) =>
  (await page(week)).shown?.days.flatMap(({ day, session }) => (session ? [`${day} ${session.role ?? '-'}`] : []));

it('takes a step back and puts it back, tells what moved, and loses nobody else’s change', async () => {
  const now = (await page()).now!;
  const monday = (await page()).weeks[now - 1]!.start;
  const next = addDays(monday, 7);
  const usual = await sessionsOf(now + 1);
  const [from] = usual!.map((words) => words.slice(0, 10));
  const to = [1, 2, 3, 4, 5, 6, 7]
    .map((ahead) => addDays(next, ahead - 1))
    .find((day) => !usual!.some((one) => one.startsWith(day)))!;
  expect(
    await step('move-session', (tx, club, squad) =>
      putSession(tx, club, squad, { from: from!, to, start: null }, 'coach'),
    ),
  ).toMatchObject({ ok: true });
  const moved = await sessionsOf(now + 1);
  expect(moved).not.toEqual(usual);
  const told = await page(now + 1);
  expect(told.step).toMatchObject({ words: 'a session moved', who: expect.any(String) });
  expect(told.step!.moved.length).toBeGreaterThan(0);
  expect(await steps('undo')).toMatchObject({ ok: true });
  expect(await sessionsOf(now + 1)).toEqual(usual);
  expect((await page()).redo).toBe('a session moved');
  expect(await steps('redo')).toMatchObject({ ok: true });
  expect(await sessionsOf(now + 1)).toEqual(moved);
  // past somebody’s change that left no step nothing is taken back
  await onSquad((tx, club, squad) => removePart(tx, club, squad, 'p', 'another'));
  expect(await steps('undo')).toMatchObject({ issues: [{ code: 'season_changed' }] });
  expect(await sessionsOf(now + 1)).toEqual(moved);
});

it('keeps every event that a step did not touch, those before the season too', async () => {
  const early = { id: crypto.randomUUID(), day: '2020-01-04', name: 'Long ago', kind: 'league' as const };
  await onSquad((tx, club, squad) => tx.insert(event).values({ clubId: club.clubId, squadId: squad.id, ...early }));
  await step('season', (tx, club, squad) => setSeason(tx, club, squad, { ...DATES, end: '2027-04-25' }, 'coach'));
  expect(await steps('undo')).toMatchObject({ ok: true });
  const there = await withClub(one.clubId, (tx) => tx.select().from(event).where(eq(event.id, early.id)));
  expect(there).toHaveLength(1);
});

it('lays anew forward only: weeks that were followed stay as they were planned', async () => {
  // the season was first set ten weeks ago
  await onSquad(async (tx, club) => {
    await tx.update(season).set({ plannedFrom: addDays(club.today, -70) });
    await tx.delete(seasonWeek);
  });
  const { now, weeks } = await page();
  const behind = async () => {
    const all = [];
    for (let week = now! - 9; week < now!; week++) all.push(await sessionsOf(week));
    return all;
  };
  const before = await behind();
  // a hall that was closed the whole autumn, told afterwards, and other gym days
  const closure = {
    id: 'late',
    name: 'Hall',
    from: weeks[now! - 8]!.start,
    to: addDays(weeks[now!]!.start, 6),
    kind: 'closed' as const,
  };
  await step('closure', (tx, club, squad) => addClosure(tx, club, squad, closure, 'coach'));
  await step('gym-days', (tx, club, squad) =>
    setGymDays(tx, club, squad, [{ weekday: 5, start: '07:00', minutes: 45 }], 'coach'),
  );
  expect(await behind()).toEqual(before);
  expect(await sessionsOf(now! + 1)).toEqual([]);
  expect(await sessionsOf(now! + 2)).toEqual([expect.stringMatching(/ whole$/)]);
  // and the card of such a week is made for the role it had
  const role = await onSquad(async (tx, club, squad) => {
    const day = before[0]![0]!.slice(0, 10);
    const rows = (await loadSquadDay(tx, squad.id, day, null))!;
    return roleOn({ ...rows, session: null }, planOf(rows));
  });
  expect(before[0]![0]).toContain(role?.role ?? 'no role');
});

it('gives weeks a phase, a block its length, copies nothing over a season, and refuses a day that is over', async () => {
  const { now, weeks } = await page();
  const from = weeks[now! + 2]!.start;
  await step('set-phase', (tx, club, squad) =>
    putPhase(tx, club, squad, { from, to: from, phase: 'transition' }, 'coach'),
  );
  expect((await page()).weeks[now! + 2]).toMatchObject({ phase: 'transition', set: true });
  await step('set-phase', (tx, club, squad) => putPhase(tx, club, squad, { from, to: from, phase: null }, 'coach'));
  expect((await page()).weeks[now! + 2]?.set).toBe(false);
  const first = (await page()).weeks.find(
    ({ week, number, kind }) => week === 1 && number > now! && kind === 'loading',
  )!;
  await step('set-block', (tx, club, squad) =>
    putBlockLength(tx, club, squad, { from: first.start, weeks: 2 }, 'coach'),
  );
  expect((await page()).weeks[first.number - 1]?.of).toBe(2);
  expect(
    await step('move-session', (tx, club, squad) =>
      putSession(tx, club, squad, { from: addDays(club.today, -1), to: club.today, start: null }, 'coach'),
    ),
  ).toMatchObject({ issues: [{ code: 'day_is_over' }] });
  const other = await onSquad(async (tx, club) => {
    const id = crypto.randomUUID();
    const place = club.facilities[0]!.id;
    await makeSquad(
      tx,
      club,
      id,
      { name: 'Second', sportId: 'ultimate', place: { id: place }, gymDays: GYM_DAYS },
      'coach',
    );
    return id;
  });
  const copy = () =>
    withClub(one.clubId, async (tx) => {
      const club = await loadClub(tx);
      const find = (id: string) => club.squads.find((squad) => squad.id === id)!;
      const id = '0197a000-0000-7000-8000-000000000009';
      const asked = { from: find(one.squadId), start: '2027-07-05', events: true };
      return copySeason(tx, club, find(other), id, asked, 'coach');
    });
  expect(await copy()).toMatchObject({ ok: true });
  expect(await copy()).toMatchObject({ issues: [{ code: 'season_there' }] });
  const copied = await withClub(one.clubId, (tx) => tx.select().from(event).where(eq(event.squadId, other)));
  // 52 weeks later, on the same weekdays
  expect(copied.map(({ day }) => day).sort()).toEqual(['2027-10-16', '2027-11-06']);
});

it('is read from outside by a secret address, as it stands, until the address is ended', async () => {
  const made = await onSquad((tx, club, squad) => makeCalendarLink(tx, club, squad, 'coach'));
  const token = /^\/calendar\/(.*)\.ics$/.exec(made)![1]!;
  const read = (of: string) => withCalendarLink(of, calendarOf);
  expect(await read(token)).toContain('Vallesur');
  expect(await read(token.slice(0, -1) + (token.endsWith('A') ? 'B' : 'A'))).toBeNull();
  expect(await read(`${crypto.randomUUID()}${token.slice(36)}`)).toBeNull();
  // a new one ends the one before
  const other = await onSquad((tx, club, squad) => makeCalendarLink(tx, club, squad, 'coach'));
  expect(await read(token)).toBeNull();
  await onSquad((tx, club, squad) => endCalendarLink(tx, club, squad, 'coach'));
  expect(await read(/^\/calendar\/(.*)\.ics$/.exec(other)![1]!)).toBeNull();
});

it('is a file that lays the same season for another squad, and says at which part it cannot be read', async () => {
  const of = await onSquad((tx, _club, squad) => plannedSquad(tx, squad.id));
  const file = seasonFile(of!.club, of!.squad, of!.plan)!;
  expect(seasonFileSchema.safeParse(file).error).toBeUndefined();
  expect(file.weeks).toHaveLength(of!.plan!.weeks.length);
  const read = readSeasonFile(JSON.stringify(file));
  if (typeof read === 'string') throw new Error(read);
  const third = await onSquad(async (tx, club) => {
    const id = crypto.randomUUID();
    await makeSquad(
      tx,
      club,
      id,
      { name: 'Third', sportId: 'ultimate', place: { id: club.facilities[0]!.id }, gymDays: GYM_DAYS },
      'coach',
    );
    return id;
  });
  const take = (what: typeof read) =>
    withClub(one.clubId, async (tx) => {
      const club = await loadClub(tx);
      const squad = club.squads.find(({ id }) => id === third)!;
      return seasonFromFile(tx, club, squad, crypto.randomUUID(), what, 'coach');
    });
  const backwards = { ...read, season: { ...read.season, end: '2026-01-01' } };
  expect(await take(backwards)).toMatchObject({ issues: [{ code: 'season_ends_before_start' }] });
  expect(await take(read)).toMatchObject({ ok: true });
  expect(await take(read)).toMatchObject({ issues: [{ code: 'season_there' }] });
  const again = await withClub(one.clubId, (tx) => plannedSquad(tx, third));
  const back = seasonFile(again!.club, again!.squad, again!.plan)!;
  const sorted = (events: typeof file.events) => [...events].sort((a, b) => (a.day < b.day ? -1 : 1));
  expect([back.season, back.closures, back.practices]).toEqual([file.season, file.closures, file.practices]);
  expect(sorted(back.events)).toEqual(sorted(file.events));
  expect(readSeasonFile('{')).toBe('This is no JSON file.');
  expect(readSeasonFile('{"format":"other"}')).toContain('no season file');
  const bad = { ...file, events: [{ ...file.events[0], day: '2026-02-30' }] };
  expect(readSeasonFile(JSON.stringify(bad))).toContain('events › 0 › day');
});

it('becomes the next one in its last weeks, its dates moved to the fixtures that are known', async () => {
  const next = () =>
    step('next-season', (tx, club, squad) => nextSeason(tx, club, squad, crypto.randomUUID(), 'coach'));
  expect(await next()).toMatchObject({ issues: [{ code: 'season_runs' }] });
  const before = await page();
  const today = process.env.JALEO_TODAY;
  process.env.JALEO_TODAY = addDays(before.season!.end, -14);
  const firstMatch = before.events.find(({ kind }) => kind !== 'friendly')!.day;
  const id = crypto.randomUUID();
  await onSquad((tx, club, squad) =>
    tx.insert(event).values({
      clubId: club.clubId,
      id,
      squadId: squad.id,
      day: addDays(firstMatch, 371),
      name: 'Opening',
      kind: 'league',
    }),
  );
  expect(await next()).toMatchObject({ ok: true });
  const after = await page();
  // 53 weeks, as the fixture says; what was of this year stays behind
  expect(after.season?.start).toBe(addDays(before.season!.start, 371));
  expect(after.events.map(({ name }) => name)).toEqual(['Opening']);
  expect(after.season?.practices.length).toBe(before.season?.practices.length);
  await steps('undo');
  expect((await page()).season?.start).toBe(before.season?.start);
  await onSquad((tx) => tx.delete(event).where(eq(event.id, id)));
  if (today === undefined) delete process.env.JALEO_TODAY;
  else process.env.JALEO_TODAY = today;
});

it('an athlete’s own calendar leaves out what they are not there for', async () => {
  const athleteId = one.athletes[0]!;
  const read = async () =>
    new ICAL.Component(ICAL.parse((await withClub(one.clubId, (tx) => athleteCalendar(tx, athleteId)))!) as unknown[]);
  const names = (of: ICAL.Component) =>
    of.getAllSubcomponents('vevent').map((one) => String(one.getFirstPropertyValue('summary')));
  const whole = names(await read());
  expect(whole.some((name) => name.includes('Vallesur'))).toBe(true);
  const squadOf = new ICAL.Component(
    ICAL.parse((await withClub(one.clubId, (tx) => calendarOf(tx, one.squadId)))!) as unknown[],
  );
  expect(names(squadOf).sort()).toEqual([...whole].sort());
  await onSquad(async (tx, club, squad) => {
    const row = (await loadSquadAthletes(tx, squad.id, club.today)).find(({ id }) => id === athleteId)!;
    const camp = { kind: 'away' as const, name: 'Camp', from: club.today, to: addDays(club.today, 20) };
    await addOwnDays(tx, club, row, crypto.randomUUID(), camp, 'coach');
  });
  const less = names(await read());
  expect(less).toContain('Camp');
  expect(less.length - 1).toBeLessThan(whole.length);
  expect(await withClub(one.clubId, (tx) => athleteCalendar(tx, crypto.randomUUID()))).toBeNull();
});

it('a week says whose week is another one, and how', async () => {
  const { weeks, today } = await page();
  const ahead = weeks.find(({ start, lifts }) => start > today && lifts > 0)!.number;
  const { shown } = await page(ahead);
  const session = shown!.days.find((day) => day.session?.role)!;
  const [away, called] = [one.athletes[0]!, one.athletes[1]!];
  await onSquad(async (tx, club, squad) => {
    const row = (await loadSquadAthletes(tx, squad.id, club.today)).find(({ id }) => id === called)!;
    const cup = { kind: 'event' as const, name: 'Cup', from: session.day, to: session.day };
    await addOwnDays(tx, club, row, crypto.randomUUID(), cup, 'coach');
  });
  // in their camp of the test before
  const apart = (await page(ahead)).shown!.apart;
  expect(apart.find(({ athleteId }) => athleteId === away)?.words.join()).toBe('away');
  expect(apart.find(({ athleteId }) => athleteId === called)?.words).toContain(
    `${session.words} plays elsewhere today, nothing of this card`,
  );
  expect(apart.map(({ athleteId }) => athleteId)).not.toContain(one.athletes[2]);
  // weeks on, nothing of it is left
  expect((await page(ahead + 6)).shown!.apart.flatMap(({ words }) => words).join()).not.toMatch(/away|elsewhere/);
});

it('is a table of its days', async () => {
  const of = await onSquad((tx, _club, squad) => plannedSquad(tx, squad.id));
  const rows = Papa.parse<Record<string, string>>(seasonTable(of!.club, of!.squad, of!.plan), { header: true });
  expect(rows.errors).toEqual([]);
  expect(rows.data.find(({ event }) => event === 'Vallesur')).toMatchObject({
    tag: 'MD',
    event_kind: 'cup',
    session: '',
  });
  expect(
    rows.data.filter(({ session }) => session === 'lift').every(({ mains }) => /^(knee|hip) \d/.test(mains!)),
  ).toBe(true);
});
