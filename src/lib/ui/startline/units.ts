import { showValue, type TestRecord, type TestSpec } from '$core/testing';
import { massFromKg, type MassUnit } from '$core/units';

/** How lengths and masses are shown; what is stored never changes. */
export type UnitSystem = 'metric' | 'imperial';
export const massOf = (system: UnitSystem): MassUnit => (system === 'metric' ? 'kg' : 'lb');

/** The unit shown, how many of it make one of the stored unit, and its decimals. */
const IMPERIAL: Readonly<Record<string, { unit: string; per: number; decimals: number }>> = {
  cm: { unit: 'in', per: 39.37007874, decimals: 1 },
  kg: { unit: 'lb', per: 2.2046226218, decimals: 1 },
};

/** A test as it is typed and shown in a system of units. */
export const specIn = (spec: TestSpec, system: UnitSystem): TestSpec =>
  system === 'imperial' && IMPERIAL[spec.unit] ? { ...spec, ...IMPERIAL[spec.unit] } : spec;

/** A lift as it is typed: `100 × 5`, with what was left behind it. */
export const showLift = (
  { loadKg, reps, rir }: Pick<TestRecord, 'loadKg' | 'reps' | 'rir'>,
  system: UnitSystem,
): string =>
  loadKg === null || reps === null
    ? ''
    : `${String(Math.round(massFromKg(loadKg, massOf(system)) * 10) / 10)} × ${String(reps)}${rir ? `, ${String(rir)} left` : ''}`;

/** What stands in a cell. */
export function showCell(
  cell: Pick<TestRecord, 'value' | 'joints' | 'loadKg' | 'reps' | 'rir'>,
  spec: TestSpec,
  system: UnitSystem,
): string {
  if (cell.loadKg !== null) return showLift(cell, system);
  return cell.value === null ? '' : showValue(specIn(spec, system), cell.value);
}

/** The same as it would be typed again: trials and joints one by one. */
export function typedCell(
  cell: Pick<TestRecord, 'value' | 'trials' | 'joints' | 'loadKg' | 'reps' | 'rir'>,
  spec: TestSpec,
  system: UnitSystem,
): string {
  if (cell.joints) return cell.joints.join('');
  const shown = specIn(spec, system);
  return cell.trials ? cell.trials.map((trial) => showValue(shown, trial)).join(' ') : showCell(cell, spec, system);
}
