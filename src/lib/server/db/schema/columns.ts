import { sql } from 'drizzle-orm';
import { bigint, customType, integer, pgPolicy, timestamp, uuid } from 'drizzle-orm/pg-core';

/** First in every table, key and index: rows can later be spread over machines by club. */
export const clubId = () => uuid('club_id').notNull();
/** Ids are made by the client (v7), so that a repeated write is recognised. */
export const ownId = () => uuid('id').notNull();
export const version = () => integer('version').notNull().default(1);
export const createdAt = () => timestamp('created_at', { withTimezone: true }).notNull().defaultNow();

/** One order of writing over all facts, whichever table they stand in (sequence `fact_seq`). */
export const seq = () =>
  bigint('seq', { mode: 'number' })
    .notNull()
    .default(sql`nextval('fact_seq')`);

/** Rows of the club the transaction speaks for, and no others; the sub-select is evaluated once and uses the index. */
const ofClub = sql`club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)`;
export const tenantPolicy = () =>
  pgPolicy('tenant', { as: 'permissive', for: 'all', using: ofClub, withCheck: ofClub });

/** A transaction's number, as PostgreSQL counts it. */
export const xid8 = customType<{ data: string }>({ dataType: () => 'xid8' });
