import { describe, expect, it, test } from 'vitest';
import { METHOD } from '$catalog';
import { matchTags } from '../calendar';
import { dayLimits } from '../season';
import { templateFor, type AskedFor } from './candidates/template-for';

const at = (
  day: string,
  minutes: number,
  dayBefore: 'primer' | 'rest' = 'primer',
  primer = false,
  kind: string | null = null,
) => {
  const tags = matchTags(day, [{ day: '2026-11-28', kind: 'league' }], METHOD.settings.week.tagReachDays);
  const asked: AskedFor = { primer, kind, liftLevel: 'developing' };
  const found = templateFor(minutes, dayLimits(tags, METHOD.settings), dayBefore, asked, METHOD);
  return found.ok ? found.value.id : found.issues[0]?.code;
};

describe('the template of a session (SEL-7)', () => {
  test.each([
    ['2026-11-24', 60, 'full'],
    ['2026-11-24', 45, 'full'],
    ['2026-11-24', 44, 'short'],
    ['2026-11-24', 9, 'too_few_minutes'],
    ['2026-11-24', 10, 'micro'],
    ['2026-11-26', 60, 'full'],
    ['2026-11-27', 60, 'primer'],
    ['2026-11-28', 60, 'event_day'],
    ['2026-11-29', 60, 'recovery'],
    ['2026-11-30', 60, 'full'],
  ])('%s, %i minutes: %s', (day, minutes, expected) => {
    expect(at(day, minutes)).toBe(expected);
  });

  it('rests the day before in the school that does, unless a primer is asked for', () => {
    expect(at('2026-11-27', 60, 'rest')).toBe('rest_before_event');
    expect(at('2026-11-27', 60, 'rest', true)).toBe('primer');
    expect(at('2026-11-28', 60, 'primer', true)).toBe('primer');
    expect(at('2026-11-24', 60, 'rest')).toBe('full');
  });

  it('is the one asked for by name, where day, minutes and level allow it', () => {
    const named = (day: string, minutes: number, kind: string) => at(day, minutes, 'primer', false, kind);
    expect(named('2026-11-24', 60, 'jumps')).toBe('jumps');
    expect(named('2026-11-24', 76, 'jumps')).toBe('kind_minutes');
    expect(named('2026-11-24', 19, 'jumps')).toBe('kind_minutes');
    expect(named('2026-11-24', 60, 'contrast')).toBe('kind_needs_level');
    expect(named('2026-11-24', 60, 'nothing such')).toBe('full');
    expect(named('2026-11-27', 60, 'circuit')).toBe('primer');
    expect(named('2026-11-29', 60, 'circuit')).toBe('recovery');
    expect(named('2026-11-28', 60, 'circuit')).toBe('event_day');
  });
});
