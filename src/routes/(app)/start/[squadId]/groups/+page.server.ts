import { error } from '@sveltejs/kit';
import { addDays } from '$core/calendar';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import { loggedWork } from '$lib/server/repositories/results';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { AUDIT_WEEKS, readRows } from '$lib/server/reads/start-line';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  const health = can(role, 'health');
  const { club, squad, rows, logged } = await withClub(clubId, async (tx) => {
    const found = await loadClub(tx);
    const one = found.squads.find(({ id }) => id === params.squadId);
    if (!one) error(404, 'There is no such squad.');
    const athletes = await loadSquadAthletes(tx, one.id, found.today);
    const ids = athletes.map(({ id }) => id);
    return {
      club: found,
      squad: one,
      rows: athletes,
      logged: await loggedWork(tx, ids, addDays(found.today, -7 * AUDIT_WEEKS), AUDIT_WEEKS),
    };
  });
  const { readings } = readRows({ club, squad, rows, logged }, club.today, health);
  const rungs = libraryOf(club, squad).ladders.get(club.method.start.controlLadder)?.rungs ?? [];
  const people = rows.flatMap((row) => {
    const reading = readings.get(row.id);
    if (!reading) return [];
    return [
      {
        id: row.id,
        name: row.name,
        /** what is set counts; else what the reading proposes */
        focus: row.focus?.id ?? reading.focus,
        isSet: row.focus !== null,
        limiting: reading.limiting,
        tiers: reading.tiers,
        unknown: reading.preliminary,
        rung: reading.controlRung,
      },
    ];
  });
  const by = <K extends string | number>(
    key: (one: (typeof people)[number]) => K,
  ): { key: K; people: typeof people }[] =>
    [...new Set(people.map(key))].map((found) => ({ key: found, people: people.filter((one) => key(one) === found) }));
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/start/${one.id}/groups`)],
      level: 1,
      ...threadEnd(club, squad, club.today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    today: club.today,
    focuses: by(({ focus }) => focus ?? '')
      .map(({ key, people: own }) => ({
        id: key,
        name: key === '' ? 'Unknown: test first' : (club.method.focuses[key]?.name ?? key),
        people: own,
      }))
      .sort((a, b) => b.people.length - a.people.length),
    rungs: by(({ rung }) => rung ?? 0)
      .sort((a, b) => a.key - b.key)
      .map(({ key, people: own }) => ({
        rung: key,
        name: key === 0 ? 'not placed: control not known' : (rungs[key - 1]?.name ?? ''),
        people: own,
      })),
  };
};
