import { meetsGate } from '../athlete';
import { stepPyramid, type Dose } from '../dose';
import type { Exercise, Library } from '../library';
import type { MethodTables } from '../method';
import { earns } from '../track';
import type { Change } from './change';
import type { JudgedCase } from './progress-case';
import { doseRange, entryOnRung, isAtMost, rungOf, type DoseRange } from './range';

/** Clean sessions at the most below before a rung left for tightness is tried again (PROG-4). */
const TRIED_AGAIN_AFTER = 3;
/** Sent down this often, a rung waits for a test (PROG-4). */
const SENT_DOWN_ASKS = 2;

/**
 * PROG-2 and PROG-3: fine and clean → one set more up to the most, then one rep or five seconds up to the most, then
 * the next rung at its minimum when its gate is met and the last two answers were fine. Usual tightness repeats; twice
 * in a row at the most, all clean, it counts as two fines. A rung left because of tightness waits for three clean
 * sessions at the most below it (PROG-4).
 */
export function raiseByResponse(
  of: JudgedCase,
  range: DoseRange,
  library: Library,
  method: MethodTables,
): Change | null {
  const { exercise, track, last, owned } = of;
  const [, before] = track.exposures;
  const from = { exerciseId: exercise.id, dose: owned };
  const fine = last.response?.answer === 'fine';
  const twoUsual =
    last.response?.answer === 'usual' &&
    before?.response?.answer === 'usual' &&
    earns(before) &&
    isAtMost(last, range) &&
    isAtMost(before, range);
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
  const longer = stepPyramid(owned, 1);
  if (owned.pyramid) return longer && step('amount-up', longer);
  const fewestOnly = of.athlete.caution === 'sets';
  if (owned.sets < range.sets[1] && !fewestOnly) return step('set-up', { ...owned, sets: owned.sets + 1 });
  if (owned.amount < range.amount[1]) {
    const more = owned.unit === 'seconds' ? method.settings.progress.timeStepS : 1;
    return step('amount-up', { ...owned, amount: Math.min(range.amount[1], owned.amount + more) });
  }
  const twoFine = twoUsual || before?.response?.answer === 'fine';
  const next = twoFine ? rungAbove(of, range, library) : null;
  const nextRange = next && doseRange(next, method.doses[of.row], library);
  if (!next || !nextRange) return null;
  const dose: Dose = {
    ...owned,
    sets: nextRange.sets[0],
    amount: nextRange.amount[0],
    unit: next.doseUnit,
    per: next.per,
    loadKg: null,
    percent: null,
  };
  return { kind: 'rung-up', from, to: { exerciseId: next.id, dose }, rules, saw: { ...saw, gateMet: true } };
}

/** The entry on the next rung where nothing stands before it: its gates, and what the athlete was sent down for. */
function rungAbove(of: JudgedCase, range: DoseRange, library: Library): Exercise | null {
  const next = entryOnRung(of.exercise, 1, library);
  if (!next) return null;
  const gates = [...(rungOf(next, library)?.rung.gates ?? []), ...next.gates];
  if (!gates.every((gate) => meetsGate(gate, of.athlete, library))) return null;
  const sentDown = of.trackOf(next.id)?.sentDown ?? 0;
  if (sentDown >= SENT_DOWN_ASKS) return null;
  const cleanAtMost = of.track.exposures
    .slice(0, TRIED_AGAIN_AFTER)
    .filter((exposure) => earns(exposure) && isAtMost(exposure, range)).length;
  return sentDown === 0 || cleanAtMost >= TRIED_AGAIN_AFTER ? next : null;
}

/** Whether a rung asks for a test before it is tried again: the athlete was sent down from it twice (PROG-4). */
export const asksForTest = (sentDown: number): boolean => sentDown >= SENT_DOWN_ASKS;
