import {
  boolean,
  date,
  doublePrecision,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  pgView,
  primaryKey,
  text,
  timestamp,
  unique,
  uuid,
} from 'drizzle-orm/pg-core';
import { sql } from 'drizzle-orm';
import type { Dose } from '$core/dose';
import type { DoseRowId } from '$core/method';
import type { Reason } from '$core/result';
import { ROLES } from '$core/season';
import { AS_TEMPLATE, type CardShape, type KeptLine, type Line } from '$core/session';
import type { Track } from '$core/track';
import { athlete, squad } from './squad';
import { clubId, xid8, createdAt, ownId, seq, tenantPolicy, version } from './columns';

const PHASES = ['transition', 'general', 'specific', 'pre-season', 'in-season', 'congested', 'peak', 'return'] as const;

/** A card on a day: the squad's, or one athlete's own when `athleteId` is set. */
export const gymSession = pgTable(
  'gym_session',
  {
    clubId: clubId(),
    id: ownId(),
    squadId: uuid('squad_id').notNull(),
    athleteId: uuid('athlete_id'),
    day: date('day', { mode: 'string' }).notNull(),
    phase: text('phase', { enum: PHASES }).notNull(),
    minutes: integer('minutes').notNull(),
    template: text('template').notNull(),
    /** what it is for in its week (WEEK-8); null = of no plan */
    role: text('role', { enum: ROLES }),
    /** where it is held; null = where the squad trains */
    facilityId: uuid('facility_id'),
    /** what the coach made of it beside its lines */
    shape: jsonb('shape').$type<CardShape>().notNull().default(AS_TEMPLATE),
    /** how it went, once it was closed */
    closedAt: timestamp('closed_at', { withTimezone: true }),
    realMinutes: integer('real_minutes'),
    sessionRpe: integer('session_rpe'),
    /** of the head: minutes, phase, template, place */
    version: version(),
    createdAt: createdAt(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    unique('gym_session_once').on(t.clubId, t.squadId, t.day, t.athleteId).nullsNotDistinct(),
    index('gym_session_day').on(t.clubId, t.day),
    foreignKey({ columns: [t.clubId, t.squadId], foreignColumns: [squad.clubId, squad.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

export const sessionLine = pgTable(
  'session_line',
  {
    clubId: clubId(),
    sessionId: uuid('session_id').notNull(),
    slot: text('slot').notNull(),
    position: integer('position').notNull(),
    block: text('block').notNull(),
    group: text('group'),
    exerciseId: text('exercise_id').notNull(),
    row: text('row').$type<DoseRowId>().notNull(),
    dose: jsonb('dose').$type<Dose>().notNull(),
    full: jsonb('full').$type<Line['full']>(),
    reasons: jsonb('reasons').$type<readonly Reason[]>().notNull(),
    pinned: boolean('pinned').notNull(),
    typed: boolean('typed').notNull().default(false),
    substitutes: jsonb('substitutes').$type<Line['substitutes']>().notNull().default([]),
    note: text('note'),
    only: jsonb('only').$type<Line['only']>(),
    /** why it stands though gates are not met (JUMP-2) */
    override: text('override'),
    /** for whom; null = for everybody */
    overrideFor: jsonb('override_for').$type<readonly string[]>(),
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.sessionId, t.slot] }),
    foreignKey({ columns: [t.clubId, t.sessionId], foreignColumns: [gymSession.clubId, gymSession.id] }).onDelete(
      'cascade',
    ),
    tenantPolicy(),
  ],
);

/** A card kept to start others from, by a name of the club's own. */
export const keptCard = pgTable(
  'kept_card',
  {
    clubId: clubId(),
    name: text('name').notNull(),
    minutes: integer('minutes').notNull(),
    lines: jsonb('lines').$type<readonly KeptLine[]>().notNull(),
    changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.clubId, t.name] }), tenantPolicy()],
);

