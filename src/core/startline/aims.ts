import type { StartSettings } from './settings';

/** Squat and hinge in × body mass. */
export interface ForceTarget {
  readonly squat: number;
  readonly hinge: number;
}

/** Whom a squad's force targets differ for (method 4): null = the method's own. */
export interface SquadTargets {
  readonly female: ForceTarget | null;
  readonly male: ForceTarget | null;
  readonly young: ForceTarget | null;
}

/** What a squad is trained towards (method 3): the result that counts, how strong is needed and how strong is enough. */
export interface SquadAims {
  readonly result: {
    readonly test: string;
    /** the coach's own words for it; empty = the test's name */
    readonly name: string;
    /** typical error in the stored unit; null = from the squad's repeats, or assumed */
    readonly error: number | null;
  } | null;
  readonly targets: SquadTargets;
  /** × body mass; null = no ceiling (DOSE-6) */
  readonly enough: { readonly squat: number | null; readonly hinge: number | null };
}

export const NO_TARGETS: SquadTargets = { female: null, male: null, young: null };
export const NO_AIMS: SquadAims = { result: null, targets: NO_TARGETS, enough: { squat: null, hinge: null } };

/** The force target of an athlete: the squad's for their age or sex, else the method's (method 4). */
export function targetFor(
  { sex, ageYears }: { readonly sex: 'female' | 'male' | null; readonly ageYears: number | null },
  targets: SquadTargets,
  settings: StartSettings,
): ForceTarget {
  if (ageYears !== null && ageYears < settings.youngUnder) return targets.young ?? settings.youngTarget;
  return (sex && targets[sex]) ?? settings.target;
}
