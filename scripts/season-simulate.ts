import { readFile } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { z } from 'zod';
import { clubFileSchema, type ClubFile, type SquadFile } from '../src/lib/model/club-file.js';
import type { Programme, ProgrammeSquad } from '../src/lib/model/programme.js';
import { demoClubFile } from '../src/lib/server/simulate/demo-club-file.js';
import { besideEachOther, judgeLived } from '../src/lib/server/simulate/judge-lived.js';
import { judgeProgramme } from '../src/lib/server/simulate/judge-programme.js';
import type { LivedSeason, Policy } from '../src/lib/server/simulate/live-season.js';
import type { Measure } from '../src/lib/server/simulate/measure.js';
import { runSeason } from '../src/lib/server/simulate/run-season.js';
import { squadInMemory } from '../src/lib/server/simulate/squad-in-memory.js';
import type { SeasonJob, SeasonProgress } from './season-worker.js';

// A whole season of a club through the core that the application uses: no database, no server, no clock but for the time
// it took. As it is written, or lived through by virtual athletes: as many seasons at once as there are processors.
// Prints a table a squad, or everything as JSON.
const { values: asked } = parseArgs({
  options: {
    club: { type: 'string' },
    weeks: { type: 'string' },
    squad: { type: 'string' },
    seed: { type: 'string', default: '1' },
    seeds: { type: 'string' },
    planned: { type: 'boolean', default: false },
    json: { type: 'boolean', default: false },
    markdown: { type: 'boolean', default: false },
  },
});
const weeks = asked.weeks === undefined ? null : whole('weeks', asked.weeks);
const seeds = (asked.seeds ?? asked.seed).split(',').map((seed) => whole('seed', seed));

function whole(name: string, text: string): number {
  const number = Number(text);
  if (Number.isInteger(number) && number >= 1) return number;
  return refuse(`--${name} is a whole number from 1 up, not ${text}`);
}

function refuse(why: string): never {
  console.error(why);
  process.exit(2);
}

async function readClub(): Promise<ClubFile> {
  if (asked.club === undefined) return demoClubFile();
  const read = clubFileSchema.safeParse(JSON.parse(await readFile(asked.club, 'utf8')));
  if (read.success) return read.data;
  return refuse(`${asked.club} is no club file:\n${z.prettifyError(read.error)}`);
}

/** A thread's young objects, MB: what a card makes and drops is many times what a season keeps. */
const YOUNG_MB = 192;

interface Judged {
  readonly name: string;
  readonly squad: ProgrammeSquad;
  readonly measures: readonly Measure[];
  readonly beside: Readonly<Record<string, readonly [rules: string, naive: string]>>;
}

if (asked.json && seeds.length > 1) refuse('--json prints one season: give it one seed.');
const club = await readClub();
if (asked.squad !== undefined && !club.squads.some(({ name }) => name === asked.squad))
  refuse(`There is no squad ${asked.squad}. There are ${club.squads.map(({ name }) => name).join(', ')}.`);
const began = performance.now();
const seconds = (): number => Math.round((performance.now() - began) / 100) / 10;
const squads: ProgrammeSquad[] = [];
const judged: Judged[] = [];
const threads = new Piscina<SeasonJob, LivedSeason | null>({
  filename: fileURLToPath(new URL('./season-worker.ts', import.meta.url)),
  execArgv: ['--import', 'tsx'],
  minThreads: 0,
  maxThreads: availableParallelism(),
  resourceLimits: { maxYoungGenerationSizeMb: YOUNG_MB },
});
const days = new Map<string, SeasonProgress>();
const asking = club.squads.flatMap((file, i) =>
  asked.squad !== undefined && file.name !== asked.squad
    ? []
    : [asked.planned ? [Promise.resolve(written(file, i + 1))] : seeds.map((seed) => lived(file, i + 1, seed))],
);
for (const ofSquad of asking) {
  const [first, ...others] = (await Promise.all(ofSquad)).flatMap((run) => run ?? []);
  if (first === undefined) continue;
  squads.push(first.squad);
  judged.push(together(first, others));
}
await threads.close();
if (process.stderr.isTTY && days.size > 0) process.stderr.write('\n');
const programme: Programme = { seed: asked.planned ? null : (seeds[0] ?? 1), seconds: seconds(), squads };
if (asked.markdown) printMarkdown();
else if (asked.json) process.stdout.write(`${JSON.stringify(programme)}\n`);
else {
  for (const { name, measures, beside } of judged) {
    console.log(`\n${name}`);
    for (const { what, wanted, value, met } of measures)
      console.log(`  ${met ? ' ' : '✗'} ${what.padEnd(68)} ${wanted.padStart(9)}   ${value}`);
    for (const [what, [rules, naive]] of Object.entries(beside))
      console.log(`    ${what.padEnd(68)} ${rules.padStart(9)}   rising every time: ${naive}`);
  }
  console.log(`\n${String(seconds())} s`);
}

