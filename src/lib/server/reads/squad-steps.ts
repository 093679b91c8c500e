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
import type { Track } from '$core/track';
import type { Caution } from '$core/startline';
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
  readonly exerciseId: string;
  readonly step: SquadStep | null;
  readonly climb: Climb | null;
  /** the block develops it */
  readonly first: boolean;
  /** when it stepped last; null = not as far back as cards are read */
  readonly lastStep: Day | null;
}

/** An athlete with what they own, by entry and row. */
interface Owning {
  readonly facts: KnownAthlete['facts'];
  readonly tracks: ReadonlyMap<string, Track>;
}

type Club = Pick<ClubContext, 'library' | 'method'>;
type LineRow = SessionRow['lines'][number];

/**
 * The steps a squad's lines take on the next card, and the rungs they climb (PROG-16): each line's votes are those of the
 * last card that had it. Of the rises two a session: what runs on today's card first, of that what the block develops,
 * then what stepped longest ago. Who is to go down always does.
 * A lighter week and a peak bring nothing more (BLOCK-1, PHASE-2): what was earned before them comes after them.
 * @param cards the squad's, newest first
 * @param holds the day lies in such a week
 * @param today entries that run on the day's card; `again`: lines that begin their block anew, whatever was earned before
 */
export function squadMoves(
  cards: readonly SessionRow[],
  people: readonly KnownAthlete[],
  place: Place,
  phase: Phase,
  day: Day,
  holds: boolean,
  { today, again }: { readonly today: ReadonlySet<string>; readonly again: Running['again'] },
  club: Club,
): SquadMoves {
  const { library, method } = club;
  const seen = new Set<string>();
  const moves: Move[] = [];
  const lastSteps = lastStepDays(cards);
  const owning = people.map(({ facts, tracks }) => ({
    facts,
    tracks: new Map(tracks.map((track) => [runningKey(track.exerciseId, track.row), track])),
  }));
  for (const card of cards)
    for (const line of card.lines) {
      const key = runningKey(line.exerciseId, line.row);
      if (seen.has(key) || Object.hasOwn(again, key)) continue;
      const days = { today: day, lastStep: lastSteps.get(key) ?? null };
      const move = card.phase === phase ? moveOf(line, card, owning, days, club) : null;
      if (move) moves.push(move);
      // what a lighter week made shorter earns nothing, and what was earned before it is not lost
      if (move || !line.full?.rules.every((rule) => WEEK_RULES.includes(rule))) seen.add(key);
    }
  const runs = ({ exerciseId }: Move): boolean => today.has(exerciseId);
  const falls = moves.filter(({ step }) => step?.kind.endsWith('-down'));
  const rises = moves
    .filter(({ step, climb }) => step?.kind.endsWith('-up') || (climb && isHere(climb, place, library)))
    .sort((a, b) => Number(runs(b)) - Number(runs(a)) || Number(b.first) - Number(a.first) || byLastStep(a, b))
    .slice(0, holds ? 0 : method.settings.progress.squad.stepsASession);
  return {
    steps: Object.fromEntries([...falls, ...rises].flatMap(({ key, step }) => (step ? [[key, step]] : []))),
    climbs: rises.flatMap(({ climb }) => climb ?? []),
    climbed: climbedOn(cards),
  };
}

/** What stepped longest ago, or never, first. */
const byLastStep = ({ lastStep: a }: Move, { lastStep: b }: Move): number =>
  a === b ? 0 : (a ?? '') < (b ?? '') ? -1 : 1;

const isHere = ({ to }: Climb, place: Place, library: Library): boolean => {
  const next = library.exercises.get(to);
  return next !== undefined && hasKit(next, place);
};

function moveOf(
  line: LineRow,
  card: SessionRow,
  people: readonly Owning[],
  days: StepDays,
  { library, method }: Club,
): Move | null {
  const exercise = library.exercises.get(line.exerciseId);
  if (!exercise) return null;
  const key = runningKey(line.exerciseId, line.row);
  const of = people.map(({ facts, tracks }) => ({
    facts,
    track: tracks.get(key) ?? null,
  }));
  // loads are each athlete's own, and so is the way up (PROG-9)
  if (of.some(({ track }) => track?.owned?.dose.loadKg != null)) return null;
  const most = (is: (caution: Caution) => boolean): boolean =>
    of.filter(({ facts }) => is(facts.caution)).length * 2 > of.length;
  const shorter = hasFewerSetsOnly(line);
  // a squad takes no step that most of it has to stay below (START-2)
  const setsHeld = shorter || most((caution) => caution !== 'none');
  const dose = line.full?.dose ?? line.dose;
  const asDone = { exercise, row: line.row, dose, sessionId: card.id, day: card.day, setsHeld };
  const votesBy = of.map(({ facts, track }) => ({ facts, vote: voteOf(track, asDone, method) }));
  const votes = countVotes(votesBy.map(({ vote }) => vote));
  const may = mayRiseOf(exercise, line.row, isMainSlot(line.slot), card.phase, method);
  const move = { key, exerciseId: line.exerciseId, first: may === 'develops', lastStep: days.lastStep };
  const step = squadStep(asDone, votes, may, days, library, method);
  // what the day or the week took away was not done, and earns nothing
  if (step?.kind.endsWith('-up') && ((line.full && !shorter) || most((caution) => caution === 'gentle'))) return null;
  if (step) return { ...move, step, climb: null };
  if (line.full) return null;
  const ready = votesBy.filter(({ facts, vote }) => vote !== null && isReadyAbove(exercise, facts, library)).length;
  const climb = squadClimb(asDone, { votes, ready }, may, days, library, method);
  return climb ? { ...move, step: null, climb: { ...climb, row: line.row } } : null;
}

/** What keeps a line at fewer sets for good, and not for a day: the session's minutes, and the part it stands in. */
const HOLDS_SETS = ['TIME-1', 'SEL-7'];

const hasFewerSetsOnly = ({ dose, full }: LineRow): boolean =>
  full !== null && full.dose.amount === dose.amount && full.rules.every((rule) => HOLDS_SETS.includes(rule));

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
