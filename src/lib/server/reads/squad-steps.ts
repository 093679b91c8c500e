import { runningKey, type Running } from '$core/choose';
import type { Day } from '$core/calendar';
import { hasKit, WEEK_RULES, type Place } from '$core/day';
import type { Library, Phase } from '$core/library';
import type { DoseRowId } from '$core/method';
import {
  countVotes,
  isReadyAbove,
  mayRiseOf,
  squadClimb,
  squadStep,
  voteOf,
  type SquadClimb,
  type SquadStep,
  type StepDays,
} from '$core/progress';
import { isMainSlot } from '$core/session';
import type { KnownAthlete } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';

/** The reasons a card carries on a line that stepped, or climbed a rung. */
export const SQUAD_STEP = 'squad_step';
export const SQUAD_RUNG = 'squad_rung';

/** What a squad's lines do on the next card. */
export interface SquadMoves {
  /** by entry and row */
  readonly steps: Readonly<Record<string, SquadStep>>;
  readonly climbs: readonly Climb[];
  /** rungs climbed on earlier cards, by the entry come to */
  readonly climbed: Running['climbs'];
}

/** How many lines take more on. */
export const risingIn = ({ steps, climbs }: SquadMoves): number =>
  climbs.length + Object.values(steps).filter(({ kind }) => kind.endsWith('-up')).length;

interface Climb extends SquadClimb {
  readonly row: DoseRowId;
}

/** What one line asks for; at most one of the two. */
interface Move {
  readonly key: string;
  readonly step: SquadStep | null;
  readonly climb: Climb | null;
  /** the block develops it */
  readonly first: boolean;
}

type Club = Pick<ClubContext, 'library' | 'method'>;
type LineRow = SessionRow['lines'][number];

/**
 * The steps a squad's lines take on the next card, and the rungs they climb (PROG-16): each line's votes are those of the
 * last card that had it. Of the rises two a session, what the block develops first; who is to go down always does.
 * A lighter week and a peak bring nothing more (BLOCK-1, PHASE-2): what was earned before them comes after them.
 * @param cards the squad's, newest first
 * @param holds the day lies in such a week
 */
export function squadMoves(
  cards: readonly SessionRow[],
  people: readonly KnownAthlete[],
  place: Place,
  phase: Phase,
  day: Day,
  holds: boolean,
  club: Club,
): SquadMoves {
  const { library, method } = club;
  const seen = new Set<string>();
  const moves: Move[] = [];
  const lastSteps = lastStepDays(cards);
  for (const card of cards)
    for (const line of card.lines) {
      const key = runningKey(line.exerciseId, line.row);
      if (seen.has(key)) continue;
      const days = { today: day, lastStep: lastSteps.get(key) ?? null };
      const move = card.phase === phase ? moveOf(line, card, people, days, club) : null;
      if (move) moves.push(move);
      // what a lighter week made shorter earns nothing, and what was earned before it is not lost
      if (move || !line.full?.rules.every((rule) => WEEK_RULES.includes(rule))) seen.add(key);
    }
  const falls = moves.filter(({ step }) => step?.kind.endsWith('-down'));
  const rises = moves
    .filter(({ step, climb }) => step?.kind.endsWith('-up') || (climb && isHere(climb, place, library)))
    .sort((a, b) => Number(b.first) - Number(a.first))
    .slice(0, holds ? 0 : method.settings.progress.squad.stepsASession);
  return {
    steps: Object.fromEntries([...falls, ...rises].flatMap(({ key, step }) => (step ? [[key, step]] : []))),
    climbs: rises.flatMap(({ climb }) => climb ?? []),
    climbed: climbedOn(cards),
  };
}

const isHere = ({ to }: Climb, place: Place, library: Library): boolean => {
  const next = library.exercises.get(to);
  return next !== undefined && hasKit(next, place);
};

function moveOf(
  line: LineRow,
  card: SessionRow,
  people: readonly KnownAthlete[],
  days: StepDays,
  { library, method }: Club,
): Move | null {
  const exercise = library.exercises.get(line.exerciseId);
  if (!exercise) return null;
  const of = people.map(({ facts, tracks }) => ({
    facts,
    track: tracks.find(({ exerciseId, row }) => exerciseId === line.exerciseId && row === line.row) ?? null,
  }));
  // loads are each athlete's own, and so is the way up (PROG-9)
  if (of.some(({ track }) => track?.owned?.dose.loadKg != null)) return null;
  const asDone = { exercise, row: line.row, dose: line.full?.dose ?? line.dose, sessionId: card.id, day: card.day };
  const votesBy = of.map(({ facts, track }) => ({ facts, vote: voteOf(track, asDone, method) }));
  const votes = countVotes(votesBy.map(({ vote }) => vote));
  const may = mayRiseOf(exercise, line.row, isMainSlot(line.slot), card.phase, method);
  const move = { key: runningKey(line.exerciseId, line.row), first: may === 'develops' };
  const step = squadStep(asDone, votes, may, days, library, method);
  // what the day, the week or the clock took away was not done, and earns nothing
  if (step) return line.full && step.kind.endsWith('-up') ? null : { ...move, step, climb: null };
  if (line.full) return null;
  const ready = votesBy.filter(({ facts, vote }) => vote !== null && isReadyAbove(exercise, facts, library)).length;
  const climb = squadClimb(asDone, { votes, ready }, may, days, library, method);
  return climb ? { ...move, step: null, climb: { ...climb, row: line.row } } : null;
}

/** When each line stepped last; a climb counts for the entry it came from, so that one taken back is not made again at once. */
function lastStepDays(cards: readonly SessionRow[]): Map<string, Day> {
  const days = new Map<string, Day>();
  for (const card of cards)
    for (const { exerciseId, row, reasons } of card.lines) {
      const climb = reasons.find(({ code, facts }) => code === SQUAD_RUNG && facts.today === true)?.facts.from;
      const stepped =
        typeof climb === 'string' ? climb : reasons.some(({ code }) => code === SQUAD_STEP) ? exerciseId : null;
      if (stepped === null) continue;
      const key = runningKey(stepped, row);
      if (!days.has(key)) days.set(key, card.day);
    }
  return days;
}

/** Who was not ready stays below for as long as the squad's cards remember the climb. */
function climbedOn(cards: readonly SessionRow[]): SquadMoves['climbed'] {
  const found: Record<string, SquadMoves['climbed'][string]> = {};
  for (const { lines } of cards)
    for (const { exerciseId, reasons } of lines) {
      const from = reasons.find(({ code }) => code === SQUAD_RUNG)?.facts.from;
      if (typeof from === 'string') found[exerciseId] ??= { from, today: false };
    }
  return found;
}
