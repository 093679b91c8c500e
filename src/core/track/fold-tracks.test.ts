import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dose } from '../../../tests/fixtures';
import { earns, foldTracks, isClean, type SetFact, type StepFact, type TrackFact } from '.';

let seq = 0;
const lift = dose({ sets: 2, amount: 5, loadKg: 60, rir: 2 });
const set = (day: string, setNumber: number, own: Partial<SetFact> = {}): SetFact => ({
  id: `s${String(++seq).padStart(5, '0')}`,
  kind: 'set',
  day,
  seq,
  sessionId: `on ${day}`,
  slot: 'main',
  setNumber,
  exerciseId: 'back-squat',
  row: 'D-MAINT',
  written: lift,
  based: lift,
  eased: [],
  doneAt: `${day}T18:0${String(setNumber)}:00Z`,
  removed: false,
  amount: 5,
  loadKg: 60,
  rir: 2,
  fault: null,
  ...own,
});
const done = (day: string, own: Partial<SetFact> = {}): SetFact[] => [1, 2].map((n) => set(day, n, own));
const answer = (day: string, response: object = {}): TrackFact => ({
  id: `a${String(++seq)}`,
  kind: 'answer',
  day,
  seq,
  response: { answer: 'fine', place: null, score: null, ...response },
});
const step = (day: string, own: Partial<StepFact> = {}): StepFact => ({
  id: `t${String(++seq)}`,
  kind: 'step',
  day,
  seq,
  cause: 'accepted',
  exerciseId: 'back-squat',
  row: 'D-MAINT',
  to: { exerciseId: 'back-squat', dose: { ...lift, loadKg: 62.5 } },
  sessionId: null,
  tight: false,
  rules: ['PROG-9'],
  saw: {},
  ...own,
});
const fold = (
  facts: TrackFact[],
  days = [...new Set(facts.filter(({ kind }) => kind === 'set').map(({ day }) => day))].sort(),
) => foldTracks(facts, days);
const squat = (facts: TrackFact[]) => fold(facts).find(({ exerciseId }) => exerciseId === 'back-squat')!;

describe('a track', () => {
  it('owns what was done, what it would have been without the day, and nothing of a capped first time', () => {
    expect(squat(done('2026-11-10'))).toMatchObject({ owned: { dose: lift, by: 'done' }, done: 1, clean: 1 });
    const eased = done('2026-11-10', { written: { ...lift, sets: 1 }, eased: ['WEEK-2'] });
    expect(squat(eased).owned?.dose).toEqual(lift);
    expect(squat(done('2026-11-10', { based: null, eased: ['SAFE-8'] })).owned).toBeNull();
    expect(squat(done('2026-11-10', { eased: ['PROG-7'] })).owned).toBeNull();
  });

  it('moves by the coach’s word before the sets of that day, and by a rule after them', () => {
    const word = [step('2026-11-12'), ...done('2026-11-12')];
    expect(squat(word).owned?.dose.loadKg).toBe(60);
    const fall = step('2026-11-12', {
      cause: 'fall',
      sessionId: 'on 2026-11-12',
      to: { exerciseId: 'back-squat', dose: { ...lift, loadKg: 57.5 } },
    });
    expect(squat([fall, ...done('2026-11-12')])).toMatchObject({
      owned: { dose: { loadKg: 57.5 }, by: 'fall' },
      exposures: [{ settledBy: ['fall'] }],
    });
  });

  it('keeps what a layoff took until it stands again', () => {
    const cut = step('2026-11-12', {
      cause: 'layoff',
      sessionId: 'on 2026-11-12',
      to: { exerciseId: 'back-squat', dose: { ...lift, loadKg: 50 } },
    });
    const facts = [...done('2026-11-01'), ...done('2026-11-12', { eased: ['PROG-7'] }), cut];
    expect(squat(facts)).toMatchObject({ owned: { dose: { loadKg: 50 }, by: 'layoff' }, before: { loadKg: 60 } });
    const given = (loadKg: number) =>
      step('2026-11-14', { to: { exerciseId: 'back-squat', dose: { ...lift, loadKg } } });
    expect(squat([...facts, given(55)]).before).toMatchObject({ loadKg: 60 });
    expect(squat([...facts, given(60)]).before).toBeNull();
  });

  it('leaves a rung, remembers why, and comes back', () => {
    const down = step('2026-11-12', { tight: true, to: { exerciseId: 'front-squat', dose: lift } });
    const facts = [...done('2026-11-10'), down];
    expect(squat(facts)).toMatchObject({ movedTo: 'front-squat', sentDown: 1, done: 0 });
    expect(fold(facts).find(({ exerciseId }) => exerciseId === 'front-squat')?.owned?.dose).toEqual(lift);
    expect(squat([...facts, ...done('2026-11-14')]).movedTo).toBeNull();
    expect(squat([...done('2026-11-10'), { ...down, tight: false }]).sentDown).toBe(0);
  });

  it('is held through the day the coach said so', () => {
    expect(squat([...done('2026-11-10'), step('2026-11-12', { cause: 'held' })])).toMatchObject({
      heldThrough: '2026-11-12',
      owned: { by: 'done' },
    });
  });

  it('counts a line nobody tapped as done, and as nothing more', () => {
    const closed: TrackFact = {
      id: 'c',
      kind: 'closed',
      day: '2026-11-12',
      seq: ++seq,
      sessionId: 'x',
      untapped: [{ exerciseId: 'back-squat', row: 'D-MAINT' }],
    };
    expect(squat([...done('2026-11-10'), closed])).toMatchObject({
      lastDone: '2026-11-12',
      done: 1,
      owned: { by: 'done' },
    });
  });
});

