import { execFileSync } from 'node:child_process';
import { chromium } from '@playwright/test';
import { gte } from 'drizzle-orm';
import { METHOD } from '../src/catalog';
import { addDays } from '../src/core/calendar';
import { ownDay } from '../src/core/day';
import { sessionOn, type SeasonPlan } from '../src/core/season';
import { databaseUrls } from '../src/lib/server/config';
import { withClub } from '../src/lib/server/db/client';
import { season, seasonWeek } from '../src/lib/server/db/schema';
import { demoClubFile } from '../src/lib/server/simulate/demo-club-file';
import { liveSeason } from '../src/lib/server/simulate/live-season';
import { squadInMemory } from '../src/lib/server/simulate/squad-in-memory';
import { keepWeeks } from '../src/lib/server/repositories/season';
import { event, gym, laid, saturdays } from '../tests/season-input';

/**
 * What planning costs: a season of 44 weeks with the days of 40 athletes of their own, a re-plan after one drag, the same
 * season lived, writing it beside COPY of the same rows, and the strip scrolled over a year. Run by `npm run bench -- season`.
 */
const RUNS = 15;
const ATHLETES = 40;
const median = (values: number[]): number => values.sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
const say = (what: string, value: string): void => {
  console.log(`${what.padEnd(62)} ${value}`);
};
const timed = (work: () => unknown): string => {
  const times = Array.from({ length: RUNS }, () => {
    const began = performance.now();
    work();
    return performance.now() - began;
  });
  return `${median(times).toFixed(1)} ms`;
};

export async function benchSeason(base: string): Promise<void> {
  const events = [...saturdays(13, 24), ...saturdays(27, 40)];
  const over = { events, gymDays: gym(1, 3, 5) };
  const plan = laid(over);
  say(
    'a season of 44 weeks, three sessions each, laid',
    timed(() => laid(over)),
  );
  say(
    `  with the own days of ${String(ATHLETES)} athletes`,
    timed(() => ownDays(laid(over), events)),
  );
  const moved = { ...over, events: events.map((one, i) => (i === 9 ? event(addDays(one.day, -3)) : one)) };
  const from = plan.weeks[20]?.start ?? '';
  say(
    'laid anew after one drag',
    timed(() => laid(moved, { from, weeks: plan.weeks })),
  );
  lived();
  await saving(plan);
  await strip(base);
}

/** A season of the demo club's first squad, made up to so many, lived through by virtual athletes. */
function lived(): void {
  const club = demoClubFile();
  const [squad] = club.squads;
  if (!squad) return;
  const athletes = Array.from({ length: ATHLETES }, (_, i) => {
    const own = squad.athletes[i % squad.athletes.length];
    return own ? [{ ...own, name: `${own.name} ${String(i)}` }] : [];
  }).flat();
  const began = performance.now();
  const season = liveSeason(squadInMemory({ ...squad, athletes }, club.name, 1), {
    seed: 1,
    policy: 'rules',
    weeks: null,
  });
  const seconds = ((performance.now() - began) / 1000).toFixed(1);
  say(`${String(ATHLETES)} athletes live ${String(season?.squad.weeks.length ?? 0)} weeks`, `${seconds} s`);
}

/** What a plan is for each of many: every second is called up, left out or has exams somewhere. */
function ownDays(plan: SeasonPlan, events: ReturnType<typeof saturdays>): number {
  let quiet = 0;
  const days = plan.weeks.flatMap(({ sessions }) => sessions.map(({ day }) => day));
  for (let athlete = 0; athlete < ATHLETES; athlete++)
    for (const day of days) {
      const calendar = {
        elsewhere: athlete % 2 === 0 ? [{ day: addDays(day, (athlete % 5) - 2), kind: 'league' as const }] : [],
        had: athlete % 4 === 1 ? [{ day: events[0]?.day ?? day, selected: false, minutes: null }] : [],
        lighter: [],
        contactsToday: 0,
        heavyBefore: false,
        sharedWeek: null,
        stepped: {},
      };
      const squad = sessionOn(plan, day)?.limits ?? null;
      const setting = { day, events, afterHeavy: false, lighterWeek: false };
      if (ownDay(setting, calendar, squad, METHOD).limits.quiet) quiet += 1;
    }
  return quiet;
}

