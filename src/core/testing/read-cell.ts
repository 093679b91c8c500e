import { fail, ok, type Result } from '../result';
import { massToKg, type MassUnit } from '../units';
import { estimateOneRepMax } from './one-rep-max';
import { JOINTS, type TestSpec } from './test-spec';

/** What was typed in a cell, in stored units. */
export interface CellValue {
  readonly value: number | null;
  readonly joints: readonly number[] | null;
  readonly loadKg: number | null;
  readonly reps: number | null;
  readonly rir: number | null;
}

const EMPTY: CellValue = { value: null, joints: null, loadKg: null, reps: null, rir: null };
const number = (text: string): number => (/^-?\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : NaN);

/**
 * Reads a cell as a coach types it: `31.5` in the unit shown; `pass`, `good` or the first letter; a screen as its sum
 * (`1`) or one figure a joint (`0100`: foot, knee, hip, trunk); a lift as `100 × 5`, with what was left as `100 × 5, 2 left`.
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
    const joints = new RegExp(`^[012]{${String(JOINTS.length)}}$`).test(text) ? [...text].map(Number) : null;
    if (joints) return ok({ ...EMPTY, value: joints.reduce((sum, score) => sum + score, 0), joints });
    return /^[0-8]$/.test(text) ? ok({ ...EMPTY, value: Number(text) }) : fail('not_a_score', ['value'], { typed });
  }
  if (spec.kind === 'lift') return readLift(typed, text, mass);
  const value = number(text.replace(new RegExp(`\\s*${spec.unit}$`), ''));
  return Number.isNaN(value)
    ? fail('not_a_number', ['value'], { typed, unit: spec.unit })
    : ok({ ...EMPTY, value: value / spec.per });
}

const LIFT = /^(\d+(?:[.,]\d+)?)\s*(?:kg|lb)?\s*[x×*]\s*(\d+)(?:\s*,?\s*(\d+)\s*(?:left|rir))?$/;
/** Reps beyond which a set says nothing of a maximum (method 15). */
const MOST_REPS = 12;

function readLift(typed: string, text: string, mass: MassUnit): Result<CellValue> {
  const [, load = '', reps = '', left = '0'] = LIFT.exec(text) ?? [];
  if (load === '') return fail('not_a_lift', ['value'], { typed });
  const [loadKg, done, rir] = [massToKg(number(load), mass), Number(reps), Number(left)];
  const possible = estimateOneRepMax('epley', loadKg, done, rir, MOST_REPS);
  return possible.ok ? ok({ ...EMPTY, loadKg, reps: done, rir }) : possible;
}
