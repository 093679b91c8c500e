import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose } from '../../../tests/fixtures';
import type { AthleteFacts } from '../athlete';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import { contactsOf } from '../jumps';
import { athleteLines, type Card } from '../session';
import { solveCard, type Brief, type CarriedLine, type PreviousLine } from '.';

const solve = (own: Partial<Brief>): Card => {
  const result = solveCard(brief(own), LIBRARY, METHOD);
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value.card;
};
const squad = (...extra: AthleteFacts[]) => [...brief().athletes, ...extra];
const base = solve({});
const doneOn = (day: string) => Object.fromEntries([...LIBRARY.exercises.keys()].map((id) => [id, day]));
const mine = (card: Card, id: string, slot: string) => athleteLines(card, id).find((line) => line.line.slot === slot);

/** The last card as the next one sees it, with one athlete's line carried. */
const carry = (slot: string, own: Partial<CarriedLine> & { athleteId: string }, lineDose?: Dose, held?: string) => ({
  phase: 'in-season' as const,
  template: 'full',
  lines: base.lines.map((line): PreviousLine => ({
    slot: line.slot,
    exerciseId: line.slot === slot && held ? held : line.exerciseId,
    row: line.row,
    dose: line.slot === slot && lineDose ? lineDose : line.dose,
    own:
      line.slot === slot
        ? [{ exerciseId: line.exerciseId, row: line.row, dose: line.dose, changedBy: [], ...own }]
        : [],
  })),
});
const lineOf = (slot: string) => base.lines.find((line) => line.slot === slot)!;

/** One rung of a ladder, held still so that what happens to it can be seen. */
const CALF = { calf: { exerciseId: 'calf-raise-one-leg', dose: null, byCoach: false } };

