import { describe, expect, it } from 'vitest';
import { activeComplaint, complaintColumn, foldComplaints, type Clearance, type ComplaintFact } from '.';

let seq = 0;
const answer = (day: string, own: object = {}): ComplaintFact => ({
  id: `${day}-${String(++seq)}`,
  seq,
  day,
  kind: 'answer',
  answer: 'pain',
  place: 'knee',
  side: null,
  score: 3,
  signs: [],
  ...own,
});
const fine = (day: string): ComplaintFact => answer(day, { answer: 'fine', place: null, score: null });
const clearance = (day: string, complaint: string, own: object = {}): ComplaintFact => ({
  id: `c-${day}`,
  seq: ++seq,
  day,
  kind: 'clearance',
  complaint,
  given: {
    role: 'physio',
    from: day,
    expires: '2026-12-31',
    lifts: null,
    scope: { maxTier: null, maxIntensity: null, note: '' },
    ...own,
  },
});
const fold = (facts: ComplaintFact[], trained: string[] = []) => foldComplaints(facts, trained);
const first = (facts: ComplaintFact[], trained: string[] = []) => fold(facts, trained)[0]!;

describe('complaints from what was said', () => {
  it('open with pain, move with the next answer, and close as the rules say', () => {
    const facts = [answer('2026-11-20', { score: 3 }), fine('2026-11-21')];
    expect(first(facts)).toMatchObject({ score: 3, calmAnswers: 1 });
    expect(first([...facts, fine('2026-11-22')]).score).toBe(0);
    expect(first([...facts, answer('2026-11-22', { score: 3 }), fine('2026-11-23')])).toMatchObject({
      score: 3,
      calmAnswers: 1,
    });
    expect(first([answer('2026-11-20', { score: 5 }), fine('2026-11-21'), fine('2026-11-22')]).score).toBe(5);
  });

  it('take facts by their day, whenever they were written', () => {
    const late = [fine('2026-11-21'), answer('2026-11-20', { score: 2 })];
    expect(first(late).score).toBe(0);
  });

  it('keep sides apart where both are named, and together where one is not', () => {
    const left = answer('2026-11-20', { side: 'left' });
    expect(fold([left, answer('2026-11-21', { side: 'right' })])).toHaveLength(2);
    expect(fold([left, answer('2026-11-21', { score: 5 })])).toMatchObject([{ score: 5 }]);
  });

  it('read an answer above the one before the session as pain still up next morning', () => {
    const rising = [answer('2026-11-20', { score: 1 }), answer('2026-11-22', { score: 2 })];
    expect(first(rising, ['2026-11-21']).signs).toEqual(['up next morning']);
    expect(first(rising).signs).toEqual([]);
    expect(first(rising, ['2026-11-22']).signs).toEqual([]);
    expect(complaintColumn(first(rising, ['2026-11-21']), '2026-11-22')).toBe('stop');
  });

  it('ask for a referral again when they get worse', () => {
    const five = answer('2026-11-20', { score: 5 });
    const referral: ComplaintFact = { id: 'r', seq: ++seq, day: '2026-11-20', kind: 'referral', complaint: five.id };
    expect(first([five, referral, answer('2026-11-21', { score: 5 })]).referred).toBe(true);
    expect(first([five, referral, answer('2026-11-21', { score: 6 })]).referred).toBe(false);
  });
});

describe('a clearance', () => {
  const four = answer('2026-11-20', { score: 4 });
  const cleared = [four, clearance('2026-11-21', four.id)];

  it('lifts what was known when it was given, from its day through its last', () => {
    const one = first(cleared);
    expect(complaintColumn(one, '2026-11-20')).toBe('stop');
    expect(complaintColumn(one, '2026-11-21')).toBeNull();
    expect(complaintColumn(one, '2026-12-31')).toBeNull();
    expect(complaintColumn(one, '2027-01-01')).toBe('stop');
  });

  it.each([
    ['a worse answer', { score: 9 }],
    ['a new sign', { score: 4, signs: ['giving way'] }],
  ])('ends with %s, and stays ended whatever is said after', (_name, own) => {
    const after = first([...cleared, answer('2026-11-24', own), answer('2026-11-25', { score: 1 })]);
    expect(complaintColumn(after, '2026-11-23')).toBeNull();
    expect(complaintColumn(after, '2026-11-24')).toBe('stop');
    expect(complaintColumn(after, '2026-11-26')).toBe('stop');
  });

  it('goes on when the answer is no worse, and a new one lifts again', () => {
    expect(complaintColumn(first([...cleared, answer('2026-11-24', { score: 4 })]), '2026-11-24')).toBeNull();
    const again = [...cleared, answer('2026-11-24', { score: 9 }), clearance('2026-11-26', four.id)];
    expect(complaintColumn(first(again), '2026-11-26')).toBeNull();
  });

  it('never makes anything stricter, and leaves out what its scope does', () => {
    const one = answer('2026-11-20', { score: 1 });
    expect(complaintColumn(first([one, clearance('2026-11-21', one.id, { lifts: 'three' })]), '2026-11-22')).toBe(
      'mild',
    );
    const scope: Clearance['scope'] = { maxTier: 'low', maxIntensity: 0.6, note: 'slowly' };
    expect(activeComplaint(first([four, clearance('2026-11-21', four.id, { scope })]), '2026-11-22')).toMatchObject({
      column: 'cleared',
      maxTier: 'low',
      maxIntensity: 0.6,
    });
  });
});
