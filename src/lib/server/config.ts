import { readFileSync } from 'node:fs';
import { isDay, type Day } from '$core/calendar';

/** Everything the process is told from outside, read in one place. */
const need = (name: string): string => {
  const value = process.env[name];
  if (value === undefined || value === '') throw new Error(`${name} is not set: start with ./start, or see README`);
  return value;
};

/**
 * Three connections, three roles: the owner migrates, the application works under row-level security, sign-in sees only
 * its own schema. With DATABASE_URL alone the other two are the same login stepping into the smaller role.
 */
export const databaseUrls = (): { owner: string; app: string; auth: string } => {
  const owner = need('DATABASE_URL');
  return {
    owner,
    app: process.env.DATABASE_APP_URL ?? withRole(owner, 'jaleo_app'),
    auth: process.env.DATABASE_AUTH_URL ?? withRole(owner, 'jaleo_auth'),
  };
};

function withRole(url: string, role: string): string {
  const changed = new URL(url);
  changed.searchParams.set('options', `-c role=${role}`);
  return changed.toString();
}

/** How many times the usual waits on the database are borne: DATABASE_PATIENCE, for a slow or busy machine. 1–20. */
export function databasePatience(): number {
  const set = process.env.DATABASE_PATIENCE;
  if (set === undefined || set === '') return 1;
  const times = Number(set);
  if (!(times >= 1 && times <= 20)) throw new Error(`DATABASE_PATIENCE must be a number from 1 to 20, got “${set}”`);
  return times;
}

export const origin = (): string => process.env.ORIGIN ?? 'http://localhost:3000';
export const authSecret = (): string => need('AUTH_SECRET');

/**
 * Today in the club's zone. JALEO_TODAY, a day or a file that holds one and is read each time, sets it for the demo and
 * for tests.
 */
export function today(zone: string): Day {
  const set = process.env.JALEO_TODAY;
  if (set !== undefined && set !== '') {
    const text = isDay(set) ? set : readFileSync(set, 'utf8').trim();
    if (!isDay(text)) throw new Error(`JALEO_TODAY must be a day or a file with one, got “${String(text)}”`);
    return text;
  }
  return new Intl.DateTimeFormat('en-CA', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(
    new Date(),
  );
}

const QUARTER_MS = 15 * 60_000;

/** Changes whenever any club's day may: clubs' midnights fall on quarters of an hour. */
export function todayMark(): string {
  const set = process.env.JALEO_TODAY;
  return set !== undefined && set !== '' ? today('UTC') : String(Math.floor(Date.now() / QUARTER_MS));
}

/** Where the jump mat's line stream is: JALEO_MAT as host:port, else the simulated one's place on loopback. */
export function matAddress(): { host: string; port: number } {
  const [host = '', port = ''] = (process.env.JALEO_MAT ?? '').split(':');
  return { host: host || '127.0.0.1', port: Number(port) || 7117 };
}

/** Whether strangers may make clubs here; JALEO_SIGN_UP=closed leaves the way in by a head coach's link. */
export const signUpIsOpen = (): boolean => process.env.JALEO_SIGN_UP !== 'closed';