describe('each athlete’s own lines', () => {
  it('loads each lift from the athlete’s own strength and the bar at hand', () => {
    const strong = athlete({ id: 'strong', e1rmKg: { 'back-squat': 180, deadlift: 220 } });
    const weak = athlete({ id: 'weak', e1rmKg: { 'back-squat': 50, deadlift: 60 } });
    const card = solve({ athletes: squad(strong, weak) });
    const load = (id: string) => mine(card, id, 'main')?.dose.loadKg ?? 0;
    expect(load('strong')).toBeGreaterThan(load('weak'));
    expect((load('strong') * 4) % 5).toBe(0);
  });

  it('gives foundation the bottom of the range and its own gentler row', () => {
    const novice = athlete({ id: 'novice', liftLevel: 'foundation', jumpLevel: 'foundation' });
    const card = solve({ athletes: squad(novice), phase: 'specific' });
    const own = mine(card, 'novice', 'main');
    expect(card.lines.find((line) => line.slot === 'main')?.row).toBe('D-MAX');
    expect(own?.row).toBe('D-STR');
    expect(own?.dose.sets).toBe(METHOD.doses['D-STR'].sets[0]);
  });

  it('says START-2 where nothing is known of an athlete', () => {
    const unknown = athlete({ id: 'unknown', tests: {} });
    const card = solve({ athletes: squad(unknown) });
    const rules = card.overrides
      .filter((own) => own.athleteId === 'unknown')
      .flatMap((own) => own.reasons.flatMap((reason) => reason.rules));
    expect(rules).toContain('START-2');
  });

  it('carries an accepted change and says so', () => {
    const card = solve({
      previous: carry('jump-2', {
        athleteId: 'a1',
        dose: { ...lineOf('jump-2').dose, sets: 2 },
        changedBy: ['PROG-4'],
      }),
    });
    expect(mine(card, 'a1', 'jump-2')?.dose.sets).toBe(2);
    expect(card.overrides.find((own) => own.athleteId === 'a1' && own.slot === 'jump-2')?.reasons).toEqual([
      { code: 'accepted_change', rules: ['PROG-4'], facts: {} },
    ]);
  });

  it('carries another rung of the line’s ladder, but not a stray substitute', () => {
    const rung = solve({
      pins: CALF,
      previous: carry(
        'calf',
        {
          athleteId: 'a1',
          exerciseId: 'calf-raise-two-leg',
          row: 'D-ASST',
          dose: dose({ sets: 2, amount: 12 }),
        },
        undefined,
        CALF.calf.exerciseId,
      ),
    });
    expect(mine(rung, 'a1', 'calf')?.exerciseId).toBe('calf-raise-two-leg');
    const stray = solve({
      pins: CALF,
      previous: carry(
        'calf',
        { athleteId: 'a1', exerciseId: 'tibialis-raise', dose: dose({ sets: 2, amount: 12 }) },
        undefined,
        CALF.calf.exerciseId,
      ),
    });
    expect(mine(stray, 'a1', 'calf')?.exerciseId).toBe('calf-raise-one-leg');
  });

  it('keeps a substitute with its dose while the bar stands', () => {
    const hurt = athlete({ id: 'hurt', complaints: [{ place: 'foot', side: null, score: 4, column: 'stop' }] });
    const first = solve({ athletes: squad(hurt) });
    const instead = mine(first, 'hurt', 'calf');
    expect(instead && getExercise(LIBRARY, instead.exerciseId).family).not.toBe('calf-foot');
    const shoulder = athlete({ id: 'hurt', complaints: [{ place: 'knee', side: null, score: 4, column: 'stop' }] });
    const card = solve({
      athletes: squad(shoulder),
      pins: { 'single-leg': { exerciseId: 'rear-foot-elevated-split-squat', dose: null, byCoach: false } },
      previous: carry(
        'single-leg',
        {
          athleteId: 'hurt',
          exerciseId: 'single-leg-hip-thrust',
          row: 'D-ASST',
          dose: dose({ sets: 4, amount: 11, per: 'side', rir: 2, restSeconds: 60 }),
        },
        undefined,
        'rear-foot-elevated-split-squat',
      ),
    });
    expect(mine(card, 'hurt', 'single-leg')).toMatchObject({
      exerciseId: 'single-leg-hip-thrust',
      dose: { sets: 4, amount: 11 },
    });
  });

  it('eases back after a layoff', () => {
    const away = brief().athletes.map((one) =>
      one.id === 'a1' ? { ...one, lastDone: { [lineOf('main').exerciseId]: '2026-10-28' } } : one,
    );
    const card = solve({
      athletes: away,
      previous: carry('main', { athleteId: 'a1', dose: { ...lineOf('main').dose, loadKg: 100 } }),
    });
    const own = card.overrides.find((one) => one.athleteId === 'a1' && one.slot === 'main');
    expect(own?.reasons.map((reason) => reason.code)).toContain('after_layoff');
    expect(own?.dose.loadKg).toBe(90);
  });

  it('puts ladder work one rung down, or halves it, at a complaint of 3', () => {
    const sore = athlete({ id: 'sore', complaints: [{ place: 'calf', side: null, score: 3, column: 'three' }] });
    const card = solve({ athletes: squad(sore), pins: CALF });
    const own = mine(card, 'sore', 'calf')!;
    const rung = (id: string) => getExercise(LIBRARY, id).ladder?.rung ?? 0;
    expect(rung(own.exerciseId)).toBeLessThan(rung('calf-raise-one-leg'));
    expect(
      card.overrides
        .find((one) => one.athleteId === 'sore' && one.slot === 'calf')
        ?.reasons.map((reason) => reason.code),
    ).toContain('eased_for_complaint');
  });

  it('keeps every athlete inside their own contact budget, dear for the heavy', () => {
    const light = athlete({ id: 'light', jumpLevel: 'foundation', tests: {} });
    const heavy = athlete({ id: 'heavy', bodyMassKg: 112, jumpLevel: 'foundation' });
    const card = solve({ athletes: squad(light, heavy), phase: 'specific' });
    for (const id of ['light', 'heavy']) {
      const weighted = athleteLines(card, id).reduce(
        (sum, line) => sum + contactsOf(getExercise(LIBRARY, line.exerciseId), line.dose, METHOD.settings).weighted,
        0,
      );
      expect(weighted, id).toBeLessThanOrEqual(80);
    }
  });

  it('keeps a dose typed for one athlete, unless it has become forbidden', () => {
    const typed = {
      slot: 'main',
      athleteId: 'a1',
      exerciseId: lineOf('main').exerciseId,
      row: lineOf('main').row,
      dose: dose({ sets: 1, amount: 3, rir: 4, loadKg: 60 }),
      reasons: [],
      typed: true,
    };
    const pins = Object.fromEntries(
      base.lines.map((line) => [line.slot, { exerciseId: line.exerciseId, dose: line.dose, byCoach: false }]),
    );
    expect(mine(solve({ pins, typedOverrides: [typed] }), 'a1', 'main')?.dose).toEqual(typed.dose);
    const hurt = brief().athletes.map((one) =>
      one.id === 'a1'
        ? { ...one, complaints: [{ place: 'back', side: null, score: 5, column: 'stop' as const }] }
        : one,
    );
    expect(mine(solve({ athletes: hurt, pins, typedOverrides: [typed] }), 'a1', 'main')?.exerciseId).not.toBe(
      typed.exerciseId,
    );
  });

  it('takes a squad dose typed by the coach over what athletes carried, and keeps their loads', () => {
    const previous = carry('main', { athleteId: 'a1', dose: { ...lineOf('main').dose, sets: 1, loadKg: 70 } });
    const pins = {
      main: {
        exerciseId: lineOf('main').exerciseId,
        dose: { ...lineOf('main').dose, sets: 3, amount: 5 },
        byCoach: true,
      },
    };
    expect(mine(solve({ previous, pins }), 'a1', 'main')?.dose).toMatchObject({ sets: 3, amount: 5, loadKg: 70 });
  });

  it('does nothing new for the legs of one who has not done it, near an event', () => {
    const known = brief().athletes.map((one) => ({ ...one, lastDone: doneOn('2026-11-20') }));
    const fresh = athlete({ id: 'fresh', lastDone: {} });
    const card = solve({ day: '2026-11-26', athletes: [...known, fresh] });
    const legs = athleteLines(card, 'fresh').filter(
      ({ exerciseId }) => getExercise(LIBRARY, exerciseId).dominance && !getExercise(LIBRARY, exerciseId).plyo,
    );
    expect(legs).toEqual([]);
  });

  it('never puts one entry on a card twice', () => {
    const card = solve({ athletes: squad(athlete({ id: 'odd', liftLevel: 'foundation', tests: {} })) });
    const ids = athleteLines(card, 'odd').map((line) => line.exerciseId);
    expect(new Set(ids).size).toBe(ids.length);
  });
});
