import { error, fail } from '@sveltejs/kit';
import { z } from 'zod';
import { testSpecs } from '$core/athlete';
import { isDay } from '$core/calendar';
import { showValue } from '$core/testing';
import { sayIssue } from '$lib/messages';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub, type Tx } from '$lib/server/db/client';
import { loadSquadAthletes, type AthleteRow } from '$lib/server/repositories/athletes';
import { loadClub, type ClubContext } from '$lib/server/repositories/club-context';
import { importResults } from '$lib/server/commands/keep-results';
import { readInWorker } from '$lib/server/files/pool';
import type { ResultsFile } from '$lib/server/files/read-results';
import { textOf } from '$lib/server/forms';
import { sayDay, squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import type { Actions, PageServerLoad } from './$types';

/** Lines of a preview, and of what is wrong. */
const SHOWN = 12;
const BAD_SHOWN = 200;

async function open(tx: Tx, squadId: string, day: string) {
  if (!isDay(day)) error(404, 'There is no such day.');
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === squadId);
  if (!squad) error(404, 'There is no such squad.');
  return { club, squad };
}

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  if (!can(role, 'log')) error(403, 'Your role reads results; it does not write them.');
  const { club, squad } = await withClub(clubId, (tx) => open(tx, params.squadId, params.day));
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/start/${one.id}/${params.day}/import`)],
      level: 1,
      ...threadEnd(club, squad, params.day),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    day: params.day,
    dayWords: sayDay(params.day),
    tests: [...testSpecs(club.method).values()].map(({ id, name, sides }) => ({ id, name, sides })),
  };
};

const columnsSchema = z.array(z.string().max(80)).max(200);

/** Reads the posted file against the squad, by the columns chosen or guessed: in a worker, so that nobody waits for it. */
async function readFile(
  form: FormData,
  club: ClubContext,
  rows: readonly AthleteRow[],
  day: string,
): Promise<ResultsFile | string> {
  const file = form.get('file');
  const pasted = textOf(form, 'text');
  const isFile = file instanceof File && file.size > 0;
  if (!isFile && pasted.trim() === '') return 'Choose a file or paste a table first.';
  const chosen = columnsSchema.safeParse(form.getAll('column'));
  return readInWorker('results', {
    text: isFile ? await file.text() : pasted,
    name: isFile ? file.name.slice(0, 120) : 'the pasted table',
    columns: chosen.success ? chosen.data : [],
    tables: club.tables,
    massUnit: club.massUnit,
    dayOrder: club.dayOrder,
    today: club.today,
    day,
    athletes: rows.map(({ id, name, birthDate, results }) => ({ id, name, birthDate, results })),
  });
}

const shownOf = (
  { name, header, columns, results, bad, lines }: ResultsFile,
  rows: readonly AthleteRow[],
  { method }: ClubContext,
) => ({
  name,
  header,
  columns,
  lines,
  count: results.length,
  asks: results.filter(({ asks }) => asks).length,
  bad: bad.slice(0, BAD_SHOWN).map(({ line, issues }) => ({ line, why: issues.map(sayIssue).join(' ') })),
  badCount: bad.length,
  // what asks comes first
  sample: [...results.filter(({ asks }) => asks), ...results.filter(({ asks }) => !asks)].slice(0, SHOWN).map((one) => {
    const spec = testSpecs(method).get(one.test);
    return {
      athlete: rows.find(({ id }) => id === one.athleteId)?.name ?? '',
      test: spec?.name ?? one.test,
      side: one.side,
      day: one.day,
      asks: one.asks,
      value:
        one.loadKg !== null
          ? `${String(Math.round(one.loadKg * 10) / 10)} kg × ${String(one.reps)}`
          : spec && one.value !== null
            ? `${showValue(spec, one.value)} ${spec.unit}`
            : '',
    };
  }),
});

/** What a file is read against, and nothing held open while it is read. */
const around = (clubId: string, params: { squadId: string; day: string }) =>
  withClub(clubId, async (tx) => {
    const { club, squad } = await open(tx, params.squadId, params.day);
    return { club, squad, rows: await loadSquadAthletes(tx, squad.id, club.today) };
  });

export const actions: Actions = {
  /** Shows what the file says and what is wrong with it; writes nothing. */
  preview: async ({ locals, params, request }) => {
    const form = await request.formData();
    const { club, rows } = await around(identityOf(locals).clubId, params);
    const file = await readFile(form, club, rows, params.day);
    if (typeof file === 'string') return fail(400, { message: file });
    return { message: null, file: shownOf(file, rows, club), taken: null };
  },
  /** Takes the good lines in, in one go. */
  take: async ({ locals, params, request }) => {
    const { clubId, userId, role } = identityOf(locals);
    if (!can(role, 'log')) error(403, 'Your role reads results; it does not write them.');
    const form = await request.formData();
    const { club, squad, rows } = await around(clubId, params);
    const file = await readFile(form, club, rows, params.day);
    if (typeof file === 'string') return fail(400, { message: file });
    const taken = await withClub(clubId, (tx) => importResults(tx, club, userId, squad.id, file.results));
    return { message: null, file: { ...shownOf(file, rows, club), sample: [] }, taken };
  },
};
