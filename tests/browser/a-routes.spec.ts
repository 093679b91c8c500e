import { readdirSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { expect, request, test, type APIRequestContext } from '@playwright/test';
import { setToday, TUESDAY } from './app';

const base = process.env.BASE_URL!;
type Who = 'nobody' | 'other' | 'head-coach' | 'assistant' | 'physio-read' | 'athlete';

/** Open to the staff of any club, each to its own; and to the staff of this club alone. */
const STAFF = {
  nobody: 'in',
  other: 200,
  'head-coach': 200,
  assistant: 200,
  'physio-read': 200,
  athlete: 403,
} as const;
const OWN_CLUB = { ...STAFF, other: 404 } as const;

/**
 * What each route answers to whom: `in` = sign in first, `no` = forbidden, `?` = not there for this club. A route
 * that is not in this table fails the test. `other` is the head coach of another club.
 */
const READ: Readonly<Record<string, Partial<Record<Who, number | 'in'>> & { all?: number }>> = {
  '/': STAFF,
  '/healthz': { all: 200 },
  '/readyz': { all: 200 },
  '/join/[token]': { all: 404 },
  '/account': STAFF,
  '/settings/people': STAFF,
  '/squad/[squadId]/[athleteId]/data.json': {
    nobody: 'in',
    other: 404,
    'head-coach': 200,
    assistant: 403,
    'physio-read': 200,
    athlete: 403,
  },
  '/sign-in': { all: 200 },
  '/sign-up': { all: 200 },
  '/sign-out': { nobody: 'in', other: 405, 'head-coach': 405, assistant: 405, 'physio-read': 405, athlete: 405 },
  '/theme': { all: 405 },
  '/calls': STAFF,
  '/squad': STAFF,
  '/squad/[squadId]': OWN_CLUB,
  '/squad/[squadId]/balance': OWN_CLUB,
  '/squad/[squadId]/history': OWN_CLUB,
  '/squad/[squadId]/links': OWN_CLUB,
  '/squad/[squadId]/beside': OWN_CLUB,
  '/squad/[squadId]/[athleteId]': OWN_CLUB,
  '/squad/[squadId]/[athleteId]/start': OWN_CLUB,
  '/squad/[squadId]/[athleteId]/history': OWN_CLUB,
  '/start': STAFF,
  '/start/[squadId]/[day]': OWN_CLUB,
  '/start/[squadId]/[day]/import': {
    nobody: 'in',
    other: 404,
    'head-coach': 200,
    assistant: 200,
    'physio-read': 403,
    athlete: 403,
  },
  '/start/[squadId]/groups': OWN_CLUB,
  '/start/[squadId]/screens/[athleteId]': OWN_CLUB,
  '/season': STAFF,
  '/season/[squadId]': OWN_CLUB,
  '/season/[squadId]/calendar.ics': OWN_CLUB,
  '/season/[squadId]/compare': OWN_CLUB,
  '/season/[squadId]/event/[eventId]': OWN_CLUB,
  '/season/[squadId]/plan.csv': OWN_CLUB,
  '/season/[squadId]/season.json': OWN_CLUB,
  '/season/[squadId]/remedies': OWN_CLUB,
  '/measure': STAFF,
  '/api/mat': { nobody: 401, other: 200, 'head-coach': 200, assistant: 200, 'physio-read': 403, athlete: 403 },
  '/api/results': { nobody: 401, other: 400, 'head-coach': 400, assistant: 400, 'physio-read': 400, athlete: 403 },
  '/bench': STAFF,
  '/bench/[squadId]/[day]': OWN_CLUB,
  '/floor': STAFF,
  '/floor/[sessionId]': OWN_CLUB,
  '/print/[sessionId]': OWN_CLUB,
  '/print/[sessionId]/each': OWN_CLUB,
  '/print/season/[squadId]': OWN_CLUB,
  '/library': STAFF,
  '/library/index.json': STAFF,
  '/library/ladders': STAFF,
  '/library/sports': STAFF,
  '/library/exchange': STAFF,
  '/library/exchange/library.json': STAFF,
  '/library/exchange/exercises.csv': STAFF,
  '/library/exchange/schema.json': STAFF,
  '/settings': STAFF,
  '/settings/places': STAFF,
  '/settings/policy': STAFF,
  '/settings/method': STAFF,
  '/library/[id]': STAFF,
  '/library/[id]/edit': {
    nobody: 'in',
    other: 200,
    'head-coach': 200,
    assistant: 403,
    'physio-read': 403,
    athlete: 403,
  },
  '/calendar/[token].ics': { all: 404 },
  '/a/[token]': { all: 404 },
  '/a/[token]/calendar.ics': { all: 404 },
  '/a/[token]/card': { all: 404 },
  '/a/[token]/moment': { all: 404 },
  '/a/[token]/side': { all: 404 },
  '/api/sessions/[id]': {
    nobody: 401,
    other: 405,
    'head-coach': 405,
    assistant: 405,
    'physio-read': 405,
    athlete: 403,
  },
  '/api/sessions/[id]/close': {
    nobody: 401,
    other: 405,
    'head-coach': 405,
    assistant: 405,
    'physio-read': 405,
    athlete: 403,
  },
  '/api/bench/[squadId]/[day]': {
    nobody: 401,
    other: 404,
    'head-coach': 200,
    assistant: 403,
    'physio-read': 403,
    athlete: 403,
  },
  '/api/sets': { nobody: 401, other: 405, 'head-coach': 405, assistant: 405, 'physio-read': 405, athlete: 403 },
  '/api/check-ins': { nobody: 401, other: 405, 'head-coach': 405, assistant: 405, 'physio-read': 405, athlete: 403 },
  '/api/kept-cards': { nobody: 401, other: 405, 'head-coach': 405, assistant: 405, 'physio-read': 405, athlete: 403 },
  '/api/decisions': { nobody: 401, other: 405, 'head-coach': 405, assistant: 405, 'physio-read': 405, athlete: 403 },
};

const BY_PUT = ['/api/sessions/[id]', '/api/kept-cards'];
/** Writing: which status a bad body gets when the door is open, and who finds it shut. */
const WRITE: Readonly<Record<string, Record<Who, number>>> = {
  '/api/sessions/[id]': {
    nobody: 401,
    other: 400,
    'head-coach': 400,
    assistant: 403,
    'physio-read': 403,
    athlete: 403,
  },
  '/api/sessions/[id]/close': {
    nobody: 401,
    other: 400,
    'head-coach': 400,
    assistant: 400,
    'physio-read': 403,
    athlete: 403,
  },
  '/api/sets': { nobody: 401, other: 400, 'head-coach': 400, assistant: 400, 'physio-read': 403, athlete: 403 },
  '/api/check-ins': { nobody: 401, other: 400, 'head-coach': 400, assistant: 400, 'physio-read': 403, athlete: 403 },
  '/api/results': { nobody: 401, other: 400, 'head-coach': 400, assistant: 400, 'physio-read': 403, athlete: 403 },
  '/api/kept-cards': { nobody: 401, other: 400, 'head-coach': 400, assistant: 403, 'physio-read': 403, athlete: 403 },
  '/api/decisions': { nobody: 401, other: 400, 'head-coach': 400, assistant: 403, 'physio-read': 403, athlete: 403 },
};

const routesOf = (dir: string): string[] =>
  readdirSync(dir).flatMap((name) => {
    const path = join(dir, name);
    if (statSync(path).isDirectory()) return routesOf(path);
    return /^\+(page\.svelte|page\.server\.ts|server\.ts)$/.test(name)
      ? ['/' + relative('src/routes', dir).replace(/\([^)]*\)\/?/g, '')]
      : [];
  });

