import { isTierAbove, TIERS, type Exercise, type Tier } from '../library';
import type { Bar, DoseRowId, MethodTables } from '../method';
import { ACTIVE_COLUMNS, type ActiveComplaint } from './complaint';
import { returnWork, stepsSince } from './return-stage';

/** What bars nothing. */
const NOTHING: Bar = {
  maxTier: null,
  twoFeetOnly: false,
  families: [],
  slowOnly: [],
  flags: [],
  flagRows: [],
  loadedTrunk: false,
  kneeDominantSlow: false,
  kneeling: false,
  everything: false,
};

/**
 * Everything a complaint bars: its column of SAFE-8 and those to its left, joined, with what its clearance leaves out.
 * @throws {RangeError} a place the method does not know.
 */
export function barOf(complaint: ActiveComplaint, method: MethodTables): Bar {
  const place = Object.hasOwn(method.places, complaint.place) ? method.places[complaint.place] : undefined;
  const row = place && method.complaints[placeRow(complaint, place.row)];
  if (!row) throw new RangeError(`barOf: place must be in the method, got ${complaint.place}`);
  return ACTIVE_COLUMNS.slice(0, ACTIVE_COLUMNS.findIndex((column) => column === complaint.column) + 1)
    .map((column) => row[column])
    .reduce(joinBars, { ...NOTHING, maxTier: complaint.maxTier ?? null });
}

/** Neck pain reads as head pain once it is at 4 or has a sign, else as back pain. */
const placeRow = (complaint: ActiveComplaint, row: string): string =>
  row === 'neck' ? (complaint.column === 'stop' ? 'head' : 'back') : row;

function joinBars(a: Bar, b: Bar): Bar {
  return {
    maxTier: stricter(a.maxTier, b.maxTier),
    twoFeetOnly: a.twoFeetOnly || b.twoFeetOnly,
    families: [...a.families, ...b.families],
    slowOnly: [...a.slowOnly, ...b.slowOnly],
    flags: [...a.flags, ...b.flags],
    flagRows: [...a.flagRows, ...b.flagRows],
    loadedTrunk: a.loadedTrunk || b.loadedTrunk,
    kneeDominantSlow: a.kneeDominantSlow || b.kneeDominantSlow,
    kneeling: a.kneeling || b.kneeling,
    everything: a.everything || b.everything,
  };
}

type TierLimit = Tier | 'none' | null;
const rank = (limit: TierLimit): number =>
  limit === null ? TIERS.length : limit === 'none' ? -1 : TIERS.indexOf(limit);
const stricter = (a: TierLimit, b: TierLimit): TierLimit => (rank(a) <= rank(b) ? a : b);

/** Why an entry dosed by a row may not be done for a complaint: it is barred, or its stage has not opened it. */
export function barsWork(
  complaint: ActiveComplaint,
  exercise: Exercise,
  row: DoseRowId,
  tier: Tier | null,
  method: MethodTables,
): 'barred' | 'not-yet' | null {
  if (!isBarred(barOf(complaint, method), exercise, row, tier)) return null;
  if (!complaint.returning) return 'barred';
  const { maxTier } = complaint;
  if (tier !== null && maxTier != null && (maxTier === 'none' || isTierAbove(tier, maxTier))) return 'barred';
  return stepsSince(complaint.returning, returnWork(exercise, row, tier), method.returning) < 0 ? 'not-yet' : null;
}

/** An entry is knee-dominant from this part of its work on (SAFE-8). */
const KNEE_DOMINANT = 0.5;

/**
 * Whether a bar stops an entry dosed by a row. Where jumps stop altogether, so does whatever strikes or turns.
 * @param tier the entry's tier at this dose; null when it does not land
 */
export function isBarred(bar: Bar, exercise: Exercise, row: DoseRowId, tier: Tier | null): boolean {
  if (bar.everything || bar.families.includes(exercise.family)) return true;
  if (tier !== null && bar.maxTier !== null && (bar.maxTier === 'none' || isTierAbove(tier, bar.maxTier))) return true;
  if (tier !== null && bar.twoFeetOnly && exercise.plyo?.legs !== 'two') return true;
  const fast = exercise.speed === 'fast' || exercise.speed === 'maximal';
  if (fast && bar.slowOnly.includes(exercise.family)) return true;
  if (fast && bar.kneeDominantSlow && (exercise.dominance?.knee ?? 0) >= KNEE_DOMINANT) return true;
  if (bar.maxTier === 'none' && exercise.flags.includes('strikes')) return true;
  if (bar.kneeling && exercise.flags.includes('kneeling')) return true;
  if (exercise.flags.some((flag) => bar.flags.includes(flag))) return true;
  if (bar.flagRows.some(({ flag, rows }) => exercise.flags.some((own) => own === flag) && rows.includes(row)))
    return true;
  return bar.loadedTrunk && exercise.family === 'trunk' && exercise.load.kind !== 'bodyweight';
}
