import { z } from 'zod';
import { DAY_ORDERS, isDay, readDay } from '$core/calendar';
import { dayOrder, sampleDay } from '$lib/messages';
import { LEVELS, SIDES, TIERS } from '$core/library';
import { SIGNS } from '$core/safety';
import { RETURN_STAGES, SCHOOL_IDS } from '$core/method';
import { mondayOf } from '$core/season';
import { CALL_CHOICES } from './call';
import { EQUIPMENT, KIT_NAMES, KITS } from './kit';

/** Forms as they are typed: every field arrives as text, and each message is said at its field in the coach's words. */
/** A field left empty, or not shown at all, is not known. */
const blankToNull = (value: unknown): unknown =>
  value === undefined || (typeof value === 'string' && value.trim() === '') ? null : value;
/** A box: one that is not ticked is not sent, or reads as empty where its record was merged. */
const isTicked = (text: string | undefined): boolean => text !== undefined && text !== '';
const numberText = (most: number, least: number, what: string) =>
  z.preprocess(
    (value) => (typeof value === 'string' ? value.trim().replace(',', '.') : value),
    z.coerce
      .number({ error: `Write ${what} as a number.` })
      .min(least, `${what}: at least ${String(least)}.`)
      .max(most, `${what}: at most ${String(most)}.`),
  );
const optionalNumber = (most: number, least: number, what: string) =>
  z.preprocess(
    blankToNull,
    z.union([z.null(), numberText(most, least, what)], {
      error: `${what}: a number from ${String(least)} to ${String(most)}, or leave it empty.`,
    }),
  );

/** A day as a coach writes it; what is no day stays as it was typed, and is said. */
const typedDay = z
  .string()
  .transform((text) => readDay(text, dayOrder()) ?? text)
  .refine(isDay, { error: () => `Write a day as ${sampleDay()}.` });
const day = (say: string) => typedDay.or(z.literal('').transform(() => '')).refine((text) => text !== '', say);
const time = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time as 18:30.');
export const gymDaysSchema = z.object({
  weekdays: z.array(z.coerce.number().int().min(1).max(7)).min(1, 'Tick at least one gym day.'),
  start: time,
  minutes: numberText(240, 10, 'Minutes').pipe(z.number().int('Whole minutes.')),
});

const racksOf = (racks: number | null) => (racks === null ? {} : { racks, bars: racks });
/** `facilityId` of a place that is not there yet. */
export const NEW_PLACE = 'new';
/** A new squad with all a first card asks for: sport, days, place, and people when they are at hand. */
export const squadSchema = gymDaysSchema
  .extend({
    name: z.string().trim().min(2, 'Give the squad a name.').max(60, 'A shorter name, please.'),
    sportId: z.string().max(80).min(1, 'Choose the sport.'),
    facilityId: z.literal(NEW_PLACE).or(z.uuid({ error: 'Choose where it trains.' })),
    placeName: z.preprocess(blankToNull, z.string().trim().max(60, 'A shorter name, please.').nullable()),
    placeKit: z.preprocess(blankToNull, z.enum(KIT_NAMES).nullable()),
    placeRacks: z.preprocess(blankToNull, numberText(40, 1, 'Racks').pipe(z.number().int('Whole racks.')).nullable()),
    names: z.string().default(''),
  })
  .superRefine(({ facilityId, placeName, placeKit, placeRacks }, context) => {
    if (facilityId !== NEW_PLACE) return;
    const missing = (path: string, message: string) => {
      context.addIssue({ code: 'custom', path: [path], message });
    };
    if (placeName === null) missing('placeName', 'Give the place a name.');
    if (placeKit === null) missing('placeKit', 'Choose what it has.');
    if (placeKit === 'gym' && placeRacks === null) missing('placeRacks', 'How many racks are there?');
  })
  .transform(({ weekdays, start, minutes, facilityId, placeName, placeKit, placeRacks, ...squad }) => ({
    ...squad,
    gymDays: weekdays.map((weekday) => ({ weekday, start, minutes })),
    place:
      facilityId === NEW_PLACE
        ? { name: placeName ?? '', kit: { ...KITS[placeKit ?? 'nothing'], ...racksOf(placeRacks) } }
        : { id: facilityId },
  }));
