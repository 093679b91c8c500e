import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { workSeconds } from '../order';
import { AS_TEMPLATE } from '../session';
import { surveyBrief } from '../survey/survey-briefs';
import { runningKey, solveCard, type Brief } from '.';

type Place = Parameters<typeof surveyBrief>[4];
const KINDS = Object.entries(METHOD.templates).flatMap(([id, { asked, minutes }]) => (asked ? [{ id, minutes }] : []));

function cardOf(kind: string, minutes: number, place: Place = 'full kit', own: Partial<Brief> = {}) {
  const brief = surveyBrief('team-handball', 'in-season', minutes, 'trained', place, LIBRARY);
  const solved = solveCard({ ...brief, ...own, shape: { ...AS_TEMPLATE, kind } }, LIBRARY, METHOD);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  const lines = solved.value.card.lines.map((line) => ({ ...line, exercise: LIBRARY.exercises.get(line.exerciseId)! }));
  const work = lines.filter(({ block }) => !['prep', 'mobility', 'cool-down'].includes(block));
  return { ...solved.value, work, prep: lines.filter(({ block }) => block === 'prep') };
}
const families = (card: ReturnType<typeof cardOf>) => card.work.map(({ exercise }) => exercise.family);
const fixed = (card: ReturnType<typeof cardOf>) => card.work.map(({ dose: { sets, amount } }) => `${sets} × ${amount}`);