async function saving(plan: SeasonPlan): Promise<void> {
  const owner = databaseUrls().owner;
  const clubId = execFileSync('psql', [owner, '-XqAt', '-c', 'select id from auth.organization limit 1'], {
    encoding: 'utf8',
  }).trim();
  const found = await withClub(clubId, (tx) => tx.select({ squadId: season.squadId }).from(season).limit(1));
  const squadId = found[0]?.squadId;
  if (!squadId) return;
  /** rows are a club's: it says first whose */
  const psql = (sql: string): string =>
    execFileSync('psql', [owner, '-XqAt', '-v', 'ON_ERROR_STOP=1', '-f', '-'], {
      input: `set app.club_id = '${clubId}';\n${sql}`,
      encoding: 'utf8',
    });
  const rows = plan.weeks.map((week) => ({ ...week, start: addDays(week.start, 3640) }));
  const saves: number[] = [];
  const copies: number[] = [];
  const text = rows.map((week) =>
    [clubId, squadId, week.start, JSON.stringify(week).replaceAll('\\', '\\\\')].join('\t'),
  );
  for (let i = 0; i < RUNS; i++) {
    const began = performance.now();
    await withClub(clubId, (tx) => keepWeeks(tx, { clubId, squadId }, rows));
    saves.push(performance.now() - began);
    await withClub(clubId, (tx) => tx.delete(seasonWeek).where(gte(seasonWeek.start, rows[0]?.start ?? '')));
  }
  // into a table of the same shape and checks, since COPY takes none of a club's own; starting the client is no part of the time
  psql(`create table bench_weeks (like season_week including all);
    alter table bench_weeks add foreign key (club_id, squad_id) references squad (club_id, id);`);
  for (let i = 0; i < RUNS; i++) {
    const said = psql(
      `truncate bench_weeks;\n\\timing on\ncopy bench_weeks (club_id, squad_id, start, week) from stdin;\n${text.join('\n')}\n\\.\n`,
    );
    copies.push(Number(/Time: ([\d.]+) ms/.exec(said)?.[1] ?? NaN));
  }
  psql('drop table bench_weeks;');
  say('44 planned weeks written', `${median(saves).toFixed(1)} ms`);
  say('  COPY of the same rows', `${median(copies).toFixed(1)} ms`);
}

/** Frames of the strip while a year is scrolled past, in a window so narrow that it has to. */
async function strip(base: string): Promise<void> {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
  const page = await browser.newPage({ viewport: { width: 700, height: 800 } });
  await page.goto(`${base}/sign-in`);
  await page.waitForLoadState('networkidle');
  await page.getByLabel('E-mail').fill('coach@jaleo.example');
  await page.getByLabel('Password', { exact: true }).fill('tuesday-lift');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL((url) => !url.pathname.startsWith('/sign-in'));
  await page.goto(`${base}/season`);
  await page.locator('.thread select').first().selectOption({ label: 'Handball' });
  await page.waitForLoadState('networkidle');
  const frames = await page.evaluate(async () => {
    const box = document.querySelector('.scroll');
    if (!box) return [];
    const gaps: number[] = [];
    let last = performance.now();
    const far = box.scrollWidth - box.clientWidth;
    for (let i = 0; i <= 120; i++) {
      box.scrollLeft = (far * i) / 120;
      const now = await new Promise<number>((done) => requestAnimationFrame(done));
      gaps.push(now - last);
      last = now;
    }
    return gaps.slice(2);
  });
  await browser.close();
  say('the strip scrolled over a year, median frame', `${median(frames).toFixed(1)} ms`);
  say('  the slowest of a hundred frames', `${Math.max(...frames).toFixed(1)} ms`);
}