const times = (what: string) => optionalNumber(4, 0.3, what);
/** What a squad is trained towards; strength in × body mass, squat and hinge of a pair together or neither. */
export const aimsSchema = z
  .object({
    resultTest: z.string().max(80),
    resultName: z.string().trim().max(40, 'A shorter name, please.'),
    resultError: optionalNumber(1000, 0.001, 'Error'),
    femaleSquat: times('Squat'),
    femaleHinge: times('Hinge'),
    maleSquat: times('Squat'),
    maleHinge: times('Hinge'),
    youngSquat: times('Squat'),
    youngHinge: times('Hinge'),
    enoughSquat: times('Squat'),
    enoughHinge: times('Hinge'),
  })
  .superRefine((aims, context) => {
    for (const who of ['female', 'male', 'young'] as const) {
      const [squat, hinge] = [aims[`${who}Squat`], aims[`${who}Hinge`]];
      if ((squat === null) === (hinge === null)) continue;
      const path = [squat === null ? `${who}Squat` : `${who}Hinge`];
      context.addIssue({ code: 'custom', path, message: 'Both or neither: the other one is typed.' });
    }
  });
export type AimsForm = z.infer<typeof aimsSchema>;

/** A lift said to be strong enough at so many kg. */
export const ceilingSchema = z.object({
  lift: z.string().max(80).min(1, 'Choose the lift.'),
  kg: z.preprocess((text) => text ?? '', numberText(500, 20, 'Load')),
  why: z.enum(['typed', 'result']).catch('typed'),
});

/** A named place with what it has. */
export const facilitySchema = z.object({
  name: z.string().trim().min(2, 'Give the place a name.').max(60, 'A shorter name, please.'),
  equipment: z.array(z.enum(EQUIPMENT)),
  racks: numberText(40, 0, 'Racks').pipe(z.number().int('Whole racks.')),
  barKg: numberText(30, 5, 'Bar'),
  smallestPlateKg: numberText(25, 0.25, 'Smallest plate'),
  bars: numberText(40, 0, 'Bars').pipe(z.number().int('Whole bars.')),
  laneM: numberText(400, 0, 'Clear lane'),
  surface: z.string().trim().min(2, 'What is the floor? For example rubber, wood, turf.').max(40),
  hardSurface: z.string().optional().transform(isTicked),
  bellsKg: z
    .string()
    .transform((text) =>
      text
        .split(/[\s,;]+/)
        .filter(Boolean)
        .map((part) => Number(part.replace(',', '.'))),
    )
    .refine(
      (masses) => masses.every((mass) => mass > 0 && mass <= 100),
      'Write the bells as numbers from 1 to 100, for example 8, 12, 16.',
    ),
});

export const eventSchema = z.object({
  day: day('Choose the day.'),
  name: z.string().trim().min(2, 'Who or what is it?').max(60),
  kind: z.enum(['friendly', 'league', 'cup', 'final']),
});

export const seasonSchema = z.object({
  start: day('When does it start?'),
  end: day('When does it end?'),
  sessionsAWeek: optionalNumber(7, 1, 'Sessions a week').pipe(z.number().int('Whole sessions.').nullable()),
});

export const closureSchema = z.object({
  name: z.string().trim().min(2, 'What is it?').max(40, 'A shorter name, please.'),
  from: day('From which day?'),
  to: day('Until which day?'),
  kind: z.enum(['closed', 'exams']),
});

/** Days of an athlete's own calendar. */
export const ownDaysSchema = z.object({
  name: z.string().trim().min(2, 'What is it?').max(40, 'A shorter name, please.'),
  from: day('From which day?'),
  to: day('Until which day?'),
  kind: z.enum(['event', 'exams', 'away']),
});

