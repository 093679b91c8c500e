import { meetsGate } from '../athlete';
import type { Dose } from '../dose';
import type { Library } from '../library';
import type { MethodTables } from '../method';
import type { Change } from './change';
import { isClean, type Exposure } from './exposure';
import type { ProgressCase } from './progress-case';
import { doseRange, entryOnRung, rungOf, type DoseRange } from './range';

/**
 * PROG-2 and PROG-3: fine and clean → one set more up to the most, then one rep or five seconds up to the most, then
 * the next rung at its minimum when its gate is met and the last two answers were fine. Usual tightness repeats; twice
 * in a row at the most, all clean, it counts as two fines.
 */
export function raiseByResponse(
  of: ProgressCase,
  range: DoseRange,
  library: Library,
  method: MethodTables,
): Change | null {
  const { exercise, exposures, row } = of;
  const [last, before] = exposures;
  const from = { exerciseId: exercise.id, dose: last.dose };
  const atMost = (exposure: Exposure): boolean =>
    exposure.dose.sets >= range.sets[1] && exposure.dose.amount >= range.amount[1];
  const fine = last.response?.answer === 'fine';
  const twoUsual =
    last.response?.answer === 'usual' &&
    before?.response?.answer === 'usual' &&
    isClean(before) &&
    atMost(last) &&
    atMost(before);
  if (!fine && !twoUsual) return null;
  const rules = fine ? ['PROG-2'] : ['PROG-3', 'PROG-2'];
  const saw = { answer: last.response.answer, day: last.day, setsDone: last.sets.length, clean: true };
  const step = (kind: 'set-up' | 'amount-up', dose: Dose): Change => ({
    kind,
    from,
    to: { ...from, dose },
    rules,
    saw,
  });
  if (last.dose.sets < range.sets[1]) return step('set-up', { ...last.dose, sets: last.dose.sets + 1 });
  if (last.dose.amount < range.amount[1]) {
    const more = last.dose.unit === 'seconds' ? method.settings.progress.timeStepS : 1;
    return step('amount-up', { ...last.dose, amount: Math.min(range.amount[1], last.dose.amount + more) });
  }
  const twoFine = twoUsual || before?.response?.answer === 'fine';
  const next = entryOnRung(exercise, 1, library);
  const nextRange = next && doseRange(next, method.doses[row], library);
  if (!twoFine || !next || !nextRange) return null;
  const gates = [...(rungOf(next, library)?.rung.gates ?? []), ...next.gates];
  if (!gates.every((gate) => meetsGate(gate, of.athlete, library))) return null;
  const dose: Dose = {
    ...last.dose,
    sets: nextRange.sets[0],
    amount: nextRange.amount[0],
    unit: next.doseUnit,
    per: next.per,
  };
  return { kind: 'rung-up', from, to: { exerciseId: next.id, dose }, rules, saw: { ...saw, gateMet: true } };
}