describe('sessions asked for by name (SEL-7)', () => {
  test.each(KINDS)('$id gives a warm, whole card in its shortest and longest time', ({ id, minutes: [from, to] }) => {
    for (const minutes of [from, Math.min(to, 90)]) {
      const { card, assessment, prep } = cardOf(id, minutes);
      expect(card.template).toBe(id);
      expect(assessment.minutes).toBeLessThanOrEqual(minutes);
      expect(assessment.contacts.weighted).toBeLessThanOrEqual(assessment.budget.limit);
      expect(prep.length).toBeGreaterThan(0);
      expect(card.lines.length).toBeGreaterThan(prep.length);
      expect(assessment.findings.filter(({ severity }) => severity === 'forbid')).toEqual([]);
    }
  });

  it('circuit: eight lifts in turn, eight reps, three rounds', () => {
    const card = cardOf('circuit', 45);
    expect(fixed(card)).toEqual(Array(8).fill('3 × 8'));
    expect(new Set(card.work.map(({ group }) => group)).size).toBe(1);
  });

  it('a round that is always done so took no step of the squad’s', () => {
    const calf = cardOf('circuit', 45).work.find(({ slot }) => slot === 'round-calf')!;
    const stepped = (amount: number) => {
      const step = {
        kind: 'amount-up' as const,
        from: calf.dose,
        to: { ...calf.dose, amount },
        votes: { up: 3, down: 0, answered: 3, did: 3 },
      };
      const { running } = surveyBrief('team-handball', 'in-season', 45, 'trained', 'full kit', LIBRARY);
      const steps = { [runningKey(calf.exerciseId, calf.row)]: step };
      const { work } = cardOf('circuit', 45, 'full kit', { running: { ...running, steps } });
      return work.find(({ slot }) => slot === 'round-calf')!.reasons.some(({ code }) => code === 'squad_step');
    };
    expect([stepped(13), stepped(calf.dose.amount)]).toEqual([false, true]);
  });

  it('heavy hips: five sets of five of a hip-led lift, three minutes of rest, the load from what is known', () => {
    const main = cardOf('heavy-hips', 60).work.find(({ slot }) => slot === 'main')!;
    expect(main).toMatchObject({ row: 'D-MAX', dose: { sets: 5, amount: 5, restSeconds: 180 } });
    expect(main.exercise.family).toBe('hinge');
  });

  it('one landmine: nothing but the landmine, two sides of the leg, row, turn and jerk', () => {
    const card = cardOf('one-landmine', 40, 'landmine');
    expect(new Set(card.work.map(({ exercise }) => exercise.load.kind))).toEqual(new Set(['landmine']));
    expect(families(card)).toEqual(
      expect.arrayContaining(['squat', 'hinge', 'single-leg-knee', 'trunk', 'upper-pull', 'olympic']),
    );
  });

  it('on the whistle: no weights, and everything can be done on a call', () => {
    const { work, prep } = cardOf('whistle', 45, 'nothing');
    expect(work.every(({ exercise }) => exercise.load.kind === 'bodyweight')).toBe(true);
    for (const { exercise } of [...work, ...prep]) {
      expect(exercise.groupable).toBe(true);
      expect(exercise.call.go).not.toBe('');
    }
    expect(families({ work } as ReturnType<typeof cardOf>)).toContain('jump');
  });

  it('at home: a band and a floor, whatever the place has', () => {
    for (const place of ['full kit', 'nothing'] as const) {
      const { work, prep } = cardOf('home', 30, place);
      for (const { exercise } of [...work, ...prep]) {
        const { allOf, anyOf } = exercise.equipment;
        expect(allOf.every((item) => ['band', 'wall', 'mat'].includes(item))).toBe(true);
        expect(anyOf.length === 0 || anyOf.some((item) => ['band', 'wall', 'mat'].includes(item))).toBe(true);
        expect(exercise.space).not.toBe('lane');
      }
      expect(work.some(({ exercise }) => exercise.load.kind === 'band')).toBe(true);
    }
  });

  it('jumps in rounds: thirty seconds on, thirty off', () => {
    const dense = cardOf('jumps-dense', 30).work.filter(({ group }) => group === 'J');
    expect(dense.length).toBeGreaterThanOrEqual(3);
    for (const { dose } of dense) expect(dose).toMatchObject({ sets: 3, amount: 30, unit: 'seconds', restSeconds: 30 });
  });

  it('jumps in rounds: what is done a side at a time changes at half, so that all keep one clock (DOSE-8)', () => {
    const { work } = cardOf('jumps-dense', 30);
    const aSide = work.filter(({ slot, dose }) => slot.startsWith('dense') && dose.per !== null);
    expect(aSide.length).toBeGreaterThan(0);
    for (const { exercise, dose } of aSide) {
      expect(dose).toMatchObject({ amount: 30, unit: 'seconds', sides: 'half' });
      expect(workSeconds(exercise, dose)).toBe(30);
    }
  });

  it('jumps when ready: no rest is written, whatever the club does', () => {
    const jumps = cardOf('jumps-ready', 40).work.filter(({ block }) => block === 'jumps');
    expect(jumps.length).toBeGreaterThan(1);
    expect(jumps.every(({ dose }) => dose.restSeconds === null)).toBe(true);
  });

  it('jumps: landings, then jumps in three directions, most of the day’s contacts', () => {
    const { work, assessment } = cardOf('jumps', 60);
    const directions = new Set(work.flatMap(({ exercise }) => exercise.plyo?.direction ?? []));
    expect(directions.size).toBeGreaterThanOrEqual(3);
    expect(assessment.contacts.weighted).toBeGreaterThan(assessment.budget.limit / 2);
  });

  it('power before strength: fast lifts stand before the main lift', () => {
    const { work } = cardOf('power-first', 60);
    const at = (block: string) => work.findIndex((line) => line.block === block);
    expect(at('power')).toBeGreaterThanOrEqual(0);
    expect(at('power')).toBeLessThan(at('main'));
  });

  it('lift and jump in turn: each strong lift shares its group with a jump', () => {
    const { work } = cardOf('contrast', 60);
    for (const slot of ['main', 'contrast-hip']) {
      const group = work.find((line) => line.slot === slot)!.group;
      expect(work.filter((line) => line.group === group).map(({ exercise }) => exercise.family)).toContain('jump');
    }
  });

  it('hamstrings: slow first, lowering after, fast last', () => {
    const order = cardOf('hamstrings', 60).work.map(({ slot }) => slot);
    expect(order.indexOf('ham-slow')).toBeLessThan(order.indexOf('ham-lower'));
    expect(order.indexOf('ham-lower')).toBeLessThan(order.indexOf('ham-fast'));
  });

  it('hips: driven back and lifted, each slow and each fast', () => {
    const { work } = cardOf('hips', 60);
    for (const slot of ['hips-thrust', 'hips-lift', 'hips-fast-back', 'hips-fast-lift'])
      expect(work.some((line) => line.slot === slot)).toBe(true);
  });
});
