import { describe, expect, it, test } from 'vitest';
import { FOCUSES, LIBRARY, METHOD, START, TEST_SPECS } from '$catalog';
import { assumedNoise, type TestRecord } from '../testing';
import { athlete, brief } from '../../../tests/fixtures';
import { solveCard } from '../choose';
import { auditWork, holdsBack, NO_TARGETS, readChain, readStartLine, withEstimates, type StartInput } from '.';
import { SQUAD_JUMPS, TWELVE, type ReadingCase } from '../../../tests/twelve-athletes';

const TODAY = '2026-11-24';
const recordOf = ([id, value, side]: ReadingCase['results'][number], day = '2026-11-20'): TestRecord => ({
  test: id,
  day,
  side: side ?? 'both',
  trials: null,
  value: typeof value === 'number' ? value : null,
  joints: null,
  loadKg: typeof value === 'number' ? null : value[0],
  reps: typeof value === 'number' ? null : value[1],
  rir: null,
  asks: false,
});

const workOf = (training: Readonly<Record<string, number>>) =>
  Object.entries(training).map(([exerciseId, setsPerWeek]) => ({ exerciseId, setsPerWeek }));

function read(one: ReadingCase, change: Partial<StartInput> = {}) {
  const value = (id: string): number => Number(one.results.find(([test]) => test === id)?.[1] ?? NaN);
  const own: (readonly [number, number])[] = one.squadJumps ? [[value('cmj'), value('rsi-10-5')]] : [];
  const input: StartInput = {
    records: withEstimates(
      one.results.map((noted) => recordOf(noted)),
      METHOD.settings.loading,
    ),
    today: TODAY,
    bodyMassKg: one.bodyMassKg,
    ageYears: one.ageYears,
    sex: null,
    targets: NO_TARGETS,
    squatEnough: null,
    cuts: (LIBRARY.sports.get(one.sport)?.demands['deceleration-cutting'] ?? 0) >= START.cutsFrom,
    complaints: one.complaint ? [{ ...one.complaint, side: null, column: 'mild' }] : [],
    leans: auditWork(workOf(one.training ?? {}), LIBRARY, START).leans,
    squad: { rsiTest: 'rsi-10-5', rsi: one.squadJumps ? [...SQUAD_JUMPS, ...own] : [], eur: [] },
    noise: (spec, x) => assumedNoise(spec.assumed, x),
    ...change,
  };
  return readStartLine(input, TEST_SPECS, START);
}

describe('twelve athletes', () => {
  it.each(TWELVE)('$name', (one) => {
    const reading = read(one);
    expect(reading.tiers.map(({ state }) => state)).toEqual(one.expected.tiers);
    expect(reading.limiting).toBe(one.expected.limiting);
    expect(reading.focus).toBe(one.expected.focus);
    if (one.expected.lever !== undefined) expect(reading.lever?.lever ?? null).toBe(one.expected.lever);
    expect(reading.next[0]?.test ?? null).toBe(one.expected.next);
    expect(reading.changes.slice(0, 3)).toEqual(one.expected.changes);
  });
});

const named = (part: string): ReadingCase => TWELVE.find(({ name }) => name.includes(part))!;

