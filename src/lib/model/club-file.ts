import { z } from 'zod';
import { LEVELS, SIDES } from '$core/library';
import { schoolsSchema } from '$core/method';
import { daySchema } from './bodies';

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/);
const weekday = z.number().int().min(1).max(7);

export const seasonEventSchema = z.object({
  day: daySchema,
  name: z.string().min(1).max(60),
  kind: z.enum(['friendly', 'league', 'cup', 'final']),
  peak: z.boolean().default(false),
});

export const seasonDatesSchema = z.object({
  start: daySchema,
  end: daySchema,
  sessionsAWeek: z.number().int().min(1).max(7).nullable().default(null),
});

export const seasonClosureSchema = z.object({
  name: z.string().min(1).max(40),
  from: daySchema,
  to: daySchema,
  kind: z.enum(['closed', 'exams']),
});

export const seasonPracticeSchema = z.object({
  weekday,
  start: clock,
  minutes: z.number().int().min(1).max(300),
  hardness: z.number().min(0).max(10),
  jumps: z.number().int().min(0).max(1000).default(0),
});

export const gymDaySchema = z.object({ weekday, start: clock, minutes: z.number().int().min(10).max(240) });

const resultSchema = z.object({
  day: daySchema,
  test: z.string().min(1).max(40),
  value: z.number().nullable().default(null),
  passed: z.boolean().nullable().default(null),
  side: z.enum(SIDES).default('both'),
  loadKg: z.number().positive().nullable().default(null),
  reps: z.number().int().positive().nullable().default(null),
  rir: z.number().min(0).max(10).nullable().default(null),
});

const athleteSchema = z.object({
  name: z.string().min(1).max(80),
  sex: z.enum(['female', 'male']).nullable().default(null),
  birthDate: daySchema.nullable().default(null),
  massKg: z.number().min(20).max(250).nullable().default(null),
  liftLevel: z.enum(LEVELS),
  jumpLevel: z.enum(LEVELS),
  jumpSeasons: z.number().min(0).max(40).nullable().default(null),
  guardianConsent: z.boolean().default(false),
  results: z.array(resultSchema).default([]),
  complaints: z
    .array(
      z.object({
        place: z.string().min(1).max(40),
        side: z.enum(SIDES).nullable().default(null),
        score: z.number().int().min(1).max(10),
        since: daySchema,
      }),
    )
    .default([]),
});

/** A club as a file: what seasons are laid and simulated from, without anything that was done. */
export const clubFileSchema = z.object({
  name: z.string().min(1).max(80),
  squads: z
    .array(
      z.object({
        name: z.string().min(1).max(60),
        sport: z.string().min(1).max(80),
        season: seasonDatesSchema,
        events: z.array(seasonEventSchema).default([]),
        closures: z.array(seasonClosureSchema).default([]),
        practices: z.array(seasonPracticeSchema).default([]),
        gymDays: z.array(gymDaySchema),
        place: z
          .object({
            racks: z.number().int().min(0).max(40).optional(),
            equipment: z.array(z.string().max(40)).optional(),
            laneM: z.number().min(0).max(100).optional(),
          })
          .default({}),
        schools: schoolsSchema.partial().default({}),
        athletes: z.array(athleteSchema).min(1),
      }),
    )
    .min(1),
});

export type ClubFile = z.infer<typeof clubFileSchema>;
export type SquadFile = ClubFile['squads'][number];
