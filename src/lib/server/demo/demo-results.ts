import { v7 } from 'uuid';
import type { DemoAthlete, DemoSquad } from '$catalog/demo/club';
import { addDays, type Day } from '$core/calendar';
import { seeded } from '$core/random';
import type { testResult } from '../db/schema';

type Result = typeof testResult.$inferInsert;

const SCREENS = ['R1', 'R2', 'R4', 'R5', 'R6', 'C1', 'C2', 'C3', 'C4', 'C5', 'C6', 'K1', 'K2'];

/** Everything a demo athlete was tested in before and on the start day. */
export const demoResults = (
  person: DemoAthlete,
  squad: DemoSquad,
  clubId: string,
  athleteId: string,
  day: Day,
): Result[] => [...fiveWeeksAgo(person, clubId, athleteId, day), ...testingDays(person, squad, clubId, athleteId, day)];

/** Lifts as sets of three from five weeks ago, a jump, and the screens. */
function fiveWeeksAgo(person: DemoAthlete, clubId: string, athleteId: string, day: Day): Result[] {
  const tested = addDays(day, -35);
  const base = { clubId, athleteId, day: tested };
  const reps = person.age < 16 ? 6 : 3;
  const lift = (test: string, timesMass: number | null) =>
    timesMass === null
      ? []
      : [
          {
            ...base,
            id: v7(),
            test,
            loadKg: Math.round((timesMass * person.massKg) / (1 + reps / 30) / 2.5) * 2.5,
            reps,
            rir: 0,
          },
        ];
  const failed = Array.isArray(person.screens) ? person.screens : [];
  const screens = person.screens === 'untested' ? [] : [...SCREENS, ...(person.jump === 'advanced' ? ['C7'] : [])];
  return [
    ...lift('back-squat', person.squat),
    ...lift('deadlift', person.deadlift),
    ...(person.cmjM === null ? [] : [{ ...base, id: v7(), test: 'cmj', value: person.cmjM }]),
    ...screens
      .filter((test) => test !== 'R4')
      .map((test) => ({ ...base, id: v7(), test, passed: !failed.includes(test) })),
  ];
}

/** Ankles, calves and jumps of five weeks ago with a repeat two days later, and what today's stations have so far. */
function testingDays(person: DemoAthlete, squad: DemoSquad, clubId: string, athleteId: string, day: Day): Result[] {
  if (person.screens === 'untested') return [];
  // numbers of their own, so that the story of the weeks stays what it is
  const random = seeded(Array.from(person.name).reduce((sum, letter) => sum * 31 + (letter.codePointAt(0) ?? 0), 7));
  const near = (middle: number, reach: number, step: number): number =>
    Math.round((middle + (random() * 2 - 1) * reach) / step) * step;
  const failed = Array.isArray(person.screens) ? person.screens : [];
  const at = (on: Day, test: string, value: number, own: Partial<Result> = {}) => ({
    clubId,
    athleteId,
    id: v7(),
    day: on,
    test,
    value: Number(value.toFixed(4)),
    ...own,
  });
  const both = (on: Day, test: string, value: () => number) =>
    (['left', 'right'] as const).map((side) => at(on, test, value(), { side }));
  const [then, again] = [addDays(day, -35), addDays(day, -33)];
  const ankle = failed.includes('R4') ? 0.08 : 0.115;
  const cmj = person.cmjM ?? 0.35;
  const rsi = 3.6 * cmj + near(0.28, 0.12, 0.01);
  const sprint = 4.05 - 2.2 * cmj + near(0, 0.06, 0.01);
  return [
    ...both(then, 'R4', () => near(ankle, 0.005, 0.005)),
    ...both(then, 'calf-straight', () => near(28, 3, 1)),
    ...both(then, 'calf-bent', () => near(23, 3, 1)),
    ...(person.jump !== 'foundation' ? [at(then, 'K3', failed.includes('K3') ? 0 : 1)] : []),
    at(again, 'cmj', cmj + near(0, 0.012, 0.001)),
    at(then, 'sj', cmj / near(1.1, 0.06, 0.01)),
    at(then, 'rsi-10-5', rsi),
    at(again, 'rsi-10-5', rsi + near(0, 0.09, 0.01)),
    at(then, 'sprint-20', sprint),
    at(again, 'sprint-20', sprint + near(0, 0.03, 0.01)),
    ...(squad.testsToday.length > 0
      ? todaySoFar(person, squad, { at, both, near, cmj, rsi, sprint, failed, day })
      : []),
  ];
}

/** Athletes at the foot of the list have not been to every station yet. */
function todaySoFar(
  person: DemoAthlete,
  squad: DemoSquad,
  {
    at,
    both,
    near,
    cmj,
    rsi,
    sprint,
    failed,
    day,
  }: {
    at: (on: Day, test: string, value: number, own?: Partial<Result>) => Result;
    both: (on: Day, test: string, value: () => number) => Result[];
    near: (middle: number, reach: number, step: number) => number;
    cmj: number;
    rsi: number;
    sprint: number;
    failed: readonly string[];
    day: Day;
  },
): Result[] {
  const names = squad.athletes.map(({ name }) => name).sort();
  const place = names.indexOf(person.name) / names.length;
  const control = (['left', 'right'] as const).map((side) => {
    const joints = failed.includes('C5') && side === 'left' ? [0, 2, 1, 0] : [near(0.3, 0.5, 1), 0, 0, 0];
    return at(
      day,
      'C5',
      joints.reduce((sum, score) => sum + score, 0),
      { side, joints },
    );
  });
  return [
    at(day, 'R1', failed.includes('R1') ? 0 : near(1.3, 0.6, 1) > 1 ? 2 : 1),
    at(day, 'R2', failed.includes('R2') ? 0 : 1),
    ...both(day, 'R4', () => near(0.115, 0.005, 0.005)),
    ...(place < 0.85 ? control : []),
    ...(place < 0.8 ? [at(day, 'cmj', cmj + near(0.005, 0.015, 0.001))] : []),
    ...(place < 0.75 ? [at(day, 'rsi-10-5', rsi + near(0, 0.1, 0.01))] : []),
    ...(place < 0.7 ? [at(day, 'sprint-20', sprint + near(0, 0.04, 0.01))] : []),
  ];
}
