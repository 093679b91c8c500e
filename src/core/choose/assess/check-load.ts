import type { DayLine } from '../../day';
import { implementLoad, type Dose } from '../../dose';
import type { Exercise } from '../../library';
import type { Finding } from '../../result';
import type { Line } from '../../session';
import { percentFor } from '../../testing';
import type { Context } from '../context';

/** Under the age of SAFE-3. */
export const isYoung = (ageYears: number | null, { method }: Context): boolean =>
  ageYears !== null && ageYears < method.settings.youth.underYears;

/** A typed dose above the youth limit, by its % or by what reps and reserve mean (SAFE-3). */
export function overYouth(dose: Dose, slot: string, { method }: Context): Finding[] {
  const { youth, loading } = method.settings;
  const byReps =
    dose.unit === 'reps' && dose.rir !== null
      ? percentFor(loading.formula, dose.amount, dose.rir, loading.maxPrescribingReps)
      : null;
  const share = dose.percent ?? (byReps?.ok && dose.loadKg === null ? byReps.value : 0);
  return share > youth.maxIntensity + 1e-9
    ? [
        {
          severity: 'forbid',
          code: 'youth_intensity',
          rules: ['SAFE-3'],
          facts: { share: Math.round(share * 100) / 100, limit: youth.maxIntensity, slot },
        },
      ]
    : [];
}

/** A load that this place cannot make: said with what it can (DOSE-2). */
export function loadHere({ loadKg }: Dose, exercise: Exercise, slot: string, { place }: Context): Finding[] {
  if (loadKg === null) return [];
  const made = implementLoad(loadKg + 1e-6, exercise.load.kind, place.loading);
  if (made.ok && Math.abs(made.value - loadKg) < 0.01) return [];
  if (!made.ok && made.issues[0]?.code === 'not_loadable') return [];
  return [
    {
      severity: 'warn',
      code: 'load_not_here',
      rules: ['DOSE-2'],
      facts: { loadKg, nearestKg: made.ok ? made.value : null, slot },
    },
  ];
}

/** A typed squad load above what some have ever lifted: said with how many. */
export function aboveMaximum(line: Line, exercise: Exercise, view: readonly DayLine[], { brief }: Context): Finding[] {
  const { loadKg } = line.dose;
  if (loadKg === null) return [];
  const over = brief.athletes.filter((athlete) => {
    const top = maximumOf(exercise, athlete.e1rmKg);
    const does = view.some(
      ({ slot, athleteId, exerciseId }) =>
        slot === line.slot && athleteId === athlete.id && exerciseId === line.exerciseId,
    );
    return does && top !== null && loadKg > top;
  });
  const [first] = over;
  return first
    ? [
        {
          severity: 'warn',
          code: 'load_above_maximum',
          rules: ['DOSE-12'],
          facts: {
            loadKg,
            e1rmKg: Math.round((maximumOf(exercise, first.e1rmKg) ?? 0) * 10) / 10,
            athlete: first.name,
            count: over.length,
            slot: line.slot,
          },
        },
      ]
    : [];
}

/** What an athlete's e1RM makes of an entry, kg; null = not known. */
export const maximumOf = ({ load }: Exercise, e1rmKg: Readonly<Record<string, number>>): number | null => {
  const kg = load.oneRepMax ? e1rmKg[load.oneRepMax.lift] : undefined;
  return load.oneRepMax && kg !== undefined ? kg * load.oneRepMax.ratio : null;
};

/** A typed load has its %, by which it is judged (DOSE-12). */
export function withShare(dose: Dose, exercise: Exercise, e1rmKg: Readonly<Record<string, number>>): Dose {
  const top = maximumOf(exercise, e1rmKg);
  return dose.percent === null && dose.loadKg !== null && top !== null ? { ...dose, percent: dose.loadKg / top } : dose;
}
