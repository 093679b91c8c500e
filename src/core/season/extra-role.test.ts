import { describe, expect, it } from 'vitest';
import { addDays, weekdayOf, type Day } from '../calendar';
import type { Role } from './best-roles';
import { extraRole, type RoleOn } from './extra-role';

const MONDAY = '2026-11-23';
const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
/** `Tue A, Thu B` of this week; `-` before a day is the week before. */
const roles = (text: string): RoleOn[] =>
  text === ''
    ? []
    : text.split(', ').map((one) => {
        const [name = '', role] = one.replace('-', '').split(' ');
        return { day: addDays(MONDAY, WEEKDAYS.indexOf(name) - (one.startsWith('-') ? 7 : 0)), role: role as Role };
      });
const WEEKS = '-Tue A, -Thu B, Tue A, Thu B';

describe('a session on a day that the week deals nothing (WEEK-8)', () => {
  it.each<[string, string, string, string, Role | null]>([
    ['all was done: the light day', 'Sat', WEEKS, 'Tue A, Thu B', 'C'],
    ['the light day once', 'Sun', WEEKS, 'Tue A, Thu B, Sat C', null],
    ['what was missed this week', 'Wed', WEEKS, '-Tue A, -Thu B', 'A'],
    ['what was missed last week, not what comes tomorrow', 'Mon', WEEKS, '', 'B'],
    ['nothing is owed that does not come tomorrow', 'Mon', WEEKS, '-Thu B', 'C'],
    ['both were missed: the one that comes again last', 'Fri', 'Tue A, Thu B, Sat A2', '', 'A'],
    ['a whole session that was missed', 'Thu', '-Tue whole, Tue whole', '-Tue whole', 'whole'],
    ['a week before the last seven days owes nothing', 'Wed', '-Tue A, -Wed B, Fri A', '', 'C'],
    ['no week deals any: whole', 'Mon', '', '', 'whole'],
    ['then the others in turn', 'Thu', '', 'Mon whole', 'A'],
    ['two a week without gym days', 'Thu', '', '-Thu A, Mon whole', 'A'],
    ['every role was had', 'Sun', '', 'Mon whole, Tue A, Thu B, Fri C', null],
  ])('%s', (_, on, dealt, made, role) => {
    expect(extraRole(addDays(MONDAY, WEEKDAYS.indexOf(on)), roles(dealt), roles(made))).toBe(role);
  });

  it('a squad that trains on the days beside the planned ones gets both of them, in turn', () => {
    const dealt: RoleOn[] = [];
    const made: RoleOn[] = [];
    const isAt = (day: Day, weekday: number): boolean => weekdayOf(day) === weekday;
    for (let i = 0; i < 35; i++) {
      const day = addDays(MONDAY, i);
      if (isAt(day, 1)) dealt.push({ day: addDays(day, 1), role: 'A' }, { day: addDays(day, 3), role: 'B' });
      if (isAt(day, 1) || isAt(day, 3)) made.push({ day, role: extraRole(day, dealt, made) });
    }
    expect(made.slice(2).map(({ role }) => role)).toEqual(['B', 'A', 'B', 'A', 'B', 'A', 'B', 'A']);
  });
});
