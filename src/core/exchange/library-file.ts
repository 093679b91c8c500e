import { z } from 'zod';
import { figureSchema } from '../figures/figure-schema';
import { exerciseSchema, ladderSchema, sportSchema } from '../library';

/** An exercise as files carry it: with its drawing, where there is one. */
export const exerciseFileSchema = exerciseSchema.extend({ figure: figureSchema.nullable().optional() });

/** A library as one JSON object: any of the three lists may be left out. */
export const libraryFileSchema = z.object({
  exercises: z.array(exerciseFileSchema).optional(),
  ladders: z.array(ladderSchema).optional(),
  sports: z.array(sportSchema).optional(),
});

/** The published JSON Schema (draft 2020-12) of a library file, made from the schemas the application reads with. */
export const libraryJsonSchema = (): object =>
  z.toJSONSchema(libraryFileSchema, { target: 'draft-2020-12', unrepresentable: 'any' });
