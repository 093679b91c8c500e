import { EXERCISES, LADDERS, SPORTS } from '../src/catalog/index.js';
import { FIGURES } from '../src/catalog/figures/index.js';

// The built-in library as one JSON object on standard output.
process.stdout.write(
  `${JSON.stringify({
    exercises: EXERCISES.map((exercise) => ({ ...exercise, figure: FIGURES[exercise.id] ?? null })),
    ladders: LADDERS,
    sports: SPORTS,
  })}\n`,
);
