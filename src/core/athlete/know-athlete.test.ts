import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { testRecord } from '../../../tests/fixtures';
import { NO_AIMS } from '../startline';
import type { TestRecord } from '../testing';
import { knowAthlete, NO_HISTORY, type AthleteRecord } from '.';

const DAY = '2026-11-24';
const record = (own: Partial<AthleteRecord> = {}): AthleteRecord => ({
  id: 'a',
  name: 'Ada',
  birthDate: '2002-02-02',
  sex: null,
  bodyMassKg: 70,
  growthCmPerMonth: null,
  liftLevel: 'trained',
  jumpLevel: 'trained',
  jumpSeasons: 2,
  guardianConsent: false,
  focus: null,
  pastInjuries: [],
  moment: null,
  ceilings: [],
  lighterFrom: null,
  fullFrom: null,
  records: [],
  complaints: [],
  ...own,
});
const know = (own: Partial<AthleteRecord> = {}, day = DAY) =>
  knowAthlete(
    record(own),
    NO_HISTORY,
    day,
    { aims: NO_AIMS, sport: LIBRARY.sports.get('team-handball') ?? null },
    METHOD,
  );
const both = (test: string, value: number): TestRecord[] =>
  (['left', 'right'] as const).map((side) => testRecord(test, value, { side }));
const GROUND = [
  testRecord('R1', 2),
  testRecord('R2', 1),
  ...both('R4', 0.12),
  ...['C1', 'C2', 'C3', 'C4', 'C5', 'C6'].flatMap((test) => [...both(test, 0), testRecord(test, 0)]),
];
const SKILL = [testRecord('K1', 0), testRecord('K2', 0), testRecord('K3', 0)];
const squat = (loadKg: number, own: Partial<TestRecord> = {}) =>
  testRecord('back-squat', null, { loadKg, reps: 3, rir: 0, ...own });

describe('what is known of an athlete', () => {
  it('keeps the gentle end while range, control or skill is unknown, and the fewest sets while force alone is', () => {
    expect(know().caution).toBe('gentle');
    expect(know({ records: [...GROUND, ...SKILL] }).caution).toBe('sets');
    const calves = ['calf-straight', 'calf-bent'].flatMap((test) => both(test, 40));
    const force = [squat(120), testRecord('deadlift', null, { loadKg: 150, reps: 3, rir: 0 }), ...calves];
    expect(know({ records: [...GROUND, ...SKILL, ...force] }).caution).toBe('none');
    expect(know({ records: [...GROUND, ...force] }).caution).toBe('gentle');
  });

  it('takes the best set within its time as the maximum, and a lift that failed stays failed after it', () => {
    const best = know({ records: [squat(100, { day: '2026-11-01' }), squat(90, { day: '2026-11-20' })] });
    expect(best.e1rmKg['back-squat']).toBeCloseTo(110, 6);
    const weak = know({ records: [squat(50, { day: '2026-09-20' })] });
    expect(weak.e1rmKg['back-squat']).toBeUndefined();
    expect(weak.strength.stale.squat).toBeCloseTo(55 / 70, 6);
    expect(weak.unknown).not.toContain('force');
  });

  it('says where a guardian’s consent is missing, under 18 and nowhere else (SAFE-3)', () => {
    expect(know({ birthDate: '2010-01-01' }).consentMissing).toBe(true);
    expect(know({ birthDate: '2010-01-01', guardianConsent: true }).consentMissing).toBe(false);
    expect(know().consentMissing).toBe(false);
    expect(know({ birthDate: null }).consentMissing).toBe(false);
    expect(know({ birthDate: '2008-11-24' }).consentMissing).toBe(false);
    expect(know({ birthDate: '2008-11-25' }).consentMissing).toBe(true);
  });

  it('names the control rung the reading names', () => {
    expect(know({ records: GROUND }).controlRung).toBe(METHOD.start.controlRungs.passed);
    expect(know().controlRung).toBeNull();
    const failed = [...GROUND.filter(({ test }) => test !== 'C5'), ...both('C5', 2)];
    expect(know({ records: failed }).controlRung).toBe(METHOD.start.controlRungs.C5);
  });
});
