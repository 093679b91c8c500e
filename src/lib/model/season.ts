import type { Phase } from '$core/library';
import type { Practice } from '$core/season';

/** A week on the strip. */
export interface SeasonWeek {
  readonly number: number;
  readonly start: string;
  readonly phase: Phase;
  readonly phaseName: string;
  readonly closed: boolean;
  readonly block: number | null;
  readonly week: number;
  readonly of: number;
  readonly kind: string;
  readonly test: boolean;
  readonly peak: boolean;
  /** the coach gave it its phase */
  readonly set: boolean;
  readonly sets: number;
  /** hard sets the phase's row asks for */
  readonly band: readonly [number, number] | null;
  readonly contacts: number;
  readonly intensity: number | null;
  readonly lifts: number;
  readonly warns: boolean;
  readonly events: readonly { id: string; day: string; kind: string; name: string; peak: boolean }[];
}

/** A day of the week on screen. */
export interface SeasonDay {
  readonly day: string;
  readonly words: string;
  readonly isToday: boolean;
  readonly tag: string | null;
  readonly allows: string;
  readonly events: readonly { id: string; name: string; kind: string; peak: boolean }[];
  readonly practices: readonly {
    id: string;
    start: string;
    minutes: number;
    hardness: number;
    hard: boolean;
    off: boolean;
  }[];
  readonly isOver: boolean;
  readonly session: {
    readonly start: string;
    /** the coach put it here */
    readonly moved: boolean;
    /** why it is less than usual; null = it is not */
    readonly eased: 'event' | 'heavy' | null;
    readonly minutes: number;
    readonly role: string | null;
    readonly kind: 'lift' | 'micro' | 'primer' | 'recovery';
    readonly contacts: number;
    readonly mains: readonly {
      lead: 'knee' | 'hip';
      row: string;
      sets: number;
      reps: number;
      rir: number | null;
      percent: number | null;
      tempo: string | null;
    }[];
  } | null;
}

/** An athlete whose week on screen is not the squad's, with how it differs. */
export interface SeasonApart {
  readonly athleteId: string;
  readonly name: string;
  readonly words: readonly string[];
}

export interface SeasonPage {
  readonly thread: {
    readonly knots: readonly { label: string; value: string; options: readonly { href: string; label: string }[] }[];
    readonly level: number;
    readonly words: string;
    readonly tag: string | null;
  };
  readonly clubName: string;
  readonly massUnit: 'kg' | 'lb';
  readonly squad: { readonly id: string; readonly name: string; readonly gymDays: number };
  readonly loading: string;
  readonly season: {
    readonly start: string;
    readonly end: string;
    readonly sessionsAWeek: number | null;
    readonly version: number;
    readonly closures: readonly { id: string; name: string; from: string; to: string; kind: string; words: string }[];
    readonly practices: readonly Practice[];
  } | null;
  /** the last change that stands, with what moved by it, and whether one was taken back */
  readonly step: {
    readonly words: string;
    readonly who: string;
    readonly day: string;
    readonly moved: readonly string[];
  } | null;
  readonly redo: string | null;
  /** squads whose season could be copied here */
  readonly others: readonly { readonly id: string; readonly name: string; readonly start: string }[];
  readonly proposed: { readonly start: string; readonly end: string };
  readonly trouble: readonly string[];
  readonly events: readonly { id: string; day: string; name: string; kind: string; peak: boolean; words: string }[];
  readonly outside: number;
  /** its last weeks: the next one can be laid from it */
  readonly closing: boolean;
  /** number of today's week; null = outside the season */
  readonly now: number | null;
  readonly today: string;
  readonly weeks: readonly SeasonWeek[];
  readonly shown: {
    readonly number: number;
    readonly notes: readonly { readonly code: string; readonly words: string; readonly mends: boolean }[];
    readonly days: readonly SeasonDay[];
    readonly apart: readonly SeasonApart[];
  } | null;
}
