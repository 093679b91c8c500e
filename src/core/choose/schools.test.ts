import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief } from '../../../tests/fixtures';
import { getExercise, overlayLibrary, type Library } from '../library';
import type { Schools } from '../method';
import { makeContext, solveCard, type Brief } from '.';
import { slotOptions } from './candidates/options';

const solve = (over: Partial<Brief>, library: Library = LIBRARY) =>
  solveCard(brief({ minutes: 75, ...over }), library, METHOD);
const lines = (schools: Partial<Schools>, over: Partial<Brief> = {}) => {
  const solved = solve({ ...over, schools: { ...brief().schools, ...schools } });
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value.card.lines;
};
const SPECIFIC = { phase: 'specific' } as const;

describe('schools change the card at once', () => {
  test.each([
    ['front', 'squat-front'],
    ['box', 'squat-box'],
    ['high-bar', 'squat-back'],
  ] as const)('main squat %s: no other squat is offered as the main lift', (mainSquat, pattern) => {
    const context = makeContext(brief({ ...SPECIFIC, schools: { ...brief().schools, mainSquat } }), LIBRARY, METHOD);
    const slot = METHOD.templates.full!.slots.find(({ main }) => main)!;
    const squats = slotOptions(slot, context).options.filter(({ exercise }) => exercise.family === 'squat');
    expect(new Set(squats.map(({ exercise }) => exercise.pattern))).toEqual(new Set([pattern]));
  });

  it('the trap-bar school leads with the trap bar', () => {
    const main = lines({ mainSquat: 'trap-bar' }, SPECIFIC).find(({ slot }) => slot === 'main')!;
    expect(main.exerciseId).toBe('trap-bar-deadlift');
  });

  it('an action of the three-action school is on the main lift and picks the jumps (BLOCK-3)', () => {
    const [eccentric, , concentric] = METHOD.settings.season.actions;
    const planned = [
      { lead: 'knee' as const, row: 'D-MAX' as const, sets: 4, reps: 5, rir: 2, tempo: eccentric!.tempo },
    ];
    const role = { role: 'A' as const, leads: ['knee' as const], enters: null };
    const down = lines({}, { ...SPECIFIC, planned, role, jumpRows: eccentric!.jumpRows });
    expect(down.find(({ slot }) => slot === 'main')!.dose).toMatchObject({ tempo: '5 down', amount: 5, sets: 4 });
    const jumpRows = (of: typeof down) => of.filter(({ block }) => block === 'jumps').map(({ row }) => row);
    expect(jumpRows(down).length).toBeGreaterThan(0);
    expect(jumpRows(down).every((row) => eccentric!.jumpRows.includes(row))).toBe(true);
    const plain = lines(
      {},
      { ...SPECIFIC, planned: [{ ...planned[0]!, tempo: null }], role, jumpRows: concentric!.jumpRows },
    );
    expect(plain.find(({ slot }) => slot === 'main')!.dose.tempo).toBeNull();
    expect(jumpRows(plain).every((row) => concentric!.jumpRows.includes(row))).toBe(true);
  });

  it.each([
    ['A', ['olympic', 'squat', 'upper-push'], 'D-POW'],
    ['B', ['hinge', 'upper-pull', 'olympic'], 'D-POW'],
    ['C', ['upper-push', 'olympic', 'squat'], 'D-BAL'],
  ] as const)(
    'tiers: session %s has a total, a lower and an upper lift, led in turn (WEEK-8)',
    (role, families, row) => {
      const lead = role === 'B' ? ('hip' as const) : ('knee' as const);
      const of = { ...SPECIFIC, minutes: 75, role: { role, leads: [lead], enters: null } };
      const found = lines({ loading: 'tiers' }, of).filter(({ slot }) =>
        ['power', 'throw', 'main', role === 'B' ? 'upper-pull' : 'upper-push'].includes(slot),
      );
      expect(found.map(({ exerciseId }) => getExercise(LIBRARY, exerciseId).family)).toEqual(families);
      const total = found.find(({ slot }) => slot === 'power' || slot === 'throw')!;
      expect(total.row).toBe(row);
      expect(total.dose.sets).toBeLessThanOrEqual(METHOD.doses[row].sets[0]);
      // an upper lift is loaded: no band stands for it where the place has a bar
      const upper = found.find(({ slot }) => slot.startsWith('upper'))!;
      expect(METHOD.settings.lifts.tierUppers).toContain(getExercise(LIBRARY, upper.exerciseId).pattern);
      const singles = lines({ loading: 'tiers' }, of).filter(({ slot }) => slot === 'single-leg');
      expect(singles.length > 0).toBe(role !== 'A');
    },
  );

  it('dense jumps rest a short while, self-paced ones when ready', () => {
    const rest = (jumpRest: Schools['jumpRest']) =>
      lines({ jumpRest }, SPECIFIC).find(({ slot }) => slot === 'jump-1')!.dose.restSeconds;
    expect(rest('full')).toBeGreaterThanOrEqual(METHOD.settings.rest.fullSeconds);
    expect(rest('dense')).toBe(METHOD.settings.rest.denseSeconds);
    expect(rest('self-paced')).toBeNull();
  });

  it('a club that rests the day before an event gets no card, and is told why', () => {
    const eve = { day: '2026-11-27', events: [{ day: '2026-11-28', kind: 'league' as const }] };
    expect(solve({ ...eve }).ok).toBe(true);
    const rest = solve({ ...eve, schools: { ...brief().schools, dayBefore: 'rest' } });
    expect(rest.ok ? [] : rest.issues.map(({ code }) => code)).toEqual(['rest_before_event']);
  });

  it('olympic lifts are chosen as far as the school goes', () => {
    const eve = { day: '2026-11-27', events: [{ day: '2026-11-28', kind: 'league' as const }] };
    const offered = (olympicLifts: Schools['olympicLifts']) => {
      const solved = solve({ ...eve, schools: { ...brief().schools, olympicLifts } });
      return solved.ok
        ? (solved.value.swaps.fast ?? []).map(({ exerciseId }) => getExercise(LIBRARY, exerciseId).pattern)
        : [];
    };
    const { catches, pulls } = METHOD.settings.lifts;
    expect(offered('none').filter((pattern) => [...catches, ...pulls].includes(pattern))).toEqual([]);
    expect(offered('pulls and derivatives').filter((pattern) => catches.includes(pattern))).toEqual([]);
  });

  it('straight-line keeps the dose in the third week where blocks raise it', () => {
    const sets = (loading: Schools['loading']) =>
      lines({ loading }, { ...SPECIFIC, weekOfBlock: 3 }).find(({ slot }) => slot === 'main')?.dose.sets ?? 0;
    expect(sets('straight-line')).toBeLessThan(sets('blocks'));
  });
});

it('a demand raised in the club’s own copy of a sport is chosen for', () => {
  const sport = LIBRARY.sports.get(brief().sportId)!;
  const covers = (library: Library) => {
    const solved = solve(SPECIFIC, library);
    return solved.ok
      ? solved.value.card.lines.reduce(
          (sum, line) => sum + (getExercise(library, line.exerciseId).demands.groin ?? 0) * line.dose.sets,
          0,
        )
      : 0;
  };
  const demands = Object.fromEntries(Object.keys(sport.demands).map((demand) => [demand, demand === 'groin' ? 5 : 1]));
  const raised = overlayLibrary(LIBRARY, [{ kind: 'sport', id: sport.id, json: { ...sport, demands }, base: sport }]);
  expect(covers(raised)).toBeGreaterThan(covers(LIBRARY));
});
