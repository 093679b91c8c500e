import ICAL from 'ical.js';
import { describe, expect, it, test } from 'vitest';
import { METHOD } from '$catalog';
import type { DayOrder } from '$core/calendar';
import { DEFAULT_SCHOOLS } from '$core/method';
import { NO_CHANGES, planSeason } from '$core/season';
import { seasonCalendar } from '../feeds/season-calendar';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { readFixturesFile, type FixturesFile } from './read-fixtures';

const RANGE = {
  name: 'fixtures',
  dayOrder: 'day-first' as DayOrder,
  zone: 'Europe/Madrid',
  from: '2026-07-06',
  to: '2027-05-09',
};
const read = (text: string, over: Partial<typeof RANGE> = {}): FixturesFile => {
  const found = readFixturesFile({ text, ...RANGE, ...over });
  if (typeof found === 'string') throw new Error(found);
  return found;
};
const calendar = (...events: string[]): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    ...events.map((lines) => `BEGIN:VEVENT\n${lines}\nEND:VEVENT`),
    'END:VCALENDAR',
  ].join('\r\n');
const days = (file: FixturesFile) => file.fixtures.map(({ day, name, kind }) => `${day} ${name} ${kind}`);

describe('fixtures from a calendar file', () => {
  test.each([
    ['a whole day', 'UID:a\nDTSTART;VALUE=DATE:20261128\nSUMMARY:Puerto Lobo', ['2026-11-28 Puerto Lobo league']],
    ['the club’s own time', 'UID:a\nDTSTART:20261128T190000\nSUMMARY:Cup: Alameda', ['2026-11-28 Cup: Alameda cup']],
    // half past eleven at night in UTC is the next day in Madrid
    [
      'a time of the world',
      'UID:a\nDTSTART:20261128T233000Z\nSUMMARY:Duna, friendly',
      ['2026-11-29 Duna, friendly friendly'],
    ],
    [
      'a weekend',
      'UID:a\nDTSTART;VALUE=DATE:20261128\nDTEND;VALUE=DATE:20261130\nSUMMARY:Marisma open',
      ['2026-11-28 Marisma open cup', '2026-11-29 Marisma open cup'],
    ],
    [
      'every week but one',
      'UID:a\nDTSTART;VALUE=DATE:20261107\nRRULE:FREQ=WEEKLY;COUNT=4\nEXDATE;VALUE=DATE:20261114\nSUMMARY:Home',
      ['2026-11-07 Home league', '2026-11-21 Home league', '2026-11-28 Home league'],
    ],
    ['a leap day', 'UID:a\nDTSTART;VALUE=DATE:20280229\nSUMMARY:Leap', []],
  ])('%s', (_name, event, expected) => {
    expect(days(read(calendar(event)))).toEqual(expected);
  });

  it('takes a zone that the file describes, over the summer-time edge', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Far',
      'BEGIN:STANDARD',
      'DTSTART:19700101T000000',
      'TZOFFSETFROM:-0800',
      'TZOFFSETTO:-0800',
      'END:STANDARD',
      'END:VTIMEZONE',
    ].join('\r\n');
    const text = calendar('UID:a\nDTSTART;TZID=Far:20261024T200000\nSUMMARY:Away').replace(
      'VERSION:2.0',
      `VERSION:2.0\r\n${zone}`,
    );
    expect(days(read(text))).toEqual(['2026-10-25 Away league']);
  });

  it('follows an exception of a rule, names what is called off, and lists what it cannot read', () => {
    const file = read(
      calendar(
        'UID:r\nDTSTART;VALUE=DATE:20261107\nRRULE:FREQ=WEEKLY;COUNT=2\nSUMMARY:Home',
        'UID:r\nRECURRENCE-ID;VALUE=DATE:20261114\nDTSTART;VALUE=DATE:20261116\nSUMMARY:Home, moved',
        'UID:off\nSTATUS:CANCELLED\nDTSTART;VALUE=DATE:20261121\nSUMMARY:Gone',
        'UID:nameless\nDTSTART;VALUE=DATE:20261121',
        'UID:late\nDTSTART;VALUE=DATE:20271121\nSUMMARY:Next year',
        'UID:dayless\nSUMMARY:Some day',
      ),
    );
    expect(days(file)).toEqual(['2026-11-07 Home league', '2026-11-16 Home, moved league']);
    expect(file.cancelled).toEqual(['off']);
    expect(file.outside).toBe(1);
    expect(file.bad.map(({ text }) => text)).toEqual(['nameless', 'Some day']);
  });

  it('says why a file holds nothing', () => {
    expect(readFixturesFile({ text: 'BEGIN:VCALENDAR\nBEGIN:VEVENT\n', ...RANGE })).toMatch(/broken/);
    expect(readFixturesFile({ text: 'hello', ...RANGE })).toMatch(/headings/);
  });

  it('gives each time a name that stays, so that reading again changes nothing', () => {
    const text = calendar('UID:r\nDTSTART;VALUE=DATE:20261107\nRRULE:FREQ=WEEKLY;COUNT=3\nSUMMARY:Home');
    const uids = read(text).fixtures.map(({ uid }) => uid);
    expect(new Set(uids).size).toBe(3);
    expect(read(text).fixtures.map(({ uid }) => uid)).toEqual(uids);
  });
});

