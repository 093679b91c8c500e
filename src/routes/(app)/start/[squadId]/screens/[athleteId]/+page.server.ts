import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { SCREEN_DRAWINGS } from '$catalog';
import { testSpecs } from '$core/athlete';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadClub } from '$lib/server/repositories/club-context';
import { cellView } from '$lib/server/repositories/results';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { cutsOf, gridAthlete, ownNoise } from '$lib/server/reads/start-line';
import type { GridPage } from '$lib/model/start-line';
import type { PageServerLoad } from './$types';

/** The slow screens of one athlete, on the club's today; the grid of the day shows the same cells. */
export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  const health = can(role, 'health');
  if (!z.uuid().safeParse(params.athleteId).success) error(404, 'There is no such athlete.');
  const at = new Date().toISOString();
  const { club, squad, rows } = await withClub(clubId, async (tx) => {
    const found = await loadClub(tx);
    const one = found.squads.find(({ id }) => id === params.squadId);
    if (!one) error(404, 'There is no such squad.');
    return { club: found, squad: one, rows: await loadSquadAthletes(tx, one.id, found.today) };
  });
  const row = rows.find(({ id }) => id === params.athleteId);
  if (!row) error(404, 'There is no such athlete in this squad.');
  const grid: GridPage = {
    squadId: squad.id,
    day: club.today,
    today: club.today,
    cuts: cutsOf(club, squad),
    targets: squad.aims.targets,
    specs: [...testSpecs(club.method).values()],
    tests: Object.keys(SCREEN_DRAWINGS),
    athletes: [gridAthlete(row, 'unknown', club.today, club, squad, health)],
    cells: row.results.filter(({ day }) => day === club.today).map((result) => cellView(result, club)),
    noise: ownNoise(rows, club),
    settings: club.method.start,
    loading: club.method.settings.loading,
    at,
  };
  return {
    thread: {
      knots: [
        squadKnot(club, squad, (one) => `/start/${one.id}/groups`),
        {
          label: 'athlete',
          value: `/start/${squad.id}/screens/${row.id}`,
          options: rows.map(({ id, name }) => ({ href: `/start/${squad.id}/screens/${id}`, label: name })),
        },
      ],
      level: 2,
      ...threadEnd(club, squad, club.today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    athlete: { id: row.id, name: row.name },
    grid,
    drawings: SCREEN_DRAWINGS,
    may: { write: can(role, 'log') },
  };
};
