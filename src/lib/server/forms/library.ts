import { fail as refuseForm, type RequestEvent } from '@sveltejs/kit';
import { z } from 'zod';
import { DEMANDS, sportSchema } from '$core/library';
import { fail, ok, type Issue, type Result } from '$core/result';
import type { Texts } from '$lib/model/merge-texts';
import { EQUIPMENT } from '$lib/model/kit';
import { identityOf } from '../auth/identity';
import { freshId, keepEntries, keepEntry, putBack, removeEntry } from '../commands/keep-entry';
import { withClub } from '../db/client';
import { fields, fileOf, type Reader } from '../door/readers';
import { clubForm } from '../door/scopes';
import { readSent } from '../door/sent-form';
import { readInWorker } from '../files/pool';
import type { FileReading } from '../files/read-library';
import { formOf, readEntryForm } from '../reads/entry-form';
import { loadClub } from '../repositories/club-context';

const weightSchema = z.object({
  id: z.string(),
  demand: z.enum(DEMANDS),
  weight: z
    .string()
    .transform((text) => Number(text.replace(',', '.')))
    .refine((value) => value >= 0 && value <= 5 && Number.isInteger(value * 2), 'A weight from 0 to 5, whole or half.'),
});

export const sportForms = {
  /** The first change makes the club's own copy; every squad of this sport is chosen for by it at once. */
  weigh: clubForm({
    form: ({ demand = '' }) => `weigh:${demand}`,
    verb: 'sport-weight',
    reads: fields(weightSchema),
    field: 'weight',
    shows: ({ club }, { id = '', demand = '' }) => {
      const weights: Partial<Record<string, number>> = club.library.sports.get(id)?.demands ?? {};
      return { weight: String(weights[demand] ?? '') };
    },
    work: async (tx, { club }, { value: { id, demand, weight }, actor }) => {
      const sport = club.library.sports.get(id);
      if (!sport) return fail('sport_unknown', ['weight']);
      const changed = sportSchema.parse({ ...sport, demands: { ...sport.demands, [demand]: weight } });
      await keepEntry(tx, club, actor, 'sport', changed);
      return ok(demand);
    },
    says: (kept) => ({ kept }),
  }),
  putBack: clubForm({
    form: 'putBack',
    verb: 'sport-back',
    reads: fields(z.object({ id: z.string().max(80) })),
    field: 'id',
    work: async (tx, { club }, { value, actor }) => {
      await putBack(tx, club, actor, 'sport', value.id);
      return ok(null);
    },
  }),
};

/** Every field of an entry's form as it was typed: read over the entry as it stands, which only the command knows. */
const entryTexts: Reader<{ id: string; isNew: boolean; texts: Texts }> = {
  read: (texts, _, { params, url }) => ({
    ok: true,
    value: { id: params.id ?? '', isNew: url.searchParams.get('new') !== null, texts },
  }),
};

/** The entry an address names. */
const entryName: Reader<string> = { read: (_, __, { params }) => ({ ok: true, value: params.id ?? '' }) };

export const entryForms = {
  keep: clubForm({
    form: 'keep',
    verb: 'library-entry',
    reads: entryTexts,
    field: 'name',
    shows: ({ club }, _, { params, url }) => {
      const entry = club.library.exercises.get(params.id ?? '');
      return entry && url.searchParams.get('new') === null ? formOf(entry) : null;
    },
    work: async (tx, { club }, { value: { id, isNew, texts }, actor }) => {
      const base = club.library.exercises.get(id);
      if (!base) return fail('entry_unknown', ['name'], { exerciseId: id });
      const read = readEntryForm(texts, base);
      if (!read.ok) return { ok: false, issues: asSaid(read.errors) };
      const { allOf, anyOf } = read.value.equipment;
      const unknown = [...allOf, ...anyOf].filter((item) => !(EQUIPMENT as readonly string[]).includes(item));
      if (unknown.length > 0) return fail('kit_unknown', ['allOf'], { kit: unknown });
      const entry = isNew ? { ...read.value, id: freshId(read.value.name, club), ladder: null } : read.value;
      const twin = [...club.library.exercises.values()].find(
        (other) => other.id !== entry.id && other.name.toLowerCase() === entry.name.toLowerCase(),
      );
      if (twin) return fail('name_taken', ['name']);
      await keepEntry(tx, club, actor, 'exercise', entry);
      return ok(entry.id);
    },
    leads: (id) => `/library/${id}`,
  }),
  putBack: clubForm({
    form: 'putBack',
    verb: 'remove-entry',
    reads: entryName,
    field: 'id',
    work: (tx, { club }, { value, actor }) => removeEntry(tx, club, actor, value),
    says: () => ({ message: 'The built-in entry counts again.' }),
    leads: ({ gone }) => (gone ? '/library' : null),
  }),
};

const asSaid = (errors: Readonly<Record<string, readonly string[]>>): Issue[] =>
  Object.entries(errors).map(([field, said]) => ({ code: 'as_said', path: [field], facts: { said: said.join(' ') } }));

/** A library of thousands of entries with drawings stays well below. */
const MOST_BYTES = 5_000_000;
/** Changes listed on the page; the count says them all. */
const SHOWN = 200;

/** What a file of the library would change, as the page shows it. */
export interface LibraryPreview {
  readonly name: string;
  readonly issues: FileReading['issues'];
  readonly changes: FileReading['changes'];
  readonly count: number;
  readonly same: number;
  readonly taken: number | null;
}

interface ReadFile {
  readonly preview: LibraryPreview;
  readonly saw: readonly { kind: string; id: string; fields: readonly string[] | null }[];
  readonly entries: FileReading['entries'];
}

/** Reads the posted file against the club's library, with nothing held open meanwhile. */
const libraryFile: Reader<ReadFile> = {
  read: async (_, { data }, event) => {
    const refuse = (said: string) => ({ ok: false as const, errors: { file: [said] } });
    const file = fileOf(data, MOST_BYTES, 'This file is larger than 5 MB. Split it.');
    if (typeof file === 'string') return refuse(file);
    if (!/\.(json|csv)$/i.test(file.name)) return refuse('A library file ends in .json or .csv.');
    const { clubId } = identityOf(event.locals);
    const club = await withClub(clubId, (tx) => loadClub(tx));
    const name = file.name.slice(0, 120);
    const read = await readInWorker('library', { text: await file.text(), name, entries: club.entries });
    const { issues, changes, same, entries } = read;
    const preview = { name, issues, changes: changes.slice(0, SHOWN), count: changes.length, same, taken: null };
    const saw = changes.map(({ kind, id, fields: of }) => ({
      kind,
      id,
      fields: of?.map(({ field }) => field) ?? null,
    }));
    return { ok: true, value: { preview, saw, entries } };
  },
};

/** Shows what a file would change; writes nothing. */
export async function previewLibrary(event: RequestEvent) {
  const sent = readSent(await event.request.formData());
  const read = await libraryFile.read(sent.typed, sent, event);
  return read.ok ? read.value.preview : refuseForm(400, { message: Object.values(read.errors).flat().join(' ') });
}

/** Takes the same file in, all or nothing. */
export const takeLibrary = clubForm({
  form: 'take',
  verb: 'library-import',
  reads: libraryFile,
  field: 'file',
  work: async (tx, { club }, { value: { preview, entries, saw }, actor }): Promise<Result<LibraryPreview>> => {
    if (preview.issues.length > 0) return ok(preview);
    await keepEntries(tx, club, actor, entries, saw);
    return ok({ ...preview, changes: [], count: 0, taken: entries.length });
  },
  says: (preview): LibraryPreview => preview,
});