/** Who was selected for an event and how long they played: a field for each athlete, by id. */
export const playedSchema = z.object({
  athleteId: z.uuid(),
  selected: z.boolean(),
  minutes: optionalNumber(300, 0, 'Minutes').pipe(z.number().int('Whole minutes.').nullable()),
  rpe: optionalNumber(10, 0, 'Effort').pipe(z.number().int('Effort as a whole number.').nullable()),
});

export const practiceSchema = z.object({
  weekday: z.coerce.number().int().min(1).max(7),
  start: time,
  minutes: numberText(300, 10, 'Minutes').pipe(z.number().int('Whole minutes.')),
  hardness: numberText(10, 0, 'Hardness'),
  jumps: numberText(1000, 0, 'Jumps').pipe(z.number().int('Whole jumps.')),
});

export const eventChangeSchema = z.object({
  id: z.uuid('It is gone already.'),
  day: day('On which day?'),
  kind: z.enum(['friendly', 'league', 'cup', 'final']),
  peak: z.string().optional().transform(isTicked),
});

export const moveSessionSchema = z.object({
  from: day('Which session?'),
  to: day('To which day?'),
  start: z.preprocess(blankToNull, time.nullable()),
});

export const setPhaseSchema = z
  .object({
    from: day('From which week?'),
    to: day('Until which week?'),
    phase: z.preprocess(
      blankToNull,
      z.enum(['general', 'specific', 'pre-season', 'in-season', 'transition']).nullable(),
    ),
  })
  .transform((value) => ({ ...value, from: mondayOf(value.from), to: mondayOf(value.to) }));

export const setBlockSchema = z.object({
  from: day('Which block?'),
  weeks: z.preprocess(blankToNull, z.coerce.number().int().min(2).max(5).nullable()),
});

export const practiceDaySchema = z.object({
  id: z.string().min(1).max(60),
  day: day('On which day?'),
  minutes: z.preprocess(blankToNull, z.coerce.number().int().min(0).max(300).nullable()),
});

export const copySeasonSchema = z.object({
  squad: z.uuid('Choose the squad.'),
  start: day('When does it start here?'),
  events: z.string().optional().transform(isTicked),
});

export const remedySchema = z.object({
  week: day('Which week?'),
  code: z.string().min(1).max(60),
  at: z.coerce.number().int().min(0).max(10),
});

export const athleteFactsSchema = z.object({
  name: z.string().trim().min(2, 'Write the name.').max(80, 'A shorter name, please.'),
  birthDate: z.preprocess(blankToNull, typedDay.nullable()),
  sex: z.preprocess(blankToNull, z.enum(['female', 'male']).nullable()),
  bodyMassKg: optionalNumber(250, 20, 'Body mass'),
  liftLevel: z.enum(LEVELS),
  jumpLevel: z.enum(LEVELS),
  jumpSeasons: optionalNumber(40, 0, 'Seasons of jump training'),
  growthCmPerMonth: optionalNumber(3, 0, 'Growth'),
  role: z.preprocess(blankToNull, z.string().trim().max(40).nullable()),
  guardianConsent: z.preprocess((value) => value === 'on' || value === true, z.boolean()),
});

/** Lifts shown on an athlete's page. */
export const LIFTS = { 'back-squat': 'back squat', deadlift: 'deadlift' } as const;
export const JUMP_TESTS = { cmj: 'countermovement jump' } as const;

export const complaintSchema = z.object({
  place: z.string('Choose the place.').min(1, 'Choose the place.'),
  side: z.preprocess(blankToNull, z.enum(SIDES).nullable()),
  score: z
    .preprocess((text) => text ?? '', numberText(10, 0, 'Score'))
    .pipe(z.number().int('A whole number from 0 to 10.')),
  signs: z.array(z.enum(SIGNS)),
  since: typedDay,
});

