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
import type { Clearance } from '$core/safety';
import type { Schools } from '$core/method';
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
    guardianConsent: boolean('guardian_consent').notNull().default(false),
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

/** A lift (load × reps with RIR), a jump (value in m), or a screen (passed or failed), on a day. */
export const testResult = pgTable(
  'test_result',
  {
    clubId: clubId(),
    id: ownId(),
    athleteId: uuid('athlete_id').notNull(),
    test: text('test').notNull(),
    day: date('day', { mode: 'string' }).notNull(),
    passed: boolean('passed'),
    value: doublePrecision('value'),
    loadKg: doublePrecision('load_kg'),
    reps: integer('reps'),
    rir: integer('rir'),
    createdAt: createdAt(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('test_result_athlete').on(t.clubId, t.athleteId, t.day),
    foreignKey({ columns: [t.clubId, t.athleteId], foreignColumns: [athlete.clubId, athlete.id] }).onDelete('cascade'),
    tenantPolicy(),
  ],
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
    clearance: jsonb('clearance').$type<Clearance | null>(),
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
    version: version(),
  },
  (t) => [
    primaryKey({ columns: [t.clubId, t.id] }),
    index('event_squad').on(t.clubId, t.squadId, t.day),
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
