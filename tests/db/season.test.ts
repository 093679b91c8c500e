import { eq } from 'drizzle-orm';
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
import { event } from '../../src/lib/server/db/schema';
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
