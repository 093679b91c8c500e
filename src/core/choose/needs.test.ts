import { describe, expect, it, test } from 'vitest';
import { FOCUSES, LIBRARY, METHOD, MOMENTS } from '$catalog';
import { athlete, brief } from '../../../tests/fixtures';
import type { AthleteFacts } from '../athlete';
import { getExercise } from '../library';
import { holdsBack } from '../startline';
import { bonusesOf, mends, trains } from './compile/bonuses';
import { solveCard } from '.';

const squad = (own: Partial<AthleteFacts>, share = 1) =>
  Array.from({ length: 8 }, (_, i) => athlete({ id: `a${String(i)}`, ...(i < share * 8 ? own : {}) }));
function solve(own: Partial<AthleteFacts>, share = 1, more: Parameters<typeof brief>[0] = {}) {
  const solved = solveCard(brief({ athletes: squad(own, share), events: [], ...more }), LIBRARY, METHOD);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value;
}
const cardOf = (...of: Parameters<typeof solve>) => solve(...of).card;
const said = (card: ReturnType<typeof cardOf>, code: string) =>
  card.lines.flatMap(({ reasons }) => reasons.filter((reason) => reason.code === code));
const moment = (id: string) => MOMENTS.find((one) => one.id === id)!;
const entries = (card: ReturnType<typeof cardOf>) => card.lines.map(({ exerciseId }) => exerciseId);

describe('what athletes need moves the choice (SEL-2)', () => {
  const focusOn = (id: keyof typeof FOCUSES): AthleteFacts['focus'] => ({
    id,
    name: FOCUSES[id].name,
    emphasis: FOCUSES[id].emphasis,
    families: FOCUSES[id].families,
    drills: FOCUSES[id].drills,
    limits: FOCUSES[id].tier !== null,
    holdsBack: holdsBack({ id, since: '2026-11-24' }, FOCUSES),
  });

  test.each([
    ['range-ankle', 'prep-mobilise'],
    ['range-hip-flexor', 'prep-mobilise'],
    ['range-posterior', 'prep-mobilise'],
    ['strength', 'main'],
    ['hinge-strength', 'main'],
    ['calf', 'calf'],
    ['landing', null],
    ['cut', null],
  ] as const)('a limiting tier (%s) is worked on first (%s)', (id, slot) => {
    const focus = focusOn(id)!;
    const card = cardOf({ focus });
    const lines = card.lines.filter((line) => slot === null || line.slot === slot);
    expect(lines.some(({ exerciseId }) => mends(getExercise(LIBRARY, exerciseId), focus, METHOD.settings.choice))).toBe(
      true,
    );
    expect(said(card, 'helps_focus').map(({ facts }) => facts)).toContainEqual({
      focus: [focus.name],
      count: 8,
      of: 8,
    });
  });

  it('a focus on control brings more lines on one leg and in balance than there were', () => {
    const sum = (card: ReturnType<typeof cardOf>): number =>
      entries(card).reduce((points, id) => points + (getExercise(LIBRARY, id).demands['balance-gaze'] ?? 0), 0);
    expect(sum(cardOf({ focus: focusOn('control') }))).toBeGreaterThan(sum(cardOf({})));
  });

  test.each(['any-second-jump', 'any-landing', 'any-stop', 'any-contact'])(
    'a weak moment (%s) is worked on (START-12)',
    (id) => {
      const weak = moment(id);
      const works = (card: ReturnType<typeof cardOf>): number =>
        entries(card).filter((one) => trains(getExercise(LIBRARY, one), weak, METHOD.settings.choice)).length;
      const card = cardOf({ moment: weak });
      expect(works(card)).toBeGreaterThan(0);
      expect(works(card)).toBeGreaterThanOrEqual(works(cardOf({})));
      expect(said(card, 'helps_moment')[0]?.facts).toMatchObject({ moment: [weak.name], count: 8 });
    },
  );

  it('an old injury adds a guard for its place (SAFE-11), and says how many it is of', () => {
    const guards = METHOD.injuries.back?.guards ?? [];
    const card = cardOf({ pastInjuries: [{ place: 'back', guards }] });
    expect(entries(card).some((id) => guards.includes(id))).toBe(true);
    expect(said(card, 'guards_injury')[0]?.facts).toMatchObject({ place: ['back'], count: 8, of: 8 });
  });

  it('weighs each need by the share of the squad it concerns', () => {
    const points = (share: number) =>
      bonusesOf(squad({ moment: moment('any-stop') }, share), METHOD.settings).at(-1)?.points;
    expect(points(1)).toEqual([0, 20000, 28000, 31000]);
    expect(points(0.5)).toEqual([0, 10000, 14000, 15500]);
    expect(bonusesOf(squad({}), METHOD.settings)).toHaveLength(1);
  });

  it('holds more needs than a mask has room for by leaving out the least shared', () => {
    const mixed = Array.from({ length: 40 }, (_, i) =>
      athlete({ id: `m${String(i)}`, moment: { ...moment('any-stop'), id: `own-${String(i)}` } }),
    );
    expect(bonusesOf(mixed, METHOD.settings)).toHaveLength(30);
  });
});

describe('a lift that is strong enough (DOSE-6)', () => {
  const loads = (id: string, lift: string): boolean => getExercise(LIBRARY, id).load.oneRepMax?.lift === lift;
  const phase = { phase: 'specific' as const, minutes: 60 };

  it('is kept, not built, for a squad that is', () => {
    const enough = cardOf({ atCeiling: ['back-squat', 'deadlift'] }, 1, phase);
    const rows = enough.lines
      .filter(({ exerciseId }) => loads(exerciseId, 'back-squat') || loads(exerciseId, 'deadlift'))
      .map(({ row }) => row);
    expect(rows.length).toBeGreaterThan(0);
    expect(rows.every((row) => METHOD.doses[row].maintained === null)).toBe(true);
    expect(said(enough, 'at_ceiling')[0]?.facts).toMatchObject({ count: 8, of: 8 });
  });

  it('is kept for the one athlete while the squad goes on building it', () => {
    const { card, view } = solve({ atCeiling: ['back-squat', 'deadlift'] }, 0.125, phase);
    const built = card.lines.filter(
      ({ exerciseId, row }) =>
        METHOD.doses[row].maintained !== null && (loads(exerciseId, 'back-squat') || loads(exerciseId, 'deadlift')),
    );
    expect(built.length).toBeGreaterThan(0);
    for (const line of built) {
      const own = view.find(({ slot, athleteId }) => slot === line.slot && athleteId === 'a0');
      expect(own).toMatchObject({ row: 'D-MAINT' });
      expect(own?.reasons.map(({ code }) => code)).toContain('at_ceiling');
    }
  });
});
