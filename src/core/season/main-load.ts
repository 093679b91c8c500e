import type { Level } from '../library';
import type { DoseRowId, MethodTables, Schools } from '../method';
import type { Caution } from '../startline';
import { percentFor } from '../testing';
import type { BlockWeek } from './lay-blocks';
import type { RowWeek } from './lay-run';
import type { Role } from './best-roles';

/** A main lift's sets, reps and intensity as its block has them written for a week (BLOCK-5). */
export interface MainLoad {
  readonly row: DoseRowId;
  readonly sets: number;
  readonly reps: number;
  /** null = a fast lift, by its speed */
  readonly rir: number | null;
  /** of 1RM; null = by speed */
  readonly percent: number | null;
  readonly tempo: string | null;
}

/** What of a squad a main lift's load depends on. */
export interface LoadCase {
  readonly level: Level;
  /** START-2: the fewest sets, or the gentlest week of the row all through */
  readonly caution: Caution;
  /** under-age or untested squads stay at or under this part of 1RM (SAFE-3) */
  readonly maxIntensity: number | null;
  readonly loading: Schools['loading'];
  /** the row stands beside a power lead: its fewest sets */
  readonly besidePower: boolean;
  /** sets of a peak's week as a part of the block's */
  readonly peakSets: number | null;
}

const WAVES: Readonly<Record<'heavy' | 'medium' | 'light', RowWeek>> = { heavy: 3, medium: 2, light: 1 };

/**
 * The main lift of a session in a week of its block. *Blocks*: reps and RIR of the row's week; *daily waves*: heavy, light
 * and medium by the order of the week's sessions; *straight-line*: one week's numbers all through, the load rises by
 * itself; *three-action*: as blocks, at the tempo of the block's action.
 * @param order the session's place among the week's sessions that hold a main lift, from 0
 */
export function mainLoad(
  row: DoseRowId,
  role: Role,
  week: Pick<BlockWeek, 'kind' | 'rowWeek' | 'action'>,
  order: number,
  of: LoadCase,
  method: MethodTables,
): MainLoad {
  const { season, loading } = method.settings;
  const wave =
    of.loading === 'daily waves' && week.kind === 'loading' ? (['heavy', 'light', 'medium'] as const)[order % 3] : null;
  const rowWeek: RowWeek =
    of.caution === 'gentle' ? 1 : wave ? WAVES[wave] : of.loading === 'straight-line' ? 2 : week.rowWeek;
  const weeks = season.mainLoads[row] ?? [];
  const written = capped(weeks, rowWeek, of.maxIntensity, method);
  const second = role === 'A2' || role === 'B2';
  const usual = setsOf(row, of, method) - (second ? 1 : 0) - (wave === 'light' ? 1 : 0);
  const part = of.peakSets ?? (week.kind === 'lighter' ? season.lighterSets : 1);
  const percent =
    written.rir === null ? null : percentFor(loading.formula, written.reps, written.rir, loading.maxPrescribingReps);
  return {
    row,
    sets: Math.max(1, Math.floor(usual * part + 0.5)),
    reps: written.reps,
    rir: written.rir,
    percent: percent?.ok ? percent.value * (second ? season.secondRoundLoad : 1) : null,
    tempo: week.action ? week.action.tempo : method.doses[row].tempo,
  };
}

/** The row's week, or the nearest lighter one where a cap on intensity asks for it, or more in reserve (SAFE-3). */
function capped(
  weeks: MethodTables['settings']['season']['mainLoads'][string],
  rowWeek: RowWeek,
  maxIntensity: number | null,
  { settings: { loading } }: MethodTables,
): { reps: number; rir: number | null } {
  const isUnder = ({ reps, rir }: { reps: number; rir: number | null }): boolean => {
    if (maxIntensity === null || rir === null) return true;
    const share = percentFor(loading.formula, reps, rir, loading.maxPrescribingReps);
    return !share.ok || share.value <= maxIntensity + 1e-9;
  };
  for (let week = rowWeek; week >= 1; week--) {
    const written = weeks[week - 1];
    if (written && isUnder(written)) return written;
  }
  const easiest = weeks[0] ?? { reps: 10, rir: 3 };
  for (let rir = easiest.rir ?? 0; rir <= MOST_RESERVE; rir++)
    if (isUnder({ ...easiest, rir })) return { ...easiest, rir };
  return easiest;
}
const MOST_RESERVE = 10;

/** Foundation the fewest of the row, advanced the most, else the middle. */
function setsOf(row: DoseRowId, { level, besidePower, caution }: LoadCase, { doses }: MethodTables): number {
  const [fewest, most] = doses[row].sets;
  if (besidePower || level === 'foundation' || caution !== 'none') return fewest;
  return level === 'advanced' ? most : Math.floor((fewest + most) / 2 + 0.5);
}
