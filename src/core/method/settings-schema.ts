import { z } from 'zod';
import { loadingSchema } from './loading-schema';
import { restSchema } from './rest-schema';
import { MUSCLES, TIERS } from '../library/words';
import { choiceSettingsSchema } from './choice-settings-schema';
import { seasonSettingsSchema } from './season-settings-schema';

const span = z.tuple([z.number(), z.number()]);

/** Single numbers the rules use, by what they belong to. */
export const settingsSchema = z.object({
  count: z.object({ hardSetMaxRir: z.number(), primeMoverShare: z.number() }),
  jump: z.object({
    lighterWeek: z.number(),
    cautiousSchool: z.number(),
    surface: z.number(),
    growth: z.number(),
    practiceShare: z.number(),
    rawCapTimes: z.number(),
    heavyBodyMassKg: z.number(),
    heavyHighTierCost: z.number(),
    heavyMaxDropM: z.number(),
    shockSquatTimesBodyMass: z.number(),
    shockSeasons: z.number(),
    shockMinAgeYears: z.number(),
    shockFromDaysAfter: z.number(),
    shockUntilDaysBefore: z.number(),
    unknownHighestTier: z.enum(TIERS),
  }),
  tierWeights: z.object({
    lowTwoFootInPlace: z.number(),
    low: z.number(),
    medium: z.number(),
    high: z.number(),
    shock: z.number(),
  }),
  rest: restSchema,
  loading: loadingSchema,
  progress: z.object({
    placeShare: z.number(),
    kneeDominance: z.number(),
    timeStepS: z.number(),
    cutShare: z.number(),
    shortRir: z.number(),
    shortCut: z.number(),
    missedCut: z.number(),
    repsAboveTop: z.number(),
    /** PROG-16: when a squad's line steps */
    squad: z.object({
      upShare: z.number(),
      downShare: z.number(),
      answeredShare: z.number(),
      daysAfter: z.number(),
      daysBetween: z.number(),
      /** the same for a ladder that is only kept: once a block */
      keptDaysBetween: z.number(),
      stepsASession: z.number(),
    }),
    layoff: z.array(z.object({ overDays: z.number(), change: z.enum(['set', 'minimum', 'rung']) })),
    /** what stands still or jumps ahead asks for something (PROG-8, PROG-10, PROG-11) */
    asks: z.object({
      /** clean times at the most of a range before the test of the next rung is asked for */
      clearTimes: z.number().int(),
      /** a test made, or a call put off, this lately is not asked for again: about a block */
      againDays: z.number().int(),
      /** a main lift is stuck when its e1RM lies this share under the block's first */
      stallShare: z.number(),
      /** a lift that rose beyond its error asks for a jump for so long */
      jumpWithinDays: z.number().int(),
    }),
    /** PROG-14: an entry that left an athlete overly tight so often of its last times */
    tolerance: z.object({ tight: z.number().int(), of: z.number().int() }),
    /** SAFE-10: how far from an event its first times lie, and what each week from the first allows */
    eccentric: z.object({
      daysBefore: z.number(),
      firstTimes: z.number(),
      ramp: z.array(z.object({ sets: z.number(), amount: z.number() })),
    }),
  }),
  week: z.object({
    quietDaysBefore: z.number(),
    /** from which hardness of 10 a practice is hard, and minutes from a session's end to its start that keep both worth doing */
    hardPractice: z.number(),
    practiceApartMinutes: z.number(),
    recoveryDaysAfter: z.number(),
    heavySets: z.number(),
    heavyIntensity: z.number(),
    heavyRir: z.number(),
    newAfterDays: z.number(),
    /** how a new lift enters near an event where no day is clear (WEEK-6), and how far ahead one is looked for */
    entrySets: z.number(),
    entryRir: z.number(),
    clearWithinDays: z.number(),
    primerContacts: z.number(),
    primerSets: z.number(),
    primerReps: z.number(),
    /** an event played for fewer minutes than this leaves no tag behind (WEEK-4) */
    shortMinutes: z.number(),
    /** what of a squad's card is done the day after an event of one's own */
    recoveryRows: z.array(z.string()),
    sorenessDaysBefore: z.number(),
    tagReachDays: z.number(),
  }),
  season: seasonSettingsSchema,
  youth: z.object({
    underYears: z.number(),
    consentUnderYears: z.number(),
    maxIntensity: z.number(),
    highestTier: z.enum(TIERS),
    growthCmPerMonth: z.number(),
    growthHighestTier: z.enum(TIERS),
  }),
  time: z.object({ transitionS: z.number(), switchS: z.number(), leastMinutes: z.number() }),
  ledger: z.object({
    kneeHip: span,
    hamstrings: span,
    adductors: span,
    singleLeg: span,
    push: span,
    sideways: span,
    judgedFromSets: z.number(),
    /** LED-1: muscles that are easily forgotten, and the hard sets under which they are */
    forgotten: z.object({ muscles: z.array(z.enum(MUSCLES)), sets: z.number(), days: z.number() }),
    /** days looked back over */
    windows: z.array(z.number()),
  }),
  /** LOAD-1, LOAD-2 */
  trainingLoad: z.object({
    rise: z.number(),
    monotony: z.number(),
    weeksBefore: z.number(),
    /** fitness and fatigue of two plans (method 15): what is assumed of a day's effort, and the ranges fits are published in */
    whatIf: z.object({
      effort: z.object({
        lift: z.number(),
        micro: z.number(),
        primer: z.number(),
        recovery: z.number(),
        most: z.number(),
        fastRir: z.number(),
      }),
      event: z.object({ minutes: z.number(), effort: z.number() }),
      ranges: z.object({ tau1: span, tau2: span, ratio: span, steps: z.number() }),
      leastTests: z.number(),
      draws: z.number(),
    }),
  }),
  /** which patterns the share school reads anew, and the hamstrings' part of hamstrings and glutes (LED-2) */
  shares: z.object({
    patterns: z.array(z.string()),
    hamstringOf: z.object({ balanced: z.number(), 'glute-led': z.number(), 'hamstring-led': z.number() }),
  }),
  /** movement patterns a school of the olympic lifts bars or prefers (method 13) */
  lifts: z.object({
    catches: z.array(z.string()),
    /** lifts a coach leads with before their variants */
    usualMains: z.array(z.string()),
    /** patterns on which beginners learn to squat, whatever bar their school squats with later */
    firstSquats: z.array(z.string()),
    pulls: z.array(z.string()),
    /** presses and pulls that are the upper lift of a session of tiers */
    tierUppers: z.array(z.string()),
    mainSquat: z.object({
      'high-bar': z.array(z.string()),
      front: z.array(z.string()),
      box: z.array(z.string()),
      'trap-bar': z.array(z.string()),
    }),
  }),
  /** legs apart (DOSE-10): which tests tell, from when on it counts, and from when on a clinician looks */
  sides: z.object({
    tests: z.array(z.string()),
    under: z.number(),
    clinicianUnder: z.number(),
    validDays: z.number(),
    /** rows of complaints that are of the legs */
    legRows: z.array(z.string()),
  }),
  choice: choiceSettingsSchema,
});
export type MethodSettings = z.infer<typeof settingsSchema>;
