import { z } from 'zod';

const span = z.tuple([z.number(), z.number()]);

/** How loads are reckoned, stepped and come up to (DOSE-2, 11, PROG-9, ORD-7). */
export const loadingSchema = z.object({
  formula: z.enum(['epley', 'brzycki', 'lombardi', 'mayhew', 'wathan', 'oconner', 'lander']),
  validDays: z.number(),
  maxReps: z.number(),
  maxPrescribingReps: z.number(),
  stepMin: z.number(),
  stepMax: z.number(),
  percentTolerance: z.number(),
  rampStep: span,
  /** ramp sets of a main lift: part of the working load (0 = the empty bar or lightest bell) and reps (ORD-7) */
  ramp: z.array(z.object({ share: z.number(), reps: z.number().int() })),
  /** how far ramp sets lie apart, and the working load under which the heavy ones are left out */
  rampApart: z.number(),
  rampLightBelow: z.number(),
  /** a second main lift begins with the ramp sets from this part of its load */
  rampSecondFrom: z.number(),
  /** a lift that is no main one takes a ramp set where its reps and those in reserve are no more than these */
  rampOneReps: z.number().int(),
  /** ramp sets until an unknown load is found, seconds of one, and the most who take turns at a rack */
  rampToFind: z.number().int(),
  rampSetS: z.number(),
  rampMostAtRack: z.number().int(),
  layoff: z.array(z.object({ overDays: z.number(), factor: z.number().nullable() })),
});
