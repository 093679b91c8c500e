import type { Phase } from '../library';
import type { Finding } from '../result';
import type { Role } from './best-roles';
import type { Chain } from './congestion';
import type { Lead, WeekDay } from './deal-roles';
import type { Peak } from './find-peaks';
import type { BlockWeek } from './lay-blocks';
import type { PhaseWeek } from './lay-phases';
import type { MainLoad } from './main-load';
import type { ByCount, BySpan } from './week-targets';

/** A session of the plan. */
export interface PlannedSession extends WeekDay {
  /** the row its day takes: a congested day in a usual week keeps its own (WEEK-7) */
  readonly phase: Phase;
  readonly kind: 'lift' | 'micro' | 'primer' | 'recovery';
  /** too soon after the heavy session before it: its mains are eased until they are not heavy (WEEK-3) */
  readonly near: boolean;
  readonly mains: readonly (MainLoad & {
    readonly lead: Lead;
    /** sets before the day or a lighter week takes some away */
    readonly usualSets: number;
  })[];
  /** tier-weighted contacts it aims at and may reach */
  readonly contacts: { readonly aim: number; readonly limit: number };
}

/** A week of the plan. */
export interface PlannedWeek extends PhaseWeek {
  /** from 1 */
  readonly number: number;
  readonly block: BlockWeek;
  readonly test: boolean;
  /** roles of weekdays in its block's usual week */
  readonly usual: readonly (readonly [weekday: number, role: Role])[];
  readonly targets: BySpan | null;
  readonly sets: ByCount;
  readonly contacts: number;
  /** of 1RM, of the week's main lifts; null = none by % */
  readonly intensity: number | null;
  readonly sessions: readonly PlannedSession[];
  readonly notes: readonly Finding[];
}

export interface SeasonPlan {
  readonly weeks: readonly PlannedWeek[];
  readonly chains: readonly Chain[];
  readonly peaks: readonly Peak[];
}
