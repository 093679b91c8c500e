import { integer, jsonb, pgTable, primaryKey, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import { DAY_ORDERS } from '$core/calendar';
import type { Schools } from '$core/method';
import type { Kit } from '$lib/model/kit';
import { clubId, createdAt, ownId, tenantPolicy, version } from './columns';

export const club = pgTable(
  'club',
  {
    clubId: uuid('club_id').primaryKey(),
    name: text('name').notNull(),
    zone: text('zone').notNull(),
    massUnit: text('mass_unit', { enum: ['kg', 'lb'] })
      .notNull()
      .default('kg'),
    lengthUnit: text('length_unit', { enum: ['cm', 'in'] })
      .notNull()
      .default('cm'),
    /** how days are told and read */
    dayOrder: text('day_order', { enum: DAY_ORDERS }).notNull().default('day-first'),
    /** how long closed complaints and mornings are kept (SAFE-7) */
    healthMonths: integer('health_months').notNull().default(24),
    schools: jsonb('schools').$type<Partial<Schools>>().notNull(),
    version: version(),
    createdAt: createdAt(),
  },
  () => [tenantPolicy()],
);

/** Lets history name people without reading the sign-in schema. */
export const staff = pgTable(
  'staff',
  { clubId: clubId(), userId: text('user_id').notNull(), displayName: text('display_name').notNull() },
  (t) => [primaryKey({ columns: [t.clubId, t.userId] }), tenantPolicy()],
);

/** A club's own rows over the built-in tables of the method. */
export const clubTable = pgTable(
  'club_table',
  { clubId: clubId(), table: text('table').notNull(), version: version(), json: jsonb('json').notNull() },
  (t) => [primaryKey({ columns: [t.clubId, t.table] }), tenantPolicy()],
);

/** A named place to train in: what it has, and how much room. Several squads may use one. */
export const facility = pgTable(
  'facility',
  {
    clubId: clubId(),
    id: ownId(),
    name: text('name').notNull(),
    kit: jsonb('kit').$type<Kit>().notNull(),
    version: version(),
  },
  (t) => [primaryKey({ columns: [t.clubId, t.id] }), tenantPolicy()],
);

/** Exercises, ladders and sports a club wrote or changed; `base` = the built-in entry as it was then, null = the club's own. */
export const libraryEntry = pgTable(
  'library_entry',
  {
    clubId: clubId(),
    kind: text('kind', { enum: ['exercise', 'ladder', 'sport'] }).notNull(),
    id: text('id').notNull(),
    json: jsonb('json').notNull(),
    base: jsonb('base'),
    version: version(),
    changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.clubId, t.kind, t.id] }), tenantPolicy()],
);
