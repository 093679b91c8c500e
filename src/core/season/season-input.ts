import { weekdayOf, type Day, type EventDay, type GymDay } from '../calendar';
import type { Level, Phase } from '../library';
import type { Caution } from '../startline';
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
  /** days on which it is other than usual */
  readonly except: readonly PracticeException[];
}

/** One day of a practice with other minutes; 0 = it is off. */
export interface PracticeException {
  readonly day: Day;
  readonly minutes: number;
}

/** A session the coach put on another day of its week than its gym day. */
export interface SessionMove {
  readonly from: Day;
  readonly to: Day;
  /** null = at its usual hour */
  readonly start: string | null;
}

/** What the coach decided over the rules' head. Matches, congestion and peaks stand over it (WEEK-7). */
export interface SeasonChanges {
  readonly moves: readonly SessionMove[];
  /** weeks, from Monday to Monday, that take this phase */
  readonly phases: readonly { readonly from: Day; readonly to: Day; readonly phase: Phase }[];
  /** weeks a block has that begins in the week of this Monday, its lighter one with it */
  readonly blocks: readonly { readonly from: Day; readonly weeks: number }[];
}

export const NO_CHANGES: SeasonChanges = { moves: [], phases: [], blocks: [] };

/** The practices of a day, with its exceptions. */
export const practicesOn = (day: Day, practices: readonly Practice[]): Practice[] =>
  practices
    .filter(({ weekday }) => weekday === weekdayOf(day))
    .map((practice) => ({
      ...practice,
      minutes: practice.except.find((one) => one.day === day)?.minutes ?? practice.minutes,
    }))
    .filter(({ minutes }) => minutes > 0);

/** Jumps done at practice on a day, raw: they shrink the gym's budget (JUMP-8). */
export const practiceJumpsOn = (day: Day, practices: readonly Practice[]): number =>
  practicesOn(day, practices).reduce((sum, { jumps }) => sum + jumps, 0);

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
  readonly changes: SeasonChanges;
  /** the squad's common levels, and whether most are under age for adult loads */
  readonly liftLevel: Level;
  readonly jumpLevel: Level;
  readonly young: boolean;
  /** how most of the squad train while something of them is unknown (START-2) */
  readonly caution: Caution;
  readonly schools: Schools;
}
