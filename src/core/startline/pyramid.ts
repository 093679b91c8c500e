import { TIER_NAMES, type TierName } from '../testing';
import type { Outcomes, TierState } from './outcomes';
import type { StartSettings } from './settings';
import { tierState } from './tier-state';

/** One tier with the tests it is judged by here, and what each says. */
export interface TierReading {
  readonly tier: TierName;
  readonly state: TierState;
  readonly failed: readonly string[];
  readonly missing: readonly string[];
  readonly passed: readonly string[];
}

/** Relative strength of squat and hinge: the better of the lifts that tell, by body mass; null where unknown. */
export interface RelativeStrength {
  readonly squat: number | null;
  readonly hinge: number | null;
  /** the same from sets past their time: they fail a tier, and pass none (START-2) */
  readonly stale: { readonly squat: number | null; readonly hinge: number | null };
}

export function relativeStrength(
  outcomes: Outcomes,
  bodyMassKg: number | null,
  { ratios }: StartSettings,
): RelativeStrength {
  const best = (lifts: Readonly<Record<string, number>>, stale: boolean): number | null => {
    const estimates = Object.entries(lifts).flatMap(([id, ratio]) => {
      const outcome = outcomes.get(id);
      const value = outcome?.stale === stale ? outcome.sides.both?.value : undefined;
      return value === undefined ? [] : [value / ratio];
    });
    return estimates.length > 0 && bodyMassKg ? Math.max(...estimates) / bodyMassKg : null;
  };
  return {
    squat: best(ratios.squat, false),
    hinge: best(ratios.hinge, false),
    stale: { squat: best(ratios.squat, true), hinge: best(ratios.hinge, true) },
  };
}

export interface StrengthTarget {
  readonly squat: number;
  readonly hinge: number;
}

export interface PyramidInput {
  readonly outcomes: Outcomes;
  readonly strength: RelativeStrength;
  readonly target: StrengthTarget;
  /** the sport cuts (deceleration-cutting from `cutsFrom`) */
  readonly cuts: boolean;
  /** R6 belongs to range when the hip limits or complains (method 4) */
  readonly needsHipFlexor: boolean;
}

/** The four tiers, from the ground up (method 4, "passing a tier"). */
export function readPyramid(input: PyramidInput, settings: StartSettings): TierReading[] {
  const { outcomes, strength, target, cuts, needsHipFlexor } = input;
  const { tests } = settings;
  const needs: Record<TierName, readonly string[]> = {
    range: [...tests.range, ...(needsHipFlexor ? ['R6'] : [])],
    control: tests.control,
    force: tests.force,
    skill: [...tests.skill, ...(cuts ? ['K3'] : [])],
  };
  return TIER_NAMES.map((tier) => {
    const state = (id: string): TierState => {
      if (id === 'squat' || id === 'hinge') {
        const value = strength[id];
        const before = strength.stale[id];
        if (value === null) return before !== null && before < target[id] - 1e-9 ? 'failed' : 'unknown';
        return value >= target[id] - 1e-9 ? 'passed' : 'failed';
      }
      return tierState(id, outcomes, tier === 'control' ? tests.control : null);
    };
    const of = (wanted: TierState): string[] => needs[tier].filter((id) => state(id) === wanted);
    const [failed, missing, passed] = [of('failed'), of('unknown'), of('passed')];
    return {
      tier,
      failed,
      missing,
      passed,
      state: failed.length > 0 ? 'failed' : missing.length > 0 ? 'unknown' : 'passed',
    };
  });
}
