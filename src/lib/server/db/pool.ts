import pg from 'pg';
import { databasePatience } from '../config';

/** How long anything may wait on PostgreSQL, ms. Beyond it the request is answered "not now" rather than hung. */
const LIMITS = {
  /** for a free connection, or for one to be made */
  connectionTimeoutMillis: 4_000,
  statement_timeout: 15_000,
  lock_timeout: 5_000,
  idle_in_transaction_session_timeout: 20_000,
} as const;
const limits = (): Record<keyof typeof LIMITS, number> => {
  const times = databasePatience();
  return {
    connectionTimeoutMillis: LIMITS.connectionTimeoutMillis * times,
    statement_timeout: LIMITS.statement_timeout * times,
    lock_timeout: LIMITS.lock_timeout * times,
    idle_in_transaction_session_timeout: LIMITS.idle_in_transaction_session_timeout * times,
  };
};

/**
 * A pool that outlives its database: a connection lost while idle or in use is logged and replaced at the next request,
 * and never ends the process.
 * @param max connections at most
 */
export function makePool(connectionString: string, max: number): pg.Pool {
  const pool = new pg.Pool({ connectionString, max, keepAlive: true, ...limits() });
  const log = (failure: Error): void => {
    console.error(`database connection lost: ${(failure as { code?: string }).code ?? failure.message}`);
  };
  pool.on('error', log);
  // the pool's own listener stands only while a client is idle: one in use would end the process
  pool.on('connect', (client) => client.on('error', () => undefined));
  return pool;
}

/** PostgreSQL is starting, stopping, gone, full or too slow: the same request may do in a moment. */
const AWAY_CODES =
  /^(08\d{3}|57P0[1-5]|53[0-9A-Z]{3}|57014|55P03|25P03|ECONN\w+|ETIMEDOUT|EPIPE|ENOENT|ENOTFOUND|EAI_AGAIN)$/;
/** The driver's own words, from their start: what wraps a failure tells the query, and with it what somebody typed. */
const AWAY_WORDS =
  /^(timeout exceeded when trying to connect|Connection terminated|Client (was closed|has encountered a connection error))/;

/**
 * The code or words by which a failure says that the database could not be had just now, wherever in the chain of causes;
 * never a value. null = another failure.
 */
export function reasonAway(failure: unknown): string | null {
  for (let at: unknown = failure, depth = 0; at instanceof Error && depth < 6; at = at.cause, depth++) {
    const code: unknown = (at as { code?: unknown }).code;
    if (typeof code === 'string' && AWAY_CODES.test(code)) return code;
    const words = AWAY_WORDS.exec(at.message)?.[0];
    if (words !== undefined) return words;
  }
  return null;
}

/** Whether a failure says that the database could not be had just now. */
export const isAway = (failure: unknown): boolean => reasonAway(failure) !== null;
