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
  unique,
  uniqueIndex,
  uuid,
} from 'drizzle-orm/pg-core';
import type { Dose } from '$core/dose';
import type { DoseRowId } from '$core/method';
import type { Change } from '$core/progress';
import type { Reason } from '$core/result';
import { athlete, squad } from './squad';
import { clubId, createdAt, ownId, tenantPolicy, version } from './columns';

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
    reasons: jsonb('reasons').$type<readonly Reason[]>().notNull(),
    pinned: boolean('pinned').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.sessionId, t.slot] }),
    foreignKey({ columns: [t.clubId, t.sessionId], foreignColumns: [gymSession.clubId, gymSession.id] }).onDelete(
      'cascade',
    ),
    tenantPolicy(),
  ],
);

export const lineOverride = pgTable(
  'line_override',
  {
    clubId: clubId(),
    sessionId: uuid('session_id').notNull(),
    slot: text('slot').notNull(),
    athleteId: uuid('athlete_id').notNull(),
    exerciseId: text('exercise_id'),
    row: text('row').$type<DoseRowId>().notNull(),
    dose: jsonb('dose').$type<Dose>().notNull(),
    reasons: jsonb('reasons').$type<readonly Reason[]>().notNull(),
    typed: boolean('typed').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.sessionId, t.slot, t.athleteId] }),
    foreignKey({ columns: [t.clubId, t.sessionId], foreignColumns: [gymSession.clubId, gymSession.id] }).onDelete(
      'cascade',
    ),
    tenantPolicy(),
  ],
);

/** One set of one athlete. What was written stands beside what was done, so that history does not change with the card. */
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
    amount: doublePrecision('amount').notNull(),
    loadKg: doublePrecision('load_kg'),
    rir: integer('rir'),
    fault: text('fault'),
    asWritten: boolean('as_written').notNull(),
    doneAt: timestamp('done_at', { withTimezone: true }).notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    uniqueIndex('set_log_once').on(t.clubId, t.sessionId, t.athleteId, t.slot, t.setNumber),
    index('set_log_athlete').on(t.clubId, t.athleteId, t.day),
    index('set_log_session').on(t.clubId, t.sessionId),
    foreignKey({ columns: [t.clubId, t.sessionId], foreignColumns: [gymSession.clubId, gymSession.id] }),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** The next-morning answer, one a day. */
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
    createdAt: createdAt(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    uniqueIndex('check_in_once').on(t.clubId, t.athleteId, t.day),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
);

/** A change the rules call for, waiting for the coach. */
export const proposal = pgTable(
  'proposal',
  {
    clubId: clubId(),
    id: ownId(),
    athleteId: uuid('athlete_id').notNull(),
    squadId: uuid('squad_id').notNull(),
    sessionId: uuid('session_id').notNull(),
    slot: text('slot').notNull(),
    row: text('row').$type<DoseRowId>().notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    kind: text('kind').$type<Change['kind']>().notNull(),
    from: jsonb('from').$type<Change['from']>().notNull(),
    to: jsonb('to').$type<Change['to']>().notNull(),
    rules: jsonb('rules').$type<readonly string[]>().notNull(),
    saw: jsonb('saw').$type<Change['saw']>().notNull(),
    state: text('state', { enum: ['open', 'accepted', 'held'] })
      .notNull()
      .default('open'),
    decidedBy: text('decided_by'),
    decidedDay: date('decided_day', { mode: 'string' }),
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    uniqueIndex('proposal_once').on(t.clubId, t.athleteId, t.sessionId, t.slot),
    index('proposal_state').on(t.clubId, t.state, t.squadId),
    index('proposal_session').on(t.clubId, t.sessionId),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
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
