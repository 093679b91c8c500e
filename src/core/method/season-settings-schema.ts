import { z } from 'zod';
import { DOSE_ROW_IDS } from './dose-row-ids';

const span = z.tuple([z.number(), z.number()]);

/** How weeks become phases and blocks (PHASE-1, PHASE-2, BLOCK-1, BLOCK-5, WEEK-6, WEEK-7, TEST-1) */
export const seasonSettingsSchema = z.object({
  preSeasonWeeks: z.number(),
  preSeasonAfterGapWeeks: z.number(),
  specificWeeks: z.number(),
  generalWeeks: z.number(),
  moreSpecificWeeks: z.number(),
  transitionWeeks: z.number(),
  /** weeks without events that stay in season, and those that are laid as before a first event */
  shortGapWeeks: z.number(),
  longGapWeeks: z.number(),
  /** fewer whole days than this between two events make congestion; a longer chain of weeks is the sport's rhythm */
  congestedUnderDays: z.number(),
  rhythmOverWeeks: z.number(),
  blockWeeks: z.number(),
  gentleBlockWeeks: z.number(),
  pauseWeeks: z.number(),
  /** part of the usual sets in a peak's first and second week */
  peakSets: span,
  /** part of a session's minutes that the weeks after a season keep */
  transitionSets: z.number(),
  mostPeaks: z.number(),
  peakApartDays: z.number(),
  eventWeights: z.object({ friendly: z.number(), league: z.number(), cup: z.number(), final: z.number() }),
  testApartWeeks: z.number(),
  testBeforePeakWeeks: z.number(),
  testNearMiddleWeeks: z.number(),
  lighterSets: z.number(),
  riseSets: z.number(),
  riseShare: z.number(),
  riseOverWeeks: z.number(),
  gymMinutesOffSeason: z.number(),
  gymMinutesElse: z.number(),
  exposures: z.number(),
  fadeAfterWeeks: z.number(),
  secondRoundLoad: z.number(),
  heavyApartHours: z.number(),
  /** reps and RIR of a main lift in weeks 1, 2 and 3 of a block, by dose row */
  mainLoads: z.record(z.string(), z.array(z.object({ reps: z.number(), rir: z.number().nullable() }))),
  /** what a block of the three-action school does in turn: how its main lifts are done, and which jumps go with it */
  actions: z.array(
    z.object({ name: z.string(), tempo: z.string().nullable(), jumpRows: z.array(z.enum(DOSE_ROW_IDS)) }),
  ),
});