describe('reading', () => {
  it('changes with one screen: tier, next test and what the card does', () => {
    const before = named('springy');
    const after = read({ ...before, results: [...before.results.filter(([id]) => id !== 'R2'), ['R2', 0]] });
    expect(after.limiting).toBe('range');
    expect(after.next[0]?.test).toBe('R3');
    expect(after.changes[0]).toBe('daily_drills');
  });

  it('starts control on the lowest rung of the failed screens', () => {
    const base = named('knee falls in');
    expect(read(base).controlRung).toBe(4);
    expect(
      read({ ...base, results: [...base.results.filter(([id]) => id !== 'C2'), ['C2', 2, 'right']] }).controlRung,
    ).toBe(1);
    expect(read(named('springy')).controlRung).toBe(8);
    expect(read(named('never tested')).controlRung).toBeNull();
  });

  it('moves one rung when a screen is repaired, not to the top, and down at once', () => {
    const solid = named('springy').results;
    const on = (day: string, ...noted: ReadingCase['results']) => noted.map((one) => recordOf(one, day));
    const failed = on('2026-09-01', ...solid.filter(([id]) => id !== 'C3'), ['C3', 2]);
    const rung = (...later: TestRecord[]) => read(named('springy'), { records: [...failed, ...later] }).controlRung;
    expect(rung()).toBe(3);
    expect(rung(...on('2026-10-01', ['C3', 0]))).toBe(4);
    expect(rung(...on('2026-10-01', ['C3', 0]), ...on('2026-11-01', ['C4', 0]))).toBe(5);
    expect(rung(...on('2026-10-01', ['C3', 0]), ...on('2026-11-01', ['C2', 2]))).toBe(1);
  });

  it('changes the next card with one screen', () => {
    const one = named('springy');
    const cardOf = (results: ReadingCase['results']) => {
      const { outcomes, focus } = read({ ...one, results });
      const tests = Object.fromEntries(
        [...outcomes].map(([id, { state }]) => [id, state]).filter(([, state]) => state !== 'unknown'),
      );
      const spec = focus && FOCUSES[focus];
      const who = athlete({
        tests,
        focus: spec && {
          id: focus,
          name: spec.name,
          emphasis: spec.emphasis,
          families: spec.families,
          drills: spec.drills,
          limits: spec.tier !== null,
          holdsBack: holdsBack({ id: focus, since: TODAY }, FOCUSES),
        },
      });
      const solved = solveCard(brief({ athletes: [who] }), LIBRARY, METHOD);
      if (!solved.ok) throw new Error('no card');
      return solved.value.card;
    };
    const before = cardOf(one.results);
    const after = cardOf([...one.results.filter(([id]) => id !== 'R2'), ['R2', 0]]);
    const sets = (card: typeof before): number =>
      card.lines.reduce((sum, { dose }) => sum + dose.sets, 0) / card.lines.length;
    expect(after.lines.map(({ exerciseId }) => exerciseId)).not.toEqual(
      before.lines.map(({ exerciseId }) => exerciseId),
    );
    expect(sets(after)).toBeLessThan(sets(before));
    const said = after.lines.flatMap(({ reasons }) => reasons.filter(({ code }) => code === 'helps_focus'));
    expect(said.map(({ facts }) => facts.focus)).toContainEqual(['hip range']);
  });

  it('keeps a failure past its time until repeated, and lets a pass lapse', () => {
    const old = (results: ReadingCase['results']) =>
      read(named('springy'), { records: results.map((noted) => recordOf(noted, '2026-06-01')) });
    expect(old([['R1', 0]]).tiers[0]).toMatchObject({ state: 'failed', failed: ['R1'] });
    expect(old([['R1', 1]]).tiers[0]).toMatchObject({ state: 'unknown' });
    expect(old([['R1', 1]]).outcomes.get('R1')?.stale).toBe(true);
  });

  it('does not let a harder screen overrule a failed one, nor count a value that still asks', () => {
    const solid = named('springy');
    const failed = read({ ...solid, results: [...solid.results.filter(([id]) => id !== 'C3'), ['C3', 2]] });
    expect(failed.limiting).toBe('control');
    const asks = read(solid, { records: [{ ...recordOf(['R1', 0]), asks: true }] });
    expect(asks.tiers[0]?.state).toBe('unknown');
  });

  it('is softer on the young, and bars what they must not do', () => {
    const weak = named('squat is weak');
    expect(read(weak).limiting).toBe('force');
    expect(read({ ...weak, ageYears: 15 }).limiting).toBeNull();
  });

  it('marks what it left out as less sure', () => {
    const one = named('springy');
    const reading = read({ ...one, results: one.results.filter(([id]) => id !== 'sj') });
    expect(reading.lever).toMatchObject({ lever: 'strength', leftOut: ['eur'], sure: 'less sure' });
  });

  test('a history that leans to the knee with a sore back asks for hips, gently', () => {
    const reading = read({
      ...named('hip-dominant'),
      training: { 'front-squat': 10 },
      complaint: { place: 'back', score: 1 },
    });
    expect(reading.focus).toBe('gentle-hip');
    const audit = auditWork(workOf({ 'front-squat': 10 }), LIBRARY, START);
    expect(audit.neglected).toContain('calf and foot');
    expect(audit).toMatchObject({ legSets: 10, singleLegShare: 0 });
  });
});

test('the chain says what is tested, trained or neither', () => {
  const { outcomes } = read(named('springy'));
  const chain = readChain(
    outcomes,
    [
      { exerciseId: 'calf-raise-one-leg', day: '2026-11-20' },
      { exerciseId: 'calf-raise-one-leg', day: '2026-11-18' },
      { exerciseId: 'plank', day: '2026-09-01' },
    ],
    LIBRARY,
    TODAY,
    START,
  );
  expect(chain.find(({ link }) => link === 'foot and ankle')).toMatchObject({ trainedDays: 2, failed: [] });
  expect(chain.find(({ link }) => link === 'trunk')?.trainedDays).toBe(0);
  expect(chain.find(({ link }) => link === 'knee')?.tested).toContain('C5');
});

describe('focuses', () => {
  it.each(Object.entries(FOCUSES))('%s names drills that are there and something to train', (_id, focus) => {
    expect(focus.drills.filter((id) => !LIBRARY.exercises.has(id))).toEqual([]);
    expect(focus.tier === 'range' ? focus.drills.length : 2).toBeGreaterThanOrEqual(2);
    expect(Object.keys(focus.emphasis).length).toBeGreaterThan(0);
  });
});
