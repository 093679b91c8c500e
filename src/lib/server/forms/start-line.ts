import { error, type RequestEvent } from '@sveltejs/kit';
import { z } from 'zod';
import { testSpecs } from '$core/athlete';
import { isDay } from '$core/calendar';
import { ownValue } from '$core/own';
import { FOCUS_IDS } from '$core/startline';
import { ceilingSchema } from '$lib/model/forms';
import { workTexts } from '$lib/model/shown/athlete';
import { keepRecentWork, setFocus } from '../commands/athlete-facts';
import { setCeiling, setMoment } from '../commands/squad-aims';
import { keepTestDay } from '../commands/test-days';
import { fields, type FieldReader, type Reader } from '../door/readers';
import { formAction, type Scope } from '../door/form-command';
import { athleteForm, squadForm, squadScope, type OfSquad } from '../door/scopes';
import { loadSquadAthletes } from '../repositories/athletes';
import { testDaysOf } from '../repositories/results';

type OnDay = RequestEvent<{ squadId: string; day: string }>;

const testsSchema = z.object({
  tests: z.array(z.string().max(80)).min(1, 'Choose at least one test.').max(200),
  name: z.string().trim().max(60, 'A shorter name, please.').default(''),
});

/** Posted JSON; what is none reads as nothing. */
const jsonText = z.string().transform((text): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
});
const focusesSchema = z.object({
  focuses: jsonText.pipe(
    z.array(z.object({ athleteId: z.uuid(), focus: z.enum(FOCUS_IDS) }), { error: 'This focus is not known.' }),
  ),
});

/** A day in an address; the hook lets no other by. @throws {HttpError} 404 */
function dayOf({ params }: RequestEvent): string {
  const { day = '' } = params as { day?: string };
  if (!isDay(day)) error(404, 'There is no such day.');
  return day;
}

const onDay = <In>(reader: FieldReader<In>): Reader<{ day: string; read: In }, OnDay> => ({
  read: (typed, sent, event) => {
    const read = reader.read(typed, sent);
    return read.ok ? { ok: true, value: { day: dayOf(event), read: read.value } } : read;
  },
});

type TestDays = Awaited<ReturnType<typeof testDaysOf>>;

/** A squad's testing days: they move nothing of its plan. */
const daysScope: Scope<OnDay, OfSquad & { days: TestDays }> = {
  sender: squadScope.sender,
  open: async (tx, event, sender, typed) => {
    const of = await squadScope.open(tx, event, sender, typed);
    return { ...of, days: await testDaysOf(tx, of.squad.id, dayOf(event)) };
  },
};

/** Every form of a testing day. */
export const testDayForms = {
  /** Chooses the day's tests, and keeps them under a name when one is given. */
  tests: formAction(daysScope, {
    form: 'tests',
    verb: 'test-day',
    reads: onDay(fields(testsSchema, ['tests'])),
    field: 'tests',
    shows: ({ days }, _, event) => {
      const chosen = days.find(({ day }) => day === dayOf(event));
      return chosen ? { tests: chosen.tests.join(', ') } : null;
    },
    tells: (_, text, { club }) =>
      text
        .split(', ')
        .map((id) => testSpecs(club.method).get(id)?.name ?? id)
        .join(', '),
    work: (tx, { club, squad }, { value: { day, read } }) => {
      const tests = [...testSpecs(club.method).keys()].filter((id) => read.tests.includes(id));
      return keepTestDay(tx, club, squad.id, day, { tests, name: read.name });
    },
  }),
  /** Sets the focus the reading proposes, for those named; the Bench follows from the next card on. */
  focus: squadForm({
    form: 'focus',
    verb: 'focus',
    reads: fields(focusesSchema),
    field: 'focuses',
    work: async (tx, { club, squad }, { value, actor }) => {
      const rows = await loadSquadAthletes(tx, squad.id, club.today);
      return setFocus(tx, club, rows, new Map(value.focuses.map((one) => [one.athleteId, one.focus])), actor);
    },
  }),
};

const focusSchema = z.object({
  focus: z
    .enum(['', ...FOCUS_IDS], { error: 'This focus is not known.' })
    .transform((focus) => (focus === '' ? null : focus)),
});
const liftSchema = z.object({ lift: z.string().max(80) });

const ADDED = 'Sets a week are a number from 0.5 to 60 on every line.';
const workSchema = z
  .array(z.object({ exerciseId: z.string().max(80), setsPerWeek: z.number().min(0.5).max(60) }))
  .max(20);

/** Recent training line by line; an empty line is none. */
const workFields: Reader<z.output<typeof workSchema>> = {
  read: ({ exercise = '', sets = '' }) => {
    const amounts = sets.split(', ').map((text) => Number(text.replace(',', '.')));
    const lines = exercise
      .split(', ')
      .flatMap((exerciseId, i) => (exerciseId === '' ? [] : [{ exerciseId, setsPerWeek: amounts[i] ?? NaN }]));
    const read = workSchema.safeParse(lines);
    return read.success ? { ok: true, value: read.data } : { ok: false, errors: { sets: [ADDED] } };
  },
};

/** A lift's ceiling as its form knew it. */
const ceilingText = (ceilings: readonly { lift: string; kg: number }[], lift: string | undefined) => ({
  kg: String(ceilings.find((one) => one.lift === lift)?.kg ?? ''),
});

/** Every form of an athlete's reading. */
export const readingForms = {
  /** Sets or ends the focus: the Bench follows it from the next card on. */
  focus: athleteForm({
    form: 'focus',
    verb: 'focus',
    reads: fields(focusSchema),
    field: 'focus',
    shows: ({ row }) => ({ focus: row.focus?.id ?? '' }),
    tells: (_, text, { club }) => (text === '' ? '' : (ownValue(club.method.focuses, text)?.name ?? text)),
    work: (tx, { club, row }, { value, actor }) => setFocus(tx, club, [row], new Map([[row.id, value.focus]]), actor),
  }),
  /** Names a weak moment for this block, or takes it back (START-12). */
  moment: athleteForm({
    form: 'moment',
    verb: 'moment',
    reads: fields(z.object({ moment: z.string().max(80) })),
    field: 'moment',
    shows: ({ row }) => ({ moment: row.weakMoment?.id ?? '' }),
    work: (tx, of, { value, actor }) => setMoment(tx, of, value.moment, actor),
  }),
  /** A lift is strong enough, or may rise again (DOSE-6; START-11 proposes it). */
  ceiling: athleteForm({
    form: 'ceiling',
    verb: 'ceiling',
    reads: fields(ceilingSchema),
    field: 'kg',
    shows: ({ row }, { lift }) => ceilingText(row.ceilings, lift),
    work: (tx, of, { value, actor }) => setCeiling(tx, of, value, actor),
  }),
  rise: athleteForm({
    form: 'rise',
    verb: 'rise',
    reads: fields(liftSchema),
    field: 'lift',
    work: (tx, of, { value, actor }) => setCeiling(tx, of, { lift: value.lift, kg: null, why: 'typed' }, actor),
  }),
  /** Recent training from memory: a minute's typing that steers the audit (START-4); empty = read the log again. */
  work: athleteForm({
    form: 'work',
    verb: 'recent-work',
    reads: workFields,
    field: 'sets',
    shows: ({ row }) => workTexts(row.recentWork),
    work: (tx, { row }, { value }) => keepRecentWork(tx, row, value.length > 0 ? value : null),
  }),
};
