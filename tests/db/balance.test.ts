import { eq } from 'drizzle-orm';
import { afterAll, beforeEach, describe, expect, it } from 'vitest';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { closeDatabase, withClub } from '../../src/lib/server/db/client';
import { gymSession } from '../../src/lib/server/db/schema';
import { readBalance } from '../../src/lib/server/reads/balance';
import { loadClub } from '../../src/lib/server/repositories/club-context';
import { DAY, makeClub, type TestClub } from './club';
import { close, dayOf, logDay, makeCard, onDay } from './drive';

afterAll(async () => {
  onDay(DAY);
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub(3);
});

const balance = (who: string | null = null) =>
  withClub(club.clubId, async (tx) => {
    const context = await loadClub(tx);
    const squad = context.squads.find(({ id }) => id === club.squadId)!;
    const { athletes } = await dayOf(club, DAY);
    return readBalance(tx, context, squad, athletes, who);
  });

describe('balance and load of a squad', () => {
  it('tells what was done beside what was planned, for the squad and for one', async () => {
    const day = '2026-11-16';
    onDay(day);
    const id = await makeCard(club, day, { minutes: 75 });
    await logDay(club, day, id, (line) => line.athleteId === club.athletes[0]);
    await close(club, id);
    onDay(DAY);
    const found = await balance();
    const at = (days: number) => found.windows.find((one) => one.days === days)!;
    // one did the whole card: the average of those who trained did what was planned
    const compare = (of: ReturnType<typeof at>) =>
      of.done.map(({ id: ratio, sets }, i) => [ratio, Math.round(sets - (of.planned[i]?.sets ?? 0))]);
    expect(at(14).done.some(({ sets }) => sets > 0)).toBe(true);
    expect(compare(at(14)).every(([, difference]) => Math.abs(Number(difference)) <= 2)).toBe(true);
    // eight days ago is not within seven
    expect(at(7).done.every(({ sets, state }) => sets === 0 && state === 'unjudged')).toBe(true);
    expect((await balance(club.athletes[0])).windows[1]).toEqual(found.windows[1]);
    const idle = await balance(club.athletes[1]);
    expect(idle.athleteId).toBe(club.athletes[1]);
    expect(idle.windows[2]?.done.every(({ sets }) => sets === 0)).toBe(true);
    // nothing done yet is no neglect
    expect(idle.neglected).toEqual([]);
  });

  it('a session nobody rated is unknown and never 0', async () => {
    const day = '2026-11-16';
    onDay(day);
    const id = await makeCard(club, day);
    await logDay(club, day, id);
    await close(club, id);
    onDay(DAY);
    const rated = (await balance()).load.weeks.find(({ start }) => start === day)!;
    expect(rated.daily[0]).toBe(360);
    await withClub(club.clubId, (tx) => tx.update(gymSession).set({ sessionRpe: null }).where(eq(gymSession.id, id)));
    const unrated = (await balance()).load.weeks.find(({ start }) => start === day)!;
    expect(unrated).toMatchObject({ atLeast: true, monotony: null, strain: null });
    expect(unrated.daily[0]).toBeNull();
  });
});
