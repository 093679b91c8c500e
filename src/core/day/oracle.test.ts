import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { measureCard, solveCard } from '../choose';
import { leadsOf, ROLES } from '../season';
import { breaches } from '../../../tests/oracle';
import { asked } from '../../../tests/random-briefs';

/** More by hand: JALEO_RUNS=5000 */
const RUNS = Number(process.env.JALEO_RUNS ?? 180);

describe('a second reading of the rules', () => {
  it('finds no breach in what any athlete is given, whatever the squad, the day and the kit; nor does the server refuse it', () => {
    let unmade = 0;
    fc.assert(
      fc.property(asked, fc.option(fc.constantFrom(...ROLES)), fc.boolean(), (brief, drawn, lighterWeek) => {
        const role = drawn && {
          role: drawn,
          leads: leadsOf(drawn, brief.minutes),
          enters: lighterWeek ? ('hip' as const) : null,
        };
        const of = { ...brief, role, lighterWeek };
        const solved = solveCard(of, LIBRARY, METHOD);
        if (!solved.ok) {
          unmade++;
          return;
        }
        const { card, view } = solved.value;
        for (const one of of.athletes)
          expect(
            breaches(
              view.filter(({ athleteId }) => athleteId === one.id),
              one,
              of,
            ),
          ).toEqual([]);
        for (const { slot } of card.lines)
          expect(
            new Set(
              view
                .filter((line) => line.slot === slot && line.exerciseId !== null && !line.typed)
                .map(({ exerciseId, dose }) =>
                  [exerciseId, dose.sets, dose.amount, dose.unit, dose.per, dose.rir].join(' '),
                ),
            ).size,
          ).toBeLessThanOrEqual(4);
        const measured = measureCard(card, { ...of, typed: card.typed }, LIBRARY, METHOD);
        expect(measured.assessment.findings.filter(({ severity }) => severity === 'forbid')).toEqual([]);
        expect(measured.view).toEqual(view);
      }),
      { numRuns: RUNS, ...(process.env.JALEO_SEED ? { seed: Number(process.env.JALEO_SEED) } : {}) },
    );
    // days of an event and squads whom nothing fits get no card; they are the few
    expect(unmade).toBeLessThan(RUNS / 2);
  }, 600_000);
});
