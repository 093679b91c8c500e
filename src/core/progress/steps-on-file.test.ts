import fc from 'fast-check';
import { expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import { formatDose } from '../exchange';
import { getExercise, LEVELS } from '../library';
import type { DoseRowId } from '../method';
import { ANSWERS, type Exposure } from '../track';
import { nextDose, settleLine } from '.';

/** What the rules make of what was done, over drawn pasts: every change of a rule of progress shows as lines to be read. */
const OF: readonly [string, DoseRowId][] = [
  ['back-squat', 'D-MAX'],
  ['back-squat', 'D-MAINT'],
  ['romanian-deadlift', 'D-MAINT'],
  ['countermovement-jump', 'D-SLOW'],
  ['pogo', 'D-FAST'],
  ['split-squat', 'D-ASST'],
  ['nordic-partial', 'D-ECC'],
  ['step-and-stick', 'D-LAND'],
  ['side-plank', 'D-TRK'],
];
const DAYS = ['2026-11-23', '2026-11-20', '2026-11-16', '2026-11-12', '2026-10-30'];

const exposure = fc.record({
  answer: fc.option(fc.constantFrom(...ANSWERS), { freq: 5 }),
  place: fc.option(fc.constantFrom('knee', 'calf', 'back-thigh', 'back')),
  score: fc.integer({ min: 1, max: 6 }),
  missing: fc.constantFrom(0, 0, 0, 1),
  short: fc.constantFrom(0, 0, 0, 1, 3),
  fault: fc.constantFrom(null, null, null, 'knees in'),
  rir: fc.option(fc.integer({ min: 0, max: 5 })),
  eased: fc.constantFrom([], [], ['SAFE-8'], ['TIME-1'], ['WEEK-2']),
});
const past = fc.record({
  of: fc.constantFrom(...OF),
  level: fc.constantFrom(...LEVELS),
  sets: fc.integer({ min: 1, max: 5 }),
  amount: fc.integer({ min: 2, max: 12 }),
  loadKg: fc.option(
    fc.integer({ min: 10, max: 50 }).map((n) => n * 2.5),
    { freq: 5 },
  ),
  exposures: fc.array(exposure, { minLength: 1, maxLength: 5 }),
  clean: fc.integer({ min: 0, max: 6 }),
  failed: fc.constantFrom(null, null, 'C1', 'K2', 'R1'),
});

it('stand as they were read last', async () => {
  const told = fc.sample(past, { seed: 11, numRuns: 260 }).map((one, i) => {
    const [id, row] = one.of;
    const exercise = getExercise(LIBRARY, id);
    const loaded = ['D-MAX', 'D-MAINT', 'D-ASST', 'D-ECC'].includes(row);
    const unit = exercise.doseUnit;
    const amount = unit === 'seconds' ? one.amount * 5 : one.amount;
    const owned = dose({
      sets: one.sets,
      amount,
      unit,
      per: exercise.per,
      loadKg: loaded ? one.loadKg : null,
      rir: loaded ? 2 : null,
    });
    const exposures = one.exposures.map((of, n): Exposure => ({
      sessionId: `s${String(n)}`,
      day: DAYS[n] ?? '2026-10-01',
      dose: owned,
      based: owned,
      eased: of.eased,
      sets: Array.from({ length: Math.max(0, owned.sets - of.missing) }, () => ({
        amount: Math.max(1, amount - of.short),
        loadKg: owned.loadKg,
        rir: of.rir,
        fault: of.fault,
      })),
      response: of.answer && {
        answer: of.answer,
        place: of.answer === 'tight' || of.answer === 'pain' ? of.place : null,
        score: of.answer === 'pain' ? of.score : null,
      },
      settledBy: [],
    }));
    const person = athlete({ liftLevel: one.level, jumpLevel: one.level });
    const of = {
      exercise,
      row,
      athlete: one.failed ? { ...person, tests: { ...person.tests, [one.failed]: 'failed' as const } } : person,
      track: trackOf(id, row, owned, {
        exposures,
        done: exposures.length,
        clean: one.clean,
        lastDone: DAYS[0] ?? null,
      }),
      trackOf: () => null,
      today: '2026-11-24',
      kit: brief().place.loading,
      squad: null,
    };
    const next = nextDose(of, LIBRARY, METHOD);
    const settled = settleLine(of, METHOD);
    return [
      `${String(i)} ${one.level} ${id} ${row} ${formatDose(owned, 'kg')}: ${one.exposures.map((x) => `${x.answer ?? '-'}${x.place ? ` ${x.place}` : ''}${x.missing ? ' missing' : ''}${x.short ? ` −${String(x.short)}` : ''}${x.fault ? ' fault' : ''}${x.eased.map((rule) => ` ${rule}`).join('')}`).join(' | ')}`,
      next
        ? `   ${next.kind} → ${next.to.exerciseId} ${formatDose(next.to.dose, 'kg')} ${next.rules.join(' ')} ${JSON.stringify(next.saw)}`
        : '   stays',
      `   settled ${JSON.stringify(settled)}`,
    ].join('\n');
  });
  await expect(told.join('\n')).toMatchFileSnapshot('../../../tests/steps-on-file.txt');
});
