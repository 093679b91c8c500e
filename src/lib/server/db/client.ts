import { AsyncLocalStorage } from 'node:async_hooks';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { sql } from 'drizzle-orm';
import type pg from 'pg';
import { orAway } from '../away';
import { databaseUrls } from '../config';
import { makePool } from './pool';
import * as schema from './schema';

export type Tx = Parameters<Parameters<NodePgDatabase<typeof schema>['transaction']>[0]>[0];

/** How many statements a request has sent, so that a page's count is known and a test can hold it. */
export const queryCount = new AsyncLocalStorage<{ count: number }>();
const logger = {
  logQuery(query: string): void {
    const store = queryCount.getStore();
    // opening and closing the tenant's transaction is not one of the page's own questions
    if (store && !/^(begin|commit|rollback|select set_config)/.test(query)) store.count += 1;
  },
};

let pool: pg.Pool | undefined;
let database: NodePgDatabase<typeof schema> | undefined;

function open(): NodePgDatabase<typeof schema> {
  pool ??= makePool(databaseUrls().app, 10);
  database ??= drizzle(pool, { schema, logger });
  return database;
}

const SNAPSHOT = /^\d+:\d+:[\d,]*$/;
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/**
 * Opens a transaction that sees one club's rows and no others: the only way to tenant data. Row-level security holds
 * even when a query forgets the club.
 * @throws {RangeError} the club id is not a uuid
 * @throws {HttpError} 503, the database cannot be had just now
 */
export async function withClub<T>(clubId: string, work: (tx: Tx) => Promise<T>): Promise<T> {
  if (!UUID.test(clubId)) throw new RangeError(`withClub: clubId must be a uuid, got ${clubId}`);
  try {
    return await open().transaction(async (tx) => {
      await tx.execute(sql`select set_config('app.club_id', ${clubId}, true)`);
      return work(tx);
    });
  } catch (failure) {
    return orAway(failure);
  }
}

/**
 * Whether anything of a club was written that a snapshot had not seen, in one round trip.
 * @param snapshot null = nothing is known yet
 * @returns the snapshot of now, for the next time
 * @throws {HttpError} 503, the database cannot be had just now
 */
export async function checkTouched(
  clubId: string,
  snapshot: string | null,
): Promise<{ snapshot: string; touched: boolean }> {
  if (!UUID.test(clubId) || (snapshot !== null && !SNAPSHOT.test(snapshot)))
    throw new RangeError('checkTouched: clubId must be a uuid and snapshot one of PostgreSQL’s');
  open();
  const seen = snapshot === null ? 'false' : `pg_visible_in_snapshot(xid, '${snapshot}'::pg_snapshot)`;
  try {
    // several statements in one message take no parameters; both texts are checked above
    const answers = (await pool?.query(
      `begin read only; set local app.club_id = '${clubId}';
       select pg_current_snapshot()::text as snapshot,
         exists (select 1 from club_touch where club_id = '${clubId}' and not ${seen}) as touched; commit`,
    )) as unknown as readonly pg.QueryResult<{ snapshot: string; touched: boolean }>[];
    const row = answers[2]?.rows[0];
    if (!row) throw new Error('checkTouched: no answer');
    return row;
  } catch (failure) {
    return orAway(failure);
  }
}

/** A statement that belongs to no club: row-level security shows it no club's rows. */
export async function outsideClubs<T extends pg.QueryResultRow>(text: string): Promise<pg.QueryResult<T>> {
  open();
  if (!pool) throw new Error('outsideClubs: the pool was closed');
  return pool.query<T>(text);
}

/** Ends the pool so that the process can stop. */
export async function closeDatabase(): Promise<void> {
  await pool?.end();
  pool = undefined;
  database = undefined;
}
