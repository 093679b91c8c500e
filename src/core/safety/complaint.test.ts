import { describe, expect, it, test } from 'vitest';
import { activeComplaint, complaintColumn, ownColumn, type Clearance, type Complaint } from '.';

const TODAY = '2026-11-24';
const clearance = (own: Partial<Clearance> = {}): Clearance => ({
  role: 'physio',
  from: '2026-11-20',
  expires: '2026-11-30',
  lifts: null,
  scope: { maxTier: null, maxIntensity: null, note: '' },
  score: 6,
  signs: [],
  endedOn: null,
  ...own,
});
const complaint = (own: Partial<Complaint> = {}): Complaint => ({
  place: 'knee',
  side: 'left',
  score: 6,
  signs: [],
  since: '2026-11-01',
  calmAnswers: 0,
  clearance: null,
  returning: null,
  ...own,
});

test.each([
  [0, [], null],
  [1, [], 'mild'],
  [2, [], 'mild'],
  [3, [], 'three'],
  [4, [], 'stop'],
  [10, [], 'stop'],
  [0, ['swelling'], 'stop'],
  [1, ['numbness'], 'stop'],
] as const)('a score of %d with %j stands at %s', (score, signs, column) => {
  expect(ownColumn({ score, signs })).toBe(column);
});

describe('a clearance', () => {
  test.each([
    ['the day before it begins', { from: '2026-11-25' }, 'stop'],
    ['the day it begins', { from: TODAY }, null],
    ['its last day', { expires: TODAY }, null],
    ['the day after', { expires: '2026-11-23' }, 'stop'],
    ['the day a worse answer ended it', { endedOn: TODAY }, 'stop'],
    ['the day before that', { endedOn: '2026-11-25' }, null],
    ['one down to three', { lifts: 'three' }, 'three'],
    ['one down to mild', { lifts: 'mild' }, 'mild'],
  ] as const)('on %s', (_, own, column) => {
    expect(complaintColumn(complaint({ clearance: clearance(own) }), TODAY)).toBe(column);
  });

  it('never makes anything stricter than the score alone', () => {
    for (const score of [0, 1, 3])
      for (const lifts of ['three', 'mild', null] as const) {
        const order = [null, 'mild', 'three', 'stop'];
        const cleared = complaintColumn(complaint({ score, clearance: clearance({ lifts }) }), TODAY);
        expect(order.indexOf(cleared)).toBeLessThanOrEqual(order.indexOf(ownColumn({ score, signs: [] })));
      }
  });

  test.each([
    [null, null, null],
    ['low', null, 'cleared'],
    [null, 0.7, 'cleared'],
    ['none', 0.5, 'cleared'],
  ] as const)('of everything but jumps above %s and loads above %s', (maxTier, maxIntensity, column) => {
    const scope = { maxTier, maxIntensity, note: '' };
    const active = activeComplaint(complaint({ clearance: clearance({ scope }) }), TODAY);
    expect(active?.column ?? null).toBe(column);
    if (active) expect([active.maxTier, active.maxIntensity]).toEqual([maxTier, maxIntensity]);
  });

  it('whose time is over limits nothing by its scope: the score speaks again', () => {
    const scope = { maxTier: 'low' as const, maxIntensity: 0.6, note: '' };
    const over = complaint({ score: 3, clearance: clearance({ scope, expires: '2026-11-23' }) });
    expect(activeComplaint(over, TODAY)).toMatchObject({ column: 'three', maxTier: null, maxIntensity: null });
    expect(activeComplaint(complaint({ score: 0 }), TODAY)).toBeNull();
    // closed while the note holds: its limits go with what it was given for
    const closed = complaint({ score: 0, clearance: clearance({ scope }) });
    expect(activeComplaint(closed, TODAY)).toBeNull();
  });
});
