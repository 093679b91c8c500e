import { z } from 'zod';
import { PHASES } from '../library/words';

/** What a choice is worth, in points of the model (SEL-2, SEL-7, SEL-9). */
export const choiceSettingsSchema = z.object({
  /** part of a rest that counts where a partner's work fills it */
  pairedRest: z.number(),
  /** the same of a rest so long that a partner's set hardly fills it */
  pairedLongRest: z.number(),
  longRestS: z.number(),
  /** points a jumper's own take-off weighs more, and strength less where a lift is strong enough (START-6, DOSE-6) */
  jumperPoints: z.number(),
  enoughPoints: z.number(),
  /** an entry helps a demand, mends it, works a muscle from here on */
  helpsFrom: z.number(),
  mendsFrom: z.number(),
  worksFrom: z.number(),
  mainSquat: z.number().int(),
  mainSets: z.number().int(),
  missingInWeek: z.number().int(),
  lastOfWeek: z.number().int(),
  coverageAt: z.array(z.number().int()),
  coverageSlope: z.array(z.number().int()),
  guard: z.array(z.number().int()),
  limitingTier: z.array(z.number().int()),
  weakMoment: z.array(z.number().int()),
  keptMain: z.number().int(),
  balanceSets: z.number(),
  balanceNear: z.number().int(),
  balanceFar: z.number().int(),
  sorenessPoint: z.number().int(),
  missedQuota: z.number().int(),
  /** a band where the place has something heavier, and a bell where a bar can do its lift by load */
  lightBand: z.number().int(),
  lightBell: z.number().int(),
  /** points for each hard set outside what the week leaves a session */
  offBand: z.number().int(),
  /** minutes from which assistance may take the most sets of its row */
  longSession: z.number(),
  /** sessions of a usual week, where no plan deals its sets */
  usualSessions: z.number().int().positive(),
  /** of a session's minutes, those that a lighter week or a peak takes nothing of: mobility and cool-down (SEL-9) */
  easyTimeShare: z.number(),
  /** what a loading session should use of its minutes, and points for a minute and a contact less (SEL-9) */
  leastTimeShare: z.number(),
  leastContactShare: z.number(),
  unusedMinute: z.number().int(),
  unusedContact: z.number().int(),
  unusedContactsMost: z.number().int(),
  /** phases that train jumps: there contacts are to be used (WEEK-9) */
  jumpedPhases: z.array(z.enum(PHASES)),
  barredShare: z.number().int(),
  /** times the share of the squad an entry keeps leaving overly tight (PROG-14) */
  tightShare: z.number().int(),
  maxBarredShare: z.number(),
  kept: z.number().int(),
  /** points of a jump, and of another line, that the block has on another day */
  sameJump: z.number().int(),
  sameLine: z.number().int(),
  usualMain: z.number().int(),
  /** points of what the block before trained: below 0 */
  rotated: z.number().int(),
});