const contexts = new Map<Who, APIRequestContext>();
const ids: Record<string, string> = { day: TUESDAY, token: '00000000-0000-7000-8000-000000000000.' + 'A'.repeat(43) };

async function signedIn(email: string): Promise<APIRequestContext> {
  const context = await request.newContext({ baseURL: base, extraHTTPHeaders: { origin: base } });
  const response = await context.post('/sign-in', {
    form: { email, password: 'tuesday-lift' },
    headers: { accept: 'text/html' },
    maxRedirects: 0,
  });
  expect(response.status()).toBe(303);
  return context;
}

test.beforeAll(async () => {
  setToday(TUESDAY);
  contexts.set('nobody', await request.newContext({ baseURL: base, extraHTTPHeaders: { origin: base } }));
  contexts.set('head-coach', await signedIn('coach@jaleo.example'));
  contexts.set('assistant', await signedIn('assistant@jaleo.example'));
  contexts.set('physio-read', await signedIn('physio@jaleo.example'));
  contexts.set('athlete', await signedIn('athlete@jaleo.example'));
  const email = `other${Date.now()}@club.example`;
  const person = { name: 'Vera Oss', club: 'Elsewhere', email, password: 'tuesday-lift', zone: 'Europe/Madrid' };
  const made = await contexts.get('nobody')!.post('/sign-up', { form: person });
  expect(made.ok()).toBe(true);
  contexts.set('other', await signedIn(email));
  const page = await contexts.get('head-coach')!.get('/calls');
  const html = await page.text();
  const squad = /\/calls\?squad=([0-9a-f-]{36})/.exec(html)?.[1] ?? '';
  const roster = await (await contexts.get('head-coach')!.get(`/squad/${squad}`)).text();
  ids.squadId = squad;
  ids.athleteId = new RegExp(`/squad/${squad}/([0-9a-f-]{36})`).exec(roster)?.[1] ?? '';
  // a past card of the demo club, found through the day picker's oldest day
  const bench = await (await contexts.get('head-coach')!.get(`/bench/${squad}/2026-11-21`)).text();
  ids.sessionId = /\/floor\/([0-9a-f-]{36})/.exec(bench)?.[1] ?? '';
  ids.id = ids.sessionId;
  // a squad that has a season, with an event of it
  for (const [, id] of html.matchAll(/\/calls\?squad=([0-9a-f-]{36})/g)) {
    const season = await (await contexts.get('head-coach')!.get(`/season/${id!}`)).text();
    const event = /\/event\/([0-9a-f-]{36})/.exec(season)?.[1];
    if (!event || !season.includes('season.json')) continue;
    Object.assign(ids, { inSeason: id, eventId: event });
  }
  expect(ids.inSeason).toBeDefined();
  for (const [name, value] of Object.entries(ids)) expect(value, name).not.toBe('');
});
test.afterAll(async () => {
  for (const context of contexts.values()) await context.dispose();
});

