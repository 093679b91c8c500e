import { asc, desc, eq, gt, gte, inArray, sql } from 'drizzle-orm';
import { knowAthlete, trainedRecords, type AthleteFacts, type AthleteRecord, type History } from '$core/athlete';
import { addDays, ageInYears, type Day } from '$core/calendar';
import type { LoadingKit } from '$core/dose';
import { asSettled, historyOf, settleLine } from '$core/progress';
import { legsReturn } from '$core/day';
import { activeComplaint, type ActiveComplaint } from '$core/safety';
import { remember } from '$core/remember';
import { NO_AIMS } from '$core/startline';
import type { TestRecord } from '$core/testing';
import type { Track } from '$core/track';
import { placeOf } from '$lib/model/kit';
import type { Tx } from '../db/client';
import { appearance, athlete, athleteDays, checkIn, complaint, squadAthlete, testResult, track } from '../db/schema';
import type { ClubContext, SquadRow } from './club-context';

/** How far back results are read: past their time they are shown greyed, and a failure still counts (START-2). */
const RESULT_DAYS = 400;
/** Rows read for the mornings shown: a corrected answer is a row more. */
const MORNING_ROWS = 12;
const MORNINGS_SHOWN = 6;
/** How far back an athlete's own days and minutes played are read: as far as loads are shown. */
const CALENDAR_DAYS = 42;

const parts = (day: Day) => ({
  results: { where: gte(testResult.day, addDays(day, -RESULT_DAYS)), orderBy: desc(testResult.day) },
  complaints: { where: gt(complaint.score, 0) },
  checkIns: { orderBy: [desc(checkIn.day), desc(checkIn.seq)], limit: MORNING_ROWS },
  days: { where: gte(athleteDays.to, addDays(day, -CALENDAR_DAYS)), orderBy: asc(athleteDays.from) },
  appearances: {
    where: sql`${appearance.eventId} in (select one.id from event one where one.club_id = ${appearance.clubId} and one.day >= ${addDays(day, -CALENDAR_DAYS)}::date)`,
  },
  squads: true as const,
});

const querySquads = (tx: Tx, squadIds: readonly string[], day: Day, tracksSince: Day | null) =>
  tx.query.squadAthlete.findMany({
    where: inArray(squadAthlete.squadId, [...squadIds]),
    with: {
      athlete: {
        with: {
          ...parts(day),
          tracks: {
            columns: { state: true },
            ...(tracksSince === null ? {} : { where: gte(track.lastDone, tracksSince) }),
          },
        },
      },
    },
  });

const queryOne = (tx: Tx, athleteId: string, day: Day) =>
  tx.query.athlete.findFirst({
    where: eq(athlete.id, athleteId),
    with: { ...parts(day), tracks: { columns: { state: true } }, links: true },
  });

export type AthleteRow = Awaited<ReturnType<typeof querySquads>>[number]['athlete'];
export type AthletePage = NonNullable<Awaited<ReturnType<typeof queryOne>>>;

/** A squad's athletes with their results, open complaints, last mornings and what they own, by name: one statement. */
export const loadSquadAthletes = async (tx: Tx, squadId: string, day: Day): Promise<AthleteRow[]> =>
  (await loadSquadsAthletes(tx, [squadId], day)).get(squadId) ?? [];

/**
 * The same for several squads at once, by squad: still one statement.
 * @param tracksSince only what was done from this day on is read of what they own; null = all of it
 */
export async function loadSquadsAthletes(
  tx: Tx,
  squadIds: readonly string[],
  day: Day,
  tracksSince: Day | null = null,
): Promise<Map<string, AthleteRow[]>> {
  const found = new Map<string, AthleteRow[]>();
  for (const { squadId, athlete: row } of await querySquads(tx, squadIds, day, tracksSince))
    found.set(squadId, [...(found.get(squadId) ?? []), row]);
  for (const rows of found.values()) rows.sort((a, b) => a.name.localeCompare(b.name) || (a.id < b.id ? -1 : 1));
  return found;
}

export const loadAthlete = (tx: Tx, athleteId: string, day: Day): Promise<AthletePage | undefined> =>
  queryOne(tx, athleteId, day);

/** The squad an athlete trains with; of several, the first by name. */
export const homeOf = ({ squads }: Pick<AthletePage, 'squads'>, club: ClubContext): SquadRow | null =>
  club.squads.find(({ id }) => squads.some(({ squadId }) => squadId === id)) ?? null;

/** Every squad an athlete trains with. */
export const squadsOf = ({ squads }: Pick<AthletePage, 'squads'>, club: Pick<ClubContext, 'squads'>): SquadRow[] =>
  club.squads.filter(({ id }) => squads.some(({ squadId }) => squadId === id));

/** The last mornings, newest first, each with the answer that counts. */
export const morningsOf = ({ checkIns }: Pick<AthleteRow, 'checkIns'>): AthleteRow['checkIns'] =>
  checkIns.filter((one, i) => checkIns.findIndex(({ day }) => day === one.day) === i).slice(0, MORNINGS_SHOWN);

/**
 * What an athlete owns on a day, with what the rules have settled by themselves of sessions that are over: a page shows
 * it before anybody has closed them.
 */
export function tracksOf(
  { tracks }: Pick<AthleteRow, 'tracks'>,
  day: Day,
  { method, library }: Pick<ClubContext, 'method' | 'library'>,
  kit: LoadingKit,
): Track[] {
  return tracks.map(({ state }) => {
    const [last] = state.exposures;
    return last && last.day < day ? settled(state, kit, library, method) : state;
  });
}

