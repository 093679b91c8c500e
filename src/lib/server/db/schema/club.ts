import { jsonb, pgTable, primaryKey, text, uuid } from 'drizzle-orm/pg-core';
import type { Schools } from '$core/choose';
import { clubId, createdAt, tenantPolicy, version } from './columns';

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
    schools: jsonb('schools').$type<Schools>().notNull(),
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
