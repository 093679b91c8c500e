import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { dose } from '../../../tests/fixtures';
import { tierOf } from '../jumps';
import { getExercise } from '../library';
import type { DoseRowId } from '../method';
import { actsOn, answerComplaint, barOf, complaintColumn, isBarred, type Complaint, type ComplaintColumn } from '.';

const complaint = (own: Partial<Complaint> = {}): Complaint => ({
  place: 'knee',
  side: null,
  score: 3,
  signs: [],
  since: '2026-11-20',
  calmAnswers: 0,
  clearance: null,
  returning: null,
  ...own,
});
const NO_SCOPE = { scope: { maxTier: null, maxIntensity: null, note: '' } };
const barred = (place: string, column: ComplaintColumn, id: string, row: DoseRowId = 'D-MAINT') => {
  const exercise = getExercise(LIBRARY, id);
  return isBarred(barOf({ place, side: null, score: 4, column }, METHOD), exercise, row, tierOf(exercise, dose()));
};

describe('what a complaint stops', () => {
  test.each([
    ['foot', 'mild', 'countermovement-jump', false],
    ['foot', 'mild', 'run-run-jump', true],
    ['foot', 'three', 'pogo', false],
    ['foot', 'three', 'line-hops-one-foot', true],
    ['foot', 'stop', 'calf-raise-two-leg', true],
    ['foot', 'stop', 'back-squat', false],
    ['knee', 'mild', 'pogo', false],
    ['knee', 'mild', 'countermovement-jump', true],
    ['knee', 'three', 'pogo', true],
    ['knee', 'three', 'back-squat', false],
    ['knee', 'stop', 'back-squat', true],
    ['knee', 'stop', 'hip-thrust', false],
    ['back-thigh', 'mild', 'run-run-jump', true],
    ['back-thigh', 'three', 'romanian-deadlift', true],
    ['back-thigh', 'three', 'hip-thrust', false],
    ['back-thigh', 'stop', 'hip-thrust', true],
    ['back', 'three', 'back-squat', true],
    ['back', 'three', 'goblet-squat', false],
    ['back', 'stop', 'goblet-squat', true],
    ['back', 'stop', 'plank', false],
    ['back', 'stop', 'plank-drag', true],
    ['shoulder', 'three', 'dumbbell-overhead-press', true],
    ['shoulder', 'three', 'push-up', false],
    ['shoulder', 'stop', 'front-squat', true],
    ['head', 'mild', 'deep-lunge-opener', true],
    ['neck', 'stop', 'plank', true],
    ['neck', 'three', 'plank', false],
  ] as const)('%s at %s: %s barred is %s', (place, column, id, expected) => {
    expect(barred(place, column, id)).toBe(expected);
  });

  it('bars heavy axial work from the first mark on the back', () => {
    expect(barred('back', 'mild', 'back-squat', 'D-MAX')).toBe(true);
    expect(barred('back', 'mild', 'back-squat', 'D-MAINT')).toBe(false);
  });
});

describe('how it stands and falls', () => {
  test.each([
    [0, [], null],
    [1, [], 'mild'],
    [2, [], 'mild'],
    [3, [], 'three'],
    [4, [], 'stop'],
    [1, ['swelling'], 'stop'],
  ])('score %i with %j is %s', (score, signs, column) => {
    expect(complaintColumn(complaint({ score, signs }), '2026-11-24')).toBe(column);
  });

  it('lifts 1–2 by a 0, 3 by two calm answers, 4 never by an answer', () => {
    expect(answerComplaint(complaint({ score: 2 }), 0).score).toBe(0);
    expect(answerComplaint(complaint({ score: 2 }), 1).score).toBe(2);
    const once = answerComplaint(complaint(), 2);
    expect(once).toMatchObject({ score: 3, calmAnswers: 1 });
    expect(answerComplaint(once, 1).score).toBe(1);
    expect(answerComplaint(complaint({ score: 4 }), 0).score).toBe(4);
    expect(answerComplaint(complaint({ score: 2 }), 6)).toMatchObject({ score: 6 });
  });

  it('holds a clearance through its expiry day and no longer', () => {
    const cleared = complaint({
      score: 5,
      clearance: {
        role: 'physio',
        from: '2026-11-20',
        expires: '2026-11-24',
        lifts: 'mild',
        ...NO_SCOPE,
        score: 5,
        signs: [],
        endedOn: null,
      },
    });
    expect(complaintColumn(cleared, '2026-11-24')).toBe('mild');
    expect(complaintColumn(cleared, '2026-11-25')).toBe('stop');
  });

  it('acts where a fifth of the work falls', () => {
    const acts = (id: string, place: string) => actsOn(getExercise(LIBRARY, id), place, METHOD);
    expect(acts('countermovement-jump', 'calf')).toBe(true);
    expect(acts('hip-thrust', 'calf')).toBe(false);
    expect(acts('back-squat', 'knee')).toBe(true);
    expect(acts('back-squat', 'back')).toBe(true);
  });
});
