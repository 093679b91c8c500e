import { momentsOf, testSpecs } from '$core/athlete';
import type { Day } from '$core/calendar';
import { auditWork, checkResult, momentOn, outcomesOf, readChain, readRescreens } from '$core/startline';
import type { TestSpec, TestSpecs } from '$core/testing';
import { ownValue } from '$core/own';
import { activeComplaints, factsOf, type AthleteRow } from '../repositories/athletes';
import { libraryOf } from '../repositories/club-context';
import { readRows, recordsOf, type SquadRows } from './start-line';
import { testLines } from './test-lines';

export interface ReadingRows extends SquadRows {
  /** athletes of every squad of the same sport, this one's among them */
  readonly ofSport: readonly AthleteRow[];
  /** what the athlete did on which day of the last weeks */
  readonly done: readonly { readonly exerciseId: string; readonly day: Day }[];
}

/** Everything the reading page of one athlete shows, from the squad's rows. */
export function readAthlete(of: ReadingRows, athleteId: string, health: boolean) {
  const { club, squad, rows, logged, done } = of;
  const day = club.today;
  const library = libraryOf(club, squad);
  const { start, focuses } = club.method;
  const specs = testSpecs(club.method);
  const { readings, records, noise } = readRows(of, day, health);
  const row = rows.find(({ id }) => id === athleteId);
  const reading = readings.get(athleteId);
  if (!row || !reading) return null;
  const own = records.get(athleteId) ?? [];
  const work = row.recentWork ?? logged.get(athleteId) ?? [];
  const sameLevel = new Map(
    of.ofSport
      .filter(({ id, liftLevel }) => id !== athleteId && liftLevel === row.liftLevel)
      .map((other) => [other.id, outcomesOf(recordsOf(other, day, club), specs, day)]),
  );
  const { outcomes, ...rest } = reading;
  const moments = momentsOf(library.sports.get(squad.sportId), club.method);
  const { result } = squad.aims;
  return {
    reading: rest,
    chain: readChain(outcomes, done, library, day, start),
    audit: auditWork(work, library, start),
    typedWork: row.recentWork !== null,
    work: work.map(({ exerciseId, setsPerWeek }) => ({
      exerciseId,
      name: library.exercises.get(exerciseId)?.name ?? exerciseId,
      setsPerWeek: Math.round(setsPerWeek * 10) / 10,
    })),
    complaints: health ? activeComplaints(row.complaints, day, club.method) : [],
    focus: row.focus && { ...row.focus, name: ownValue(focuses, row.focus.id)?.name ?? row.focus.id },
    drills: reading.focus
      ? (ownValue(focuses, reading.focus)?.drills ?? []).flatMap((id) => {
          const exercise = library.exercises.get(id);
          return exercise ? [{ id, name: exercise.name, cue: exercise.cues[0] ?? '' }] : [];
        })
      : [],
    rescreen: readRescreens(rangeTests(specs), own, row.focus?.since ?? day, start.rescreenDays, noise),
    moments: moments.map(({ id, name }) => ({ id, name })),
    moment: row.weakMoment && {
      ...row.weakMoment,
      /** null = its block is over */
      name: momentOn(row.weakMoment, moments, day, start.momentDays)?.name ?? null,
    },
    resultCheck:
      result &&
      checkResult(
        { records: own, today: day, result, bodyMassKg: row.bodyMassKg, target: reading.target, noise },
        specs,
        start,
      ),
    ceilings: row.ceilings,
    atCeiling: factsOf(row, day, club, squad).atCeiling,
    lines: [...specs.values()].flatMap((spec) => {
      const outcome = outcomes.get(spec.id);
      if (!outcome) return [];
      return testLines(
        spec,
        outcome,
        own.filter(({ test }) => test === spec.id),
        (side) => ({
          squad: rows
            .filter(({ id }) => id !== athleteId)
            .flatMap(({ id }) => readings.get(id)?.outcomes.get(spec.id)?.sides[side]?.value ?? []),
          level: [...sameLevel.values()].flatMap((other) => other.get(spec.id)?.sides[side]?.value ?? []),
        }),
        noise,
      );
    }),
  };
}

/** Range screens that are looked at again under a range focus (start-10). */
const rangeTests = (specs: TestSpecs): TestSpec[] => [...specs.values()].filter(({ tier }) => tier === 'range');