/** A clinician's note: who, until when, how far it lifts, and what it leaves out (SAFE-2). */
export const clearanceSchema = z.object({
  complaintId: z.uuid(),
  /** the complaint as it stood on the page */
  answered: z.string().max(300),
  role: z.string().trim().min(3, 'Who cleared it: physio, doctor…').max(60),
  expires: typedDay,
  note: z.string().trim().max(200, 'A shorter note, please.'),
  lifts: z.preprocess(blankToNull, z.enum(['three', 'mild', 'stages']).nullable()),
  /** how far its stages go, where it lifts by stages */
  upTo: z.enum(RETURN_STAGES).default('isometric'),
  maxTier: z.preprocess(blankToNull, z.enum(['none', ...TIERS]).nullable()),
  maxPercent: optionalNumber(100, 10, 'Loads up to'),
});

/** What steers caution: past injuries one a line, and what the athlete wears and jumps from. */
export const backgroundSchema = z.object({
  injuries: z
    .string()
    .max(600)
    .transform((text) =>
      text
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean),
    ),
  wears: z.string().trim().max(120),
  surface: z.preprocess(blankToNull, z.enum(['hall', 'turf', 'ice', 'board']).nullable()),
  takeOffLeg: z.preprocess(blankToNull, z.enum(['left', 'right']).nullable()),
  practiceHours: optionalNumber(40, 0, 'Practice hours'),
});

export type FieldErrors = Readonly<Record<string, readonly string[] | undefined>>;

/** To erase a person their name is typed. */
export const eraseSchema = z.object({ name: z.string().trim().min(1, 'Write the name.').max(120) });

export const healthMonthsSchema = z.object({
  months: numberText(120, 6, 'Months').pipe(z.number().int('Whole months.')),
});

/** Where a squad trains and what for. */
export const squadPlaceSchema = z.object({
  facilityId: z.uuid('Choose a place.'),
  sportId: z.string().max(80).min(1, 'Choose a sport.'),
});

/** One school of the club, or of a squad; empty = as the club. */
export const schoolSchema = z.object({
  school: z.enum(SCHOOL_IDS),
  option: z.string().max(80),
  squadId: z.union([z.uuid(), z.literal('')]).optional(),
});

export const dayOrderSchema = z.object({ order: z.enum(DAY_ORDERS) });

/** One value of a club's table of the method. */
export const tableValueSchema = z.object({
  table: z.string().max(80),
  path: z.string().max(200),
  value: z.string().max(200),
});

/** What a form that was refused gets back: sentences at their fields, and all that was typed. */
export interface Trouble {
  readonly errors: FieldErrors;
  readonly typed: Readonly<Record<string, string>>;
}

const levelOrNone = z.enum(['', ...LEVELS]).transform((level) => (level === '' ? null : level));
/** Levels of several athletes at once; empty = as they are. */
export const levelsSchema = z
  .object({
    ids: z.array(z.uuid()).min(1, 'Choose at least one athlete.').max(200),
    liftLevel: levelOrNone,
    jumpLevel: levelOrNone,
  })
  .refine(({ liftLevel, jumpLevel }) => liftLevel !== null || jumpLevel !== null, {
    path: ['liftLevel'],
    message: 'Choose a level for lifts or for jumps.',
  });

/** The coach's word on a call that moves no dose by itself. */
export const answerCallSchema = z.object({ key: z.string().min(1).max(200), choice: z.enum(CALL_CHOICES) });
export type AnswerCall = z.output<typeof answerCallSchema>;

/** Something to do beside the sessions, for a squad or one athlete of it; `on` off = it ends. */
export const giveSideSchema = z.object({
  squadId: z.uuid(),
  programme: z.string().min(1),
  athleteId: z
    .union([z.literal(''), z.uuid()])
    .optional()
    .transform((id) => (id === undefined || id === '' ? null : id)),
  on: z.enum(['yes', 'no']).transform((on) => on === 'yes'),
});
