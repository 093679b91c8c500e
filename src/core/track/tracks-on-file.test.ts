import fc from 'fast-check';
import { expect, it } from 'vitest';
import { addDays } from '../calendar';
import { foldComplaints, type ComplaintFact } from '../safety';
import { foldTracks, type TrackFact } from '.';
import { dose } from '../../../tests/fixtures';

/** What drawn weeks of facts fold to: every change of a fold shows as lines to be read. */
const day = fc.integer({ min: 0, max: 24 }).map((n) => addDays('2026-10-28', n));
const lift = dose({ sets: 2, amount: 5, loadKg: 60, rir: 2 });
const drawn = fc.array(
  fc.record({
    day,
    what: fc.constantFrom(
      'sets',
      'sets',
      'sets',
      'answer',
      'answer',
      'step',
      'taken back',
      'note',
      'clearance',
      'referral',
    ),
    sets: fc.integer({ min: 1, max: 2 }),
    amount: fc.integer({ min: 3, max: 6 }),
    loadKg: fc.constantFrom(57.5, 60, 62.5),
    fault: fc.constantFrom(null, null, null, 'rounds'),
    eased: fc.constantFrom([], [], ['SAFE-8']),
    answer: fc.constantFrom('fine', 'fine', 'usual', 'tight', 'pain'),
    place: fc.constantFrom('knee', 'back', 'calf'),
    score: fc.integer({ min: 0, max: 7 }),
    signs: fc.constantFrom([], [], ['swelling']),
    cause: fc.constantFrom('accepted', 'held', 'found', 'fall', 'layoff'),
  }),
  { minLength: 4, maxLength: 14 },
);

it('stand as they were read last', async () => {
  const told = fc.sample(drawn, { seed: 4, numRuns: 90 }).map((facts, n) => {
    const inOrder = facts.map((one, seq) => ({ ...one, seq })).sort((a, b) => (a.day < b.day ? -1 : 1));
    const tracks: TrackFact[] = inOrder.flatMap((one): TrackFact[] => {
      const id = `f${String(one.seq)}`;
      const base = { id, day: one.day, seq: one.seq };
      if (one.what === 'sets' || one.what === 'taken back')
        return Array.from({ length: one.sets }, (_, i) => ({
          ...base,
          id: `${id}-${String(i)}`,
          kind: 'set' as const,
          sessionId: `on ${one.day}`,
          slot: 'main',
          setNumber: i + 1,
          exerciseId: 'back-squat',
          row: 'D-MAINT' as const,
          written: lift,
          based: { ...lift, loadKg: one.loadKg },
          eased: one.eased,
          doneAt: `${one.day}T18:0${String(i)}:00Z`,
          removed: one.what === 'taken back',
          amount: one.amount,
          loadKg: one.loadKg,
          rir: 2,
          fault: one.fault,
        }));
      if (one.what === 'answer')
        return [
          {
            ...base,
            kind: 'answer',
            response: {
              answer: one.answer,
              place: one.answer === 'fine' ? null : one.place,
              score: one.answer === 'pain' ? one.score : null,
            },
          },
        ];
      if (one.what === 'step')
        return [
          {
            ...base,
            kind: 'step',
            cause: one.cause,
            exerciseId: 'back-squat',
            row: 'D-MAINT',
            to: { exerciseId: 'back-squat', dose: { ...lift, loadKg: one.loadKg } },
            sessionId: null,
            tight: false,
            rules: ['PROG-9'],
            saw: {},
          } as TrackFact,
        ];
      return [];
    });
    const complaints = inOrder.flatMap((one): ComplaintFact[] => {
      const base = { id: `f${String(one.seq)}`, day: one.day, seq: one.seq };
      const { place, score, signs } = one;
      if (one.what === 'answer')
        return [
          {
            ...base,
            kind: 'answer',
            answer: one.answer as 'fine',
            place: one.answer === 'fine' ? null : place,
            side: null,
            score: one.answer === 'pain' ? score : null,
            signs,
          },
        ];
      if (one.what === 'note') return [{ ...base, kind: 'complaint', place, side: null, score, signs, since: one.day }];
      const origin = inOrder.find(({ what, place: at }) => what === 'note' && at === place);
      if (!origin) return [];
      if (one.what === 'referral') return [{ ...base, kind: 'referral', complaint: `f${String(origin.seq)}` }];
      if (one.what !== 'clearance') return [];
      const scope = { maxTier: null, maxIntensity: null, note: '' };
      return [
        {
          ...base,
          kind: 'clearance',
          complaint: `f${String(origin.seq)}`,
          given: { role: 'physio', from: one.day, expires: addDays(one.day, 9), lifts: 'mild', scope },
        },
      ];
    });
    const days = [...new Set(inOrder.filter(({ what }) => what === 'sets').map((one) => one.day))];
    return [
      `${String(n)}: ${inOrder.map((one) => `${one.day.slice(5)} ${one.what}`).join(', ')}`,
      ...[...foldTracks(tracks, days)].map((track) => `   ${JSON.stringify(track)}`),
      ...foldComplaints(complaints, days).map((one) => `   ${JSON.stringify(one)}`),
    ].join('\n');
  });
  await expect(told.join('\n')).toMatchFileSnapshot('../../../tests/tracks-on-file.txt');
});