/** What a coach typed for one athlete on a line. */
export const typedLine = pgTable(
  'typed_line',
  {
    clubId: clubId(),
    sessionId: uuid('session_id').notNull(),
    slot: text('slot').notNull(),
    athleteId: uuid('athlete_id').notNull(),
    exerciseId: text('exercise_id'),
    row: text('row').$type<DoseRowId>().notNull(),
    dose: jsonb('dose').$type<Dose>().notNull(),
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.sessionId, t.slot, t.athleteId] }),
    foreignKey({ columns: [t.clubId, t.sessionId], foreignColumns: [gymSession.clubId, gymSession.id] }).onDelete(
      'cascade',
    ),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/**
 * One tap on one set of one athlete, append-only: what was written stands beside what was done. Of several taps on a set
 * the one done last counts (view `set_now`); a set taken back is a tap too.
 */
export const setLog = pgTable(
  'set_log',
  {
    clubId: clubId(),
    id: ownId(),
    sessionId: uuid('session_id').notNull(),
    athleteId: uuid('athlete_id').notNull(),
    slot: text('slot').notNull(),
    setNumber: integer('set_number').notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    exerciseId: text('exercise_id').notNull(),
    row: text('row').$type<DoseRowId>().notNull(),
    written: jsonb('written').$type<Dose>().notNull(),
    /** the dose before the day eased it; null with nothing eased = as written */
    based: jsonb('based').$type<Dose>(),
    /** rules that eased it */
    eased: jsonb('eased').$type<readonly string[]>().notNull().default([]),
    amount: doublePrecision('amount').notNull(),
    loadKg: doublePrecision('load_kg'),
    rir: integer('rir'),
    fault: text('fault'),
    /** best height or distance, m, or reps of a timed set (REST-2); null = not counted */
    output: doublePrecision('output'),
    asWritten: boolean('as_written').notNull(),
    doneAt: timestamp('done_at', { withTimezone: true }).notNull(),
    removed: boolean('removed').notNull().default(false),
    actor: text('actor'),
    /** it was done although something stopped the line meanwhile */
    flagged: boolean('flagged').notNull().default(false),
    seq: seq(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('set_log_set').on(t.clubId, t.sessionId, t.athleteId, t.slot, t.setNumber),
    index('set_log_athlete').on(t.clubId, t.athleteId, t.exerciseId, t.day),
    index('set_log_day').on(t.clubId, t.athleteId, t.day),
    foreignKey({ columns: [t.clubId, t.sessionId], foreignColumns: [gymSession.clubId, gymSession.id] }).onDelete(
      'cascade',
    ),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** The sets as they stand: `set_log` by the tap done last, none where that one took it back. */
export const setNow = pgView('set_now', {
  clubId: clubId(),
  id: ownId(),
  sessionId: uuid('session_id').notNull(),
  athleteId: uuid('athlete_id').notNull(),
  slot: text('slot').notNull(),
  setNumber: integer('set_number').notNull(),
  day: date('day', { mode: 'string' }).notNull(),
  exerciseId: text('exercise_id').notNull(),
  row: text('row').$type<DoseRowId>().notNull(),
  written: jsonb('written').$type<Dose>().notNull(),
  based: jsonb('based').$type<Dose>(),
  eased: jsonb('eased').$type<readonly string[]>().notNull(),
  amount: doublePrecision('amount').notNull(),
  loadKg: doublePrecision('load_kg'),
  rir: integer('rir'),
  fault: text('fault'),
  output: doublePrecision('output'),
  asWritten: boolean('as_written').notNull(),
  doneAt: timestamp('done_at', { withTimezone: true }).notNull(),
  flagged: boolean('flagged').notNull(),
}).existing();

/** A next-morning answer, append-only: of a day the last one counts. */
export const checkIn = pgTable(
  'check_in',
  {
    clubId: clubId(),
    id: ownId(),
    athleteId: uuid('athlete_id').notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    answer: text('answer', { enum: ['fine', 'usual', 'tight', 'pain'] }).notNull(),
    place: text('place'),
    side: text('side', { enum: ['left', 'right', 'both'] }),
    score: integer('score'),
    signs: jsonb('signs').$type<readonly string[]>().notNull(),
    byStaff: text('by_staff'),
    /** how hard the last session was, 0–10, and which it was; null = not said */
    rpe: integer('rpe'),
    sessionId: uuid('session_id'),
    createdAt: createdAt(),
    seq: seq(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('check_in_athlete').on(t.clubId, t.athleteId, t.day, t.seq),
    index('check_in_effort')
      .on(t.clubId, t.sessionId)
      .where(sql`rpe is not null`),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** Everything else that happened, append-only: steps, closings, complaints, clearances, referrals, ways back that are over, calls answered, what is done beside the sessions. */
export const fact = pgTable(
  'fact',
  {
    clubId: clubId(),
    id: ownId(),
    seq: seq(),
    kind: text('kind', {
      enum: [
        'opened',
        'step',
        'closed',
        'complaint',
        'clearance',
        'referral',
        'returned',
        'call',
        'side-given',
        'side',
      ],
    }).notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    writtenAt: timestamp('written_at', { withTimezone: true }).notNull().defaultNow(),
    /** user id of staff, `athlete:<id>`, `rule` or `migration` */
    actor: text('actor').notNull(),
    athleteId: uuid('athlete_id'),
    squadId: uuid('squad_id'),
    sessionId: uuid('session_id'),
    exerciseId: text('exercise_id'),
    row: text('row').$type<DoseRowId>(),
    body: jsonb('body').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('fact_athlete').on(t.clubId, t.athleteId, t.kind, t.day, t.seq),
    index('fact_session').on(t.clubId, t.sessionId),
    index('fact_day').on(t.clubId, t.day),
    index('fact_kind').on(t.clubId, t.kind, t.day),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** What an athlete owns, folded from the facts: a row so that pages are fast; it can be rebuilt at any time. */
export const track = pgTable(
  'track',
  {
    clubId: clubId(),
    athleteId: uuid('athlete_id').notNull(),
    exerciseId: text('exercise_id').notNull(),
    row: text('row').$type<DoseRowId>().notNull(),
    role: text('role').notNull().default(''),
    state: jsonb('state').$type<Track>().notNull(),
    lastDone: date('last_done', { mode: 'string' }),
    foldVersion: integer('fold_version').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.athleteId, t.exerciseId, t.row, t.role] }),
    index('track_recent').on(t.clubId, t.lastDone),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** A command that was carried out, with its answer: a repeat is answered the same and does nothing. */
export const command = pgTable(
  'command',
  {
    clubId: clubId(),
    id: ownId(),
    verb: text('verb').notNull(),
    actor: text('actor').notNull(),
    hash: text('hash').notNull(),
    answer: jsonb('answer'),
    /** the form it came from, on its page: null = none */
    pageId: uuid('page_id'),
    /** what it wrote of a record's fields, as marks: the same page may correct that */
    wrote: jsonb('wrote').$type<Readonly<Record<string, string>>>(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('command_at').on(t.clubId, t.at),
    index('command_page').on(t.clubId, t.pageId),
    tenantPolicy(),
  ],
);

/** Every change, append-only: from → to, rules, what they saw, who. */
export const change = pgTable(
  'change',
  {
    clubId: clubId(),
    id: ownId(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    day: date('day', { mode: 'string' }).notNull(),
    actor: text('actor').notNull(),
    subject: text('subject').notNull(),
    athleteId: uuid('athlete_id'),
    squadId: uuid('squad_id'),
    sessionId: uuid('session_id'),
    from: jsonb('from'),
    to: jsonb('to'),
    rules: jsonb('rules').$type<readonly string[]>().notNull(),
    saw: jsonb('saw'),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('change_athlete').on(t.clubId, t.athleteId, t.at),
    index('change_day').on(t.clubId, t.day),
    tenantPolicy(),
  ],
);

/** Who looked at an athlete's health notes (SAFE-7), append-only. */
export const healthView = pgTable(
  'health_view',
  {
    clubId: clubId(),
    id: ownId(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
    userId: text('user_id').notNull(),
    athleteId: uuid('athlete_id').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('health_view_athlete').on(t.clubId, t.athleteId, t.at),
    tenantPolicy(),
  ],
);

/** Which transactions wrote anything of a club, by triggers: whoever keeps what it read asks whether one came since. */
export const clubTouch = pgTable(
  'club_touch',
  {
    clubId: clubId(),
    xid: xid8('xid').notNull(),
    at: timestamp('at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.clubId, t.xid] }), index('club_touch_at').on(t.clubId, t.at), tenantPolicy()],
);
