import { eq } from 'drizzle-orm';
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
import { calendarOf, plannedSquad } from '../../src/lib/server/feeds/season-calendar';
import { seasonTable } from '../../src/lib/server/feeds/season-table';
import { copySeason, putBlockLength, putPhase, putSession } from '../../src/lib/server/commands/season-changes';
import { asStep, moveSteps } from '../../src/lib/server/commands/season-step';
import { makeSquad, setGymDays } from '../../src/lib/server/commands/squads';
import { loadSquadDay } from '../../src/lib/server/reads/squad-day';
import { planOf, roleOn } from '../../src/lib/server/reads/squad-plan';
import { readSeason } from '../../src/lib/server/reads/season';
import { loadSquadAthletes } from '../../src/lib/server/repositories/athletes';
import { loadFollowed, loadSteps } from '../../src/lib/server/repositories/season';
import { loadClub, type ClubContext, type SquadRow } from '../../src/lib/server/repositories/club-context';
import { makeClub, type TestClub } from './club';

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
    ),
  );
const DATES = { start: '2026-07-06', end: '2027-05-09', sessionsAWeek: null };
const set = (seen: number, over: Partial<typeof DATES> = {}) =>
  onSquad((tx, club, squad) => setSeason(tx, club, squad, { seen, ...DATES, ...over }, 'coach'));

it('is proposed, set, and refused where it makes no sense or was changed by somebody else', async () => {
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
  expect(await set(0, { end: '2026-01-01' })).toMatchObject({ issues: [{ code: 'season_ends_before_start' }] });
  expect(await set(0, { end: '2029-01-01' })).toMatchObject({ issues: [{ code: 'season_too_long' }] });
  expect(await set(0)).toMatchObject({ ok: true });
  expect(await set(0)).toMatchObject({ issues: [{ code: 'season_changed' }] });
  expect(await set(1, { end: '2027-05-02' })).toMatchObject({ ok: true });
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
  await step('season', (tx, club, squad) =>
    setSeason(tx, club, squad, { seen: squad.season!.version, ...DATES, end: '2027-04-25' }, 'coach'),
  );
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
    await makeSquad(tx, club, id, { name: 'Second', sportId: 'ultimate', facilityId: place }, 'coach');
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
  const token = made.ok ? /^\/calendar\/(.*)\.ics$/.exec(made.value)![1]! : '';
  const read = (of: string) => withCalendarLink(of, calendarOf);
  expect(await read(token)).toContain('Vallesur');
  expect(await read(token.slice(0, -1) + (token.endsWith('A') ? 'B' : 'A'))).toBeNull();
  expect(await read(`${crypto.randomUUID()}${token.slice(36)}`)).toBeNull();
  // a new one ends the one before
  const other = await onSquad((tx, club, squad) => makeCalendarLink(tx, club, squad, 'coach'));
  expect(await read(token)).toBeNull();
  await onSquad((tx, club, squad) => endCalendarLink(tx, club, squad, 'coach'));
  expect(await read(other.ok ? /^\/calendar\/(.*)\.ics$/.exec(other.value)![1]! : '')).toBeNull();
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
