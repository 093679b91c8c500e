import { addDays, weekdayOf } from '$core/calendar';
import type { LedgerReading } from '$core/ledger';
import { ewma, loadFlags, weekLoad } from '$core/load';
import type { BalancePage } from '$lib/model/balance';
import type { Tx } from '../db/client';
import { loadEfforts, loadLinesWritten, loadLedgerSets } from '../repositories/balance';
import type { AthleteRow } from '../repositories/athletes';
import { libraryOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import { dayLoads } from './day-loads';
import { nextCardDay, squadKnot, threadEnd } from './page-thread';
import { asCounted, ledgerOver, type Counted } from './squad-ledger';

/** Weeks shown of the load: this one, and those it is held against. */
const WEEKS = 6;
const ACUTE_DAYS = 7;
const CHRONIC_DAYS = 28;

/** What a squad, or one athlete of it, planned and did over the last weeks (method 11), and how hard its weeks were (12). */
export async function readBalance(
  tx: Tx,
  club: ClubContext,
  squad: SquadRow,
  athletes: readonly Pick<AthleteRow, 'id' | 'name' | 'appearances'>[],
  asked: string | null,
): Promise<BalancePage> {
  const { today, method } = club;
  const { windows, forgotten } = method.settings.ledger;
  const after = addDays(today, -Math.max(...windows, forgotten.days));
  const athleteId = athletes.find(({ id }) => id === asked)?.id ?? null;
  const [done, written] = [
    await loadLedgerSets(tx, [squad.id], after, today),
    await loadLinesWritten(tx, squad.id, after, today),
  ];
  const own = done.filter((set) => athleteId === null || set.athleteId === athleteId);
  const library = libraryOf(club, squad);
  const over = (days: number, of: readonly Counted[]): LedgerReading => ledgerOver(days, of, library, club);
  const asDone = asCounted(own);
  const lately = over(forgotten.days, asDone);
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/squad/${one.id}/balance`)],
      level: 1,
      ...threadEnd(club, squad, today),
    },
    clubName: club.name,
    squad: { id: squad.id, name: squad.name },
    athletes: athletes.map(({ id, name }) => ({ id, name })),
    athleteId,
    windows: windows.map((days) => ({
      days,
      done: over(days, asDone).ratios,
      planned: over(days, written).ratios,
    })),
    forgottenDays: forgotten.days,
    neglected: asDone.length === 0 ? [] : lately.neglected,
    slowOnly: lately.slowOnly,
    next: `/bench/${squad.id}/${nextCardDay(squad, today)}`,
    load: await readLoad(
      tx,
      club,
      squad,
      athletes.filter(({ id }) => athleteId === null || id === athleteId),
    ),
  };
}

async function readLoad(
  tx: Tx,
  { today, method }: ClubContext,
  squad: SquadRow,
  people: readonly Pick<AthleteRow, 'appearances'>[],
): Promise<BalancePage['load']> {
  const monday = addDays(today, 1 - weekdayOf(today));
  const first = addDays(monday, -7 * (WEEKS - 1));
  const efforts = await loadEfforts(tx, squad.id, first, today);
  const days = Array.from({ length: WEEKS * 7 }, (_, i) => addDays(first, i));
  const { loads, began } = dayLoads({ squad, people, efforts, today }, days);
  const weeks = Array.from({ length: WEEKS }, (_, i) => loads.slice(7 * i, 7 * i + 7));
  const read = weeks.map((week) => weekLoad(week));
  const totals = read.map(({ total, atLeast }) => (atLeast ? null : total));
  const past = loads.slice(0, days.indexOf(today) + 1);
  return {
    // weeks from before anything was there say nothing
    weeks: read
      .map((week, i) => ({
        start: addDays(first, 7 * i),
        daily: weeks[i] ?? [],
        ...week,
        flags: loadFlags(
          week,
          totals.slice(Math.max(0, i - method.settings.trainingLoad.weeksBefore), i),
          method.settings.trainingLoad,
        ),
      }))
      .filter(({ start }) => began !== null && addDays(start, 6) >= began),
    acute: ewma(past, ACUTE_DAYS),
    chronic: ewma(past, CHRONIC_DAYS),
    counted: began !== null,
  };
}