const fill = (route: string): string =>
  (route.startsWith('/library/')
    ? route.replace('[id]', 'back-squat')
    : route.includes('/season/')
      ? route.replace('[squadId]', '[inSeason]')
      : route
  ).replace(/\[(\w+)\]/g, (_all, name: string) => ids[name]!);

test('every route is known here', () => {
  const routes = [...new Set(routesOf('src/routes'))].sort();
  expect(routes).toEqual(Object.keys(READ).sort());
});

for (const [route, answers] of Object.entries(READ))
  test(`reading ${route}`, async () => {
    for (const [who, context] of contexts) {
      const expected = answers.all ?? answers[who];
      const response = await context.get(fill(route), { maxRedirects: expected === 'in' ? 0 : 5 });
      if (expected === 'in') {
        expect(response.status(), who).toBeGreaterThanOrEqual(300);
        expect(response.headers().location, who).toContain(route === '/' ? '' : '/sign-in');
      } else expect(response.status(), who).toBe(expected);
    }
  });

for (const [route, answers] of Object.entries(WRITE))
  test(`writing ${route}`, async () => {
    for (const [who, context] of contexts) {
      const path = fill(route);
      const response = BY_PUT.includes(route)
        ? await context.put(path, { data: {} })
        : await context.post(path, { data: {} });
      expect(response.status(), who).toBe(answers[who]);
    }
  });

test('forms change nothing for those who may not plan', async () => {
  for (const who of ['assistant', 'physio-read', 'athlete'] as const) {
    for (const [path, form] of [
      [`/squad/${ids.squadId!}?/add`, { names: 'Stray' }],
      ['/settings?/choose', { school: 'jumpRest', option: 'dense', squadId: '' }],
      ['/settings/method?/change', { table: 'doses', path: '["D-STR","sets",0]', value: '9' }],
      ['/library/sports?/weigh', { id: 'ultimate', demand: 'groin', weight: '5' }],
      ['/library/back-squat/edit?/keep', { name: 'Stray' }],
      [`/start/${ids.squadId!}/2026-11-24?/tests`, { tests: 'R1' }],
      [`/squad/${ids.squadId!}/${ids.athleteId!}/start?/focus`, { focus: 'strength' }],
    ] as const)
      expect((await contexts.get(who)!.post(path, { form })).status(), `${who} ${path}`).toBe(403);
  }
  const foreign = await contexts.get('other')!.post(`/squad/${ids.squadId!}?/add`, { form: { names: 'Stray' } });
  expect(await foreign.text()).toContain('There is no such squad');
});

