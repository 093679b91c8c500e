import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

/**
 * Makes small wrong changes to the core, one at a time, and says which no unit test notices. Not part of ./test.
 *   npm run mutants -- [rooms…] [--every N] [--most N] [--again FILE]
 * With --again only those that an earlier run, kept in FILE, listed as unnoticed.
 * Rooms are folders of src/core; without any, those that decide what an athlete does.
 */
const ROOMS = ['dose', 'safety', 'progress', 'choose', 'track', 'day'];
const args = process.argv.slice(2);
const numberAfter = (flag: string, otherwise: number): number => {
  const at = args.indexOf(flag);
  return at === -1 ? otherwise : Number(args[at + 1]);
};
const every = numberAfter('--every', 1);
const most = numberAfter('--most', Infinity);
const againAt = args.indexOf('--again');
const earlier = againAt === -1 ? null : readFileSync(args[againAt + 1] ?? '', 'utf8').split('\n');
const asked = args.filter((arg, i) => !arg.startsWith('--') && !(args[i - 1] ?? '').startsWith('--'));
const rooms = asked.length > 0 ? asked : ROOMS;

interface Mutant {
  readonly file: string;
  readonly line: number;
  readonly at: number;
  readonly from: string;
  readonly to: string;
}

/** What is changed into what; each only where it stands in code, not in a comment, a type or an import. */
const CHANGES: readonly [RegExp, (found: string) => string][] = [
  [/ >= /g, () => ' > '],
  [/ <= /g, () => ' < '],
  [/ > (?!=)/g, () => ' >= '],
  [/ < (?!=)/g, () => ' <= '],
  [/ === /g, () => ' !== '],
  [/ !== /g, () => ' === '],
  [/ && /g, () => ' || '],
  [/ \|\| /g, () => ' && '],
  [/ \+ (?=[\w(])/g, () => ' - '],
  [/ - (?=[\w(])/g, () => ' + '],
  [/Math\.max/g, () => 'Math.min'],
  [/Math\.min/g, () => 'Math.max'],
  [/(?<=[\s(,[])\d+(\.\d+)?(?=[\s),;\]])/g, (found) => String(Number(found) + 1)],
  [/(?<=[(\s])!(?=[a-zA-Z(])/g, () => ''],
];

const filesOf = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? filesOf(join(folder, entry.name))
      : entry.name.endsWith('.ts') && !entry.name.endsWith('.test.ts') && entry.name !== 'index.ts'
        ? [join(folder, entry.name)]
        : [],
  );

function mutantsOf(file: string): Mutant[] {
  const text = readFileSync(file, 'utf8');
  const found: Mutant[] = [];
  let offset = 0;
  text.split('\n').forEach((line, i) => {
    const code = !/^\s*(\*|\/\/|\/\*|import |export \*|readonly |export type|type |export interface|interface )/.test(
      line,
    );
    if (code)
      for (const [pattern, change] of CHANGES)
        for (const match of line.matchAll(pattern))
          found.push({ file, line: i + 1, at: offset + match.index, from: match[0], to: change(match[0]) });
    offset += line.length + 1;
  });
  return found;
}

/** A copy of the checkout to change, so that the real one is never wrong, not even for a second. */
function copyOfCheckout(): string {
  const folder = mkdtempSync(join(tmpdir(), 'jaleo-mutants-'));
  const left = new Set(['node_modules', '.git', 'build', 'test-results', 'docs']);
  for (const entry of readdirSync('.'))
    if (!left.has(entry)) cpSync(entry, join(folder, entry), { recursive: true, verbatimSymlinks: true });
  symlinkSync(resolve('node_modules'), join(folder, 'node_modules'));
  return folder;
}

/** Whether some unit test of the core fails on a mutant; one that never ends counts as noticed. */
async function noticed(folder: string, { file, at, from, to }: Mutant): Promise<boolean> {
  const text = readFileSync(file, 'utf8');
  writeFileSync(join(folder, file), text.slice(0, at) + to + text.slice(at + from.length));
  const run = spawn(
    'npx',
    [...'vitest run --project unit src/core --bail 1 --no-isolate'.split(' '), '--maxWorkers=1'],
    {
      cwd: folder,
      stdio: 'ignore',
      detached: true,
      env: { ...process.env, JALEO_SEED: '1', JALEO_RUNS: '60' },
    },
  );
  const tooLong = setTimeout(() => {
    if (run.pid !== undefined) process.kill(-run.pid);
  }, 180_000);
  const [code] = (await once(run, 'exit')) as [number | null];
  clearTimeout(tooLong);
  writeFileSync(join(folder, file), text);
  return code !== 0;
}

const told = ({ file, line, from, to }: Mutant): string => `${file}:${String(line)}  “${from.trim()}” → “${to.trim()}”`;

const queue = rooms.flatMap((room) =>
  filesOf(join('src/core', room))
    .flatMap(mutantsOf)
    .filter((mutant, i) =>
      earlier ? earlier.some((line) => line.endsWith(told(mutant))) : i % every === Math.floor(every / 2),
    )
    .slice(0, most)
    .map((mutant) => ({ room, mutant })),
);
const counts = new Map(rooms.map((room) => [room, { all: 0, killed: 0 }]));
const inParallel = Math.max(1, availableParallelism());
console.log(`${String(queue.length)} changes, ${String(inParallel)} at a time`);

async function work(): Promise<void> {
  const folder = copyOfCheckout();
  for (let next = queue.shift(); next; next = queue.shift()) {
    const { room, mutant } = next;
    const seen = await noticed(folder, mutant);
    // read after the wait: another copy may have counted meanwhile
    const count = counts.get(room) ?? { all: 0, killed: 0 };
    counts.set(room, { all: count.all + 1, killed: count.killed + (seen ? 1 : 0) });
    if (!seen) console.log(`  unnoticed  ${told(mutant)}`);
  }
  rmSync(folder, { recursive: true, force: true });
}
await Promise.all(Array.from({ length: inParallel }, work));

const line = (name: string, { all, killed }: { all: number; killed: number }): string =>
  `${name.padEnd(10)} ${String(killed)} of ${String(all)} noticed (${String(Math.round((100 * killed) / Math.max(1, all)))} %)`;
for (const [room, count] of counts) console.log(line(room, count));
const found = [...counts.values()];
console.log(
  line('all', {
    all: found.reduce((sum, { all }) => sum + all, 0),
    killed: found.reduce((sum, { killed }) => sum + killed, 0),
  }),
);
