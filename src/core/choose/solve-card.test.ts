import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { allDone, athlete, brief } from '../../../tests/fixtures';
import { getExercise, LEVELS, SQUAD_PHASES } from '../library';
import { overlayTables } from '../method';
import { AS_TEMPLATE } from '../session';
import { assessCard, makeContext, solveCard, type Brief, type SolvedCard } from '.';

const solve = (b: Brief, method = METHOD) => {
  const result = solveCard(b, LIBRARY, method);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
};
const linesOf = (view: SolvedCard['view'], id: string) =>
  view.flatMap(({ athleteId, exerciseId, ...rest }) =>
    athleteId === id && exerciseId !== null ? [{ ...rest, exerciseId }] : [],
  );
const families = (b: Brief) => solve(b).card.lines.map((line) => getExercise(LIBRARY, line.exerciseId).family);

describe('solveCard', () => {
  it('fills a full session for an in-season handball squad inside its minutes and contacts', () => {
    const { card, assessment: assessed } = solve(brief());
    expect(card.template).toBe('full');
    expect(card.lines.length).toBeGreaterThanOrEqual(10);
    expect(assessed.minutes).toBeLessThanOrEqual(55);
    expect(assessed.contacts.weighted).toBeLessThanOrEqual(assessed.budget.limit);
    expect(assessed.findings.filter((f) => f.severity !== 'note')).toEqual([]);
  });

  it('meets the leg quotas: knee, hip, single-leg and a jump', () => {
    const got = families(brief());
    expect(got.some((f) => f === 'squat' || f === 'single-leg-knee')).toBe(true);
    expect(got.some((f) => f === 'hinge' || f === 'single-leg-hip')).toBe(true);
    expect(got).toContain('jump');
  });

  it('explains every line and names a runner-up with its loss', () => {
    const { card, swaps } = solve(brief());
    for (const line of card.lines) expect(line.reasons.length).toBeGreaterThan(0);
    expect(swaps.main?.length).toBeGreaterThan(1);
    expect(swaps.main?.[0]?.lossPoints).toBeGreaterThanOrEqual(0);
  });

  it('gives an athlete with knee pain 4 no knee-dominant line and no jump, and says why', () => {
    const hurt = athlete({ id: 'hurt', complaints: [{ place: 'knee', side: 'left', score: 4, column: 'stop' }] });
    const { view } = solve(brief({ athletes: [...brief().athletes, hurt] }));
    const own = linesOf(view, 'hurt').map((l) => getExercise(LIBRARY, l.exerciseId).family);
    for (const family of ['squat', 'single-leg-knee', 'lateral', 'jump', 'agility'] as const)
      expect(own).not.toContain(family);
    const rules = view.flatMap((o) => (o.athleteId === 'hurt' ? o.reasons.flatMap((reason) => reason.rules) : []));
    expect(rules).toContain('SAFE-8');
  });

  it('keeps under-16s out of shock tier and below the youth intensity', () => {
    const young = athlete({
      id: 'young',
      ageYears: 15,
      liftLevel: 'foundation',
      jumpLevel: 'developing',
      e1rmKg: { 'back-squat': 60, deadlift: 80 },
    });
    const { view } = solve(brief({ athletes: [...brief().athletes, young], phase: 'specific' }));
    for (const { exerciseId, dose } of linesOf(view, 'young')) {
      expect(getExercise(LIBRARY, exerciseId).plyo?.tier).not.toBe('shock');
      expect(dose.percent ?? 0).toBeLessThanOrEqual(0.8);
    }
  });

  it('writes loads to be found for a squad nobody has tested', () => {
    const unknown = [1, 2, 3].map((i) =>
      athlete({
        id: `n${i}`,
        liftLevel: 'foundation',
        jumpLevel: 'foundation',
        bodyMassKg: null,
        ageYears: null,
        tests: {},
        e1rmKg: {},
      }),
    );
    const { card, view } = solve(brief({ athletes: unknown }));
    const main = card.lines.find((line) => line.slot === 'main');
    expect(main?.dose).toMatchObject({ loadKg: null, percent: null });
    expect(main?.dose.rir).not.toBeNull();
    expect(
      view
        .flatMap((o) => o.reasons)
        .concat(main?.reasons ?? [])
        .map((r) => r.code),
    ).toContain('load_to_be_found');
  });

  it('keeps heavy and high-tier work off the days before an event', () => {
    const { card, assessment } = solve(
      brief({
        day: '2026-11-26',
        athletes: brief().athletes.map((a) => ({ ...a, history: allDone(LIBRARY.exercises.keys(), '2026-11-20') })),
      }),
    );
    expect(assessment.findings.filter((f) => f.code === 'heavy_on_quiet_day')).toEqual([]);
    expect(card.lines.map((line) => line.slot)).toContain('main');
    for (const line of card.lines)
      expect(['high', 'shock']).not.toContain(getExercise(LIBRARY, line.exerciseId).plyo?.tier);
  });

  it('turns the day before an event into a primer', () => {
    expect(solve(brief({ day: '2026-11-27' })).card.template).toBe('primer');
  });

  it('says how many minutes any session needs when there are too few', () => {
    expect(solveCard(brief({ minutes: 5 }), LIBRARY, METHOD)).toMatchObject({
      ok: false,
      issues: [{ code: 'too_few_minutes' }],
    });
  });

  it('follows the dose table, not the code', () => {
    const changed = overlayTables(METHOD, [{ table: 'doses', json: { 'D-MAINT': { sets: [4, 4], rest: [60, 60] } } }]);
    expect(solve(brief()).card.lines.find((l) => l.slot === 'main')?.dose.sets).toBeLessThan(4);
    expect(solve(brief(), changed).card.lines.find((l) => l.slot === 'main')?.dose.sets).toBe(4);
  });

  it('does single-leg work first in the school that does', () => {
    const blocks = (order: 'two-leg first' | 'single-leg first') => [
      ...new Set(solve(brief({ schools: { ...brief().schools, order } })).card.lines.map((line) => line.block)),
    ];
    expect(blocks('two-leg first')).toEqual(['prep', 'jumps', 'power', 'main', 'single-leg', 'assist', 'cool-down']);
    expect(blocks('single-leg first')).toEqual(['prep', 'jumps', 'power', 'single-leg', 'main', 'assist', 'cool-down']);
  });

  it('keeps loaded crunching out while the school avoids it, and drops from high boxes out for the heavy', () => {
    const ids = solve(brief({ schools: { ...brief().schools, trunkFlexion: 'avoid' } })).card.lines.map(
      (line) => line.exerciseId,
    );
    expect(ids).not.toContain('rollout');
    expect(solve(brief({ minutes: 20 })).card.template).toBe('micro');
    expect(solve(brief({ minutes: 40 })).card.template).toBe('short');
    expect(solve(brief({ day: '2026-11-29' })).card.template).toBe('recovery');
  });

  it('names the part that nothing fills', () => {
    const bare = { ...brief().place, equipment: [] };
    const result = solveCard(
      brief({
        place: bare,
        athletes: brief().athletes.map((a) => ({
          ...a,
          complaints: [
            { place: 'knee', side: null, score: 5, column: 'stop' as const },
            { place: 'back', side: null, score: 5, column: 'stop' as const },
            { place: 'back-thigh', side: null, score: 5, column: 'stop' as const },
          ],
        })),
      }),
      LIBRARY,
      METHOD,
    );
    expect(result).toMatchObject({
      ok: false,
      issues: [{ code: 'slot_empty', path: ['main'], facts: { between: ['complaints'] } }],
    });
    // legs that need no kit are never to be chosen, and there is no kit
    const legs = [...LIBRARY.exercises.values()].filter(({ family, equipment, space }) => {
      const bareHands = equipment.allOf.length === 0 && equipment.anyOf.length === 0 && space !== 'lane';
      return ['squat', 'hinge', 'single-leg-knee', 'single-leg-hip'].includes(family) && bareHands;
    });
    const shape = { ...AS_TEMPLATE, banned: legs.map(({ id }) => id) };
    expect(solveCard(brief({ place: { ...bare, lane: false }, shape }), LIBRARY, METHOD)).toMatchObject({
      issues: [{ code: 'slot_empty', path: ['main'], facts: { between: ['kit', 'bans'] } }],
    });
    expect(solveCard(brief({ athletes: [] }), LIBRARY, METHOD)).toMatchObject({ issues: [{ code: 'no_athletes' }] });
  });

  it('keeps the lines of the last card where they may stay', () => {
    // room for another warm-up: a longer one may take a line's minutes, a shorter one leave some for one more
    const minutes = 60;
    const first = solve(brief({ minutes }));
    const entries = Object.fromEntries(first.card.lines.map((l) => [l.slot, l.exerciseId]));
    const running = {
      phase: 'in-season' as const,
      entries,
      prep: [],
      otherDays: [],
      lastBlock: [],
      doses: {},
      steps: {},
      again: {},
      climbs: {},
      rests: {},
      held: {},
    };
    const next = solve(brief({ minutes, day: '2026-12-01', running, events: [{ day: '2026-12-05', kind: 'league' }] }));
    const trained = ({ card }: typeof next) => card.lines.filter((l) => l.block !== 'prep').map((l) => l.exerciseId);
    expect(trained(next)).toEqual(expect.arrayContaining(trained(first)));
  });

  it('chosen anew forgets what runs: the card is as if nothing ran', () => {
    const first = solve(brief());
    const entries = Object.fromEntries(
      Object.entries(first.swaps).flatMap(([slot, [swap]]) => (swap ? [[slot, swap.exerciseId]] : [])),
    );
    const running = { ...brief().running, entries };
    const ids = (over: Partial<Brief>) => solve(brief(over)).card.lines.map((l) => l.exerciseId);
    expect(ids({ running, keepRunning: false })).toEqual(ids({}));
    expect(ids({ running })).not.toEqual(ids({}));
  });

  it('warms up otherwise each time: at most half of the last session’s drills again', () => {
    let prep: string[] = [];
    for (const day of ['2026-11-17', '2026-11-19', '2026-11-24', '2026-12-01', '2026-12-03']) {
      const { card } = solve(brief({ day, events: [], running: { ...brief().running, prep } }));
      const drills = card.lines.filter((l) => l.block === 'prep').map((l) => l.exerciseId);
      expect(drills.length).toBeGreaterThanOrEqual(7);
      expect(drills.filter((id) => prep.includes(id)).length * 2).toBeLessThanOrEqual(drills.length);
      prep = drills;
    }
  });

  it('gives the same card for the same brief, within every limit, whatever the squad', () => {
    const squad = fc.array(
      fc.record({
        liftLevel: fc.constantFrom(...LEVELS),
        jumpLevel: fc.constantFrom(...LEVELS),
        ageYears: fc.integer({ min: 13, max: 35 }),
        known: fc.boolean(),
      }),
      { minLength: 1, maxLength: 5 },
    );
    fc.assert(
      fc.property(
        squad,
        fc.constantFrom(...SQUAD_PHASES),
        fc.integer({ min: 25, max: 90 }),
        (people, phase, minutes) => {
          const athletes = people.map((p, i) => athlete({ id: `p${i}`, ...p, ...(p.known ? {} : { tests: {} }) }));
          const b = brief({ athletes, phase, minutes });
          const one = solveCard(b, LIBRARY, METHOD);
          expect(solveCard(b, LIBRARY, METHOD)).toEqual(one);
          if (!one.ok) return;
          const assessed = assessCard(one.value.card, one.value.view, makeContext(b, LIBRARY, METHOD));
          expect(assessed.contacts.weighted).toBeLessThanOrEqual(assessed.budget.limit);
          expect(assessed.findings.filter((f) => f.severity === 'forbid')).toEqual([]);
          expect(new Set(one.value.card.lines.map((l) => getExercise(LIBRARY, l.exerciseId).pattern)).size).toBe(
            one.value.card.lines.length,
          );
        },
      ),
      { numRuns: 15, seed: 7 },
    );
  }, 60_000);
});
