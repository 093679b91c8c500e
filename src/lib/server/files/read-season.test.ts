import { describe, expect, it } from 'vitest';
import { readSeasonFile } from './read-season';

const whole = {
  format: 'jaleo-season',
  version: 1,
  season: { start: '2026-07-06', end: '2027-05-09' },
  events: [{ day: '2026-10-03', name: 'Puerto Lobo', kind: 'league' }],
};

describe('a season file', () => {
  it('needs only what a season is laid from; what it leaves out is empty', () => {
    const read = readSeasonFile(`\uFEFF${JSON.stringify({ ...whole, weeks: 'whatever another version wrote' })}`);
    expect(read).toMatchObject({
      season: { sessionsAWeek: null },
      gymDays: [],
      closures: [],
      practices: [],
      events: [{ peak: false }],
    });
  });

  it.each([
    ['no JSON', 'BEGIN:VCALENDAR', 'This is no JSON file.'],
    ['another file of ours', { ...whole, format: 'jaleo-athlete' }, 'is no season file'],
    ['a list', [whole], 'is no season file'],
    ['a day that is none', { ...whole, season: { start: '2026-02-30', end: '2026-03-01' } }, 'season › start'],
    ['a kind nobody knows', { ...whole, events: [{ ...whole.events[0], kind: 'derby' }] }, 'events › 0 › kind'],
    ['more than a season holds', { ...whole, events: Array.from({ length: 401 }, () => whole.events[0]) }, 'events'],
  ])('says what is wrong with %s', (_name, file, said) => {
    const read = readSeasonFile(typeof file === 'string' ? file : JSON.stringify(file));
    expect(typeof read === 'string' ? read : 'read').toContain(said);
  });
});
