import { VIRTUAL_ATHLETES } from '$catalog/virtual-athletes';
import type { Day } from '$core/calendar';
import { gaussian, seeded, seedOf } from '$core/random';
import { showsToday } from '$core/virtual';
import type { LivedAthlete } from './lived-athlete';

const PLATE_KG = 2.5;
/** Five reps to the limit, as those under 16 may also do them (SAFE-3). */
const REPS = 5;

/** A testing day: squat and deadlift as a set of five, and a countermovement jump, each with its error. */
export function lowerBodyTests({ body, id, seed }: LivedAthlete, day: Day) {
  const next = seeded(seedOf(seed, 3, dayNumber(day)));
  const { testError } = VIRTUAL_ATHLETES.sets;
  const shows = showsToday(body, VIRTUAL_ATHLETES);
  const seen = (value: number): number => value * shows * gaussian(next, 1, testError);
  const lift = (test: string, times: number) => {
    const best = seen((body.traits.maximaKg[test] ?? 0) * times);
    const loadKg = Math.floor(best / (1 + REPS / 30) / PLATE_KG) * PLATE_KG;
    return { ...frame(test), value: null, loadKg, reps: REPS, rir: 0 };
  };
  const frame = (test: string) => ({
    id: `${id}-${test}-${day}`,
    athleteId: id,
    day,
    test,
    side: 'both' as const,
    trials: null,
    joints: null,
    asks: false,
    passed: null,
    loadKg: null,
    reps: null,
    rir: null,
  });
  return [
    lift('back-squat', body.strength.knee),
    lift('deadlift', body.strength.hip),
    { ...frame('cmj'), value: Number(seen(body.traits.jumpM * body.jump).toFixed(3)) },
  ];
}

/** A day as a number, to draw by. */
export const dayNumber = (day: Day): number => Number(day.replaceAll('-', ''));