describe('taps on a set', () => {
  it('the one done last counts, whenever it arrives; one taken back was not done', () => {
    const early = set('2026-11-10', 1, { amount: 3, doneAt: '2026-11-10T18:00:00Z' });
    const later = set('2026-11-10', 1, { amount: 4, doneAt: '2026-11-10T18:10:00Z' });
    for (const order of [
      [early, later],
      [later, early],
    ])
      expect(squat(order).exposures[0]?.sets).toMatchObject([{ amount: 4 }]);
    const gone = set('2026-11-10', 1, { removed: true, doneAt: '2026-11-10T18:20:00Z' });
    expect(fold([early, gone, later])).toEqual([]);
  });
});

describe('the answer that speaks of a session', () => {
  it('is the last of the first day that has one, up to three days on and not past the next session’s door', () => {
    const says = (...more: TrackFact[]) =>
      squat([...done('2026-11-10'), ...more]).exposures.at(-1)?.response?.answer ?? null;
    expect(says(answer('2026-11-11'), answer('2026-11-11', { answer: 'tight' }))).toBe('tight');
    expect(says(answer('2026-11-13'))).toBe('fine');
    expect(says(answer('2026-11-14'))).toBeNull();
    expect(says(answer('2026-11-10'))).toBeNull();
    expect(says(...done('2026-11-12'), answer('2026-11-12'))).toBe('fine');
    expect(says(...done('2026-11-12'), answer('2026-11-13'))).toBeNull();
  });
});

it('does not depend on the order in which facts arrive', () => {
  const facts: TrackFact[] = [
    ...done('2026-11-03'),
    answer('2026-11-04'),
    step('2026-11-05'),
    ...done('2026-11-07', { written: { ...lift, loadKg: 62.5 }, based: { ...lift, loadKg: 62.5 } }),
    answer('2026-11-08', { answer: 'tight', place: 'knee' }),
    step('2026-11-07', { cause: 'fall', sessionId: 'on 2026-11-07' }),
    step('2026-11-09', { cause: 'held' }),
    ...done('2026-11-20', { eased: ['PROG-7'] }),
  ];
  const expected = fold(facts);
  fc.assert(
    fc.property(fc.shuffledSubarray(facts, { minLength: facts.length }), (shuffled) => {
      expect(fold(shuffled)).toEqual(expected);
    }),
    { numRuns: 60 },
  );
});

describe('clean', () => {
  const sets = (own: object = {}) => [1, 2].map(() => ({ amount: 5, loadKg: 60, rir: 2, fault: null, ...own }));
  it.each([
    ['as written', sets(), true],
    ['above', sets({ amount: 6, loadKg: 65, rir: 3 }), true],
    ['not counted', sets({ loadKg: null, rir: null }), true],
    ['a set missing', sets().slice(1), false],
    ['a rep short', sets({ amount: 4 }), false],
    ['a lighter bar', sets({ loadKg: 57.5 }), false],
    ['less in reserve', sets({ rir: 1 }), false],
    ['a fault', sets({ fault: 'knee in' }), false],
  ])('%s', (_name, of, clean) => {
    expect(isClean({ dose: lift, sets: of })).toBe(clean);
    expect(earns({ dose: lift, based: lift, eased: [], sets: of })).toBe(clean);
  });
  it('eased earns only where it did what is owned all the same', () => {
    const easier = { ...lift, sets: 1 };
    expect(earns({ dose: easier, based: lift, eased: ['WEEK-2'], sets: sets().slice(1) })).toBe(false);
    expect(earns({ dose: easier, based: lift, eased: ['WEEK-2'], sets: sets() })).toBe(true);
    expect(earns({ dose: easier, based: null, eased: ['WEEK-2'], sets: sets() })).toBe(false);
  });
});
