import { error } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { isId } from '$lib/server/http';
import { weeksAsked } from '$lib/model/athlete-history';
import { readAthleteHistory } from '$lib/server/reads/athlete-history';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { ageOf } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { noteHealthView } from '$lib/server/repositories/history';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId, userId, role } = identityOf(locals);
  if (!isId(params.squadId) || !isId(params.athleteId)) error(404, 'There is no such athlete in this squad.');
  const weeks = weeksAsked(url.searchParams);
  const health = can(role, 'health');
  const { club, squad, row, history } = await withClub(clubId, async (tx) => {
    const context = await loadClub(tx);
    const own = context.squads.find(({ id }) => id === params.squadId);
    const read = own && (await readAthleteHistory(tx, context, own, params.athleteId, weeks, health));
    if (!read) error(404, 'There is no such athlete in this squad.');
    // who looked at health notes is kept with the notes (SAFE-7)
    if ((read.history.complaints ?? []).length > 0) await noteHealthView(tx, clubId, userId, params.athleteId);
    return { club: context, squad: own, ...read };
  });
  const here = `/squad/${squad.id}/${row.id}`;
  return {
    thread: {
      knots: [
        squadKnot(club, squad, (one) => `/squad/${one.id}`),
        {
          label: 'athlete',
          value: here,
          options: [
            { href: here, label: row.name },
            { href: `/squad/${squad.id}`, label: 'all of the squad' },
          ],
        },
      ],
      level: 2,
      ...threadEnd(club, squad, club.today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    here,
    weeks,
    athlete: { name: row.name, role: row.role, age: ageOf(row, club.today), bodyMassKg: row.bodyMassKg },
    history,
  };
};
