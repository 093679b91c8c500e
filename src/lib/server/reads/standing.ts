import { testSpecs } from '$core/athlete';
import { addDays } from '$core/calendar';
import { opensWith, stallOf, type Stall } from '$core/progress';
import { isMainSlot, type Line } from '$core/session';
import { risenLifts, type Noise, type TestSpec } from '$core/testing';
import type { Track } from '$core/track';
import type { AthleteRow, KnownAthlete } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SessionHead } from '../repositories/session-heads';
import type { progressCases } from './progress-case';
import { recordsOf } from './start-line';
import type { TestAsked } from './waiting';

/** The jump that answers what a risen lift is worth (PROG-11). */
const JUMP = 'cmj';
/** Phases in which a main lift is to rise: elsewhere it is kept (PROG-10). */
const RISING: readonly SessionHead['phase'][] = ['general', 'specific'];

/** A session as far as its main lifts are asked about; read without its lines it has none. */
export interface HeadWithLines extends SessionHead {
  readonly lines?: readonly Pick<Line, 'slot' | 'exerciseId' | 'row'>[];
}

/** A main lift of one athlete that is stuck (PROG-10). */
export interface Stuck {
  readonly athlete: AthleteRow;
  readonly squad: SquadRow;
  readonly track: Track;
  readonly stall: Stall;
}

/**
 * What of an athlete stands still or has run ahead: a rung that only a test opens, a main lift that is stuck, a lift that
 * rose while no jump was tested since (PROG-8, PROG-10, PROG-11).
 */
export function standingOf(
  row: AthleteRow,
  { facts }: KnownAthlete,
  squad: SquadRow,
  cases: ReturnType<typeof progressCases>,
  sessionOf: (id: string) => HeadWithLines | undefined,
  noise: (spec: TestSpec, value: number) => Noise,
  club: ClubContext,
): { tests: TestAsked[]; stuck: Stuck[] } {
  const { method, library, today } = club;
  const { againDays, jumpWithinDays } = method.settings.progress.asks;
  const lately = new Set(row.results.filter(({ day }) => day > addDays(today, -againDays)).map(({ test }) => test));
  const asked = { athlete: row, squad, days: 0 };
  const opening = cases.flatMap((of): TestAsked[] =>
    opensWith(of, library, method)
      .filter(({ test }) => !lately.has(test))
      .map(({ test, opens }) => ({ ...asked, why: 'next-rung', exerciseId: opens, test })),
  );
  const risen = risenLifts(recordsOf(row, today, club), testSpecs(method), noise, {
    today,
    jump: JUMP,
    withinDays: jumpWithinDays,
  });
  const stuck = cases.flatMap((of): Stuck[] => {
    const { track, session } = of;
    const last = sessionOf(track.exposures[0]?.sessionId ?? '');
    const isMain = (last?.lines ?? []).some(
      (line) => line.exerciseId === track.exerciseId && line.row === track.row && isMainSlot(line.slot),
    );
    const stall = session && RISING.includes(session.phase) ? stallOf(of, isMain, method) : null;
    return stall ? [{ athlete: row, squad, track, stall }] : [];
  });
  return {
    tests: [
      ...opening,
      ...risen.map((lift): TestAsked => ({ ...asked, why: 'lift-up', exerciseId: lift, test: JUMP })),
    ],
    stuck: facts.lighterFrom !== null && facts.lighterFrom > addDays(today, -againDays) ? [] : stuck,
  };
}
