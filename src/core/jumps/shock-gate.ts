import type { MethodTables } from '../method';

/** What JUMP-4 asks before a rebound after a drop. Null = not known, which does not open the gate. */
export interface ShockCase {
  readonly landingScreenPassed: boolean;
  readonly squatTimesBodyMass: number | null;
  readonly jumpSeasons: number | null;
  readonly ageYears: number | null;
  readonly daysBeforeEvent: number | null;
  readonly daysAfterEvent: number | null;
  readonly lowerLimbComplaint: boolean;
  readonly school: 'squat' | 'history' | 'either';
}

/**
 * The conditions of the shock tier that are not met, as stable codes; empty = open (JUMP-4).
 * @example all met → []
 */
export function shockGate(of: ShockCase, method: MethodTables): string[] {
  const { jump } = method.settings;
  const strong = (of.squatTimesBodyMass ?? 0) >= jump.shockSquatTimesBodyMass;
  const seasoned = (of.jumpSeasons ?? 0) >= jump.shockSeasons;
  const ready = of.school === 'squat' ? strong : of.school === 'history' ? seasoned : strong || seasoned;
  return [
    ...(of.landingScreenPassed ? [] : ['landing_screen']),
    ...(ready ? [] : ['strength_or_seasons']),
    ...((of.ageYears ?? 0) >= jump.shockMinAgeYears ? [] : ['age']),
    ...(of.daysBeforeEvent !== null && of.daysBeforeEvent < jump.shockUntilDaysBefore ? ['near_event'] : []),
    ...(of.daysAfterEvent !== null && of.daysAfterEvent < jump.shockFromDaysAfter ? ['after_event'] : []),
    ...(of.lowerLimbComplaint ? ['complaint'] : []),
  ];
}
