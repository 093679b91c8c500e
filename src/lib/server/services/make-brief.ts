import type { Brief, CarriedLine, PreviousCard } from '$core/choose';
import { addDays, daysBetween, weekdayOf, type Day } from '$core/calendar';
import type { Dose } from '$core/dose';
import { kneeHip } from '$core/ledger';
import { getExercise, type Demand, type Library, type Phase } from '$core/library';
import { placeOf } from '$lib/model/kit';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { factsOf, type AthleteRow } from '../repositories/athletes';
import type { SessionRow } from '../repositories/sessions';

/** Days the ledger looks back for knee and hip work before a card. */
const BALANCE_DAYS = 14;
/** Loading weeks of a block (BLOCK-1); without a season the block is counted from the phase's first card. */
const BLOCK_WEEKS = 3;

export interface BriefRows {
  readonly club: ClubContext;
  readonly squad: SquadRow;
  readonly athletes: readonly AthleteRow[];
  readonly lastDone: ReadonlyMap<string, Readonly<Record<string, Day>>>;
  /** newest first, up to the day */
  readonly sessions: readonly SessionRow[];
}

/** The brief of a session: what the squad, its history and its calendar say, with what the coach asked for. */
export function makeBrief(
  rows: BriefRows,
  asked: { day: Day; phase: Phase; minutes: number; keepPrevious: boolean; athleteId: string | null },
): Brief {
  const { club, squad, sessions } = rows;
  const { day, phase } = asked;
  const athletes = asked.athleteId === null ? rows.athletes : rows.athletes.filter(({ id }) => id === asked.athleteId);
  const earlier = sessions.filter((session) => session.day < day);
  const last =
    earlier.find((session) => session.athleteId === asked.athleteId) ??
    earlier.find((session) => session.athleteId === null);
  return {
    day,
    phase,
    minutes: asked.minutes,
    sportId: squad.sportId,
    weekOfBlock: weekOfBlock(earlier, phase, day),
    schools: squad.schools,
    place: placeOf(squad.kit),
    events: squad.events.map(({ day: eventDay, kind }) => ({ day: eventDay, kind })),
    athletes: athletes.map((athlete) => factsOf(athlete, rows.lastDone.get(athlete.id) ?? {}, day, club, squad)),
    covered: coveredThisWeek(earlier, day, club.library),
    balance: balanceBefore(earlier, day, club),
    previous: last
      ? previousCard(
          last,
          athletes.map(({ id }) => id),
        )
      : null,
    pins: {},
    typedOverrides: [],
    keepPrevious: asked.keepPrevious,
  };
}

/**
 * The last card with accepted changes already in each athlete's lines. The squad's line moves with the squad: it takes
 * the dose most athletes now have, so that only who differs has a line of their own.
 */
function previousCard(session: SessionRow, athleteIds: readonly string[]): PreviousCard {
  return {
    phase: session.phase,
    template: session.template,
    lines: session.lines.map((line) => {
      const own = new Map<string, CarriedLine>();
      for (const override of session.overrides)
        if (override.slot === line.slot)
          own.set(override.athleteId, {
            athleteId: override.athleteId,
            exerciseId: override.exerciseId,
            row: override.row,
            dose: override.dose,
            changedBy: [],
          });
      for (const change of session.proposals)
        if (change.slot === line.slot)
          own.set(change.athleteId, {
            athleteId: change.athleteId,
            exerciseId: change.to.exerciseId,
            row: change.row,
            dose: change.to.dose,
            changedBy: change.rules,
          });
      const bare = (dose: Dose): Dose => ({ ...dose, loadKg: null, percent: null });
      const doses = athleteIds.flatMap((id) => {
        const mine = own.get(id);
        if (!mine) return [line.dose];
        return mine.exerciseId === line.exerciseId && mine.row === line.row ? [bare(mine.dose)] : [];
      });
      const dose = commonest(doses) ?? line.dose;
      // whoever had no line of their own did the line as it stood
      for (const id of athleteIds)
        if (!own.has(id))
          own.set(id, { athleteId: id, exerciseId: line.exerciseId, row: line.row, dose: line.dose, changedBy: [] });
      return { slot: line.slot, exerciseId: line.exerciseId, row: line.row, dose, own: [...own.values()] };
    }),
  };
}

/** The dose that stands most often; of equals, the one with fewer sets and reps. */
function commonest(doses: readonly Dose[]): Dose | null {
  const counts = new Map<string, { dose: Dose; count: number }>();
  for (const dose of doses) {
    const key = `${String(dose.sets)} ${String(dose.amount)} ${String(dose.rir)}`;
    counts.set(key, { dose, count: (counts.get(key)?.count ?? 0) + 1 });
  }
  const [first] = [...counts.values()].sort(
    (a, b) => b.count - a.count || a.dose.sets - b.dose.sets || a.dose.amount - b.dose.amount,
  );
  return first?.dose ?? null;
}

function weekOfBlock(earlier: readonly SessionRow[], phase: Phase, day: Day): number {
  const first = earlier.filter((session) => session.phase === phase).at(-1);
  if (!first) return 1;
  const weeks = Math.floor(daysBetween(first.day, day) / 7);
  return (weeks % BLOCK_WEEKS) + 1;
}

/** Demand × sets of the squad's lines since Monday. */
function coveredThisWeek(earlier: readonly SessionRow[], day: Day, library: Library): Partial<Record<Demand, number>> {
  const monday = addDays(day, 1 - weekdayOf(day));
  const covered: Partial<Record<Demand, number>> = {};
  for (const session of earlier.filter((one) => one.day >= monday))
    for (const line of session.lines)
      for (const [demand, points] of Object.entries(getExercise(library, line.exerciseId).demands))
        covered[demand as Demand] = (covered[demand as Demand] ?? 0) + points * line.dose.sets;
  return covered;
}

function balanceBefore(earlier: readonly SessionRow[], day: Day, { library, method }: ClubContext) {
  const lines = earlier
    .filter((session) => session.day >= addDays(day, -BALANCE_DAYS))
    .flatMap((session) => session.lines);
  return kneeHip(
    lines.map(({ exerciseId, row, dose }) => ({ exercise: getExercise(library, exerciseId), row, dose })),
    method,
  );
}
