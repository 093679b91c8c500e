import type { Level, Phase } from '../library';
import type { MethodTables } from '../method';

/** What changes a session's contact budget (JUMP-8). */
export interface BudgetCase {
  readonly jumpLevel: Level;
  readonly phase: Phase;
  readonly lighterWeek: boolean;
  readonly cautious: boolean;
  readonly unfamiliarOrHardSurface: boolean;
  readonly growth: boolean;
  /** jumps counted at practice the same day, raw */
  readonly practiceJumps: number;
  /** tier-weighted contacts of a session before this one the same day, with another squad */
  readonly before?: number;
}

/** Tier-weighted contacts a session aims at and may reach, and the cap on the raw count. */
export interface JumpBudget {
  readonly target: number;
  readonly limit: number;
  readonly rawCap: number;
}

/**
 * Contact budget = level range × phase × lighter week × school × surface × growth, rounded once, half up; practice
 * jumps then shrink it by a share of their number, an earlier session by what it asked, never below 0 (JUMP-7, 8; SAFE-3).
 * @example foundation, general, lighter week, growth → target 18, limit 24
 */
export function jumpBudget(of: BudgetCase, method: MethodTables): JumpBudget {
  const { jump } = method.settings;
  const factor =
    method.phases[of.phase].jumpFactor *
    (of.lighterWeek ? jump.lighterWeek : 1) *
    (of.cautious ? jump.cautiousSchool : 1) *
    (of.unfamiliarOrHardSurface ? jump.surface : 1) *
    (of.growth ? jump.growth : 1);
  const [low, high] = method.jumpLevels[of.jumpLevel].budget;
  const shrunk = (top: number): number =>
    Math.max(0, roundHalfUp(top * factor) - Math.round(of.practiceJumps * jump.practiceShare) - (of.before ?? 0));
  const limit = shrunk(high);
  return { target: shrunk(low), limit, rawCap: limit * jump.rawCapTimes };
}

/** Guards against 17.5 arriving as 17.499999 from a product of decimals. */
const roundHalfUp = (value: number): number => Math.floor(value + 0.5 + 1e-9);
