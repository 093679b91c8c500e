import { dayLimits, type DayLimits } from '../season';
import { doseLevelFor, type DoseLevel } from '../dose';
import { isLevelAtLeast, LEVELS, type Exercise, type Level, type Library, type Sport } from '../library';
import { matchTags, weekdayOf, type MatchTag } from '../calendar';

import { schoolLibrary, type DoseRowId, type MethodTables } from '../method';
import { knownTiers } from '../testing';
import type { AthleteFacts } from '../athlete';
import { bonusesOf, type Bonus } from './bonuses';
import type { Brief } from './brief';
import { emphasise } from './emphasise';

/** A brief with what follows from it, worked out once and passed down. */
export interface Context {
  readonly brief: Brief;
  readonly library: Library;
  readonly method: MethodTables;
  readonly sport: Sport;
  readonly bonuses: readonly Bonus[];
  readonly tags: readonly MatchTag[];
  readonly limits: DayLimits;
  /** the squad's common levels: the lower median, so that half can always do what is written */
  readonly liftLevel: Level;
  readonly jumpLevel: Level;
  readonly doseLevel: DoseLevel;
  /** the library in id order, so that the same brief gives the same card */
  readonly exercises: readonly Exercise[];
  /** movement patterns by index */
  readonly patterns: ReadonlyMap<string, number>;
  /** shares of the squad barred, by entry and dose, as they are worked out */
  readonly barredShares: Map<string, number>;
}

/**
 * @throws {RangeError} the brief's sport is not in the library.
 */
export function makeContext(asked: Brief, builtIn: Library, method: MethodTables): Context {
  const library = schoolLibrary(builtIn, asked.schools, method);
  // a card of another phase is no starting point for this one
  const brief: Brief =
    asked.previous && asked.previous.phase !== asked.phase ? { ...asked, previous: null, weekOfBlock: 1 } : asked;
  const asIs = library.sports.get(brief.sportId);
  if (!asIs) throw new RangeError(`makeContext: sportId must be in the library, got ${brief.sportId}`);
  const sport = emphasise(asIs, brief.athletes);
  const tags = matchTags(brief.day, brief.events, method.settings.week.tagReachDays);
  const liftLevel = medianLevel(brief.athletes.map((a) => a.liftLevel));
  const most = (is: (one: AthleteFacts) => boolean): boolean =>
    brief.athletes.filter(is).length * 2 >= Math.max(1, brief.athletes.length);
  return {
    brief,
    library,
    method,
    sport,
    bonuses: bonusesOf(brief.athletes, method.settings),
    tags,
    limits: dayLimits(tags, method.settings),
    liftLevel,
    jumpLevel: most(isKnown) ? medianLevel(brief.athletes.map((a) => a.jumpLevel)) : 'foundation',
    doseLevel: doseLevelFor(
      liftLevel,
      most(trainsInFull),
      brief.weekOfBlock,
      brief.schools.loading,
      weekdayOf(brief.day),
    ),
    exercises: [...library.exercises.values()].sort((a, b) => (a.id < b.id ? -1 : 1)),
    patterns: new Map(
      [...new Set([...library.exercises.values()].map(({ pattern }) => pattern))].map((pattern, i) => [pattern, i]),
    ),
    barredShares: new Map(),
  };
}

/** START-2: while range, control or skill is unknown an athlete trains at the bottom of each range. */
export function isKnown(athlete: AthleteFacts): boolean {
  const tiers = knownTiers(athlete.tests);
  return tiers.range && tiers.control && tiers.skill;
}

/** Neither unknown nor held back: a focus on range or control keeps the tiers above at the bottom of their ranges (START-1). */
export const trainsInFull = (athlete: AthleteFacts): boolean => isKnown(athlete) && !athlete.focus?.holdsBack;

function medianLevel(levels: readonly Level[]): Level {
  const sorted = levels.map((level) => LEVELS.indexOf(level)).sort((a, b) => a - b);
  return LEVELS[sorted[Math.floor((sorted.length - 1) / 2)] ?? 0] ?? 'foundation';
}

/**
 * The row a level may use: barred from a row, it takes the next gentler one (PHASE-3).
 * In the season the gentler row of maximal strength is the maintenance row.
 */
export function rowForLevel(row: DoseRowId, level: Level, method: MethodTables): DoseRowId {
  let current = row;
  for (let step = 0; step < 4; step++) {
    const { atLeast, gentler } = method.doses[current];
    if (atLeast === null || isLevelAtLeast(level, atLeast) || gentler === null) return current;
    current = gentler;
  }
  return current;
}
