import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { hasCalendarLink } from '$lib/server/commands/calendar-link';
import { openSquad } from '$lib/server/reads/open-squad';
import { remembered } from '$lib/server/db/remembered';
import { readSeason } from '$lib/server/reads/season';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadFollowed, loadSteps } from '$lib/server/repositories/season';
import { seasonForms } from '$lib/server/forms/season';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId, role } = identityOf(locals);
  const week = Number(url.searchParams.get('week'));
  const asked = Number.isInteger(week) && week > 0 ? week : null;
  return remembered(clubId, `season ${params.squadId} ${String(asked)} ${role}`, async (tx) => {
    const { club, squad } = await openSquad(tx, params.squadId);
    const athletes = await loadSquadAthletes(tx, squad.id, club.today);
    const rows = { followed: await loadFollowed(tx, squad.id), steps: await loadSteps(tx, squad.id, STEPS) };
    return {
      ...readSeason(club, squad, athletes, rows, asked, can(role, 'health')),
      plans: can(role, 'plan'),
      linked: await hasCalendarLink(tx, squad.id),
    };
  });
};

/** Steps looked at for the one that can be taken back and those that were. */
const STEPS = 30;

export const actions = seasonForms;
