import type { AthleteFacts } from '../athlete';
import { weekdayOf } from '../calendar';
import { makeDayContext, rowCaseOf, trainsGently, type DayContext } from '../day';
import { doseLevelFor, type Dose, type DoseLevel, type RowCase } from '../dose';
import { medianLevel, type Exercise, type Level, type Library, type Sport } from '../library';
import type { AskedKind, DoseRowId, MethodTables } from '../method';
import { asAsked, askedKind } from './as-asked';
import type { Brief } from './brief';
import { bonusesOf, type Bonus } from './compile/bonuses';
import { emphasise } from './compile/emphasise';
import type { Room } from '../order';
import { roomOf } from './room-of';
import { guardsOf, heldBefore, partsMissing } from './week-parts';

/** A brief with what follows from it, worked out once and passed down. */
export interface Context extends DayContext {
  readonly brief: Brief;
  /** the session was asked for by name */
  readonly kind: AskedKind | null;
  readonly sport: Sport;
  readonly bonuses: readonly Bonus[];
  /** the squad's common levels: the lower median, so that half can always do what is written */
  readonly jumpLevel: Level;
  readonly rows: RowCase;
  readonly doseLevel: DoseLevel;
  /** who lifts where, for the clock */
  readonly room: Room;
  /** force unknown, or a gentle start, for most: the fewest sets (START-2, START-5) */
  readonly fewestSets: boolean;
  /** a main lift has all the sets its plan writes; off = fewer may be tried */
  readonly mainsWhole: boolean;
  /** a set just earned may wait for a session with room for it; off = it comes with its line */
  readonly stepsWait: boolean;
  /** the library in id order, so that the same brief gives the same card */
  readonly exercises: readonly Exercise[];
  /** movement patterns by index */
  readonly patterns: ReadonlyMap<string, number>;
  /** shares of the squad barred, by entry and dose, as they are worked out */
  readonly barredShares: Map<string, number>;
  /** the squad's doses, as they are worked out */
  readonly squadDoses: Map<string, Dose | null>;
  /** the share of the squad an entry keeps leaving overly tight, 0–1 (PROG-14) */
  readonly tightShare: (exerciseId: string) => number;
}

/**
 * @throws {RangeError} the brief's sport is not in the library.
 */
export function makeContext(given: Brief, builtIn: Library, method: MethodTables): Context {
  const asked = asAsked(given, method);
  // what ran in another phase is no starting point for this one
  const brief: Brief =
    asked.running.phase === asked.phase
      ? asked
      : { ...asked, running: { ...asked.running, phase: asked.phase, entries: {} }, weekOfBlock: 1 };
  const day = makeDayContext(brief, builtIn, method);
  const asIs = day.library.sports.get(brief.sportId);
  if (!asIs) throw new RangeError(`makeContext: sportId must be in the library, got ${brief.sportId}`);
  const { athletes } = brief;
  const liftLevel = medianLevel(athletes.map((a) => a.liftLevel));
  const most = (is: (one: AthleteFacts) => boolean): boolean =>
    athletes.length > 0 && athletes.filter(is).length * 2 > athletes.length;
  const gently = most((one) => one.caution === 'gentle');
  return {
    ...day,
    brief,
    kind: askedKind(brief, method),
    sport: emphasise(asIs, athletes, method.settings.choice),
    bonuses: bonusesOf(athletes, method.settings, lackingOf(brief, asIs, day.library)),
    jumpLevel: gently ? 'foundation' : medianLevel(athletes.map((a) => a.jumpLevel)),
    rows: { liftLevel, gently, young: most((one) => rowCaseOf(one, method).young) },
    doseLevel: doseLevelFor(
      liftLevel,
      !most(trainsGently),
      brief.weekOfBlock,
      brief.schools.loading,
      weekdayOf(brief.day),
    ),
    room: roomOf(brief, day.library),
    fewestSets: most((one) => one.caution !== 'none' || trainsGently(one)),
    mainsWhole: true,
    stepsWait: false,
    exercises: inOrder(day.library),
    patterns: patternsOf(day.library),
    barredShares: new Map(),
    squadDoses: new Map(),
    tightShare: shareOf(athletes.map(({ id }) => day.leavesTight(id))),
  };
}

/** What the week lacks before this session. */
function lackingOf({ week, phase }: Brief, sport: Sport, library: Library): Parameters<typeof bonusesOf>[2] {
  if (!week) return undefined;
  return {
    parts: partsMissing(heldBefore(week, library), guardsOf(sport), phase === 'congested'),
    isLast: week.isLast,
  };
}

/** The share of sets that hold an id. */
function shareOf(sets: readonly ReadonlySet<string>[]): (id: string) => number {
  const counts = new Map<string, number>();
  for (const set of sets) for (const id of set) counts.set(id, (counts.get(id) ?? 0) + 1);
  return (id) => (counts.get(id) ?? 0) / Math.max(1, sets.length);
}

const inOrder = (library: Library): Exercise[] =>
  [...library.exercises.values()].sort((a, b) => (a.id < b.id ? -1 : 1));

const patternsOf = (library: Library): Map<string, number> =>
  new Map(
    [...new Set([...library.exercises.values()].map(({ pattern }) => pattern))].map((pattern, i) => [pattern, i]),
  );

/**
 * The squad's dose of an entry in a row: that of its last card, with the step its votes gave it (PROG-16); on an own card,
 * and where there is no card, what at least half own.
 * @returns null where nothing runs: the row's start is next
 */
export function squadDose(
  exerciseId: string,
  row: DoseRowId,
  { brief, own, trackOf, squadDoses }: Context,
): Dose | null {
  const key = `${exerciseId} ${row}`;
  const known = squadDoses.get(key);
  if (known !== undefined) return known;
  const last = Object.hasOwn(brief.running.doses, key) ? (brief.running.doses[key] ?? null) : null;
  if (last && !own) {
    const bare = { ...last, loadKg: null, percent: null };
    squadDoses.set(key, bare);
    return bare;
  }
  const counts = new Map<string, { dose: Dose; count: number }>();
  for (const { id } of brief.athletes) {
    const owned = trackOf(id, exerciseId, row)?.owned?.dose;
    if (!owned) continue;
    const at = `${String(owned.sets)} ${String(owned.amount)}`;
    counts.set(at, { dose: owned, count: (counts.get(at)?.count ?? 0) + 1 });
  }
  const [most] = [...counts.values()].sort(
    (a, b) => b.count - a.count || a.dose.sets - b.dose.sets || a.dose.amount - b.dose.amount,
  );
  const found =
    most && most.count * 2 >= brief.athletes.length
      ? { ...(last ?? most.dose), sets: most.dose.sets, amount: most.dose.amount }
      : last;
  const bare = found && { ...found, loadKg: null, percent: null };
  squadDoses.set(key, bare);
  return bare;
}
