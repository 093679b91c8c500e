import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import { readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import pg from 'pg';
import { LIBRARY, METHOD, START, TEST_SPECS } from '../src/catalog';
import { readResults } from '../src/core/exchange';
import { NO_TARGETS, readSquad } from '../src/core/startline';
import {
  assumedNoise,
  checkValue,
  fitSprint,
  jumpProfile,
  readCell,
  showValue,
  type TestSpec,
} from '../src/core/testing';
import { databaseUrls } from '../src/lib/server/config';
import { withClub, type Tx } from '../src/lib/server/db/client';
import { loadClub } from '../src/lib/server/repositories/club-context';
import { loadSquadAthletes } from '../src/lib/server/repositories/athletes';
import { importResults, judgeFile, youthRule } from '../src/lib/server/commands/keep-results';
import { solveCard } from '../src/core/choose';
import { findEntries } from '../src/core/library';
import { libraryIndex } from '../src/lib/server/reads/library-index';
import { athlete, brief } from '../tests/fixtures';
import { benchLoad } from './bench-load';
import { benchSeason } from './bench-season';

/** Figures the Bench and the floor are designed for; run through `npm run bench`. A timing is read, never asserted. */
const base = process.env.BASE_URL;
if (!base) throw new Error('bench: BASE_URL must be set; use npm run bench');
if (process.argv.includes('load')) {
  await benchLoad(base);
  process.exit(0);
}
if (process.argv.includes('season')) {
  await benchSeason(base);
  process.exit(0);
}
const RUNS = 60;
const median = (values: number[]): number => values.sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
const say = (what: string, value: string): void => {
  console.log(`${what.padEnd(62)} ${value}`);
};

const levels = ['foundation', 'developing', 'trained', 'advanced'] as const;
const squad = Array.from({ length: 18 }, (_, i) =>
  athlete({ id: `a${String(i)}`, liftLevel: levels[i % 4] ?? 'trained', jumpLevel: levels[(i + 1) % 4] ?? 'trained' }),
);
const timeOf = (athletes: typeof squad): number => {
  const times: number[] = [];
  for (let i = 0; i < RUNS; i++) {
    const began = performance.now();
    solveCard(brief({ athletes }), LIBRARY, METHOD);
    times.push(performance.now() - began);
  }
  return median(times.slice(10));
};
const one = timeOf(squad.slice(0, 1));
const all = timeOf(squad);
say('card for 18 athletes with all their own lines, Node, median', `${all.toFixed(1)} ms`);
say('  of it beyond the card of one athlete', `${(all - one).toFixed(1)} ms`);

const many = [...LIBRARY.exercises.values()].flatMap((e) => [e, { ...e, id: `${e.id}-2` }]).slice(0, 500);
const finder = libraryIndex(
  { ...LIBRARY, exercises: new Map(many.map((e) => [e.id, e])) },
  { entries: [], method: METHOD },
);
const ANY = {
  families: [],
  kit: null,
  level: null,
  tier: null,
  ladder: null,
  demand: null,
  gentle: null,
  groupable: false,
  own: false,
} as const;
const typed = 'knee-friendly single-leg dumbbell';
const finds: number[] = [];
for (let i = 0; i < RUNS; i++)
  for (let length = 1; length <= typed.length; length++) {
    const began = performance.now();
    findEntries(finder, typed.slice(0, length), ANY);
    finds.push(performance.now() - began);
  }
say('find as you type, 500 entries, a key, median', `${median(finds).toFixed(2)} ms`);
say('  the slowest key', `${Math.max(...finds).toFixed(2)} ms`);

const splits = [
  { distanceM: 5, timeS: 1.43314 },
  { distanceM: 10, timeS: 2.17215 },
  { distanceM: 20, timeS: 3.40606 },
  { distanceM: 30, timeS: 4.52978 },
];
const loads = [60, 70, 80, 90, 100].map((systemMassKg, i) => ({ systemMassKg, heightM: 0.42 - i * 0.06 }));
const timed = (work: () => unknown): number => {
  const times = Array.from({ length: RUNS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return median(times);
};
say('sprint profile fit, median', `${timed(() => fitSprint(splits)).toFixed(2)} ms`);
say('jump profile fit, median', `${timed(() => jumpProfile(loads, 0.38)).toFixed(3)} ms`);

const measured = [...TEST_SPECS.values()].filter(({ kind }) => kind === 'number').slice(0, 12);
const table = Array.from({ length: 40 }, () =>
  measured.map((spec) => showValue(spec, (spec.possible[0] + spec.possible[1]) / 2)),
);
say(
  'paste of 40 athletes × 12 tests, read, checked and everybody read',
  `${timed(() => {
    const members = table.map((cells, i) => ({
      id: `a${String(i)}`,
      sex: null,
      targets: NO_TARGETS,
      squatEnough: null,
      today: '2026-11-24',
      cuts: true,
      bodyMassKg: 70,
      ageYears: 22,
      complaints: [],
      leans: 'even' as const,
      noise: (spec: TestSpec, value: number) => assumedNoise(spec.assumed, value),
      records: measured.flatMap((spec, j) => {
        const cell = readCell(spec, cells[j] ?? '', 'kg');
        if (!cell.ok || !checkValue(spec, cell.value.value ?? NaN, null, assumedNoise(spec.assumed, 1)).ok) return [];
        return [
          {
            ...cell.value,
            test: spec.id,
            day: '2026-11-24',
            side: spec.sides ? ('left' as const) : ('both' as const),
            asks: false,
          },
        ];
      }),
    }));
    return readSquad(members, TEST_SPECS, START);
  }).toFixed(1)} ms`,
);
await importAgainstCopy();

/** 20 000 results: read, checked and written as a file is, against COPY of the same rows with the same checks. */
async function importAgainstCopy(): Promise<void> {
  const { owner } = databaseUrls();
  const client = new pg.Client({ connectionString: owner });
  await client.connect();
  await client.query(
    'alter table test_result no force row level security; alter table squad no force row level security; alter table club no force row level security; alter table squad_athlete no force row level security',
  );
  const { rows } = await client.query<{ club_id: string; squad_id: string; athlete_id: string }>(
    `select club_id, squad_id, athlete_id from squad_athlete where squad_id = (select id from squad where name = 'Ultimate')`,
  );
  await client.query(
    'alter table test_result force row level security; alter table squad force row level security; alter table club force row level security; alter table squad_athlete force row level security',
  );
  const [first] = rows;
  if (!first) throw new Error('bench: the demo squad is not there');
  const athletes = new Map(rows.map(({ athlete_id }, i) => [`athlete ${String(i)}`, athlete_id]));
  const names = [...athletes.keys()];
  const lines = Array.from({ length: 20_000 }, (_, i) => {
    const day = new Date(Date.UTC(2020, 0, 1 + Math.floor(i / names.length))).toISOString().slice(0, 10);
    return { line: i + 2, cells: [names[i % names.length] ?? '', day, 'cmj', (30 + (i % 200) / 10).toFixed(1)] };
  });
  const club = await withClub(first.club_id, loadClub);
  const context = {
    athletes,
    ages: new Map<string, number>(),
    youth: youthRule(club),
    specs: TEST_SPECS,
    mass: 'kg' as const,
    dayOrder: 'day-first' as const,
    today: '2026-11-24',
    day: '2026-11-24',
  };
  const read = () => readResults(lines, ['athlete', 'day', 'test', 'value'], context);
  let began = performance.now();
  const judged = async (tx: Tx) => {
    const club = await loadClub(tx);
    const standing = (await loadSquadAthletes(tx, first.squad_id, club.today)).flatMap((row) => row.results);
    return { club, results: judgeFile(read().results, standing, club) };
  };
  await withClub(first.club_id, async (tx) => {
    const { club, results } = await judged(tx);
    return importResults(tx, club, 'bench', first.squad_id, results);
  });
  const ours = performance.now() - began;
  await client.query('create table bench_copy (like test_result including all)');
  await client.query('alter table bench_copy add foreign key (club_id, athlete_id) references athlete (club_id, id)');
  const file = '.data/bench-copy.csv';
  began = performance.now();
  writeFileSync(
    file,
    (await withClub(first.club_id, judged)).results
      .map((one) =>
        [first.club_id, randomUUID(), one.athleteId, one.test, one.day, one.side, one.value, one.asks].join(','),
      )
      .join('\n'),
  );
  execFileSync('psql', [
    owner,
    '-q',
    '-c',
    `\\copy bench_copy (club_id, id, athlete_id, test, day, side, value, asks) from '${file}' csv`,
  ]);
  const copy = performance.now() - began;
  await client.query('drop table bench_copy');
  await client.end();
  rmSync(file);
  say('import of 20 000 results, read, checked and written', `${ours.toFixed(0)} ms`);
  say('  COPY of the same rows after the same reading and checks', `${copy.toFixed(0)} ms`);
}

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ baseURL: base });
const loaded = new Map<string, number>();
page.on('response', (response) => {
  const { pathname } = new URL(response.url());
  if (!/\.(js|css)$/.test(pathname) || response.status() !== 200) return;
  loaded.set(pathname, gzipSync(readFileSync(join('build/client', pathname))).length);
});
await page.goto('/sign-in');
await page.waitForLoadState('networkidle');
await page.getByLabel('E-mail').fill('coach@jaleo.example');
await page.getByLabel('Password', { exact: true }).fill('tuesday-lift');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.waitForURL(/calls/);
await page.waitForLoadState('networkidle');
const href = await page
  .locator('aside')
  .getByRole('link', { name: /^Ultimate, / })
  .getAttribute('href');
await page.goto(href ?? '');
await page.getByRole('status').filter({ hasText: 'Kept' }).waitFor();
loaded.clear();
await page.context().clearCookies({ name: 'none' });
const fresh = await browser.newContext({ baseURL: base, storageState: await page.context().storageState() });
const bench = await fresh.newPage();
// the script runner names inner functions by a helper the page does not have
await bench.addInitScript('globalThis.__name = (named) => named');
bench.on('response', (response) => {
  const { pathname } = new URL(response.url());
  if (/\.(js|css)$/.test(pathname) && response.status() === 200)
    loaded.set(pathname, gzipSync(readFileSync(join('build/client', pathname))).length);
});
const answer = await bench.goto(href ?? '');
await bench.getByRole('button', { name: /^Swap for/ }).waitFor();
await bench.waitForLoadState('networkidle');
const worker = [...loaded].filter(([path]) => path.includes('worker'));
const rest = [...loaded].filter(([path]) => !path.includes('worker'));
const kilobytes = (files: [string, number][]): string =>
  `${(files.reduce((sum, [, size]) => sum + size, 0) / 1000).toFixed(1)} kB gzip`;
say('first load of the Bench, script and style', kilobytes(rest));
const workers = readdirSync('build/client/_app/immutable/workers', { recursive: true, encoding: 'utf8' })
  .map((name) => join('build/client/_app/immutable/workers', name))
  .filter((name) => name.endsWith('.js') && statSync(name).isFile());
say(
  'worker with core and catalogue',
  worker.length > 0 ? kilobytes(worker) : kilobytes(workers.map((name) => [name, gzipSync(readFileSync(name)).length])),
);
say('statements for the Bench, 18 athletes', answer?.headers()['x-statements'] ?? '?');

const again = await bench.evaluate(async () => {
  const times: number[] = [];
  for (const minutes of ['45', '60', '75', '45', '60', '75', '45', '60']) {
    const button = [...document.querySelectorAll<HTMLButtonElement>('.switch button')].find(
      (one) => one.textContent === minutes,
    );
    const began = performance.now();
    button?.click();
    await new Promise<void>((resolve) => {
      const wait = (): void => {
        if (document.querySelector('[role=status]')?.textContent === 'Choosing…') requestAnimationFrame(wait);
        else resolve();
      };
      requestAnimationFrame(wait);
    });
    times.push(performance.now() - began);
    await new Promise((resolve) => setTimeout(resolve, 600));
  }
  return times;
});
say('new minutes to new card on screen, worker and paint, median', `${median(again).toFixed(0)} ms`);

await bench.getByRole('link', { name: 'Open on the floor' }).click();
await bench.waitForURL(/floor/);
await bench.waitForLoadState('networkidle');
const taps = await bench.evaluate(async () => {
  const times: number[] = [];
  for (let i = 0; i < 12; i++) {
    const button = document.querySelector<HTMLButtonElement>('button.written');
    const label = button?.getAttribute('aria-label');
    const began = performance.now();
    button?.click();
    await new Promise<void>((resolve) => {
      const wait = (): void => {
        if (document.querySelector('button.written')?.getAttribute('aria-label') === label) requestAnimationFrame(wait);
        else resolve();
      };
      requestAnimationFrame(wait);
    });
    times.push(performance.now() - began);
  }
  return times;
});
say('a logged set visible, median', `${median(taps).toFixed(0)} ms`);
await bench.goto('/library');
await bench.waitForLoadState('networkidle');
const keys = await bench.evaluate(async (text) => {
  const times: number[] = [];
  const box = document.querySelector<HTMLInputElement>('#find');
  if (!box) throw new Error('bench: the library has no finder');
  for (let length = 1; length <= text.length; length++) {
    const began = performance.now();
    box.value = text.slice(0, length);
    box.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise<void>((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    times.push(performance.now() - began);
  }
  return times;
}, typed);
say('find as you type in the page, a key to its painted list, median', `${median(keys).toFixed(0)} ms`);
await browser.close();
