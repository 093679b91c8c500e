import { runningKey, type Brief, type Running } from '$core/choose';
import { addDays, daysBetween, weekdayOf, type Day } from '$core/calendar';
import { weekPart, type PlannedMain } from '$core/day';
import { kneeHip } from '$core/ledger';
import type { Demand, Library, Phase } from '$core/library';
import { AS_TEMPLATE } from '$core/session';
import type { Track } from '$core/track';
import { practiceJumpsOn } from '$core/season';
import { placeOf, DEFAULT_KIT, type Kit } from '$lib/model/kit';
import { knowRow, legsReturnOn } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { begunIn, type SessionRow } from '../repositories/sessions';
import { heldByClock } from './coming-back';
import { ownCalendars } from './own-calendars';
import { runningOf } from './running';
import { mostSets, setsLeft } from './sets-left';
import { weekSoFar } from './week-so-far';
import { squadRests } from './squad-rests';
import { risingIn, squadMoves, type SquadMoves } from './squad-steps';
import { hasNoClearDay, type SquadDay } from './squad-day';
import { cardsThatRun, squadCards } from './cards-that-run';
import { planOf, type PlanRead } from './squad-plan';
import { roleOn } from './squad-role';

/** Days the ledger looks back for knee and hip work before a card. */
const BALANCE_DAYS = 14;
/** Loading weeks of a block (BLOCK-1); without a season the block is counted from the phase's first card. */
const BLOCK_WEEKS = 3;

/** What the coach asks of a card. */
export interface Asked {
  readonly phase: Phase;
  readonly minutes: number;
  readonly keepRunning: boolean;
  readonly primer: boolean;
}

/** What a stored card was asked for; a new one asks what squad and day say, an own card first what the way back does. */
export const askedOf = (rows: SquadDay, gymMinutes: number): Asked => ({
  phase:
    rows.session?.phase ??
    (isOnTheWayBack(rows) ? 'return' : null) ??
    planOf(rows).on?.phase ??
    planOf(rows).week?.phase ??
    rows.squad.phase,
  minutes: rows.session?.minutes ?? gymMinutes,
  keepRunning: true,
  primer: rows.session?.template === 'primer',
});

/** Whether the card is the own one of somebody who returns from a complaint by stages (SAFE-2). */
export const isOnTheWayBack = ({ athletes, athleteId, club, day }: SquadDay): boolean =>
  athletes.some((row) => row.id === athleteId && legsReturnOn(row, day, club.method));

/** The kit of the place a card is held in. */
export function kitFor({
  session,
  squad,
  club,
}: Pick<SquadDay, 'squad' | 'club'> & { readonly session: { readonly facilityId: string | null } | null }): Kit {
  const own = session?.facilityId == null ? undefined : club.facilities.find(({ id }) => id === session.facilityId);
  return own ? { ...DEFAULT_KIT, ...own.kit } : squad.kit;
}