const settled = remember(
  (state: Track, kit: LoadingKit, library: ClubContext['library'], method: ClubContext['method']): Track => {
    const exercise = library.exercises.get(state.exerciseId);
    return exercise ? asSettled(state, settleLine({ exercise, row: state.row, track: state, kit }, method)) : state;
  },
);

/** What the tracks say of an athlete before a day. */
export const historyBefore = (
  tracks: readonly Track[],
  row: Pick<AthleteRow, 'recentWork'>,
  day: Day,
  { method, library }: Pick<ClubContext, 'method' | 'library'>,
): History =>
  historyOf(
    tracks,
    day,
    (row.recentWork ?? []).map(({ exerciseId }) => exerciseId),
    library,
    method,
  );

type Club = Pick<ClubContext, 'method' | 'library'>;

/** An athlete as the rules know them on a day, and what they own. */
export interface KnownAthlete {
  readonly facts: AthleteFacts;
  readonly tracks: readonly Track[];
}

/** What of a squad an athlete is known by. */
type KnownIn = Pick<SquadRow, 'aims' | 'sportId' | 'kit'>;

/** An athlete as the rules know them on a day, worked out once for a row as it was read: plan, card and calls all ask. */
export const knowRow = (row: AthleteRow, day: Day, { method, library }: Club, squad: KnownIn | null): KnownAthlete =>
  known(row, day, method, library, squad?.aims ?? NO_AIMS, squad?.sportId ?? null, squad?.kit ?? null);

const known = remember(
  (
    row: AthleteRow,
    day: Day,
    method: Club['method'],
    library: Club['library'],
    aims: SquadRow['aims'],
    sportId: string | null,
    squadKit: SquadRow['kit'] | null,
  ): KnownAthlete => {
    const club = { method, library };
    const tracks = tracksOf(row, day, club, squadKit ? placeOf(squadKit).loading : NO_KIT);
    const history = historyBefore(tracks, row, day, club);
    const sport = sportId === null ? null : (library.sports.get(sportId) ?? null);
    return { tracks, facts: knowAthlete(recordOfAthlete(row, day, club), history, day, { aims, sport }, method) };
  },
);
const NO_KIT: LoadingKit = { barbell: { bar: 20, pairs: [] }, bellsKg: [] };

/** The same for who is not asked about what they own. */
export const factsOf = (row: AthleteRow, day: Day, club: Club, squad: KnownIn | null): AthleteFacts =>
  knowRow(row, day, club, squad).facts;

/** A row as the core keeps an athlete. */
export const recordOfAthlete = (row: AthleteRow, day: Day, { method }: Pick<Club, 'method'>): AthleteRecord => ({
  id: row.id,
  name: row.name,
  birthDate: row.birthDate,
  sex: row.sex,
  bodyMassKg: row.bodyMassKg,
  growthCmPerMonth: row.growthCmPerMonth,
  liftLevel: row.liftLevel,
  jumpLevel: row.jumpLevel,
  jumpSeasons: row.jumpSeasons,
  guardianConsent: row.guardianConsent,
  focus: row.focus,
  pastInjuries: row.background.pastInjuries,
  moment: row.weakMoment,
  ceilings: row.ceilings,
  lighterFrom: row.lighterFrom,
  fullFrom: row.fullFrom,
  records: recordsOfRow(row, day, method),
  complaints: complaintsOf(row.complaints, method),
});

/** What tests and, where none in date speaks of a lift, training say of an athlete. */
export function recordsOfRow(
  row: Pick<AthleteRow, 'results' | 'tracks'>,
  day: Day,
  method: ClubContext['method'],
): TestRecord[] {
  const tested = row.results.map((result) => recordOf(result, method));
  const tracks = row.tracks.map(({ state }) => state);
  return [...tested, ...trainedRecords(tracks, tested, day, method)];
}

type ResultRow = AthleteRow['results'][number];

/** A row as the core reads it. A screen kept before joints and grades were is passed or failed as such. */
export function recordOf(row: ResultRow, method: ClubContext['method']): TestRecord {
  const { test, day, side, trials, joints, loadKg, reps, rir, asks } = row;
  return { test, day, side, trials, joints, loadKg, reps, rir, asks, value: row.value ?? plainValue(row, method) };
}

function plainValue({ test, passed }: ResultRow, { tests }: ClubContext['method']): number | null {
  const spec = Object.hasOwn(tests, test) ? tests[test] : undefined;
  if (passed === null || !spec) return null;
  if (spec.kind === 'joints') return passed ? 0 : 2;
  return passed ? (spec.pass && 'value' in spec.pass ? spec.pass.value : 1) : 0;
}

/** A place the method no longer knows bars nothing and shows as its own id. */
const complaintsOf = (rows: AthleteRow['complaints'], { places }: ClubContext['method']) =>
  rows.filter(({ place }) => Object.hasOwn(places, place));

export const activeComplaints = (
  rows: AthleteRow['complaints'],
  day: Day,
  method: ClubContext['method'],
): ActiveComplaint[] => complaintsOf(rows, method).flatMap((row) => activeComplaint(row, day) ?? []);

/** Whether an athlete returns by stages, on a day, from what their legs are stopped for (SAFE-2). */
export const legsReturnOn = (
  { complaints }: Pick<AthleteRow, 'complaints'>,
  day: Day,
  method: ClubContext['method'],
): boolean => legsReturn({ complaints: activeComplaints(complaints, day, method) }, { method });

/** Whole years, or null without a birth date. */
export const ageOf = ({ birthDate }: Pick<AthleteRow, 'birthDate'>, day: Day): number | null =>
  birthDate === null ? null : ageInYears(birthDate, day);
