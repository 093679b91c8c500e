import { eq } from 'drizzle-orm';
import { afterAll, expect, it } from 'vitest';
import type { Day } from '$core/calendar';
import { isMainSlot } from '$core/session';
import { LIBRARY } from '$catalog';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { squad } from '../../src/lib/server/db/schema';
import { DAY, GYM_DAYS, makeClub, type TestClub } from './club';
import { askedOf, makeBrief } from '../../src/lib/server/reads/make-brief';
import { dayOf, makeCard, onDay, session, type CardAsked } from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

const asking = (kind: string | null): CardAsked =>
  kind === null ? {} : { brief: (brief) => ({ ...brief, shape: { ...brief.shape, kind } }) };

/** The cards of days in turn: what each is for, and the families of its main lifts. */
async function cardsOn(club: TestClub, days: readonly Day[], kind: string | null = null) {
  const found: { role: string | null; mains: string[] }[] = [];
  for (const day of days) {
    onDay(day);
    const { role, lines } = await session(club, await makeCard(club, day, asking(kind)));
    const mains = lines
      .filter(({ slot }) => isMainSlot(slot))
      .map(({ exerciseId }) => LIBRARY.exercises.get(exerciseId)!.family);
    found.push({ role, mains });
  }
  return found;
}
const gymDays = (club: TestClub, days: typeof GYM_DAYS) =>
  withClub(club.clubId, (tx) => tx.update(squad).set({ gymDays: days }).where(eq(squad.id, club.squadId)));

it('a squad that trains on other days than its gym days squats and hinges all the same', async () => {
  const club = await makeClub(6);
  await gymDays(club, GYM_DAYS);
  // gym days are Tuesday and Thursday; it comes on Mondays and Wednesdays
  const cards = await cardsOn(club, ['2026-11-23', '2026-11-25', '2026-11-30', '2026-12-02', '2026-12-07']);
  expect(cards.map(({ role }) => role)).toEqual(['B', 'A', 'B', 'A', 'B']);
  expect(cards.map(({ mains }) => mains[0])).toEqual(['hinge', 'squat', 'hinge', 'squat', 'hinge']);
});

it('a third day beside the two is the light one, and a card asked for by name is none of them', async () => {
  const club = await makeClub(6);
  await gymDays(club, GYM_DAYS);
  const cards = await cardsOn(club, ['2026-11-24', '2026-11-26']);
  await cardsOn(club, ['2026-11-27'], 'jumps');
  cards.push(...(await cardsOn(club, ['2026-11-28'])));
  expect(cards.map(({ role }) => role)).toEqual(['A', 'B', 'C']);
});

it('a squad without gym days has a whole session first, and both sides of the leg in a week', async () => {
  const club = await makeClub(6);
  await gymDays(club, []);
  const cards = await cardsOn(club, ['2026-11-23', '2026-11-26', '2026-11-30', '2026-12-03']);
  expect(cards.map(({ role }) => role)).toEqual(['whole', 'A', 'whole', 'A']);
  for (const at of [0, 2])
    expect(new Set([...cards[at]!.mains, ...cards[at + 1]!.mains])).toEqual(new Set(['squat', 'hinge']));
});

it('a week is looked at as one without a season too, and on a day beside it (WEEK-9)', async () => {
  const club = await makeClub(6);
  await gymDays(club, GYM_DAYS);
  const weekOn = async (day: Day) => {
    onDay(day);
    const rows = await dayOf(club, day);
    const { week } = makeBrief(rows, askedOf(rows, 60));
    await makeCard(club, day);
    return week && { ...week, held: new Set(week.held.map(({ exerciseId }) => exerciseId)).size > 0 };
  };
  const open = { nearEvent: false };
  expect(await weekOn('2026-11-24')).toEqual({ ...open, held: false, isLast: false });
  expect(await weekOn('2026-11-26')).toEqual({ ...open, held: true, isLast: true });
  expect(await weekOn('2026-11-28')).toEqual({ ...open, held: true, isLast: true });
  expect(await weekOn('2026-12-01')).toEqual({ ...open, held: false, isLast: false });
});
