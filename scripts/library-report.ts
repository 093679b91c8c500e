import { EXERCISES, SPORTS } from '../src/catalog/index.js';
import { DEMANDS, type Exercise, type Family, type Sport } from '../src/core/library/index.js';

const SHOWN = 10;
const LIFTS: readonly Family[] = [
  'squat',
  'hinge',
  'single-leg-knee',
  'single-leg-hip',
  'lateral',
  'olympic',
  'calf-foot',
];

/** How well an entry covers what a sport asks: weight × points, summed. */
const fit = (exercise: Exercise, sport: Sport): number =>
  DEMANDS.reduce((sum, demand) => sum + sport.demands[demand] * (exercise.demands[demand] ?? 0), 0);

const best = (sport: Sport, of: readonly Exercise[]): string =>
  of
    .map((exercise) => ({ exercise, score: fit(exercise, sport) }))
    .sort((a, b) => b.score - a.score || (a.exercise.id < b.exercise.id ? -1 : 1))
    .slice(0, SHOWN)
    .map(({ exercise, score }) => `${exercise.name} (${String(score)})`)
    .join(', ');

// Reads the library as a coach would: each sport's best-fitting lifts and jumps.
for (const sport of SPORTS) {
  const asks = DEMANDS.filter((demand) => sport.demands[demand] >= 4).join(', ');
  console.log(`\n${sport.name} — asks: ${asks}`);
  console.log(
    `  lifts: ${best(
      sport,
      EXERCISES.filter(({ family, plyo }) => LIFTS.includes(family) && plyo === null),
    )}`,
  );
  console.log(
    `  jumps: ${best(
      sport,
      EXERCISES.filter(({ plyo }) => plyo !== null),
    )}`,
  );
}
