import { fail } from '@sveltejs/kit';
import { renderSVG } from 'uqr';
import { ok } from '$core/result';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { linkedAmong, makeLinks, revokeLinks } from '$lib/server/commands/athlete-link';
import { onSquad, openSquad } from '$lib/server/commands/on-squad';
import { recordChanges } from '$lib/server/commands/record-change';
import { origin } from '$lib/server/config';
import { withClub } from '$lib/server/db/client';
import { commandIdOf } from '$lib/server/forms';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  return withClub(clubId, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    const athletes = await loadSquadAthletes(tx, squad.id, club.today);
    const linked = await linkedAmong(
      tx,
      athletes.map(({ id }) => id),
    );
    return {
      thread: {
        knots: [squadKnot(club, squad, (one) => `/squad/${one.id}/links`)],
        level: 1,
        ...threadEnd(club, squad, club.today),
      },
      clubName: club.name,
      massUnit: club.massUnit,
      squad: { id: squad.id, name: squad.name },
      athletes: athletes.map(({ id, name }) => ({ id, name, linked: linked.has(id) })),
      plans: can(role, 'plan'),
    };
  });
};

/** A link as it is handed out: shown once, since only a hash of its secret is kept. */
interface HandedOut {
  readonly name: string;
  readonly link: string;
  readonly code: string;
}

export const actions: Actions = {
  make: async (event) => {
    const data = await event.request.formData();
    const onlyMissing = data.get('who') !== 'all';
    // what a retried attempt made is not what stands
    const made: HandedOut[][] = [];
    const done = await onSquad(event, commandIdOf(data), 'make-links', onlyMissing, async (tx, of) => {
      const athletes = await loadSquadAthletes(tx, of.squad.id, of.club.today);
      const ids = athletes.map(({ id }) => id);
      const linked = onlyMissing ? await linkedAmong(tx, ids) : new Set<string>();
      const wanted = athletes.filter(({ id }) => !linked.has(id));
      const paths = await makeLinks(
        tx,
        of.club.clubId,
        wanted.map(({ id }) => id),
      );
      await recordChanges(
        tx,
        of.club.clubId,
        wanted.map(({ id }) => ({
          day: of.club.today,
          actor: of.actor,
          subject: 'link-made',
          athleteId: id,
          from: null,
          to: null,
        })),
      );
      made.push(
        wanted.map(({ id, name }) => {
          const link = `${origin()}${paths.get(id) ?? ''}`;
          return { name, link, code: renderSVG(link, { border: 1 }) };
        }),
      );
      return ok(null);
    });
    const links = made.at(-1);
    if (!done.ok || !links)
      return fail(400, { said: 'These links were already made and shown once. Make new ones for everybody.' });
    return { links };
  },
  end: async (event) => {
    const data = await event.request.formData();
    await onSquad(event, commandIdOf(data), 'end-links', null, async (tx, { club, squad, actor }) => {
      const athletes = await loadSquadAthletes(tx, squad.id, club.today);
      const linked = [
        ...(await linkedAmong(
          tx,
          athletes.map(({ id }) => id),
        )),
      ];
      await revokeLinks(tx, linked);
      await recordChanges(
        tx,
        club.clubId,
        linked.map((athleteId) => ({
          day: club.today,
          actor,
          subject: 'link-ended',
          athleteId,
          from: null,
          to: null,
        })),
      );
      return ok(null);
    });
    return { ended: true };
  },
};
