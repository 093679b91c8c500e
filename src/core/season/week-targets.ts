import type { Level } from '../library';
import type { MethodTables } from '../method';
import type { BlockWeek } from './lay-blocks';
import type { PhaseWeek } from './lay-phases';

/** Families whose hard sets a phase gives a range for (PHASE-3). */
export const COUNTED = ['knee', 'hip', 'calfFoot', 'trunk'] as const;
export type Counted = (typeof COUNTED)[number];
export type BySpan = Readonly<Record<Counted, readonly [number, number]>>;
/** What a session's hard sets are held within: those, and the presses and pulls above. */
export const BANDED = [...COUNTED, 'push', 'pull'] as const;
export type Banded = (typeof BANDED)[number];
export type ByCount = Readonly<Record<Counted, number>>;

const OFF_SEASON: readonly PhaseWeek['phase'][] = ['general', 'specific'];

/**
 * The range of hard sets a week aims at: the phase's row, its lower end smaller where the gym has fewer minutes, both ends
 * in a lighter week (PHASE-3).
 * @returns null where the phase has no row (peak, return): `plannedSets` takes the block's
 */
export function targetSets(
  { phase }: Pick<PhaseWeek, 'phase'>,
  { kind }: Pick<BlockWeek, 'kind'>,
  gymMinutes: number,
  method: MethodTables,
): BySpan | null {
  const row = method.phases[phase].weeklySets;
  if (!row) return null;
  const { season } = method.settings;
  const whole = OFF_SEASON.includes(phase) ? season.gymMinutesOffSeason : season.gymMinutesElse;
  const part = Math.min(1, gymMinutes / whole);
  const lighter = kind === 'lighter' ? season.lighterSets : 1;
  return byFamily((family) => [halfUp(row[family][0] * part * lighter), halfUp(row[family][1] * lighter)]);
}

/**
 * Hard sets planned for a week: from the lower end of the range towards its middle as the block goes on (foundation stays
 * at the bottom), never rising faster than the last weeks allow (WEEK-6); in a peak a part of the last loading weeks.
 * @param before planned sets of the loading weeks before, oldest first
 */
export function plannedSets(
  range: BySpan | null,
  block: BlockWeek,
  peakWeek: 1 | 2 | null,
  level: Level,
  before: readonly ByCount[],
  method: MethodTables,
): ByCount {
  const { season } = method.settings;
  const recent = before.slice(-season.riseOverWeeks);
  const mean = (family: Counted): number =>
    recent.length === 0 ? 0 : recent.reduce((sum, week) => sum + week[family], 0) / recent.length;
  if (peakWeek !== null || range === null)
    return byFamily((family) => Math.max(1, halfUp(mean(family) * (season.peakSets[(peakWeek ?? 1) - 1] ?? 1))));
  const along = level === 'foundation' ? 0 : (STEP[block.rowWeek - 1] ?? 0);
  return byFamily((family) => {
    const [from, to] = range[family];
    const wanted = halfUp(from + (to - from) * along);
    if (block.kind !== 'loading' || recent.length === 0) return wanted;
    const highest = Math.max(...recent.map((week) => week[family]));
    return Math.min(wanted, Math.floor(highest + Math.max(season.riseSets, highest * season.riseShare) + 1e-9));
  });
}

/** How far up its range a row week stands. */
const STEP = [0.25, 0.4, 0.55];

const byFamily = <T>(of: (family: Counted) => T): Record<Counted, T> => ({
  knee: of('knee'),
  hip: of('hip'),
  calfFoot: of('calfFoot'),
  trunk: of('trunk'),
});
const halfUp = (value: number): number => Math.floor(value + 0.5 + 1e-9);
