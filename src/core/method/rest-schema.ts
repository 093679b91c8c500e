import { z } from 'zod';

/** Rest between sets of jumps: by school (REST-1), by output (REST-2), self-paced (REST-3). */
export const restSchema = z.object({
  denseSeconds: z.number(),
  fullSeconds: z.number(),
  fullWorkRest: z.number(),
  secondsPerLanding: z.number(),
  fullRange: z.tuple([z.number(), z.number()]),
  /** what outputs say of rest (REST-2), as shares and seconds */
  output: z.object({
    fellFrom: z.number(),
    heldUnder: z.number(),
    moreSeconds: z.number(),
    lessSeconds: z.number(),
    leastSeconds: z.number(),
    mostSeconds: z.number(),
    repsFactor: z.number(),
  }),
  /** when self-paced jumps stop (REST-3) */
  selfPaced: z.object({ underBest: z.number(), inARow: z.number(), unmeasuredAttempts: z.number() }),
});
