import { betterAuth } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { organization } from 'better-auth/plugins';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import type pg from 'pg';
import { v7 } from 'uuid';
import { authSecret, databaseUrls, origin } from '../config';
import { makePool } from '../db/pool';
import * as tables from '../db/schema/auth';
import { accessControl, organizationRoles } from './access';

let pool: pg.Pool | undefined;

/** The sign-in schema's own connection: its role sees nothing of the clubs. */
export const authDatabase = (): NodePgDatabase => drizzle((pool ??= makePool(databaseUrls().auth, 4)));

/** A coach signs in about twice a month. */
const SESSION_S = 14 * 86_400;

const make = () =>
  betterAuth({
    appName: 'Jaleo',
    baseURL: origin(),
    secret: authSecret(),
    telemetry: { enabled: false },
    database: drizzleAdapter(authDatabase(), { provider: 'pg', schema: tables }),
    advanced: { database: { generateId: () => v7() }, useSecureCookies: origin().startsWith('https:') },
    emailAndPassword: { enabled: true, minPasswordLength: 10, autoSignIn: false },
    // wrong tries are counted by us (`attempts`), before the library is asked; its own doors are shut
    rateLimit: { enabled: false },
    session: { cookieCache: { enabled: false }, expiresIn: SESSION_S },
    plugins: [
      organization({
        ac: accessControl,
        roles: organizationRoles,
        creatorRole: 'head-coach',
        allowUserToCreateOrganization: false,
      }),
    ],
  });

let instance: ReturnType<typeof make> | undefined;

/** Sign-in, made on first use so that a build needs no database. */
export const auth = (): ReturnType<typeof make> => (instance ??= make());

export async function closeAuth(): Promise<void> {
  await pool?.end();
  pool = undefined;
  instance = undefined;
}
