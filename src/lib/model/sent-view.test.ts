import { expect, it } from 'vitest';
import type { DayLine } from '$core/day';
import { dose } from '../../../tests/fixtures';
import { sentView, viewOf } from './sent-view';

it('a day’s lines come back as they were sent, and say each usual thing once', () => {
  const usual: DayLine = {
    slot: 'main',
    athleteId: 'a',
    exerciseId: 'back-squat',
    row: 'D-MAX',
    dose: dose(),
    based: null,
    eased: [],
    reasons: [],
    typed: false,
    begun: false,
    stopped: null,
    variant: 'squad',
  };
  const odd: DayLine = { ...usual, eased: ['WEEK-2'], typed: true, based: dose({ sets: 5 }), variant: 'less' };
  const sent = sentView([usual, odd]);
  expect(Object.keys(sent[0]!)).toEqual(['slot', 'athleteId', 'exerciseId', 'row', 'dose']);
  expect(viewOf(JSON.parse(JSON.stringify(sent)) as typeof sent)).toEqual([usual, odd]);
});