describe('fixtures from a table', () => {
  it('reads days both ways, kinds in words, and keeps the good lines', () => {
    const file = read(
      'Date,Opponent,Competition\n2026-11-28,Puerto Lobo,League\n5.12.2026,Alameda,Cup\n31/02/2027,Nobody,League\n2027-01-09,,League\n',
    );
    expect(days(file)).toEqual(['2026-11-28 Puerto Lobo league', '2026-12-05 Alameda cup']);
    expect(file.bad.map(({ line }) => line)).toEqual([4, 5]);
  });

  it('takes the month first for a club that writes it so, times beside it or not', () => {
    const file = read('Date,Opponent\n12/5/2026,Alameda\n01/09/2027 19:30,Puerto Lobo\n28/11/2026,Nobody\n', {
      dayOrder: 'month-first',
    });
    expect(days(file)).toEqual(['2026-12-05 Alameda league', '2027-01-09 Puerto Lobo league']);
    expect(file.bad).toMatchObject([{ line: 4, why: expect.stringContaining('11/28/2026') as string }]);
  });
});

describe('the season as a calendar', () => {
  const event = { id: 'e1', day: '2026-11-28', name: 'Puerto Lobo', kind: 'league' as const, peak: false };
  const gymDays = [{ weekday: 2, start: '18:30', minutes: 55 }];
  const plan = planSeason(
    {
      start: '2026-11-16',
      end: '2026-12-06',
      events: [event],
      gymDays,
      sessionsAWeek: null,
      closures: [],
      practices: [],
      changes: NO_CHANGES,
      liftLevel: 'trained',
      jumpLevel: 'trained',
      young: false,
      caution: 'none',
      schools: DEFAULT_SCHOOLS,
    },
    METHOD,
  );
  const club = { name: 'Club Marisma', zone: 'Europe/Madrid', method: METHOD } as unknown as ClubContext;
  const squad = { id: 's1', name: 'Handball', events: [event] } as unknown as SquadRow;

  it('is read by another calendar library: sessions at their hour, the event as a day, names that stay', () => {
    const text = seasonCalendar(club, squad, plan.ok ? plan.value : null);
    const events = new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one));
    const session = events.find(({ summary }) => summary.startsWith('Handball: Lift'))!;
    expect(session.uid).toBe('s1-2026-11-17@jaleo');
    expect(session.startDate.toString()).toBe('2026-11-17T18:30:00');
    expect(session.endDate.toString()).toBe('2026-11-17T19:25:00');
    const match = events.find(({ uid }) => uid === 'e1@jaleo')!;
    expect(match.startDate.isDate).toBe(true);
    expect(match.startDate.toString()).toBe('2026-11-28');
    expect(seasonCalendar(club, squad, plan.ok ? plan.value : null).match(/UID:.*/g)).toEqual(text.match(/UID:.*/g));
  });
});
