import { error } from '@sveltejs/kit';
import { isDay } from '$core/calendar';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { remembered } from '$lib/server/db/remembered';
import { isId } from '$lib/server/http';
import { onceId } from '$lib/server/once-id';
import { readBench } from '$lib/server/reads/bench';
import { loadSquadDay } from '$lib/server/reads/squad-day';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId, role } = identityOf(locals);
  const { squadId, day } = params;
  const athleteId = url.searchParams.get('for');
  if (!isDay(day) || !isId(squadId) || (athleteId !== null && !isId(athleteId)))
    error(404, 'There is no such session.');
  const page = await remembered(clubId, `bench ${squadId} ${day} ${athleteId ?? ''} ${role}`, async (tx) => {
    const rows = await loadSquadDay(tx, squadId, day, athleteId);
    if (!rows) error(404, 'There is no such squad in this club.');
    if (athleteId !== null && !rows.athletes.some(({ id }) => id === athleteId))
      error(404, 'This athlete is not in this squad.');
    return readBench(rows, { plan: can(role, 'plan'), health: can(role, 'health') });
  });
  return { ...page, newId: onceId(locals) };
};
