import { fail, ok, type Result } from '../result';

const ratio = (above: number, below: number, code: string): Result<number> =>
  below > 0 ? ok(above / below) : fail(code, [], { value: below });

/** Eccentric-utilisation ratio: countermovement over squat jump height; `squat_jump_not_positive`. Weak evidence. */
export const eccentricUtilisation = (cmjM: number, sjM: number): Result<number> =>
  ratio(cmjM, sjM, 'squat_jump_not_positive');

/** Limb symmetry index: weak side over strong side, 0–1; `side_not_positive`. */
export const limbSymmetry = (left: number, right: number): Result<number> =>
  ratio(Math.min(left, right), Math.max(left, right), 'side_not_positive');

/** Asymmetry: (strong − weak) / strong, 0–1; `side_not_positive`. */
export const asymmetry = (left: number, right: number): Result<number> =>
  ratio(Math.abs(left - right), Math.max(left, right), 'side_not_positive');

/** Peak power of a countermovement jump, W: 60.7·h(cm) + 45.3·m − 2055; `height_negative`, `mass_not_positive`. Source: Sayers 1999. */
export function peakPower(heightM: number, massKg: number): Result<number> {
  if (!(heightM >= 0)) return fail('height_negative', ['heightM'], { heightM });
  if (!(massKg > 0)) return fail('mass_not_positive', ['massKg'], { massKg });
  return ok(60.7 * heightM * 100 + 45.3 * massKg - 2055);
}

/** Mean force of a landing over its absorption distance, N: m·g·(1 + h/s); `distance_not_positive`. */
export const landingForce = (massKg: number, dropM: number, absorbM: number): Result<number> =>
  absorbM > 0
    ? ok(massKg * 9.80665 * (1 + dropM / absorbM))
    : fail('distance_not_positive', ['absorbM'], { distance: absorbM });