test('health notes reach those who may read them, and nobody else', async () => {
  const calls = await (await contexts.get('head-coach')!.get('/calls')).text();
  expect(calls).toContain('Kaia Maas reports pain');
  expect(await (await contexts.get('assistant')!.get('/calls')).text()).not.toContain('Kaia Maas reports pain');
  const page = await (await contexts.get('assistant')!.get(`/squad/${ids.squadId!}/${ids.athleteId!}`)).text();
  expect(page).not.toContain('Complaints</h2>');
  const squads = [...new Set([...calls.matchAll(/\/calls\?squad=([0-9a-f-]{36})/g)].map((match) => match[1]!))];
  const rosters = (who: Who) =>
    Promise.all(squads.map(async (id) => (await contexts.get(who)!.get(`/squad/${id}`)).text()));
  expect((await rosters('physio-read')).join()).toContain('knee 4');
  const assistant = (await rosters('assistant')).join();
  expect(assistant).not.toContain('knee 4');
  expect(assistant).toContain('own line');
});

let written = 0;
async function writeSomething(coach: APIRequestContext): Promise<void> {
  const option = written++ % 2 === 0 ? 'dense' : 'full';
  const seen = JSON.stringify({ option: option === 'dense' ? 'full' : 'dense' });
  const kept = await coach.post('/settings?/choose', { form: { school: 'jumpRest', option, squadId: '', seen } });
  expect(await kept.text()).toContain('"type":"success"');
}

test('each page asks few questions, however many athletes it shows', async () => {
  const coach = contexts.get('head-coach')!;
  for (const route of [
    '/calls',
    `/squad/${ids.squadId!}`,
    `/squad/${ids.squadId!}/${ids.athleteId!}`,
    `/bench/${ids.squadId!}/2026-11-21`,
    `/floor/${ids.sessionId!}`,
    `/print/${ids.sessionId!}`,
    `/start/${ids.squadId!}/2026-11-24`,
    `/squad/${ids.squadId!}/balance`,
    `/squad/${ids.squadId!}/history?weeks=104`,
    `/start/${ids.squadId!}/groups`,
    `/start/${ids.squadId!}/screens/${ids.athleteId!}`,
    `/squad/${ids.squadId!}/${ids.athleteId!}/start`,
    `/squad/${ids.squadId!}/${ids.athleteId!}/history?weeks=104`,
    '/measure',
  ]) {
    // what was read before and still stands asks nothing: something is written first
    await writeSomething(coach);
    const response = await coach.get(route);
    expect(Number(response.headers()['x-statements']), route).toBeLessThanOrEqual(5);
    expect(Number(response.headers()['x-statements']), route).toBeGreaterThan(0);
  }
  while (written % 2 !== 0) await writeSomething(coach);
});

test('no page is heavier than 120 kB, an earlier day’s card of the largest squad neither', async () => {
  const coach = contexts.get('head-coach')!;
  const calls = await (await coach.get('/calls')).text();
  const squads = [...new Set([...calls.matchAll(/\/calls\?squad=([0-9a-f-]{36})/g)].map((match) => match[1]!))];
  expect(squads.length).toBeGreaterThan(1);
  const days = ['2026-11-19', '2026-11-20', '2026-11-21', '2026-11-23', '2026-11-24'];
  const pages = squads.flatMap((id) => [
    `/squad/${id}`,
    `/start/${id}/2026-11-24`,
    ...days.map((day) => `/bench/${id}/${day}`),
  ]);
  let cards = 0;
  for (const path of ['/calls', '/library', '/season', `/floor/${ids.sessionId!}`, ...pages]) {
    const html = await (await coach.get(path)).text();
    expect(Buffer.byteLength(html), path).toBeLessThan(120_000);
    if (path.startsWith('/bench') && html.includes('data-slot')) cards += 1;
  }
  expect(cards).toBeGreaterThan(1);
});

test('a page read again says what was written since, and asks nothing when nothing was', async () => {
  const coach = contexts.get('head-coach')!;
  const asked = async () => Number((await coach.get('/calls')).headers()['x-statements']);
  await asked();
  expect(await asked()).toBe(0);
  await writeSomething(coach);
  expect(await asked()).toBeGreaterThan(0);
  await writeSomething(coach);
});

test('the rest of sign-in’s interface is shut', async () => {
  for (const path of ['organization/list-members', 'sign-in/email', 'sign-up/email', 'update-user'])
    expect((await contexts.get('head-coach')!.post(`/api/auth/${path}`, { data: {} })).status(), path).toBe(404);
});

test('forms need our own origin', async () => {
  const response = await contexts
    .get('head-coach')!
    .post('/theme', { form: { theme: 'noche' }, headers: { origin: 'http://elsewhere.example' } });
  expect(response.status()).toBe(403);
});
