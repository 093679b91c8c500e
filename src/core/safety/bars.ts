import { isTierAbove, TIERS, type Exercise, type Tier } from '../library';
import type { Bar, DoseRowId, MethodTables } from '../method';
import type { ActiveComplaint, ComplaintColumn } from './complaint';

const COLUMNS: readonly ComplaintColumn[] = ['mild', 'three', 'stop'];

/**
 * Everything a complaint bars: its column of SAFE-8 and those to its left, joined.
 * @throws {RangeError} a place the method does not know.
 */
export function barOf(complaint: ActiveComplaint, method: MethodTables): Bar {
  const place = method.places[complaint.place];
  const row = place && method.complaints[placeRow(complaint, place.row)];
  if (!row) throw new RangeError(`barOf: place must be in the method, got ${complaint.place}`);
  return COLUMNS.slice(0, COLUMNS.indexOf(complaint.column) + 1)
    .map((column) => row[column])
    .reduce(joinBars);
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
    everything: a.everything || b.everything,
  };
}

type TierLimit = Tier | 'none' | null;
const rank = (limit: TierLimit): number =>
  limit === null ? TIERS.length : limit === 'none' ? -1 : TIERS.indexOf(limit);
const stricter = (a: TierLimit, b: TierLimit): TierLimit => (rank(a) <= rank(b) ? a : b);

/**
 * Whether a bar stops an entry dosed by a row.
 * @param tier the entry's tier at this dose; null when it does not land
 */
export function isBarred(bar: Bar, exercise: Exercise, row: DoseRowId, tier: Tier | null): boolean {
  if (bar.everything || bar.families.includes(exercise.family)) return true;
  if (tier !== null && bar.maxTier !== null && (bar.maxTier === 'none' || isTierAbove(tier, bar.maxTier))) return true;
  if (tier !== null && bar.twoFeetOnly && exercise.plyo?.legs !== 'two') return true;
  if (bar.slowOnly.includes(exercise.family) && (exercise.speed === 'fast' || exercise.speed === 'maximal'))
    return true;
  if (exercise.flags.some((flag) => bar.flags.includes(flag))) return true;
  if (bar.flagRows.some(({ flag, rows }) => exercise.flags.some((own) => own === flag) && rows.includes(row)))
    return true;
  return bar.loadedTrunk && exercise.family === 'trunk' && exercise.load.kind !== 'bodyweight';
}
