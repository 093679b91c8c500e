import { renderSVG } from 'uqr';
import { z } from 'zod';
import { ok } from '$core/result';
import { linkedAmong, makeLinks, revokeLinks } from '../commands/athlete-link';
import { recordChanges } from '../commands/record-change';
import { origin } from '../config';
import type { Tx } from '../db/client';
import { fields, nothing } from '../door/readers';
import { squadForm, type OfSquad } from '../door/scopes';
import { loadSquadAthletes } from '../repositories/athletes';

/** A link as it is handed out: shown once, since only a hash of its secret is kept. */
export interface HandedOut {
  readonly name: string;
  readonly link: string;
  readonly code: string;
}

async function membersOf(tx: Tx, { club, squad }: OfSquad) {
  const athletes = await loadSquadAthletes(tx, squad.id, club.today);
  const ids = athletes.map(({ id }) => id);
  return { athletes, linked: await linkedAmong(tx, ids) };
}

const noted = ({ club }: OfSquad, ids: readonly string[], actor: string, subject: string) =>
  ids.map((athleteId) => ({ day: club.today, actor, subject, athleteId, from: null, to: null }));

/** Check-in links of a squad. */
export const linkForms = {
  make: squadForm({
    form: 'make',
    verb: 'make-links',
    reads: fields(z.object({ who: z.enum(['missing', 'all']) })),
    field: 'who',
    once: {
      shows: (links) => ({ links: links as HandedOut[] }),
      said: 'These links were already made and shown once. Make new ones for everybody.',
    },
    work: async (tx, of, { value, actor, reveal }) => {
      const { athletes, linked } = await membersOf(tx, of);
      const wanted = athletes.filter(({ id }) => value.who === 'all' || !linked.has(id));
      const ids = wanted.map(({ id }) => id);
      const paths = await makeLinks(tx, of.club.clubId, ids);
      await recordChanges(tx, of.club.clubId, noted(of, ids, actor, 'link-made'));
      reveal(
        wanted.map(({ id, name }): HandedOut => {
          const link = `${origin()}${paths.get(id) ?? ''}`;
          return { name, link, code: renderSVG(link, { border: 1 }) };
        }),
      );
      return ok(null);
    },
  }),
  end: squadForm({
    form: 'end',
    verb: 'end-links',
    reads: nothing,
    field: 'who',
    work: async (tx, of, { actor }) => {
      const ids = [...(await membersOf(tx, of)).linked];
      await revokeLinks(tx, ids);
      await recordChanges(tx, of.club.clubId, noted(of, ids, actor, 'link-ended'));
      return ok(null);
    },
    says: () => ({ ended: true }),
  }),
};
