import { weekdayOf, type Day, type EventDay, type GymDay } from '../calendar';
import type { Level } from '../library';
import type { Schools } from '../method';

/** An event of the season. */
export interface SeasonEvent extends EventDay {
  readonly id: string;
  readonly name: string;
  /** named by the coach as one to be at the best for (PHASE-2) */
  readonly peak: boolean;
}

/** Days without the gym, or with less of everything. */
export interface Closure {
  readonly id: string;
  readonly name: string;
  readonly from: Day;
  readonly to: Day;
  /** `closed`: holidays, travel, a lost hall. `exams`: the gym is there, the week is a lighter one */
  readonly kind: 'closed' | 'exams';
}

/** A practice of every week. */
export interface Practice {
  readonly id: string;
  readonly weekday: number;
  readonly start: string;
  readonly minutes: number;
  /** 0–10; from 7 up it is hard */
  readonly hardness: number;
  readonly jumps: number;
}

/** Jumps done at practice on a day, raw: they shrink the gym's budget (JUMP-8). */
export const practiceJumpsOn = (day: Day, practices: readonly Practice[]): number =>
  practices.filter(({ weekday }) => weekday === weekdayOf(day)).reduce((sum, { jumps }) => sum + jumps, 0);

/** Everything a season is laid from. */
export interface SeasonInput {
  readonly start: Day;
  readonly end: Day;
  readonly events: readonly SeasonEvent[];
  readonly gymDays: readonly GymDay[];
  /** null = every gym day */
  readonly sessionsAWeek: number | null;
  readonly closures: readonly Closure[];
  readonly practices: readonly Practice[];
  /** the squad's common levels, and whether most are under age for adult loads */
  readonly liftLevel: Level;
  readonly jumpLevel: Level;
  readonly young: boolean;
  readonly schools: Schools;
}
