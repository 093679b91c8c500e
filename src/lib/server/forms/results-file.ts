import { fail as refuseForm, type RequestEvent } from '@sveltejs/kit';
import { z } from 'zod';
import { testSpecs } from '$core/athlete';
import { showValue } from '$core/testing';
import { ok } from '$core/result';
import { sayIssue } from '$lib/messages';
import { identityOf } from '../auth/identity';
import { importResults } from '../commands/keep-results';
import { openSquad } from '../reads/open-squad';
import { withClub } from '../db/client';
import { formAction, type Scope } from '../door/form-command';
import type { Reader } from '../door/readers';
import { squadScope, type OfSquad } from '../door/scopes';
import { readSent, textOf } from '../door/sent-form';
import { readInWorker } from '../files/pool';
import type { ResultsFile } from '../files/read-results';
import { loadSquadAthletes, type AthleteRow } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';

/** Lines of a preview, and of what is wrong. */
const SHOWN = 12;
const BAD_SHOWN = 200;

type OnDay = RequestEvent<{ squadId: string; day: string }>;
const columnsSchema = z.array(z.string().max(80)).max(200);

interface ReadFile {
  readonly file: ResultsFile;
  readonly shown: ReturnType<typeof shownOf>;
}

/** Reads the posted file against the squad, by the columns chosen or guessed: in a worker, with nothing held open meanwhile. */
const resultsFile: Reader<ReadFile, OnDay> = {
  read: async (_, { data }, event) => {
    const { squadId, day } = event.params;
    const refuse = (said: string) => ({ ok: false as const, errors: { file: [said] } });
    const file = data.get('file');
    const pasted = textOf(data, 'text');
    const isFile = file instanceof File && file.size > 0;
    if (!isFile && pasted.trim() === '') return refuse('Choose a file or paste a table first.');
    const { club, rows } = await withClub(identityOf(event.locals).clubId, async (tx) => {
      const of = await openSquad(tx, squadId);
      return { ...of, rows: await loadSquadAthletes(tx, squadId, of.club.today) };
    });
    const chosen = columnsSchema.safeParse(data.getAll('column'));
    const read = await readInWorker('results', {
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
    if (typeof read === 'string') return refuse(read);
    return { ok: true, value: { file: read, shown: shownOf(read, rows, club) } };
  },
};

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

/** Shows what the file says and what is wrong with it; writes nothing. */
export async function previewResults(event: OnDay) {
  const sent = readSent(await event.request.formData());
  const read = await resultsFile.read(sent.typed, sent, event);
  return read.ok
    ? { message: null, file: read.value.shown, taken: null }
    : refuseForm(400, { message: Object.values(read.errors).flat().join(' ') });
}

const importScope: Scope<OnDay, OfSquad> = { sender: squadScope.sender, open: squadScope.open };

/** Takes the good lines in, in one go. */
export const takeResults = formAction(importScope, {
  form: 'take',
  verb: 'results-import',
  reads: resultsFile,
  field: 'file',
  work: async (tx, { club, squad }, { value, actor }) =>
    ok(await importResults(tx, club, actor, squad.id, value.file.results)),
  says: (taken, { shown }) => ({ message: null, file: { ...shown, sample: [] }, taken }),
});
