import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { tierOf } from '../jumps';
import type { DoseRowId } from '../method';
import { dose } from '../../../tests/fixtures';
import { answerComplaint, barOf, complaintColumn, isBarred, openAfterInjury, type Complaint } from '.';

const TODAY = '2026-11-24';
const entries = [...LIBRARY.exercises.values()];
const places = Object.keys(METHOD.places);
const complaint = (own: Partial<Complaint>): Complaint => ({
  place: 'knee',
  side: 'left',
  score: 2,
  signs: [],
  since: '2026-11-20',
  calmAnswers: 0,
  clearance: null,
  returning: null,
  ...own,
});
const worse = ['mild', 'three', 'stop'] as const;
const bars = (place: string, column: (typeof worse)[number], i: number, row: DoseRowId): boolean => {
  const exercise = entries[i % entries.length]!;
  const active = { place, side: null, score: 2, column };
  return isBarred(barOf(active, METHOD), exercise, row, tierOf(exercise, dose({ amount: 5 })));
};

describe('complaints', () => {
  it('that are worse never allow what a milder one stops', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...places),
        fc.nat(2000),
        fc.constantFrom<DoseRowId>('D-MAX', 'D-ASST', 'D-SLOW', 'D-LAND', 'D-MOB'),
        (place, i, row) => {
          const barred = worse.map((column) => bars(place, column, i, row));
          expect(barred.map(Number)).toEqual([...barred.map(Number)].sort((a, b) => a - b));
        },
      ),
      { numRuns: 400 },
    );
  });

  it('rise in column with their score, and a sign outranks any score', () => {
    const rank = (of: Complaint): number => {
      const column = complaintColumn(of, TODAY);
      return column === null ? -1 : worse.indexOf(column);
    };
    fc.assert(
      fc.property(fc.constantFrom(...places), fc.integer({ min: 0, max: 9 }), (place, score) => {
        expect(rank(complaint({ place, score: score + 1 }))).toBeGreaterThanOrEqual(rank(complaint({ place, score })));
        if (score > 0)
          expect(rank(complaint({ place, score, signs: ['swelling'] }))).toBeGreaterThanOrEqual(
            rank(complaint({ place, score })),
          );
      }),
    );
  });

  it('are only lifted by calm answers or a dated clearance, never by one good morning', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 10 }), (score) => {
        const once = answerComplaint(complaint({ score }), 0);
        expect(complaintColumn(once, TODAY)).toBe('stop');
      }),
    );
  });
});

describe('a past injury (SAFE-11)', () => {
  it('keeps asking until every screen of its place is passed; untested counts as not passed', () => {
    expect(openAfterInjury(['knee'], {}, METHOD)).toEqual(['C5', 'C6']);
    expect(openAfterInjury(['knee'], { C5: 'passed' }, METHOD)).toEqual(['C6']);
    expect(openAfterInjury(['knee'], { C5: 'passed', C6: 'failed' }, METHOD)).toEqual(['C6']);
    expect(openAfterInjury(['knee', 'groin'], { C6: 'passed', squeeze: 'passed' }, METHOD)).toEqual(['C5']);
    expect(openAfterInjury(['head'], {}, METHOD)).toEqual([]);
  });
});
