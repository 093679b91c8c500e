import { addDays, weekdayOf, type Day } from '$core/calendar';
import type { Dose } from '$core/dose';
import { readLedger, type LedgerReading } from '$core/ledger';
import { ewma, loadFlags, weekLoad, type DayLoad } from '$core/load';
import type { DoseRowId } from '$core/method';
import { gymTimeOn, practicesOn } from '$core/season';
import type { BalancePage } from '$lib/model/balance';
import type { Tx } from '../db/client';
import { loadEfforts, loadLinesWritten, loadSetsDone } from '../repositories/balance';
import type { AthleteRow } from '../repositories/athletes';
import { libraryOf, timesOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import { nextCardDay, squadKnot, threadEnd } from './page-thread';

/** Weeks shown of the load: this one, and those it is held against. */
const WEEKS = 6;
const ACUTE_DAYS = 7;
const CHRONIC_DAYS = 28;

const DONE: Dose = {
  sets: 1,
  amount: 0,
  unit: 'reps',
  per: null,
  percent: null,
  loadKg: null,
  rir: null,
  restSeconds: null,
  tempo: null,
};

interface Counted {
  readonly day: Day;
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly dose: Dose;
}

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
    await loadSetsDone(tx, squad.id, after, today),
    await loadLinesWritten(tx, squad.id, after, today),
  ];
  const own = done.filter((set) => athleteId === null || set.athleteId === athleteId);
  // a squad's sets are those of its average athlete
  const people = new Set(own.map((set) => set.athleteId)).size || 1;
  const library = libraryOf(club, squad);
  const over = (days: number, of: readonly Counted[]): LedgerReading =>
    readLedger(
      of.flatMap(({ day, exerciseId, row, dose }) => {
        const exercise = library.exercises.get(exerciseId);
        return exercise && day > addDays(today, -days) ? [{ exercise, row, dose }] : [];
      }),
      method,
    );
  const asDone = own.map(({ sets, rir, ...of }): Counted => ({ ...of, dose: { ...DONE, sets: sets / people, rir } }));
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

/**
 * Minutes × effort of an event, of whoever was selected; null while somebody's are not known.
 * @returns 0 where nobody of them was selected
 */
function eventLoad(eventId: string, people: readonly Pick<AthleteRow, 'appearances'>[]): DayLoad {
  const had = people.map(({ appearances }) => appearances.find((one) => one.eventId === eventId));
  const loads = had
    .filter((one) => one?.selected !== false)
    .map((one) => (one?.minutes != null && one.rpe !== null ? one.minutes * one.rpe : null));
  if (loads.some((load) => load === null)) return null;
  return loads.length === 0 ? 0 : loads.reduce<number>((sum, load) => sum + (load ?? 0), 0) / loads.length;
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
  const began = efforts.map(({ day }) => day).sort()[0];
  const dayLoad = (day: Day): DayLoad => {
    const sessions = efforts.filter((one) => one.day === day);
    const practices = practicesOn(day, squad.season?.practices ?? []);
    // an event of unknown minutes, a session nobody rated, or one that was not closed: unknown, which is never 0
    const events = squad.events.filter((event) => event.day === day).map(({ id }) => eventLoad(id, people));
    if (events.some((load) => load === null)) return null;
    if (sessions.some(({ minutes, rpe }) => minutes === null || rpe === null)) return null;
    if (sessions.length === 0 && gymTimeOn(day, timesOf(squad)) && day < today) return null;
    return (
      events.reduce<number>((sum, load) => sum + (load ?? 0), 0) +
      sessions.reduce((sum, { minutes, rpe }) => sum + (minutes ?? 0) * (rpe ?? 0), 0) +
      practices.reduce((sum, { minutes, hardness }) => sum + minutes * hardness, 0)
    );
  };
  const days = Array.from({ length: WEEKS * 7 }, (_, i) => addDays(first, i));
  const loads = days.map((day) => (day > today || began === undefined || day < began ? null : dayLoad(day)));
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
      .filter(({ start }) => began !== undefined && addDays(start, 6) >= began),
    acute: ewma(past, ACUTE_DAYS),
    chronic: ewma(past, CHRONIC_DAYS),
    counted: began !== undefined,
  };
}
