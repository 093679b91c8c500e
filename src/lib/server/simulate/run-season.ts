import { addDays } from '$core/calendar';
import { solveCard } from '$core/choose';
import { planSeason, type PlannedSession } from '$core/season';
import type { ProgrammeSession, ProgrammeSquad } from '$lib/model/programme';
import { askedOf, makeBrief } from '../reads/make-brief';
import { seasonInput } from '../reads/squad-plan';
import type { SquadDay } from '../reads/squad-day';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';
import { asRow, saySession, sayWeek } from './say-session';
import { onDay, type SquadInMemory } from './squad-in-memory';

/** Cards looked back at when the next is made, as the application does. */
const LOOK_BACK_DAYS = 42;

/**
 * A whole season of a squad as it is written: the plan, and for each of its sessions the card that the Bench would make on
 * that day with the cards before it behind it. Nothing is trained: what each athlete owns stays what the file says.
 * @param weeks at most so many of the season; null = all
 * @returns null when no season can be laid
 */
export function runSeason(of: SquadInMemory, weeks: number | null): ProgrammeSquad | null {
  const { club, squad, athletes } = of;
  // everybody as the file says they are on the season's first day
  const input = seasonInput(
    club,
    squad,
    athletes.map((row) => onDay(row, club.today, [])),
  );
  const plan = input && planSeason(input, club.method);
  if (!plan?.ok) return null;
  const cards: SessionRow[] = [];
  return {
    name: squad.name,
    sport: squad.sportId,
    athletes: athletes.map(({ id, liftLevel, jumpLevel, birthDate }) => ({ id, liftLevel, jumpLevel, birthDate })),
    weeks: plan.value.weeks.slice(0, weeks ?? undefined).map((week) =>
      sayWeek(
        week,
        week.sessions.map((session) => runSession(of, session, cards)),
      ),
    ),
  };
}

/** One session of the plan with the card made for it, which is kept for those that follow. */
function runSession(
  { club, squad, athletes }: SquadInMemory,
  planned: PlannedSession,
  cards: SessionRow[],
): ProgrammeSession {
  const { day } = planned;
  const on: ClubContext = { ...club, today: day };
  const earlier = cards.filter((card) => addDays(day, -LOOK_BACK_DAYS) <= card.day);
  const known = [...new Set(earlier.flatMap(({ lines }) => lines.map(({ exerciseId }) => exerciseId)))];
  const rows: SquadDay = {
    club: on,
    squad,
    day,
    athleteId: null,
    athletes: athletes.map((row) => onDay(row, day, known)),
    away: [],
    elsewhere: [],
    sessions: earlier,
    session: null,
    sets: [],
    blockStart: null,
    followed: [],
  };
  const brief = makeBrief(rows, { ...askedOf(rows, planned.minutes), phase: planned.phase });
  const solved = solveCard(brief, club.library, club.method);
  if (!solved.ok) return saySession(planned, null, squad, club);
  cards.unshift(asRow(solved.value.card, planned));
  return saySession(planned, solved.value, squad, club);
}
