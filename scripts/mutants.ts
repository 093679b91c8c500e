import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * Makes small wrong changes to the core, one at a time, and says which no unit test notices. Not part of ./test.
 *   npm run mutants -- [rooms…] [--every N] [--most N]
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

/** Whether some unit test of the core fails on a mutant; one that never ends counts as noticed. */
function noticed({ file, at, from, to }: Mutant): boolean {
  const text = readFileSync(file, 'utf8');
  writeFileSync(file, text.slice(0, at) + to + text.slice(at + from.length));
  try {
    const run = spawnSync('npx', ['vitest', 'run', '--project', 'unit', 'src/core', '--bail', '1'], {
      timeout: 120_000,
      env: { ...process.env, JALEO_SEED: '1', JALEO_RUNS: '200' },
    });
    return run.status !== 0;
  } finally {
    writeFileSync(file, text);
  }
}

let [all, killed] = [0, 0];
for (const room of rooms) {
  const mutants = filesOf(join('src/core', room))
    .flatMap(mutantsOf)
    .filter((_, i) => i % every === 0)
    .slice(0, most);
  let here = 0;
  for (const mutant of mutants) {
    if (noticed(mutant)) here += 1;
    else
      console.log(
        `  unnoticed  ${mutant.file}:${String(mutant.line)}  “${mutant.from.trim()}” → “${mutant.to.trim()}”`,
      );
  }
  all += mutants.length;
  killed += here;
  console.log(`${room.padEnd(10)} ${String(here)} of ${String(mutants.length)} noticed`);
}
console.log(
  `${'all'.padEnd(10)} ${String(killed)} of ${String(all)} noticed (${String(Math.round((100 * killed) / Math.max(1, all)))} %)`,
);
