import ICAL from 'ical.js';
import Papa from 'papaparse';
import { addDays, readDay, type Day, type DayOrder } from '$core/calendar';
import { readCell } from '../csv';

/** Fixtures of one file: a club's seasons. */
const MOST_FIXTURES = 400;
const MOST_TEXT = 60;
/** Days one event may last: a tournament. */
const MOST_DAYS = 14;
/** Times a rule that repeats is followed. */
const MOST_TIMES = 1000;

export interface FixturesTask {
  readonly text: string;
  readonly name: string;
  readonly zone: string;
  readonly dayOrder: DayOrder;
  /** what lies outside is listed and left */
  readonly from: Day;
  readonly to: Day;
}

export interface Fixture {
  /** tells it from others when the same file is read again */
  readonly uid: string;
  readonly day: Day;
  readonly name: string;
  readonly kind: 'friendly' | 'league' | 'cup' | 'final';
}

export interface FixturesFile {
  readonly fixtures: readonly Fixture[];
  /** uids that the file calls off */
  readonly cancelled: readonly string[];
  readonly outside: number;
  readonly bad: readonly { readonly line: number | null; readonly text: string; readonly why: string }[];
}

/**
 * Reads fixtures from an iCalendar file or a table with headings. What can be read is; the rest is listed.
 * @returns or a sentence why nothing of it can be read
 */
export function readFixturesFile(task: FixturesTask): FixturesFile | string {
  const text = task.text.replace(/^\uFEFF/, '');
  return /^\s*BEGIN:VCALENDAR/i.test(text) ? readCalendar(text, task) : readTable(text, task);
}

/** What kind of event a name speaks of; a league match unless it says otherwise. */
function kindOf(words: string): Fixture['kind'] {
  if (/friendl|test match|scrimmage|amistoso|preparation/i.test(words)) return 'friendly';
  if (/\bfinals?\b/i.test(words)) return 'final';
  return /\bcup\b|copa|tournament|open\b/i.test(words) ? 'cup' : 'league';
}

const short = (text: string): string => text.replace(/\s+/g, ' ').trim().slice(0, MOST_TEXT);

class Found {
  readonly fixtures = new Map<string, Fixture>();
  readonly bad: FixturesFile['bad'][number][] = [];
  outside = 0;

  constructor(private readonly task: FixturesTask) {}

  add(fixture: Fixture): void {
    if (fixture.day < this.task.from || fixture.day > this.task.to) this.outside += 1;
    else if (this.fixtures.size < MOST_FIXTURES) this.fixtures.set(fixture.uid, fixture);
  }

  say(line: number | null, text: string, why: string): void {
    if (this.bad.length < 50) this.bad.push({ line, text: short(text), why });
  }
}

function readCalendar(text: string, task: FixturesTask): FixturesFile | string {
  let calendar: ICAL.Component;
  try {
    calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  } catch {
    return 'This calendar file is broken: save it again where it comes from.';
  }
  for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
  const found = new Found(task);
  const cancelled: string[] = [];
  const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  const exceptions = events.filter((event) => event.isRecurrenceException());
  for (const event of events.filter((one) => !one.isRecurrenceException())) {
    const name = short(typeof event.summary === 'string' ? event.summary : '');
    try {
      if (String(event.component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED') {
        cancelled.push(event.uid);
        continue;
      }
      if (name === '') found.say(null, event.uid, 'has no name');
      else for (const other of exceptions.filter(({ uid }) => uid === event.uid)) event.relateException(other);
      if (name !== '') addTimes(event, found, task);
    } catch {
      found.say(null, name || event.uid, 'its day cannot be read');
    }
  }
  return { fixtures: [...found.fixtures.values()], cancelled, outside: found.outside, bad: found.bad };
}

/** Each time an event takes place, each day of one that lasts several. */
function addTimes(event: ICAL.Event, found: Found, task: FixturesTask): void {
  if (!event.isRecurring()) {
    addDaysOf(event, event.startDate, event.uid, found, task);
    return;
  }
  const times = event.iterator();
  for (
    let i = 0, at = times.next() as ICAL.Time | undefined;
    at && i < MOST_TIMES;
    i++, at = times.next() as ICAL.Time | undefined
  ) {
    const { item, startDate } = event.getOccurrenceDetails(at);
    if (dayOf(startDate, task.zone) > task.to) break;
    if (String(item.component.getFirstPropertyValue('status')).toUpperCase() === 'CANCELLED') continue;
    addDaysOf(item, startDate, `${event.uid} ${at.toString()}`, found, task);
  }
}

function addDaysOf(event: ICAL.Event, start: ICAL.Time, uid: string, found: Found, task: FixturesTask): void {
  const first = dayOf(start, task.zone);
  // an all-day event ends on the day after its last
  const lasts = start.isDate ? Math.min(MOST_DAYS, Math.max(1, Math.round(event.duration.toSeconds() / 86_400))) : 1;
  const words = short(event.summary);
  for (let i = 0; i < lasts; i++)
    found.add({
      uid: i === 0 ? uid : `${uid} +${String(i)}`,
      day: addDays(first, i),
      name: words,
      kind: kindOf(words),
    });
}

/** The club's day of a time: a time without a zone is the club's own. */
function dayOf(time: ICAL.Time, zone: string): Day {
  const isFloating = time.isDate || time.zone === ICAL.Timezone.localTimezone;
  if (isFloating) return time.toString().slice(0, 10);
  const parts = { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' } as const;
  return new Intl.DateTimeFormat('en-CA', parts).format(time.toJSDate());
}

const HEADINGS: readonly (readonly [keyof Columns, RegExp])[] = [
  ['day', /^(day|date|datum|fecha)/i],
  ['kind', /^(kind|type|competition|weight)/i],
  ['name', /^(name|event|match|opponent|against|title|what)/i],
];
interface Columns {
  day: number;
  kind: number;
  name: number;
}

const DAYS_LIKE: Readonly<Record<DayOrder, string>> = {
  'day-first': '28 Nov 2026, 2026-11-28 or 28.11.2026',
  'month-first': 'Nov 28, 2026, 2026-11-28 or 11/28/2026',
};

function readTable(text: string, task: FixturesTask): FixturesFile | string {
  const table = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', preview: MOST_FIXTURES * 3 }).data;
  const [header = [], ...body] = table.map((cells) => cells.slice(0, 40).map((cell) => short(readCell(cell))));
  const at: Columns = { day: -1, kind: -1, name: -1 };
  for (const [what, words] of HEADINGS) at[what] = header.findIndex((heading) => words.test(heading));
  if (at.day === -1 || at.name === -1)
    return 'No fixtures found: a calendar file (.ics), or a table with the headings day and name, and kind if you like.';
  const found = new Found(task);
  body.forEach((cells, i) => {
    // a time may follow the day
    const written = cells[at.day] ?? '';
    const day = readDay(written, task.dayOrder) ?? readDay(written.slice(0, 10), task.dayOrder);
    const name = cells[at.name] ?? '';
    const kind = cells[at.kind] ?? '';
    if (day === null) found.say(i + 2, written, `is no day; write ${DAYS_LIKE[task.dayOrder]}`);
    else if (name === '') found.say(i + 2, day, 'has no name');
    else found.add({ uid: `${day} ${name}`, day, name, kind: kindOf(`${kind} ${kind === '' ? name : ''}`) });
  });
  return { fixtures: [...found.fixtures.values()], cancelled: [], outside: found.outside, bad: found.bad };
}
