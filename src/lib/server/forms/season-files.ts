import type { RequestEvent } from '@sveltejs/kit';
import { identityOf } from '../auth/identity';
import { openSquad } from '../reads/open-squad';
import { withClub } from '../db/client';
import { fileOf, type Reader } from '../door/readers';
import { readInWorker } from '../files/pool';
import type { FixturesFile } from '../files/read-fixtures';
import { readSeasonFile } from '../files/read-season';
import type { SeasonBasis } from '$lib/model/season-file';

const MOST_BYTES = 1_000_000;
const TOO_LARGE = 'This file is larger than 1 MB.';

const refuse = (said: string) => ({ ok: false as const, errors: { file: [said] } });

/** A season's file. */
export const seasonFile: Reader<SeasonBasis> = {
  read: async (_, { data }) => {
    const file = fileOf(data, MOST_BYTES, TOO_LARGE);
    if (typeof file === 'string') return refuse(file);
    const read = readSeasonFile(await file.text());
    return typeof read === 'string' ? refuse(read) : { ok: true, value: read };
  },
};

/** A calendar or a table of fixtures, read in the file thread with nothing held open meanwhile. */
export const fixtureFile: Reader<FixturesFile, RequestEvent<{ squadId: string }>> = {
  read: async (_, { data }, event) => {
    const file = fileOf(data, MOST_BYTES, TOO_LARGE);
    if (typeof file === 'string') return refuse(file);
    const { clubId } = identityOf(event.locals);
    const { club, squad } = await withClub(clubId, (tx) => openSquad(tx, event.params.squadId));
    if (!squad.season) return refuse('Set when the season starts and ends first.');
    const { start: from, end: to } = squad.season;
    const { zone, dayOrder } = club;
    const text = (await file.text()).replaceAll('\0', '');
    const read = await readInWorker('fixtures', { text, name: file.name, zone, dayOrder, from, to });
    return typeof read === 'string' ? refuse(read) : { ok: true, value: read };
  },
};
