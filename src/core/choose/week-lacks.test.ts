import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD, MOMENTS } from '$catalog';
import { athlete, brief } from '../../../tests/fixtures';
import { assessCard, makeContext, solveCard, type Brief, type WeekSoFar } from '.';

const week = (held: [string, boolean?][], over: Partial<WeekSoFar> = {}): WeekSoFar => ({
  held: held.map(([exerciseId, main = false]) => ({ exerciseId, main })),
  isLast: true,
  nearEvent: false,
  ...over,
});
/** A card of one line, and what is said of its week. */
const said = (of: WeekSoFar | null, over: Partial<Brief> = {}, shape: Partial<Brief['shape']> = {}) => {
  const own = brief({ events: [], minutes: 90, week: of, ...over });
  const solved = solveCard(own, LIBRARY, METHOD);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  const { card, view } = solved.value;
  const lines = card.lines.filter(({ slot, block }) => block === 'prep' || slot === 'calf');
  return assessCard({ ...card, lines, shape: { ...card.shape, ...shape } }, view, makeContext(own, LIBRARY, METHOD))
    .findings.filter(({ code }) => code === 'week_lacks')
    .map(({ facts }) => facts);
};
const LEGS: [string, boolean?][] = [
  ['back-squat', true],
  ['romanian-deadlift', true],
  ['split-squat'],
  ['single-leg-hip-thrust'],
];

describe('what a week lacks, said of its last session (WEEK-9)', () => {
  it('names every part that neither an earlier card nor this one holds; a warm-up’s drill is none', () => {
    const [lacks] = said(week([['back-squat', true]]));
    expect(lacks?.what).toEqual(expect.arrayContaining(['hip-led main', 'single-leg knee', 'single-leg hip', 'pull']));
    expect(lacks?.what).not.toContain('knee-led main');
    expect(lacks?.what).not.toContain('calf–foot');
  });

  it('a lift that does not lead is no main', () => {
    expect(said(week([['back-squat']]))[0]?.what).toContain('knee-led main');
  });

  it('says nothing before the last session, outside a plan, and of a whole week', () => {
    expect(said(week([], { isLast: false }))).toEqual([]);
    expect(said(null)).toEqual([]);
    const guard = LIBRARY.sports.get(brief().sportId)!.guards[0]!.exercises[0]!;
    expect(said(week([...LEGS, ['pull-up'], ['push-up'], [guard]]))).toEqual([]);
  });

  it('a congested week is whole with less', () => {
    const lacks = said(week([...LEGS]), { phase: 'congested' }).flatMap(({ what }) => what as string[]);
    expect(lacks).not.toContain('push');
    expect(lacks).not.toContain('single-leg knee');
  });

  const sore = { place: 'knee', side: null, score: 4, column: 'stop' as const };
  it.each<[string, Partial<Brief>, Partial<Brief['shape']>, Partial<WeekSoFar>]>([
    ['minutes', {}, {}, {}],
    ['match-days', {}, {}, { nearEvent: true }],
    ['word', {}, { without: ['upper-pull'] }, { nearEvent: true }],
    ['word', {}, { banned: [...LIBRARY.exercises.keys()] }, {}],
    // what else was taken off says nothing of a pull
    ['minutes', {}, { without: ['calf'], banned: ['pull-up'] }, {}],
    ['complaint', { athletes: ['a', 'b'].map((id) => athlete({ id, complaints: [sore] })) }, {}, {}],
  ])('says why: %s', (why, over, shape, of) => {
    const pull = said(week(LEGS, of), over, shape).find(({ what }) => (what as string[]).includes('pull'));
    expect(pull?.why).toBe(why);
  });

  it('says what there is no kit for', () => {
    // a library without a pull that this place has the kit for
    const away = { allOf: ['winch'], anyOf: [] };
    const exercises = new Map(
      [...LIBRARY.exercises].map(([id, one]) => [id, one.family === 'upper-pull' ? { ...one, equipment: away } : one]),
    );
    const library = { ...LIBRARY, exercises };
    const own = brief({ events: [], minutes: 60, week: week(LEGS) });
    const solved = solveCard(own, library, METHOD);
    if (!solved.ok) throw new Error('no card');
    const kit = solved.value.assessment.findings.filter(({ code }) => code === 'week_lacks');
    expect(kit.map(({ facts }) => facts)).toEqual([{ what: ['pull'], why: 'kit' }]);
  });
});

describe('what a week lacks is worth more than another of what it has (WEEK-9)', () => {
  const { missingInWeek, lastOfWeek } = METHOD.settings.choice;
  const slot = METHOD.templates.full!.slots.find(({ id }) => id === 'calf')!;
  /** Points the week adds for a line of an entry. */
  const added = (id: string, of: WeekSoFar, block = slot.block) => {
    const worth = (own: Brief): number =>
      makeContext(own, LIBRARY, METHOD)
        .bonuses.filter(({ serves }) => serves(LIBRARY.exercises.get(id)!, { ...slot, block }))
        .reduce((sum, { points }) => sum + (points[1] ?? 0), 0);
    return worth(brief({ events: [], week: of })) - worth(brief({ events: [], week: null }));
  };

  it.each<[string, string, WeekSoFar, number]>([
    ['a pull that no card of the week holds, on its last', 'pull-up', week(LEGS), lastOfWeek],
    ['the same with sessions to come', 'pull-up', week(LEGS, { isLast: false }), missingInWeek],
    ['a pull beside one', 'pull-up', week([...LEGS, ['bent-over-row']]), 0],
    ['a single-leg lift of the side that is there', 'split-squat', week(LEGS), 0],
    ['a main lift, which is its role’s business', 'back-squat', week([]), 0],
  ])('%s', (_, id, of, points) => {
    expect(added(id, of)).toBe(points);
  });

  it('a warm-up’s drill is none of it', () => {
    expect(added('pull-up', week(LEGS), 'prep')).toBe(0);
  });

  it('no more purposes than a mask has room for, whatever the week lacks', () => {
    const [moment] = MOMENTS;
    const mixed = Array.from({ length: 40 }, (_, i) =>
      athlete({ id: `m${String(i)}`, moment: { ...moment!, id: `own-${String(i)}` } }),
    );
    expect(makeContext(brief({ athletes: mixed, week: week([]) }), LIBRARY, METHOD).bonuses).toHaveLength(30);
  });
});
