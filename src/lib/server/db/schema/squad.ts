import { sql } from 'drizzle-orm';
import {
  boolean,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import type { GymDay } from '$core/calendar';
import type { Clearance, Returning } from '$core/safety';
import { NO_CHANGES, type Closure, type PlannedWeek, type Practice, type SeasonChanges } from '$core/season';
import type { Finding } from '$core/result';
import type { Schools } from '$core/method';
import {
  EMPTY_BACKGROUND,
  NO_AIMS,
  type Background,
  type Ceiling,
  type RecentWork,
  type SetFocus,
  type SetMoment,
  type SquadAims,
} from '$core/startline';
import { facility } from './club';
import { clubId, createdAt, ownId, tenantPolicy, version } from './columns';

const LEVELS = ['foundation', 'developing', 'trained', 'advanced'] as const;

export const squad = pgTable(
  'squad',
  {
    clubId: clubId(),
    id: ownId(),
    name: text('name').notNull(),
    sportId: text('sport_id').notNull(),
    phase: text('phase', {
      enum: ['transition', 'general', 'specific', 'pre-season', 'in-season', 'congested', 'peak', 'return'],
    }).notNull(),
    gymDays: jsonb('gym_days').$type<readonly GymDay[]>().notNull(),
    facilityId: uuid('facility_id').notNull(),
    /** its result, force targets and how strong is enough (method 3) */
    aims: jsonb('aims').$type<SquadAims>().notNull().default(NO_AIMS),
    /** only what differs from the club's schools */
    schools: jsonb('schools').$type<Partial<Schools>>().notNull().default({}),
    version: version(),
    createdAt: createdAt(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    foreignKey({ columns: [t.clubId, t.facilityId], foreignColumns: [facility.clubId, facility.id] }),
    tenantPolicy(),
  ],
);

export const athlete = pgTable(
  'athlete',
  {
    clubId: clubId(),
    id: ownId(),
    name: text('name').notNull(),
    birthDate: date('birth_date', { mode: 'string' }),
    sex: text('sex', { enum: ['female', 'male'] }),
    bodyMassKg: doublePrecision('body_mass_kg'),
    heightM: doublePrecision('height_m'),
    growthCmPerMonth: doublePrecision('growth_cm_per_month'),
    liftLevel: text('lift_level', { enum: LEVELS }).notNull().default('foundation'),
    jumpLevel: text('jump_level', { enum: LEVELS }).notNull().default('foundation'),
    jumpSeasons: integer('jump_seasons'),
    role: text('role'),
    /** what the coach set to work on first (START-1) */
    focus: jsonb('focus').$type<SetFocus>(),
    /** facts that steer caution: past injuries, braces, shoes, take-off leg, weak moment (method 4) */
    background: jsonb('background').$type<Background>().notNull().default(EMPTY_BACKGROUND),
    /** recent training typed from memory (START-4); null = read from the log */
    recentWork: jsonb('recent_work').$type<readonly RecentWork[]>(),
    /** lifts strong enough (DOSE-6) */
    ceilings: jsonb('ceilings').$type<readonly Ceiling[]>().notNull().default([]),
    /** the coach asked for light cards from this day on (PROG-10) */
    lighterFrom: date('lighter_from', { mode: 'string' }),
    /** the coach took a light card off on this day (PROG-16) */
    fullFrom: date('full_from', { mode: 'string' }),
    /** named by the coach or the athlete (START-12) */
    weakMoment: jsonb('weak_moment').$type<SetMoment>(),
    guardianConsent: boolean('guardian_consent').notNull().default(false),
    /** erased on request: the row stays for the squad's counts, under no name */
    erasedAt: timestamp('erased_at', { withTimezone: true }),
    version: version(),
    createdAt: createdAt(),
  },
  (t) => [primaryKey({ columns: [t.clubId, t.id] }), index('athlete_name').on(t.clubId, t.name), tenantPolicy()],
);

export const squadAthlete = pgTable(
  'squad_athlete',
  { clubId: clubId(), squadId: uuid('squad_id').notNull(), athleteId: uuid('athlete_id').notNull() },
  (t) => [
    primaryKey({ columns: [t.clubId, t.squadId, t.athleteId] }),
    index('squad_athlete_athlete').on(t.clubId, t.athleteId),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/**
 * One value of one test on a day and side: a grade, a sum over joints, a number in SI units, or a lift. Trials of a day
 * are in one row. A row whose value was taken back stays, empty, so that other stations see it go.
 */
export const testResult = pgTable(
  'test_result',
  {
    clubId: clubId(),
    id: ownId(),
    athleteId: uuid('athlete_id').notNull(),
    test: text('test').notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    side: text('side', { enum: ['left', 'right', 'both'] })
      .notNull()
      .default('both'),
    passed: boolean('passed'),
    trials: jsonb('trials').$type<readonly number[]>(),
    joints: jsonb('joints').$type<readonly number[]>(),
    /** outside what is likely and not answered yet: it does not count */
    asks: boolean('asks').notNull().default(false),
    source: text('source').notNull().default('typed'),
    typedBy: text('typed_by'),
    version: version(),
    changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
    value: doublePrecision('value'),
    loadKg: doublePrecision('load_kg'),
    reps: integer('reps'),
    rir: integer('rir'),
    createdAt: createdAt(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('test_result_athlete').on(t.clubId, t.athleteId, t.day),
    uniqueIndex('test_result_cell').on(t.clubId, t.athleteId, t.day, t.test, t.side),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** Tests chosen for a squad's testing day. */
export const testDay = pgTable(
  'test_day',
  {
    clubId: clubId(),
    squadId: uuid('squad_id').notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    tests: jsonb('tests').$type<readonly string[]>().notNull(),
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.squadId, t.day] }),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** A named set of tests, kept and used again. */
export const battery = pgTable(
  'battery',
  {
    clubId: clubId(),
    id: ownId(),
    name: text('name').notNull(),
    tests: jsonb('tests').$type<readonly string[]>().notNull(),
    version: version(),
  },
  (t) => [primaryKey({ columns: [t.clubId, t.id] }), tenantPolicy()],
);

export const complaint = pgTable(
  'complaint',
  {
    clubId: clubId(),
    id: ownId(),
    athleteId: uuid('athlete_id').notNull(),
    place: text('place').notNull(),
    side: text('side', { enum: ['left', 'right', 'both'] }),
    score: integer('score').notNull(),
    signs: jsonb('signs').$type<readonly string[]>().notNull(),
    since: date('since', { mode: 'string' }).notNull(),
    calmAnswers: integer('calm_answers').notNull().default(0),
    /** the fact that opened it: the rows here are folded from the facts */
    origin: text('origin').notNull().default(''),
    clearance: jsonb('clearance').$type<Clearance | null>(),
    /** where the athlete stands on the way back by stages (SAFE-2); null = not on one */
    returning: jsonb('way_back').$type<Returning | null>(),
    referredAt: timestamp('referred_at', { withTimezone: true }),
    updatedDay: date('updated_day', { mode: 'string' }).notNull(),
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('complaint_athlete').on(t.clubId, t.athleteId),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

export const event = pgTable(
  'event',
  {
    clubId: clubId(),
    id: ownId(),
    squadId: uuid('squad_id').notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    name: text('name').notNull(),
    kind: text('kind', { enum: ['friendly', 'league', 'cup', 'final'] }).notNull(),
    /** to be at the best for (PHASE-2) */
    peak: boolean('peak').notNull().default(false),
    /** the name it has in the calendar it was read from, so that reading it again changes it instead of doubling it */
    uid: text('uid'),
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('event_squad').on(t.clubId, t.squadId, t.day),
    uniqueIndex('event_uid').on(t.clubId, t.squadId, t.uid),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** Who was selected for an event and how long they played (WEEK-4). Nobody named is taken as played, the minutes unknown. */
export const appearance = pgTable(
  'appearance',
  {
    clubId: clubId(),
    eventId: uuid('event_id').notNull(),
    athleteId: uuid('athlete_id').notNull(),
    selected: boolean('selected').notNull(),
    minutes: integer('minutes'),
    /** 0–10, how hard it was for the athlete */
    rpe: integer('rpe'),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.eventId, t.athleteId] }),
    index('appearance_athlete').on(t.clubId, t.athleteId),
    foreignKey({ columns: [t.clubId, t.eventId], foreignColumns: [event.clubId, event.id] }).onDelete('cascade'),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** Days of an athlete's own calendar: an event with others, an exam week, days away. */
export const athleteDays = pgTable(
  'athlete_days',
  {
    clubId: clubId(),
    id: ownId(),
    athleteId: uuid('athlete_id').notNull(),
    kind: text('kind', { enum: ['event', 'exams', 'away'] }).notNull(),
    name: text('name').notNull(),
    from: date('from_day', { mode: 'string' }).notNull(),
    to: date('to_day', { mode: 'string' }).notNull(),
    createdAt: createdAt(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('athlete_days_athlete').on(t.clubId, t.athleteId, t.to),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** A squad's season: what its plan is laid from beside its events and gym days. */
export const season = pgTable(
  'season',
  {
    clubId: clubId(),
    squadId: uuid('squad_id').notNull(),
    start: date('start', { mode: 'string' }).notNull(),
    end: date('end', { mode: 'string' }).notNull(),
    /** null = every gym day */
    sessionsAWeek: integer('sessions_a_week'),
    closures: jsonb('closures').$type<readonly Closure[]>().notNull().default([]),
    practices: jsonb('practices').$type<readonly Practice[]>().notNull().default([]),
    /** what the coach decided over the rules' head */
    changes: jsonb('changes').$type<SeasonChanges>().notNull().default(NO_CHANGES),
    /** the day it was first set: what lies before was never planned */
    plannedFrom: date('planned_from', { mode: 'string' }).notNull(),
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.squadId] }),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** A week as it was planned when it began or was last changed: what was followed stays so, whatever is known later. */
export const seasonWeek = pgTable(
  'season_week',
  {
    clubId: clubId(),
    squadId: uuid('squad_id').notNull(),
    start: date('start', { mode: 'string' }).notNull(),
    week: jsonb('week').$type<PlannedWeek>().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.squadId, t.start] }),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** What a season is laid from, as a step of changing it found and left it. */
export interface SeasonState {
  readonly season: {
    readonly start: string;
    readonly end: string;
    readonly sessionsAWeek: number | null;
    readonly closures: readonly Closure[];
    readonly practices: readonly Practice[];
    readonly changes: SeasonChanges;
    readonly plannedFrom: string;
  } | null;
  readonly events: readonly {
    readonly id: string;
    readonly day: string;
    readonly name: string;
    readonly kind: 'friendly' | 'league' | 'cup' | 'final';
    readonly peak: boolean;
    readonly uid: string | null;
  }[];
  readonly gymDays: readonly GymDay[];
  readonly schools: Partial<Schools>;
}

/** One step of changing a squad's plan: what it was before and after, and what moved in the plan by it. */
export const seasonStep = pgTable(
  'season_step',
  {
    clubId: clubId(),
    squadId: uuid('squad_id').notNull(),
    /** counted from 1 a squad */
    number: integer('number').notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    actor: text('actor').notNull(),
    verb: text('verb').notNull(),
    before: jsonb('before').$type<SeasonState>().notNull(),
    after: jsonb('after').$type<SeasonState>().notNull(),
    moved: jsonb('moved').$type<readonly Finding[]>().notNull(),
    undone: boolean('undone').notNull().default(false),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.squadId, t.number] }),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** A secret address of a squad's calendar, for programs that read it again by themselves; only a hash is kept. */
export const calendarLink = pgTable(
  'calendar_link',
  {
    clubId: clubId(),
    id: ownId(),
    squadId: uuid('squad_id').notNull(),
    hash: text('hash').notNull(),
    madeBy: text('made_by').notNull(),
    createdAt: createdAt(),
    expiresAt: timestamp('expires_at', { withTimezone: true })
      .notNull()
      .default(sql`now() + interval '1 year'`),
    revokedAt: timestamp('revoked_at', { withTimezone: true }),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    uniqueIndex('calendar_link_hash').on(t.clubId, t.hash),
    index('calendar_link_squad').on(t.clubId, t.squadId),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** A personal way in without an account; only a hash of the secret is kept. */
export const athleteLink = pgTable(
  'athlete_link',
  {
    clubId: clubId(),
    id: ownId(),
    athleteId: uuid('athlete_id').notNull(),
    hash: text('hash').notNull(),
    revokedAt: timestamp('revoked_at', { withTimezone: true }),
    /** a link ends with the season it was made for */
    expiresAt: timestamp('expires_at', { withTimezone: true })
      .notNull()
      .default(sql`now() + interval '1 year'`),
    createdAt: createdAt(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    uniqueIndex('athlete_link_hash').on(t.clubId, t.hash),
    index('athlete_link_athlete').on(t.clubId, t.athleteId),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);
