import { fail, ok, type Result } from '../result';
import { mean } from '../statistics';
import { massToKg, type MassUnit } from '../units';
import { estimateOneRepMax } from './one-rep-max';
import { JOINTS, type TestSpec } from './test-spec';

/** What was typed in a cell, in stored units. */
export interface CellValue {
  readonly value: number | null;
  readonly trials: readonly number[] | null;
  readonly joints: readonly number[] | null;
  readonly loadKg: number | null;
  readonly reps: number | null;
  readonly rir: number | null;
}

const EMPTY: CellValue = { value: null, trials: null, joints: null, loadKg: null, reps: null, rir: null };
const number = (text: string): number => (/^-?\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : NaN);

/**
 * Reads a cell as a coach types it: `31.5` in the unit shown; `pass`, `good` or the first letter; a screen as its sum
 * (`1`) or one figure a joint (`0100`: foot, knee, hip, trunk); several trials with spaces
 * between (`41 42.5 40`); a lift as `100 × 5`, with what was left as `100 × 5, 2 left`; a load
 * alone is lifted once.
 * @param mass the unit lifts are typed in
 * @returns `not_a_grade`, `not_a_score`, `not_a_lift`, `not_a_number`, `too_many_reps` with what was typed
 * @example readCell(spec of cmj, '41,2', 'kg') // value 0.412
 */
export function readCell(spec: TestSpec, typed: string, mass: MassUnit): Result<CellValue> {
  const text = typed.trim().toLowerCase();
  if (spec.kind === 'grade') {
    const at = spec.grades.findIndex((grade) => grade.startsWith(text) && text !== '');
    return at < 0 ? fail('not_a_grade', ['value'], { typed, grades: spec.grades }) : ok({ ...EMPTY, value: at });
  }
  if (spec.kind === 'joints') {
    const joints = new RegExp(`^[012]{${String(JOINTS.length)}}$`).test(text) ? Array.from(text, Number) : null;
    if (joints) return ok({ ...EMPTY, value: joints.reduce((sum, score) => sum + score, 0), joints });
    return /^[0-8]$/.test(text) ? ok({ ...EMPTY, value: Number(text) }) : fail('not_a_score', ['value'], { typed });
  }
  if (spec.kind === 'lift') return readLift(typed, text, mass);
  return readTrials(spec, typed, text);
}

/** One number, or several trials with spaces between them. */
function readTrials(spec: TestSpec, typed: string, text: string): Result<CellValue> {
  const bare = spec.unit === '' ? text : text.replaceAll(spec.unit.toLowerCase(), ' ');
  const values = bare.trim().split(/\s+/).map(number);
  if (values.some(Number.isNaN)) return fail('not_a_number', ['value'], { typed, unit: spec.unit });
  if (values.length > MOST_TRIALS)
    return fail('too_many_trials', ['value'], { trials: values.length, most: MOST_TRIALS });
  // 41.2 cm is 0.412 m, not 0.41200000000000003
  const stored = values.map((value) => Math.round((value / spec.per) * 1e6) / 1e6);
  return ok({ ...EMPTY, value: valueOf(spec, stored), trials: stored.length > 1 ? stored : null });
}

/** The best or the mean of trials, as the test says. */
export const valueOf = (spec: TestSpec, trials: readonly number[]): number =>
  spec.from === 'mean' ? mean(trials) : spec.better === 'higher' ? Math.max(...trials) : Math.min(...trials);

/** Trials one cell holds. */
const MOST_TRIALS = 6;

const LIFT = /^(\d+(?:[.,]\d+)?)\s*(?:kg|lb)?(?:\s*[x×*]\s*(\d+)(?:\s*,?\s*(\d+)\s*(?:left|rir))?)?$/;
/** Reps beyond which a set says nothing of a maximum (method 15). */
const MOST_REPS = 12;

function readLift(typed: string, text: string, mass: MassUnit): Result<CellValue> {
  // a load alone is the most that was lifted once
  const [, load = '', reps = '1', left = '0'] = LIFT.exec(text) ?? [];
  if (load === '') return fail('not_a_lift', ['value'], { typed });
  const [loadKg, done, rir] = [massToKg(number(load), mass), Number(reps), Number(left)];
  const possible = estimateOneRepMax('epley', loadKg, done, rir, MOST_REPS);
  return possible.ok ? ok({ ...EMPTY, loadKg, reps: done, rir }) : possible;
}
