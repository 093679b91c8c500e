import { implementLoad, type Dose } from '../dose';
import type { Library } from '../library';
import type { MethodTables } from '../method';
import type { Change } from './change';
import type { ProgressCase } from './progress-case';
import { doseRange, entryOnRung, type DoseRange } from './range';

/**
 * PROG-7 and DOSE-11: after a layoff dose and load both move. More than 10 days one set off and 5 % off, more than 21
 * the minimum dose and 10 % off, more than 42 one rung down and the load is found again.
 * @param awayDays days since the last session or since this entry, the larger
 * @returns null when the layoff is short or changes nothing
 */
export function afterLayoff(
  of: Pick<ProgressCase, 'exercise' | 'row' | 'kit'> & { readonly dose: Dose },
  awayDays: number,
  range: DoseRange,
  library: Library,
  method: MethodTables,
): Change | null {
  const { exercise, dose, row, kit } = of;
  const step = method.settings.progress.layoff.findLast((rule) => awayDays > rule.overDays);
  if (!step) return null;
  const factor = method.settings.loading.layoff.findLast((rule) => awayDays > rule.overDays)?.factor;
  const from = { exerciseId: exercise.id, dose };
  const lower = step.change === 'rung' ? entryOnRung(exercise, -1, library) : null;
  const lowerRange = lower && doseRange(lower, method.doses[row], library);
  const saw = { awayDays, overDays: step.overDays };
  const rules = ['PROG-7', ...(dose.loadKg === null ? [] : ['DOSE-11'])];
  if (lower && lowerRange) {
    const to: Dose = {
      ...dose,
      sets: lowerRange.sets[0],
      amount: lowerRange.amount[0],
      unit: lower.doseUnit,
      per: lower.per,
      loadKg: null,
      percent: null,
    };
    return { kind: 'rung-down', from, to: { exerciseId: lower.id, dose: to }, rules, saw };
  }
  const load = dose.loadKg !== null && factor ? implementLoad(dose.loadKg * factor, exercise.load.kind, kit) : null;
  const to: Dose = {
    ...dose,
    ...(step.change === 'set'
      ? { sets: Math.max(range.sets[0], dose.sets - 1) }
      : { sets: range.sets[0], amount: range.amount[0] }),
    loadKg: load?.ok ? load.value : null,
    percent: null,
  };
  if (to.sets === dose.sets && to.amount === dose.amount && to.loadKg === dose.loadKg) return null;
  return {
    kind: step.change === 'set' ? 'set-down' : 'minimum',
    from,
    to: { exerciseId: exercise.id, dose: to },
    rules,
    saw,
  };
}