/** The brief of a session: what the squad, its history and its calendar say, with what the coach asked for. */
export function makeBrief(rows: SquadDay, asked: Asked): Brief {
  const { club, squad, sessions, day, athleteId } = rows;
  const athletes = athleteId === null ? rows.athletes : rows.athletes.filter(({ id }) => id === athleteId);
  const earlier = sessions.filter((session) => session.day < day);
  const kit = kitFor(rows);
  const plan = planOf(rows);
  const role = athleteId === null ? roleOn(rows, plan) : null;
  const known = athletes.map((athlete) => knowRow(athlete, day, club, { ...squad, kit }));
  const tracks: Record<string, readonly Track[]> = {};
  for (const { facts, tracks: own } of known) tracks[facts.id] = own;
  const ofSquad = squadCards(earlier, club);
  const ofWeek = {
    lighterWeek: plan.week?.block.kind === 'lighter',
    peakSets:
      asked.phase === 'peak' ? (club.method.settings.season.peakSets[(plan.week?.peak?.week ?? 1) - 1] ?? null) : null,
  };
  const holds = ofWeek.lighterWeek || ofWeek.peakSets !== null;
  const runs = runningOf(earlier, asked.phase, athleteId, role, plan, club);
  const today = new Set(Object.values(runs.entries));
  const moves =
    athleteId === null
      ? squadMoves(ofSquad, known, placeOf(kit), asked.phase, day, holds, { today, again: runs.again }, club)
      : null;
  return {
    day,
    phase: asked.phase,
    minutes: asked.minutes,
    sportId: squad.sportId,
    weekOfBlock: plan.week?.block.rowWeek ?? weekOfBlock(rows.blockStart, day),
    ...ofWeek,
    role,
    jumpRows: athleteId === null ? (plan.week?.block.action?.jumpRows ?? null) : null,
    schools: squad.schools,
    practiceJumps: practiceJumpsOn(day, squad.season?.practices ?? []),
    place: placeOf(kit),
    events: squad.events.map(({ day: eventDay, kind }) => ({ day: eventDay, kind })),
    afterHeavy: athleteId === null && (plan.on?.near ?? false),
    planned: athleteId === null ? mainsOn(rows, plan, asked.phase) : [],
    own: athleteId !== null,
    calendars: ownCalendars({ ...rows, athletes }),
    noClearDay: hasNoClearDay(squad, day, club.method),
    athletes: known.map(({ facts }) => facts),
    tracks,
    begun: begunIn(rows.sets),
    sets: athleteId === null ? setsLeft(rows, plan, asked.phase) : null,
    week: athleteId === null ? weekSoFar(rows, plan, role) : null,
    mostSets: athleteId === null ? mostSets(rows, plan, weekPart({ ...ofWeek, method: club.method })) : null,
    covered: coveredThisWeek(earlier, day, club.library),
    balance: balanceBefore(earlier, day, club),
    running: {
      ...withMoves(runs, moves),
      held: moves
        ? heldByClock(
            ofSquad,
            { phase: asked.phase, role: role?.role ?? null, minutes: asked.minutes, sessions: squad.gymDays.length },
            risingIn(moves),
            club,
          )
        : {},
      // on an own card the athlete's own outputs teach, on whichever card they were jumped
      rests: squadRests(
        athleteId === null ? ofSquad : cardsThatRun(earlier, club),
        known,
        asked.phase,
        squad.schools.jumpRest,
        club,
      ),
    },
    pins: {},
    shape: AS_TEMPLATE,
    typed: [],
    keepRunning: asked.keepRunning,
    primer: asked.primer,
  };
}

/** What runs, with the squad's steps and the rungs it climbs laid over it. */
function withMoves(
  running: Omit<Running, 'steps' | 'climbs' | 'rests' | 'held'>,
  moves: SquadMoves | null,
): Omit<Running, 'rests' | 'held'> {
  const { steps, climbs, climbed } = moves ?? { steps: {}, climbs: [], climbed: {} };
  return {
    ...running,
    entries: Object.fromEntries(
      Object.entries(running.entries).map(([slot, id]) => [slot, climbs.find(({ from }) => from === id)?.to ?? id]),
    ),
    doses: {
      ...running.doses,
      ...Object.fromEntries(Object.entries(steps).map(([key, { to }]) => [key, to])),
      ...Object.fromEntries(climbs.map(({ to, row, dose }) => [runningKey(to, row), dose])),
    },
    steps,
    climbs: { ...climbed, ...Object.fromEntries(climbs.map(({ from, to }) => [to, { from, today: true }])) },
  };
}

/** Main lifts as the plan writes them for the day, where its card is made for the phase and role the plan gives it. */
function mainsOn({ session }: SquadDay, { on, week }: PlanRead, phase: Phase): PlannedMain[] {
  if (!on || on.phase !== phase || (session && session.role !== on.role)) return [];
  const action = week?.block.action;
  return on.mains.map(({ lead, row, usualSets, reps, rir, tempo }) => ({
    lead,
    row,
    sets: usualSets,
    reps,
    rir,
    ...(action ? { tempo } : {}),
  }));
}

const weekOfBlock = (start: Day | null, day: Day): number =>
  start === null ? 1 : (Math.floor(daysBetween(start, day) / 7) % BLOCK_WEEKS) + 1;

/** Demand × sets of the squad's lines since Monday. */
function coveredThisWeek(earlier: readonly SessionRow[], day: Day, library: Library): Partial<Record<Demand, number>> {
  const monday = addDays(day, 1 - weekdayOf(day));
  const covered: Partial<Record<Demand, number>> = {};
  for (const session of earlier.filter((one) => one.day >= monday))
    for (const line of session.lines)
      for (const [demand, points] of Object.entries(library.exercises.get(line.exerciseId)?.demands ?? {}))
        covered[demand as Demand] = (covered[demand as Demand] ?? 0) + points * line.dose.sets;
  return covered;
}

function balanceBefore(earlier: readonly SessionRow[], day: Day, { library, method }: ClubContext) {
  const lines = earlier
    .filter((session) => session.day >= addDays(day, -BALANCE_DAYS))
    .flatMap((session) => session.lines);
  return kneeHip(
    lines.flatMap(({ exerciseId, row, dose }) => {
      const exercise = library.exercises.get(exerciseId);
      return exercise ? [{ exercise, row, dose }] : [];
    }),
    method,
  );
}
