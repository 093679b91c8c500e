import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { brief } from '../../../tests/fixtures';
import { AS_TEMPLATE } from '../session';
import { offerEntries, solveCard, type Brief, type Pin } from '.';

const solve = (over: Partial<Brief> = {}) => {
  const solved = solveCard(brief(over), LIBRARY, METHOD);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value;
};
const own = (exerciseId: string, at: NonNullable<Pin['at']> = { block: 'assist', group: null }): Pin => ({
  exerciseId,
  dosed: null,
  typed: false,
  byCoach: true,
  at,
});

describe('a card the coach shaped', () => {
  it('holds an added line, dosed for the phase, where it was put', () => {
    const slots = solve().card.lines.map(({ slot }) => slot);
    const order = [slots[0]!, 'own-1', ...slots.slice(1)];
    const { card } = solve({ pins: { 'own-1': own('hip-thrust') }, shape: { ...AS_TEMPLATE, order } });
    expect(card.lines[1]).toMatchObject({ slot: 'own-1', exerciseId: 'hip-thrust', row: 'D-MAINT', pinned: true });
    expect(card.lines.filter(({ exerciseId }) => exerciseId === 'hip-thrust')).toHaveLength(1);
    expect(card.shape.order).toEqual(order);
  });

  it('leaves out what was taken off and what was banned, and uses their minutes', () => {
    const usual = solve();
    const main = usual.card.lines.find(({ slot }) => slot === 'main')!.exerciseId;
    const { card, assessment } = solve({ shape: { ...AS_TEMPLATE, without: ['calf', 'power'], banned: [main] } });
    expect(card.lines.map(({ slot }) => slot)).not.toContain('calf');
    expect(card.lines.map(({ slot }) => slot)).not.toContain('power');
    expect(card.lines.map(({ exerciseId }) => exerciseId)).not.toContain(main);
    expect(assessment.minutes).toBeGreaterThan(0.9 * 55);
  });

  it('pairs what was paired, and says when the coach’s lines take longer than asked', () => {
    const at = { block: 'main', group: 'pair-x' };
    const { card } = solve({ pins: { 'own-1': own('hip-thrust', at), 'own-2': own('pull-up', at) } });
    expect(card.lines.filter(({ group }) => group === 'pair-x').map(({ slot }) => slot)).toEqual(['own-1', 'own-2']);
    const many = Object.fromEntries(
      ['back-squat', 'deadlift', 'hip-thrust', 'front-squat', 'bench-press', 'strict-press', 'trap-bar-deadlift'].map(
        (id, i) => [`own-${String(i + 1)}`, own(id)],
      ),
    );
    const long = solve({ minutes: 45, phase: 'specific', pins: many });
    expect(long.card.lines.filter(({ pinned }) => pinned)).toHaveLength(7);
    expect(long.assessment.findings.map(({ code }) => code)).toContain('over_minutes');
  });
});

describe('a card started from one that was kept', () => {
  const at = { block: 'main', group: 'ring' };
  const ring = ['landmine-row', 'landmine-reverse-lunge', 'standing-landmine-press', 'landmine-rotation'];

  it('holds getting warm and the coach’s lines, and nothing else', () => {
    const pins = Object.fromEntries(ring.map((id, i) => [`own-${String(i + 1)}`, own(id, at)]));
    const { card } = solve({ minutes: 30, phase: 'specific', pins, shape: { ...AS_TEMPLATE, alone: true } });
    const work = card.lines.filter(({ block }) => block !== 'prep');
    expect(work.map(({ exerciseId }) => exerciseId)).toEqual(ring);
    expect(new Set(work.map(({ group }) => group))).toEqual(new Set(['ring']));
    expect(card.lines.length).toBeGreaterThan(work.length);
  });

  it('carries the coach’s words, and gives a line to those it is for alone', () => {
    const said = { note: 'slow down', only: ['a2'] };
    const { card, view } = solve({ pins: { 'own-1': { ...own('hip-thrust'), said } } });
    expect(card.lines.find(({ slot }) => slot === 'own-1')).toMatchObject(said);
    const doing = view.filter(({ slot, exerciseId }) => slot === 'own-1' && exerciseId !== null);
    expect(doing.map(({ athleteId }) => athleteId)).toEqual(['a2']);
    expect(view.find(({ slot, athleteId }) => slot === 'own-1' && athleteId === 'a1')).toMatchObject({
      variant: 'without',
      reasons: [{ code: 'for_others' }],
    });
  });

  it('an entry stands twice where the coach puts it twice', () => {
    const { card } = solve({ pins: { 'own-1': own('hip-thrust'), 'own-2': own('hip-thrust') } });
    expect(card.lines.filter(({ exerciseId }) => exerciseId === 'hip-thrust')).toHaveLength(2);
  });
});

describe('the library searched for a line', () => {
  const offers = (query: string, over: Partial<Brief> = {}) => offerEntries(query, brief(over), LIBRARY, METHOD, 40);

  it('finds by name, family and what it trains, names first', () => {
    expect(offers('hip thrust')[0]).toMatchObject({ exerciseId: 'hip-thrust', why: null });
    expect(offers('adductors').length).toBeGreaterThan(3);
    expect(offers('calf-foot').every(({ family }) => family === 'calf-foot')).toBe(true);
    expect(offers('zzz')).toEqual([]);
    expect(offers('')).toHaveLength(40);
  });

  it('puts what does not suit last, with the reason', () => {
    const place = { ...brief().place, equipment: ['dumbbell', 'mat'] };
    const found = offers('squat', { place });
    const at = found.findIndex(({ exerciseId }) => exerciseId === 'back-squat');
    expect(found[at]?.why?.code).toBe('kit_missing');
    expect(found.slice(at).every(({ why }) => why !== null)).toBe(true);
    expect(offers('catch', {}).length + offers('drop jump', { day: '2026-11-27' }).length).toBeGreaterThan(0);
    const near = offers('bounds', { day: '2026-11-27' }).find(({ exerciseId }) => exerciseId === 'bounds');
    expect(near?.why?.rules).toContain('WEEK-2');
  });
});
