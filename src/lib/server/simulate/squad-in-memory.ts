import { LIBRARY, METHOD } from '$catalog';
import { addDays, daysBetween, type Day } from '$core/calendar';
import { DEFAULT_SCHOOLS } from '$core/method';
import { NO_CHANGES } from '$core/season';
import { EMPTY_BACKGROUND, NO_AIMS } from '$core/startline';
import type { SquadFile } from '$lib/model/club-file';
import { DEFAULT_KIT } from '$lib/model/kit';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';

/** A squad of a club file in the shapes that pages are made from, so that a season runs through what coaches use. */
export interface SquadInMemory {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly athletes: readonly AthleteRow[];
}

/** @param number of the squad in its file: ids follow from it, so that the same file gives the same bytes */
export function squadInMemory(file: SquadFile, clubName: string, number: number): SquadInMemory {
  const id = `squad-${String(number)}`;
  const schools = { ...DEFAULT_SCHOOLS, ...file.schools };
  const kit = {
    ...DEFAULT_KIT,
    ...(file.place.racks === undefined ? {} : { racks: file.place.racks }),
    ...(file.place.equipment === undefined ? {} : { equipment: file.place.equipment }),
    ...(file.place.laneM === undefined ? {} : { laneM: file.place.laneM }),
  };
  const own = { clubId: 'club', version: 1 } as const;
  const squad: SquadRow = {
    ...own,
    id,
    name: file.name,
    sportId: file.sport,
    facilityId: id,
    phase: 'general',
    gymDays: file.gymDays,
    aims: NO_AIMS,
    createdAt: new Date(0),
    ownSchools: file.schools,
    schools,
    kit,
    events: file.events.map((event, i) => ({ ...own, id: `event-${String(i)}`, squadId: id, uid: null, ...event })),
    season: {
      ...own,
      squadId: id,
      ...file.season,
      closures: file.closures.map((one, i) => ({ id: `closure-${String(i)}`, ...one })),
      practices: file.practices.map((one, i) => ({ id: `practice-${String(i)}`, ...one, except: [] })),
      changes: NO_CHANGES,
      plannedFrom: file.season.start,
    },
  };
  const club = {
    ...own,
    name: clubName,
    zone: 'UTC',
    massUnit: 'kg',
    dayOrder: 'day-first',
    today: file.season.start,
    schools: DEFAULT_SCHOOLS,
    method: METHOD,
    library: LIBRARY,
    squads: [squad],
    staffNames: {},
  } as unknown as ClubContext;
  return { club, squad, athletes: file.athletes.map((_, i) => athleteRow(file, i)) };
}

function athleteRow(file: SquadFile, i: number): AthleteRow {
  const one = file.athletes[i];
  if (!one) throw new RangeError(`athleteRow: i must be an athlete's number, got ${String(i)}`);
  const id = `athlete-${String(i + 1).padStart(3, '0')}`;
  return {
    clubId: 'club',
    id,
    name: one.name,
    sex: one.sex,
    birthDate: one.birthDate,
    bodyMassKg: one.massKg,
    growthCmPerMonth: null,
    liftLevel: one.liftLevel,
    jumpLevel: one.jumpLevel,
    jumpSeasons: one.jumpSeasons,
    guardianConsent: one.guardianConsent,
    focus: null,
    weakMoment: null,
    ceilings: [],
    lighterFrom: null,
    fullFrom: null,
    background: EMPTY_BACKGROUND,
    recentWork: [],
    results: one.results.map((result, n) => ({
      id: `${id}-${String(n)}`,
      athleteId: id,
      trials: null,
      joints: null,
      asks: false,
      ...result,
    })),
    complaints: one.complaints.map((complaint, n) => ({
      id: `${id}-c${String(n)}`,
      athleteId: id,
      signs: [],
      clearance: null,
      returning: null,
      calmAnswers: 0,
      ...complaint,
    })),
    checkIns: [],
    tracks: [],
    days: [],
    appearances: [],
    squads: [],
  } as unknown as AthleteRow;
}

/** The newest of an athlete's results is taken to be a week old. */
const TESTED_DAYS_AGO = 7;

/**
 * An athlete on a day of a season that is done as it is written: what was on the squad's last cards is not new to anybody,
 * and what the file says of tests is true all year.
 */
export function onDay(row: AthleteRow, day: Day, exerciseIds: readonly string[]): AthleteRow {
  const newest = row.results.reduce((last, result) => (result.day > last ? result.day : last), '');
  const by = newest === '' ? 0 : daysBetween(newest, day) - TESTED_DAYS_AGO;
  return {
    ...row,
    recentWork: exerciseIds.map((exerciseId) => ({ exerciseId, setsPerWeek: 1 })),
    results: row.results.map((result) => ({ ...result, day: addDays(result.day, by) })),
  };
}
