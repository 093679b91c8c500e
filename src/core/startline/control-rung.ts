import type { Day } from '../calendar';
import type { TestRecord, TestSpecs } from '../testing';
import { outcomesOf } from './outcomes';
import { tierState } from './tier-state';
import type { StartSettings } from './settings';

/**
 * The rung of the control ladder an athlete starts on: the lowest among those of the failed screens, or hop, hop, stick
 * when all pass (START-3). A screen repaired later moves the athlete one rung, not to the top: the days of testing are
 * walked in order.
 * @returns counted from 1; null while nothing of control has failed and not all is known
 */
export function controlRung(
  records: readonly TestRecord[],
  specs: TestSpecs,
  today: Day,
  settings: StartSettings,
): number | null {
  const own = records.filter(({ test, day }) => settings.tests.control.includes(test) && day <= today);
  const days = [...new Set(own.map(({ day }) => day))].sort();
  return days.reduce<number | null>((now, day) => {
    const read = rungOn(own, specs, day, settings);
    if (read === null || now === null) return read ?? now;
    return Math.min(read, now + 1);
  }, null);
}

function rungOn(
  records: readonly TestRecord[],
  specs: TestSpecs,
  day: Day,
  { tests, controlRungs }: StartSettings,
): number | null {
  const outcomes = outcomesOf(
    records.filter((record) => record.day <= day),
    specs,
    day,
  );
  const states = tests.control.map((id) => [id, tierState(id, outcomes, tests.control)] as const);
  const failed = states.flatMap(([id, state]) => (state === 'failed' ? (controlRungs[id] ?? []) : []));
  if (failed.length > 0) return Math.min(...failed);
  return states.every(([, state]) => state === 'passed') ? (controlRungs.passed ?? null) : null;
}
