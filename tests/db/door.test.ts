import { isActionFailure, isRedirect, type RequestEvent } from '@sveltejs/kit';
import { eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { afterAll, beforeEach, describe, expect, it, test } from 'vitest';
import { DEFAULT_KIT } from '../../src/lib/model/kit';
import { backgroundTexts, factsTexts } from '../../src/lib/model/shown/athlete';
import { eventTexts, gymDaysTexts, placeTexts, seasonTexts } from '../../src/lib/model/shown/squad';
import type { Texts } from '../../src/lib/model/merge-texts';
import { closeAuth } from '../../src/lib/server/auth/auth';
import { noteComplaint } from '../../src/lib/server/commands/complaints';
import { setSeason } from '../../src/lib/server/commands/season';
import { addEvent } from '../../src/lib/server/commands/squads';
import { keepHouse } from '../../src/lib/server/housekeeping';
import { closeDatabase, withClub, type Tx } from '../../src/lib/server/db/client';
import { command, event } from '../../src/lib/server/db/schema';
import { athleteForms } from '../../src/lib/server/forms/athlete';
import { entryForms, sportForms } from '../../src/lib/server/forms/library';
import { seasonForms } from '../../src/lib/server/forms/season';
import { healthForm, methodForms, placeForms, schoolForms } from '../../src/lib/server/forms/settings';
import { squadForms } from '../../src/lib/server/forms/squad';
import { readingForms, testDayForms } from '../../src/lib/server/forms/start-line';
import { formOf } from '../../src/lib/server/reads/entry-form';
import { loadAthlete } from '../../src/lib/server/repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '../../src/lib/server/repositories/club-context';
import { testDaysOf } from '../../src/lib/server/repositories/results';
import { DAY, makeClub, type TestClub } from './club';
import { answer, onDay } from './drive';

afterAll(async () => {
  await closeDatabase();
  await closeAuth();
});

let club: TestClub;
const EVENT = '0190b7a0-0000-7000-8000-00000000e001';
beforeEach(async () => {
  onDay(DAY);
  club = await makeClub();
  await withClub(club.clubId, async (tx) => {
    const { context, squad } = await here(tx);
    await setSeason(tx, context, squad, { start: '2026-09-01', end: '2027-05-09', sessionsAWeek: null }, club.coachId);
    const cup = { day: '2026-12-12', name: 'Cup', kind: 'cup' as const };
    await addEvent(tx, context, squad, EVENT, cup, club.coachId);
  });
});

const here = async (tx: Tx) => {
  const context = await loadClub(tx);
  return { context, squad: context.squads.find(({ id }) => id === club.squadId)! };
};
const read = <T>(work: (of: { tx: Tx; context: ClubContext; squad: SquadRow }) => T | Promise<T>): Promise<T> =>
  withClub(club.clubId, async (tx) => work({ tx, ...(await here(tx)) }));
const athleteOf = () => read(async ({ tx }) => (await loadAthlete(tx, club.athletes[0]!, DAY))!);

type Action = (event: never) => unknown;
/** A page's form on its way to the server: what it shows of the record, and what was typed over it. */
interface Sent {
  readonly page?: string;
  readonly shown?: Texts | null;
  readonly params?: Record<string, string>;
}
async function send(action: Action, typed: Texts, { page = v7(), shown = null, params = {} }: Sent = {}) {
  const data = new FormData();
  for (const [field, text] of Object.entries(typed)) {
    const list = ['weekdays', 'equipment', 'signs', 'tests', 'ids'].includes(field) ? text.split(', ') : [text];
    for (const one of list)
      if (one !== '' || !/^(guardianConsent|peak|hardSurface|groupable)$/.test(field)) data.append(field, one);
  }
  data.set('commandId', `${page} form`);
  if (shown) data.set('seen', JSON.stringify(shown));
  const request = new Request('http://localhost:3000/', { method: 'POST', body: data });
  const identity = { clubId: club.clubId, userId: club.coachId, role: 'head-coach' };
  const all = { squadId: club.squadId, athleteId: club.athletes[0]!, ...params };
  const sent = { request, params: all, locals: { identity }, url: new URL('http://localhost:3000/') };
  try {
    const answer = await action(sent as unknown as RequestEvent as never);
    if (!isActionFailure(answer)) return { kept: true as const, errors: {} as Record<string, string[]>, answer };
    const { errors, seen, typed: back } = answer.data as unknown as { errors: object; seen: Texts; typed: Texts };
    return { kept: false as const, errors: errors as Record<string, string[]>, seen, typed: back, answer };
  } catch (thrown) {
    if (isRedirect(thrown))
      return { kept: true as const, errors: {} as Record<string, string[]>, answer: thrown.location };
    throw thrown;
  }
}

/** A form that changes a record: how it shows now, one field of it with two other values, and a second field if it has one. */
interface Writer {
  readonly action: Action;
  readonly shows: () => Promise<Texts>;
  readonly field: string;
  readonly values: readonly [string, string];
  readonly other?: readonly [string, string];
  readonly fixed?: Texts;
  readonly params?: Record<string, string>;
}
const words = (context: ClubContext) =>
  Object.fromEntries(Object.entries(context.method.places).map(([id, { name }]) => [id, name]));
const SLOW = ['D-STR', 'rest', '0'];
const WRITERS: Readonly<Record<string, () => Writer>> = {
  'facts of an athlete': () => ({
    action: athleteForms.facts,
    shows: async () => factsTexts(await athleteOf(), 'kg'),
    field: 'bodyMassKg',
    values: ['71', '77'],
    other: ['growthCmPerMonth', '0.7'],
  }),
  'the background of an athlete': () => ({
    action: athleteForms.background,
    shows: async () => backgroundTexts((await athleteOf()).background, await read(({ context }) => words(context))),
    field: 'wears',
    values: ['brace', 'tape'],
    other: ['practiceHours', '9'],
  }),
  'a focus': () => ({
    action: readingForms.focus,
    shows: async () => ({ focus: (await athleteOf()).focus?.id ?? '' }),
    field: 'focus',
    values: ['control', 'strength'],
  }),
  'gym days': () => ({
    action: squadForms.gymDays,
    shows: () => read(({ squad }) => gymDaysTexts(squad.gymDays)),
    field: 'minutes',
    values: ['75', '90'],
    other: ['start', '19:15'],
  }),
  'a season': () => ({
    action: seasonForms.season,
    shows: () => read(({ squad }) => seasonTexts(squad.season!)),
    field: 'sessionsAWeek',
    values: ['2', '3'],
    other: ['end', '2 May 2027'],
  }),
  'an event': () => ({
    action: seasonForms.changeEvent,
    shows: () => read(({ squad }) => eventTexts(squad.events.find(({ id }) => id === EVENT)!)),
    field: 'day',
    values: ['9 Dec 2026', '13 Dec 2026'],
    other: ['peak', 'on'],
    fixed: { id: EVENT },
  }),
  'a place': () => ({
    action: placeForms.keep,
    shows: () =>
      read(({ context }) => {
        const { name, kit } = context.facilities.find(({ id }) => id === club.squadId)!;
        return placeTexts(name, { ...DEFAULT_KIT, ...kit });
      }),
    field: 'racks',
    values: ['7', '5'],
    other: ['laneM', '33'],
    fixed: { id: club.squadId },
  }),
  'a school': () => ({
    action: schoolForms.choose,
    shows: () => read(({ context }) => ({ option: context.schools.mainSquat })),
    field: 'option',
    values: ['high-bar', 'front'],
    fixed: { school: 'mainSquat', squadId: '' },
  }),
  'how days are told': () => ({
    action: schoolForms.days,
    shows: () => read(({ context }) => ({ order: context.dayOrder })),
    field: 'order',
    values: ['month-first', 'month-first'],
  }),
  'how long notes are kept': () => ({
    action: healthForm,
    shows: () => read(({ context }) => ({ months: String(context.healthMonths) })),
    field: 'months',
    values: ['12', '18'],
  }),
  'a number of the method': () => ({
    action: methodForms.change,
    shows: () => read(({ context }) => ({ value: String(context.method.doses['D-STR'].sets[0]) })),
    field: 'value',
    values: ['2', '1'],
    fixed: {
      table: 'doses',
      path: JSON.stringify(
        SLOW.slice(0, 1)
          .concat('sets', '0')
          .map((one, i) => (i === 2 ? 0 : one)),
      ),
    },
  }),
  'a weight of a sport': () => ({
    action: sportForms.weigh,
    shows: () =>
      read(({ context }) => ({ weight: String(context.library.sports.get('team-handball')!.demands.rotation) })),
    field: 'weight',
    values: ['1', '2'],
    fixed: { id: 'team-handball', demand: 'rotation' },
  }),
  'an entry of the library': () => ({
    action: entryForms.keep,
    shows: () => read(({ context }) => formOf(context.library.exercises.get('push-up')!)),
    field: 'setUpSeconds',
    values: ['21', '22'],
    other: ['aliases', 'press-up'],
    params: { id: 'push-up' },
  }),
  'the tests of a day': () => ({
    action: testDayForms.tests,
    shows: () =>
      read(async ({ tx }) => ({
        tests: (await testDaysOf(tx, club.squadId, DAY)).find(({ day }) => day === DAY)?.tests.join(', ') ?? 'R1',
      })),
    field: 'tests',
    values: ['R1, R2', 'R1, R4'],
    params: { day: DAY },
  }),
};

describe.each(Object.entries(WRITERS))('%s', (name, make) => {
  const open = async () => {
    const of = make();
    // the day's tests are a record once they were chosen
    if (name === 'the tests of a day') await send(of.action, { tests: 'R1' }, { params: of.params });
    const shown = await of.shows();
    const put = (value: string, own: Sent = {}, over: Texts = {}) =>
      send(of.action, { ...shown, ...of.fixed, [of.field]: value, ...over }, { shown, params: of.params, ...own });
    const now = async () => (await of.shows())[of.field];
    return { ...of, shown, put, now };
  };

  it('sent again is the same; sent again corrected is the correction', async () => {
    const { put, now, values } = await open();
    const page = v7();
    expect((await put(values[0], { page })).errors).toEqual({});
    expect((await put(values[0], { page })).errors).toEqual({});
    expect(await now()).toBe(values[0]);
    expect((await put(values[1], { page })).errors).toEqual({});
    expect(await now()).toBe(values[1]);
  });

  it('from a page that is old by now says what stands there, and takes what nobody else changed', async () => {
    const { put, now, values, field, other, shown, shows } = await open();
    expect((await put(values[0])).kept).toBe(true);
    if (values[0] !== values[1]) {
      const stale = await put(values[1]);
      expect(stale.kept).toBe(false);
      expect(stale.errors[field]?.join()).toMatch(/Meanwhile/);
      expect(await now()).toBe(values[0]);
      // what was typed stands, and sent again it is kept
      expect(stale).toMatchObject({ typed: { [field]: values[1] }, seen: { [field]: values[0] } });
    }
    if (!other) return;
    const beside = await put(shown[field]!, {}, { [other[0]]: other[1] });
    expect(beside.errors).toEqual({});
    expect(await shows()).toMatchObject({ [field]: values[0], [other[0]]: other[1] });
  });

  it('of two at once keeps one, and tells the other', async () => {
    const { put, now, values, field } = await open();
    const both = await Promise.all(values.map((value) => put(value)));
    const kept = both.filter((one) => one.kept);
    if (values[0] === values[1]) expect(kept).toHaveLength(2);
    else {
      expect(kept).toHaveLength(1);
      expect(both.find((one) => !one.kept)?.errors[field]?.join()).toMatch(/Meanwhile/);
    }
    expect(values).toContain(await now());
  });
});

it('no number of the method’s tables goes where it would stop the club', async () => {
  const path = JSON.stringify(['loading', 'validDays']);
  const set = (value: string) =>
    send(methodForms.change, { table: 'settings', path, value }, { shown: { value: '42' } });
  expect((await set('9999999')).errors).toMatchObject({ value: [expect.stringMatching(/from 4.2 to 420/)] });
  expect((await set('0')).kept).toBe(false);
  expect((await set('60')).errors).toEqual({});
});

it('a guardian’s consent stands when somebody with an older page changes the mass', async () => {
  const shown = factsTexts(await athleteOf(), 'kg');
  await send(athleteForms.facts, { ...shown, guardianConsent: 'on', growthCmPerMonth: '0.7' }, { shown });
  expect((await send(athleteForms.facts, { ...shown, bodyMassKg: '58' }, { shown })).errors).toEqual({});
  expect(await athleteOf()).toMatchObject({ guardianConsent: true, growthCmPerMonth: 0.7, bodyMassKg: 58 });
});

it('twelve closed days of two coaches at once are twelve, and a corrected one is still one', async () => {
  const add = (n: number, page = v7()) =>
    send(
      seasonForms.closure,
      { name: `Hall ${String(n)}`, from: '1 Feb 2027', to: '2 Feb 2027', kind: 'closed' },
      { page },
    );
  const sent = await Promise.all(Array.from({ length: 12 }, (_, i) => add(i)));
  expect(sent.filter(({ kept }) => kept)).toHaveLength(12);
  const closures = () => read(({ squad }) => squad.season!.closures.map(({ name }) => name).sort());
  expect(await closures()).toHaveLength(12);
  const page = v7();
  await add(20, page);
  await add(21, page);
  expect(await closures()).toHaveLength(13);
  expect(await closures()).toContain('Hall 21');
});

it('a match moved by its day becomes no peak by it', async () => {
  const shown = await read(({ squad }) => eventTexts(squad.events.find(({ id }) => id === EVENT)!));
  const form = { id: EVENT, day: '2026-12-19', kind: 'cup' };
  expect((await send(seasonForms.changeEvent, form, { shown })).errors).toEqual({});
  const moved = await read(({ squad }) => squad.events.find(({ id }) => id === EVENT));
  expect(moved).toMatchObject({ day: '2026-12-19', kind: 'cup', peak: false });
});

it('an event sent again corrected is one event', async () => {
  const page = v7();
  const form = { name: 'Puerto Lobo', day: '5 Dec 2026', kind: 'league' };
  await send(squadForms.addEvent, form, { page });
  await send(squadForms.addEvent, { ...form, day: '6 Dec 2026' }, { page });
  const days = await read(({ tx }) => tx.select({ day: event.day }).from(event).where(eq(event.name, 'Puerto Lobo')));
  expect(days).toEqual([{ day: '2026-12-06' }]);
});

it('a note lifts nothing that was answered after its page was opened (SAFE-2)', async () => {
  const noted = { place: 'knee', side: null, signs: [], since: DAY };
  const id = v7();
  await read(({ tx, context }) =>
    noteComplaint(tx, context, club.athletes[0]!, id, { ...noted, score: 4 }, club.coachId),
  );
  const { complaints } = await athleteOf();
  await answer(club, club.athletes[0]!, { answer: 'pain', place: 'knee', score: 7 }, DAY);
  const clear = (answered: string) =>
    send(
      athleteForms.clearance,
      {
        complaintId: complaints[0]!.id,
        answered,
        role: 'physio',
        expires: '20 Dec 2026',
        note: '',
        lifts: '',
        maxTier: '',
        maxPercent: '',
      },
      { page: id },
    );
  expect((await clear('4')).errors).toMatchObject({ expires: [expect.stringMatching(/7 of 10/)] });
  expect((await clear('7')).errors).toEqual({});
});

test.each([
  ['facts', athleteForms.facts, 'name'],
  ['add', squadForms.add, 'names'],
  ['closure', seasonForms.closure, 'name'],
])('a sign that cannot be kept is said at its field: %s', async (_, action, field) => {
  const { kept, errors } = await send(action, { [field]: 'A\0b' });
  expect([kept, Object.keys(errors)]).toEqual([false, [field]]);
});

it('a secret address stands in no answer that is kept, and commands go after their time', async () => {
  const page = v7();
  const made = await send(seasonForms.link, {}, { page });
  expect(made.answer).toMatchObject({ address: expect.stringMatching(/^\/calendar\//) as string });
  const rows = () => read(({ tx }) => tx.select().from(command));
  expect(JSON.stringify(await rows())).not.toContain('/calendar/');
  // a repeat shows no other one
  expect((await send(seasonForms.link, {}, { page })).errors).toMatchObject({ link: [expect.any(String)] });
  await keepHouse(new Date(Date.now() + 40 * 86_400_000));
  expect(await rows()).toEqual([]);
});