function written(file: SquadFile, number: number): Judged | null {
  const run = runSeason(squadInMemory(file, club.name, number), weeks);
  if (!run) {
    console.error(`${file.name}: no season can be laid from these dates.`);
    return null;
  }
  return {
    name: `${run.name} · ${run.sport} · ${String(run.weeks.length)} weeks`,
    squad: run,
    measures: judgeProgramme(run),
    beside: {},
  };
}

async function lived(file: SquadFile, number: number, seed: number): Promise<Judged | null> {
  const run = (policy: Policy): Promise<LivedSeason | null> => {
    const { port1, port2: progress } = new MessageChannel();
    const name = `${file.name}, ${policy}, seed ${String(seed)}`;
    port1.on('message', (done: SeasonProgress) => {
      days.set(name, done);
      if (process.stderr.isTTY) process.stderr.write(`\r${progressWords()}  `);
    });
    const job = { file, club: club.name, number, seed, policy, weeks, progress };
    return threads.run(job, { transferList: [progress] });
  };
  const [rules, naive] = await Promise.all([run('rules'), run('naive')]);
  if (!rules || !naive) {
    console.error(`${file.name}: no season can be laid from these dates.`);
    return null;
  }
  const [ours, theirs] = [besideEachOther(rules), besideEachOther(naive)];
  return {
    name: `${file.name} · ${file.sport} · ${String(rules.squad.weeks.length)} weeks · ${String(rules.athletes.length)} athletes`,
    squad: rules.squad,
    measures: judgeLived(rules, naive),
    beside: Object.fromEntries(Object.entries(ours).map(([what, value]) => [what, [value, theirs[what] ?? '']])),
  };
}

/** How far the seasons are that are being lived, and how many are over. */
function progressWords(): string {
  const going = [...days].filter(([, { day, of }]) => day < of);
  const over = `${String(days.size - going.length)} lived`;
  return [over, ...going.map(([name, { day, of }]) => `${name}: day ${String(day)} of ${String(of)}`)].join(' · ');
}

/** Several seeds of one squad in one column: met only where each is. */
function together(first: Judged, others: readonly Judged[]): Judged {
  const all = [first, ...others];
  return {
    name: first.name,
    squad: first.squad,
    measures: first.measures.map((one, i) => ({
      ...one,
      value: [...new Set(all.map(({ measures }) => measures[i]?.value ?? ''))].join(', '),
      met: all.every(({ measures }) => measures[i]?.met),
    })),
    beside: Object.fromEntries(
      Object.keys(first.beside).map((what) => [
        what,
        [0, 1].map((side) => all.map(({ beside }) => beside[what]?.[side] ?? '').join(' · ')) as [string, string],
      ]),
    ),
  };
}

/** One table, a column a squad, for the documentation. */
function printMarkdown(): void {
  const names = judged.map(({ name }) => name.split(' · ')[0] ?? name);
  console.log(`| measure | wanted | ${names.join(' | ')} |\n| --- | --- | ${names.map(() => '---').join(' | ')} |`);
  judged[0]?.measures.forEach(({ what, wanted }, i) => {
    const cells = judged.map(({ measures }) => {
      const one = measures[i];
      return one ? `${one.met ? '' : '**'}${one.value}${one.met ? '' : '**'}` : '';
    });
    console.log(`| ${what} | ${wanted} | ${cells.join(' | ')} |`);
  });
  if (Object.keys(judged[0]?.beside ?? {}).length === 0) return;
  console.log(`\n| | ${names.map((name) => `${name}: rules | rising every time`).join(' | ')} |`);
  console.log(`| --- | ${names.map(() => '--- | ---').join(' | ')} |`);
  for (const what of Object.keys(judged[0]?.beside ?? {}))
    console.log(`| ${what} | ${judged.map(({ beside }) => (beside[what] ?? ['', '']).join(' | ')).join(' | ')} |`);
}
