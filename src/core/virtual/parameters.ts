import type { Family, Level } from '../library';

/** What a virtual athlete's strength is kept by: what leads a movement. */
export const GROUPS = ['knee', 'hip', 'push', 'pull', 'calf', 'trunk'] as const;
export type Group = (typeof GROUPS)[number];

export const DAYS_A_WEEK = 7;

/** A spread around a mean, drawn once for an athlete, between its ends. */
export interface Spread {
  readonly mean: number;
  readonly sd: number;
  readonly least: number;
  readonly most: number;
}

/**
 * How virtual athletes respond, as shapes with numbers: dose and response with diminishing returns, two memories of load,
 * soreness after what is new or more than usual. Data: its file names the sources and says what is our assumption.
 */
export interface VirtualParameters {
  readonly traits: {
    /** of real over tested maximum, once */
    readonly truth: Spread;
    /** factor on gains */
    readonly talent: Spread;
    /** factor on how fast fatigue and soreness leave */
    readonly recovery: Spread;
    /** factor on what leaves no soreness */
    readonly tolerance: Spread;
    readonly attendance: Spread;
    /** chance of answering on the first morning */
    readonly answers: Spread;
    /** chance of saying how it is rather than one step better */
    readonly honesty: Spread;
  };
  /** body mass and jump of whom nobody measured */
  readonly usualMassKg: number;
  readonly usualJumpM: number;
  /** back squat of an untested athlete, ×BM; deadlift and bench as shares of it */
  readonly squatTimesBodyMass: Readonly<Record<Level, number>>;
  readonly deadliftOfSquat: number;
  readonly benchOfSquat: number;
  /** what a movement without a %1RM can be loaded with, of the squat's maximum, by family */
  readonly otherOfSquat: Partial<Readonly<Record<Family, number>>>;
  readonly restOfSquat: number;
  readonly gains: {
    /** share of the start a week at most, by level */
    readonly aWeek: Readonly<Record<Level, number>>;
    /** where gains end, of the start, by level */
    readonly ceiling: Readonly<Record<Level, number>>;
    /** effective sets a week that bring 63 % of the most */
    readonly setsScale: number;
    /** weighted contacts a week that bring 63 % of the most */
    readonly contactsScale: number;
    /** share of the gain lost a week without any work, and where the loss ends, of the start */
    readonly lossAWeek: number;
    readonly floor: number;
    /** part of the leg strength gained that shows in the jump */
    readonly strengthInJump: number;
    /** reserve at which a set brings half of what one to failure does */
    readonly halfAtRir: number;
    readonly rirScale: number;
    /** what a set without a load brings, of one to failure */
    readonly unloaded: number;
  };
  readonly fatigue: {
    readonly decayDays: number;
    /** practices have gone on before the season's first day */
    readonly atStart: number;
    /** of a hard set, of a weighted contact, of an event, of an hour of practice at hardness 10 */
    readonly ofSet: number;
    readonly ofContact: number;
    readonly ofEvent: number;
    readonly ofPracticeHour: number;
    /** share of the true maximum a unit hides today */
    readonly cost: number;
    /** of the true maximum, what shows however tired */
    readonly showsAtLeast: number;
    /** days over which an athlete gets used to it, and times what is usual from which a morning is worse */
    readonly usualDays: number;
    readonly feltFrom: number;
  };
  readonly soreness: {
    readonly decayDays: number;
    readonly habitDays: number;
    /** sets a week a muscle is used to at the start, by level */
    readonly habit: Readonly<Record<Level, number>>;
    /** of those, what falls on one muscle of a movement */
    readonly ofMovement: number;
    /** sets a muscle takes however little it is used to, and the share of a usual week it takes at once */
    readonly base: number;
    readonly ofHabit: number;
    /** stress of a set with soreness 0 and what each point adds; contacts that count as a set */
    readonly ofSet: number;
    readonly ofPoint: number;
    readonly contactsASet: number;
    /** factor on an entry not done for so many days */
    readonly novel: number;
    readonly novelAfterDays: number;
    /** where fine ends, where usual tightness ends */
    readonly usualFrom: number;
    readonly tightFrom: number;
    readonly noise: number;
  };
  readonly pain: {
    readonly chance: number;
    /** added a unit of soreness beyond tight */
    readonly whenTight: number;
    /** shares of scores 1 to 5 */
    readonly scores: readonly number[];
    /** days a point takes to go */
    readonly daysAPoint: number;
  };
  readonly sets: {
    /** reps a set in the tank shrinks by with each set of a line */
    readonly lessASet: number;
    readonly noise: number;
    /** reserve away from the one asked for from which it is written down, and how often it then is */
    readonly saidFrom: number;
    readonly said: number;
    /** reserve taken where a dose asks for none: to look for a load, and to say how it was */
    readonly unasked: { readonly finding: number; readonly telling: number };
    /** chance that a set without a load is done short, by which part, and that a fault is seen */
    readonly short: number;
    readonly shortBy: number;
    readonly fault: number;
    /** of the load that fits, what is taken when a load is looked for */
    readonly foundShare: number;
    readonly foundSd: number;
    /** least that a load is looked for by, kg */
    readonly plateKg: number;
    /** error of a test, of its value */
    readonly testError: number;
  };
  readonly mornings: {
    /** chance that who was silent answers at the door of the next session, and on another day */
    readonly atTheDoor: number;
    readonly later: number;
    /** days a clinician's note holds */
    readonly noteDays: number;
  };
}
