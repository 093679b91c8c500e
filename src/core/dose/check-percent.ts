import type { MethodTables } from '../method';
import type { Finding } from '../result';
import { percentFor } from '../testing';
import type { Dose } from './dose';

/**
 * DOSE-5: a typed percentage above what reps + RIR allow, by more than the tolerance, is warned of.
 * @returns null when the dose has no percentage or fits
 */
export function checkPercent(dose: Dose, method: MethodTables): Finding | null {
  if (dose.percent === null || dose.unit !== 'reps') return null;
  const { loading } = method.settings;
  const allowed = percentFor(loading.formula, dose.amount, dose.rir ?? 0, loading.maxPrescribingReps);
  if (!allowed.ok || dose.percent <= allowed.value + loading.percentTolerance) return null;
  return {
    severity: 'warn',
    code: 'percent_above_reps',
    rules: ['DOSE-5'],
    facts: {
      percent: dose.percent,
      allowed: Math.round(allowed.value * 100) / 100,
      reps: dose.amount,
      rir: dose.rir ?? 0,
    },
  };
}
