import { START, TEST_SPECS } from '$catalog';
import { ageInYears, type Day } from '$core/calendar';
import { auditWork, withEstimates, type RecentWork, type SquadMember } from '$core/startline';
import { addDays } from '$core/calendar';
import { noiseBook, type Noise, type TestRecord } from '$core/testing';
import type { GridAthlete } from '$lib/model/start-line';
import { activeComplaints, recordOf, type AthleteRow } from '../repositories/athletes';
import { libraryOf, type ClubContext, type SquadRow } from '../repositories/club-context';
import { ownedRecords } from './keep-results';

/** Weeks of the log an audit reads when nothing was typed (START-4). */
export const AUDIT_WEEKS = 4;

/** Whether a squad's sport cuts enough for its skill to count. */
export const cutsOf = (club: ClubContext, squad: SquadRow): boolean =>
  (club.library.sports.get(squad.sportId)?.demands['deceleration-cutting'] ?? 0) >= START.cutsFrom;

/** An athlete's records up to a day, lifts as their estimate. */
export const recordsOf = (row: AthleteRow, day: Day, club: ClubContext): TestRecord[] =>
  withEstimates(row.results.map(recordOf), club.method.settings.loading).filter((record) => record.day <= day);

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
    [...TEST_SPECS.values()].flatMap((spec) => {
      const found = noise(spec, 1);
      return found.own ? [[spec.id, found]] : [];
    }),
  );
}

/** Which way recent training leans: what was typed from memory, else the log. */
export const leansOf = (
  row: AthleteRow,
  logged: readonly RecentWork[],
  club: ClubContext,
  squad: SquadRow,
): SquadMember['leans'] => auditWork(row.recentWork ?? logged, libraryOf(club, squad), START).leans;

/** An athlete as the testing grid needs them: only the latest value of each test and side before the day. */
export function gridAthlete(
  row: AthleteRow,
  leans: SquadMember['leans'],
  day: Day,
  club: ClubContext,
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
    complaints: health ? activeComplaints(row.complaints, day) : [],
    leans: health ? leans : 'unknown',
    focus: row.focus,
    last: before.filter(({ test, side, day: on }) => latest.get(`${test} ${side}`) === on),
  };
}
