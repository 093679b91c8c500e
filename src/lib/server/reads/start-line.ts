import { testSpecs } from '$core/athlete';
import { ageInYears, type Day } from '$core/calendar';
import { auditWork, readSquad, squatEnough, withEstimates, type RecentWork, type SquadMember } from '$core/startline';
import { addDays } from '$core/calendar';
import { noiseBook, type Noise, type TestRecord, type TestSpec } from '$core/testing';
import type { GridAthlete } from '$lib/model/start-line';
import { activeComplaints, recordsOfRow, type AthleteRow } from '../repositories/athletes';
import { libraryOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import { ownedRecords } from '../commands/keep-results';

/** Weeks of the log an audit reads when nothing was typed (START-4). */
export const AUDIT_WEEKS = 4;

/** Whether a squad's sport cuts enough for its skill to count. */
export const cutsOf = (club: ClubContext, squad: SquadRow): boolean =>
  (club.library.sports.get(squad.sportId)?.demands['deceleration-cutting'] ?? 0) >= club.method.start.cutsFrom;

/** Every test, the squad's result under the name its coach gave it (START-11). */
export const specsOf = ({ aims: { result } }: SquadRow, { method }: Pick<ClubContext, 'method'>): TestSpec[] =>
  [...testSpecs(method).values()].map((spec) =>
    result && result.name !== '' && spec.id === result.test ? { ...spec, name: result.name, short: result.name } : spec,
  );

/** An athlete's records up to a day, lifts as their estimate. */
export const recordsOf = (row: AthleteRow, day: Day, club: ClubContext): TestRecord[] =>
  withEstimates(recordsOfRow(row, day, club.method), club.method.settings.loading).filter(
    (record) => record.day <= day,
  );

/** The error of every test, from the squad's own repeats or assumed. */
export const squadNoise = (rows: readonly AthleteRow[], club: ClubContext) =>
  noiseBook(
    ownedRecords(
      rows.flatMap(({ results }) => results),
      club,
    ),
  );

/** Errors the squad has of its own, by test. */
export function ownNoise(rows: readonly AthleteRow[], club: ClubContext): Record<string, Noise> {
  const noise = squadNoise(rows, club);
  return Object.fromEntries(
    [...testSpecs(club.method).values()].flatMap((spec) => {
      const found = noise(spec, 1);
      return found.own ? [[spec.id, found]] : [];
    }),
  );
}

/** Which way recent training leans: what was typed from memory, else the log. */
const leansOf = (
  row: AthleteRow,
  logged: readonly RecentWork[],
  club: ClubContext,
  squad: SquadRow,
): SquadMember['leans'] => auditWork(row.recentWork ?? logged, libraryOf(club, squad), club.method.start).leans;

export interface SquadRows {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly rows: readonly AthleteRow[];
  readonly logged: ReadonlyMap<string, readonly RecentWork[]>;
}

/** Reads everybody of a squad on a day, with what the grid needs of them and the squad's own errors. */
export function readRows({ club, squad, rows, logged }: SquadRows, day: Day, health: boolean) {
  const noise = squadNoise(rows, club);
  const people = rows.map((row) =>
    gridAthlete(row, leansOf(row, logged.get(row.id) ?? [], club, squad), day, club, squad, health),
  );
  const records = new Map(rows.map((row) => [row.id, recordsOf(row, day, club)]));
  const readings = readSquad(
    people.map((one) => ({
      ...one,
      records: records.get(one.id) ?? [],
      today: day,
      cuts: cutsOf(club, squad),
      targets: squad.aims.targets,
      noise,
    })),
    testSpecs(club.method),
    club.method.start,
  );
  return { people, records, readings, noise };
}

/** An athlete as the testing grid needs them: only the latest value of each test and side before the day. */
export function gridAthlete(
  row: AthleteRow,
  leans: SquadMember['leans'],
  day: Day,
  club: ClubContext,
  squad: SquadRow,
  health: boolean,
): GridAthlete {
  const before = recordsOf(row, addDays(day, -1), club);
  const latest = new Map<string, string>();
  for (const { test, side, day: on } of before) {
    const key = `${test} ${side}`;
    if (on > (latest.get(key) ?? '')) latest.set(key, on);
  }
  return {
    id: row.id,
    name: row.name,
    sex: row.sex,
    ageYears: row.birthDate === null ? null : ageInYears(row.birthDate, day),
    bodyMassKg: row.bodyMassKg,
    squatEnough: squatEnough(row, squad.aims.enough, club.method.start),
    complaints: health ? activeComplaints(row.complaints, day, club.method) : [],
    leans: health ? leans : 'unknown',
    focus: row.focus,
    last: before.filter(({ test, side, day: on }) => latest.get(`${test} ${side}`) === on),
  };
}
