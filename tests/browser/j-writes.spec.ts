import { readdirSync, readFileSync } from 'node:fs';
import { expect, request, test, type APIRequestContext, type Page } from '@playwright/test';
import pg from 'pg';
import { setToday, signIn, TUESDAY } from './app';

/**
 * Every write of the application, sent as the head coach's own pages would send it, by everybody who may not: after each
 * the rows of the club and of sign-in are what they were.
 */
const base = process.env.BASE_URL!;
/** Anybody's own doing, or open to whoever holds the link. */
const OWN = /^\/(account|sign-in|sign-up|sign-out|theme|join|a\/)/;
const BY_LOGGERS = '/start/[squadId]/[day]/import';
const API = [
  '/api/sessions/[id]',
  '/api/sessions/[id]/close',
  '/api/sets',
  '/api/check-ins',
  '/api/results',
  '/api/decisions',
  '/api/kept-cards',
];
const BY_PUT = ['/api/sessions/[id]', '/api/kept-cards'];

interface Write {
  readonly route: string;
  readonly action: string;
}

/** Names of a literal's own keys, two spaces in, or all in one line. */
const keysOf = (block: string): string[] => [
  ...[...block.matchAll(/^ {2}(?:async )?(\w+)(?::|\()/gm)].map(([, name]) => name!),
  ...[...(/^export const actions = \{ (.*) \};/.exec(block)?.[1] ?? '').matchAll(/(\w+):/g)].map(([, name]) => name!),
];
/** Forms by the name they are exported under, those spread into others with them. */
const FORMS = new Map<string, string[]>();
for (const file of [
  'squad',
  'season-steps',
  ...readdirSync('src/lib/server/forms').map((one) => one.replace('.ts', '')),
]) {
  const text = readFileSync(`src/lib/server/forms/${file}.ts`, 'utf8');
  for (const [block, name] of text.matchAll(/export const (\w+Forms) = \{[\s\S]*?\n\};/g))
    FORMS.set(name!, [
      ...keysOf(block.replace(/^.*\n/, '')),
      ...[...block.matchAll(/\.\.\.(\w+)/g)].flatMap(([, other]) => FORMS.get(other!) ?? []),
    ]);
}

function actionsOf(dir: string, route = ''): Write[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((found) => {
    const path = `${dir}/${found.name}`;
    if (found.isDirectory()) return actionsOf(path, found.name.startsWith('(') ? route : `${route}/${found.name}`);
    if (found.name !== '+page.server.ts') return [];
    const block = /export const actions[\s\S]*/.exec(readFileSync(path, 'utf8'))?.[0] ?? '';
    const named = /^export const actions = (\w+);/.exec(block)?.[1];
    return (named === undefined ? keysOf(block) : FORMS.get(named)!).map((action) => ({ route, action }));
  });
}
const WRITES = actionsOf('src/routes').filter(({ route }) => !OWN.test(route));

let owner: pg.Client;
const people = new Map<string, APIRequestContext>();
const ids: Record<string, string> = { day: TUESDAY };
let club = '';

test.beforeAll(async ({ browser }) => {
  setToday(TUESDAY);
  owner = new pg.Client({ connectionString: process.env.DATABASE_URL });
  await owner.connect();
  const enter = async (who: string, email: string): Promise<void> => {
    const context = await request.newContext({ baseURL: base, extraHTTPHeaders: { origin: base } });
    if (email !== '') {
      const form = { email, password: 'tuesday-lift' };
      const answer = await context.post('/sign-in', { form, headers: { accept: 'text/html' }, maxRedirects: 0 });
      expect(answer.status()).toBe(303);
    }
    people.set(who, context);
  };
  await enter('nobody', '');
  const email = `writes${Date.now()}@club.example`;
  const person = { name: 'Ivo Brand', club: 'Beyond', email, password: 'tuesday-lift', zone: 'Europe/Madrid' };
  expect((await people.get('nobody')!.post('/sign-up', { form: person })).ok()).toBe(true);
  await enter('nobody', '');
  await enter('other club', email);
  for (const role of ['assistant', 'physio', 'athlete']) await enter(role, `${role}@jaleo.example`);
  const page = await browser.newPage({ baseURL: base });
  await signIn(page);
  const html = await (await page.request.get('/calls')).text();
  ids.squadId = /\/calls\?squad=([0-9a-f-]{36})/.exec(html)![1]!;
  const roster = await (await page.request.get(`/squad/${ids.squadId}`)).text();
  ids.athleteId = new RegExp(`/squad/${ids.squadId}/([0-9a-f-]{36})`).exec(roster)![1]!;
  const season = await (await page.request.get(`/season/${ids.squadId}`)).text();
  ids.eventId = /\/event\/([0-9a-f-]{36})/.exec(season)![1]!;
  const bench = await (await page.request.get(`/bench/${ids.squadId}/2026-11-21`)).text();
  ids.id = /\/floor\/([0-9a-f-]{36})/.exec(bench)![1]!;
  const { rows } = await owner.query<{ id: string }>(`
    select m.organization_id as id from auth.member m join auth."user" u on u.id = m.user_id
    where u.email = 'coach@jaleo.example'`);
  club = rows[0]!.id;
  await page.close();
});
test.afterAll(async () => {
  await owner.end();
  for (const context of people.values()) await context.dispose();
});

/** One hash a table of what the club holds and of who may sign in; what a look or a try leaves behind is not the club's. */
async function hashes(): Promise<Record<string, string>> {
  const { rows: tables } = await owner.query<{ schema: string; name: string }>(`
    select schemaname as schema, tablename as name from pg_tables
    where schemaname = 'public' or (schemaname = 'auth' and tablename in ('user', 'member', 'account', 'invite', 'organization'))
    order by 1, 2`);
  await owner.query(`select set_config('app.club_id', $1, false)`, [club]);
  const found: Record<string, string> = {};
  for (const { schema, name } of tables.filter((one) => !['club_touch', 'health_view'].includes(one.name))) {
    const { rows } = await owner.query<{ hash: string }>(
      `select count(*) || ' ' || coalesce(md5(string_agg(t::text, '|' order by t::text)), '') as hash from "${schema}"."${name}" t
       ${['invite', 'member'].includes(name) ? `where organization_id = '${club}'` : ''}`,
    );
    found[`${schema}.${name}`] = rows[0]!.hash;
  }
  return found;
}

const fill = (route: string): string =>
  (route.startsWith('/library/') ? route.replace('[id]', 'back-squat') : route).replace(
    /\[(\w+)\]/g,
    (_all, name: string) => ids[name]!,
  );

/** The forms of a page as they would be sent, with something plausible in what is empty. */
async function formsOf(page: Page, path: string): Promise<Map<string, Record<string, string>>> {
  await page.goto(path);
  const found = await page.evaluate(() =>
    [...document.querySelectorAll<HTMLFormElement>('form[method="post" i]')].map((form) => {
      const typed: Record<string, string> = {};
      for (const field of form.elements) {
        if (!(
          field instanceof HTMLInputElement ||
          field instanceof HTMLSelectElement ||
          field instanceof HTMLTextAreaElement
        ))
          continue;
        if (field.name === '' || field.type === 'file') continue;
        const plausible = { date: '2026-11-30', number: '3', email: 'stray@club.example' } as Record<string, string>;
        typed[field.name] = field.value || plausible[field.type] || 'Stray';
      }
      return { action: new URL(form.action).search.slice(2), typed };
    }),
  );
  return new Map(found.map(({ action, typed }) => [action, typed]));
}

test('nobody but who may changes a row, whatever is sent', async ({ page }) => {
  test.slow();
  await signIn(page);
  expect(WRITES.length).toBeGreaterThan(60);
  const before = await hashes();
  expect(Object.values(before).filter((hash) => !hash.startsWith('0 ')).length).toBeGreaterThan(20);
  let asShown = 0;
  const routes = [...new Set(WRITES.map(({ route }) => route))];
  for (const route of routes) {
    const forms = await formsOf(page, fill(route));
    for (const { action } of WRITES.filter((one) => one.route === route)) {
      const form = forms.get(action) ?? { name: 'Stray', id: ids.athleteId!, squadId: ids.squadId!, reason: 'Stray' };
      if (forms.has(action)) asShown += 1;
      for (const [who, context] of people) {
        if (who === 'assistant' && route === BY_LOGGERS) continue;
        // one's own club is not the club that is looked at
        const answer = await context.post(`${fill(route)}?/${action}`, { form, maxRedirects: 0 });
        expect(answer.status(), `${who} ${route} ${action}`).toBeLessThan(500);
        if (!['other club', 'nobody'].includes(who)) expect(answer.status(), `${who} ${route} ${action}`).toBe(403);
      }
    }
    expect(await hashes(), route).toEqual(before);
  }
  expect(asShown).toBeGreaterThan(15);
  const row = { id: ids.id, squadId: ids.squadId, athleteId: ids.athleteId, day: TUESDAY };
  for (const route of API)
    for (const [who, context] of people) {
      const path = fill(route);
      const data = { ...row, sets: [row], answers: [row], cells: [row], items: [row], decisions: [row], lines: [] };
      const answer = BY_PUT.includes(route) ? await context.put(path, { data }) : await context.post(path, { data });
      // what takes many things answers for each of them
      if (answer.status() === 200) expect(await answer.text(), `${who} ${route}`).not.toContain('"kept"');
      else expect([400, 401, 403, 404], `${who} ${route}`).toContain(answer.status());
    }
  expect(await hashes()).toEqual(before);
});
