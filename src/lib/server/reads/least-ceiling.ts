import { testSpecs } from '$core/athlete';
import { ageInYears } from '$core/calendar';
import { targetFor } from '$core/startline';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';

/**
 * The least kg at which a lift may be called strong enough: the athlete's force target (DOSE-6).
 * @returns null where the lift is none that is tested
 */
export function leastCeiling(
  lift: string,
  row: Pick<AthleteRow, 'birthDate' | 'sex' | 'bodyMassKg'>,
  { aims }: Pick<SquadRow, 'aims'>,
  { method, today }: Pick<ClubContext, 'method' | 'today'>,
): number | null {
  if (testSpecs(method).get(lift)?.kind !== 'lift') return null;
  const ageYears = row.birthDate === null ? null : ageInYears(row.birthDate, today);
  const target = targetFor({ sex: row.sex, ageYears }, aims.targets, method.start);
  const { squat, hinge } = method.start.ratios;
  const times = squat[lift] !== undefined ? target.squat * squat[lift] : target.hinge * (hinge[lift] ?? 0);
  return Math.ceil(times * (row.bodyMassKg ?? 0));
}
