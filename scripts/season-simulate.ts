import { readFile } from 'node:fs/promises';
import { parseArgs } from 'node:util';
import { z } from 'zod';
import { clubFileSchema, type ClubFile } from '../src/lib/model/club-file.js';
import type { Programme } from '../src/lib/model/programme.js';
import { demoClubFile } from '../src/lib/server/simulate/demo-club-file.js';
import { judgeProgramme } from '../src/lib/server/simulate/judge-programme.js';
import { runSeason } from '../src/lib/server/simulate/run-season.js';
import { squadInMemory } from '../src/lib/server/simulate/squad-in-memory.js';

// A whole season of a club through the core that the application uses: no database, no server, no clock but for the time
// it took. Prints a table a squad, or everything as JSON.
const { values: asked } = parseArgs({
  options: {
    club: { type: 'string' },
    weeks: { type: 'string' },
    planned: { type: 'boolean', default: false },
    json: { type: 'boolean', default: false },
    markdown: { type: 'boolean', default: false },
  },
});

async function readClub(): Promise<ClubFile> {
  if (asked.club === undefined) return demoClubFile();
  const read = clubFileSchema.safeParse(JSON.parse(await readFile(asked.club, 'utf8')));
  if (read.success) return read.data;
  throw new Error(`${asked.club} is no club file:\n${z.prettifyError(read.error)}`);
}

if (!asked.planned) {
  console.error(
    'Virtual athletes do not train yet: run it with --planned, for the plan and its cards as they are written.',
  );
  process.exit(2);
}
const club = await readClub();
const began = performance.now();
const squads = club.squads.flatMap((squad, i) => {
  const run = runSeason(squadInMemory(squad, club.name, i + 1), asked.weeks === undefined ? null : Number(asked.weeks));
  if (!run) console.error(`${squad.name}: no season can be laid from these dates.`);
  return run ?? [];
});
const seconds = Math.round((performance.now() - began) / 100) / 10;
const programme: Programme = { seed: null, seconds, squads };
if (asked.markdown) printMarkdown(squads);
else if (asked.json) process.stdout.write(`${JSON.stringify(programme)}\n`);
else {
  for (const squad of squads) {
    console.log(`\n${squad.name} · ${squad.sport} · ${String(squad.weeks.length)} weeks`);
    for (const { what, wanted, value, met } of judgeProgramme(squad))
      console.log(`  ${met ? ' ' : '✗'} ${what.padEnd(68)} ${wanted.padStart(9)}   ${value}`);
  }
  console.log(`\n${String(seconds)} s`);
}

/** One table, a column a squad, for the documentation. */
function printMarkdown(of: typeof squads): void {
  const judged = of.map((squad) => judgeProgramme(squad));
  console.log(`| measure | wanted | ${of.map(({ name }) => name).join(' | ')} |`);
  console.log(`| --- | --- | ${of.map(() => '---').join(' | ')} |`);
  judged[0]?.forEach(({ what, wanted }, i) => {
    const cells = judged.map((measures) => {
      const one = measures[i];
      return one ? `${one.met ? '' : '**'}${one.value}${one.met ? '' : '**'}` : '';
    });
    console.log(`| ${what} | ${wanted} | ${cells.join(' | ')} |`);
  });
}
