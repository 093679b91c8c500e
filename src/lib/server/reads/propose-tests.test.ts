import { describe, expect, it } from 'vitest';
import { START, TEST_SPECS } from '$catalog';
import { NO_AIMS, NO_TARGETS, readSquad, type SquadMember } from '$core/startline';
import { assumedNoise, type TestRecord } from '$core/testing';
import { testRecord } from '../../../../tests/fixtures';
import { proposeTests } from './propose-tests';

const passed = (test: string, value: number, side: TestRecord['side'] = 'both') => testRecord(test, value, { side });
const member = (id: string, records: readonly TestRecord[]): SquadMember => ({
  id,
  records,
  today: '2026-11-24',
  bodyMassKg: 70,
  ageYears: 22,
  sex: null,
  targets: NO_TARGETS,
  squatEnough: null,
  cuts: false,
  complaints: [],
  leans: 'unknown',
  noise: (spec, value) => assumedNoise(spec.assumed, value),
});
const RANGE = [passed('R1', 2), passed('R2', 1), passed('R4', 0.12, 'left'), passed('R4', 0.12, 'right')];
const propose = (members: SquadMember[], aims = NO_AIMS) =>
  proposeTests(readSquad(members, TEST_SPECS, START), aims, TEST_SPECS);

describe('the tests of a day nobody has chosen (TEST-1)', () => {
  it('are what a squad never tested lacks first: the range screens', () => {
    expect(propose([member('a', []), member('b', [])])).toEqual(['R1', 'R2', 'R4']);
  });
  it('move up the pyramid with the squad, and stand in its order', () => {
    const tests = propose([member('a', RANGE), member('b', RANGE), member('c', [])]);
    expect(tests).toEqual([...TEST_SPECS.keys()].filter((id) => tests.includes(id)));
    expect(tests).toContain('C1');
    expect(tests).toContain('R1');
  });
  it('hold no more than an hour in the hall, and always the squad’s result', () => {
    const all = Array.from({ length: 6 }, (_, i) => member(String(i), i % 2 ? RANGE : []));
    const tests = propose(all, { ...NO_AIMS, result: { test: 'sprint-20', name: '', error: null } });
    expect(tests.length).toBeLessThanOrEqual(11);
    expect(tests).toContain('sprint-20');
  });
  it('are none for a squad nobody is in', () => {
    expect(propose([])).toEqual([]);
  });
});
