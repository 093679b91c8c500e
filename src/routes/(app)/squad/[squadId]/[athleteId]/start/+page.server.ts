import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { addDays } from '$core/calendar';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { noteHealthView } from '$lib/server/repositories/history';
import { loadSquadsAthletes } from '$lib/server/repositories/athletes';
import { loadClub, libraryOf } from '$lib/server/repositories/club-context';
import { doneDays, loggedWork } from '$lib/server/repositories/results';
import { readAthlete } from '$lib/server/reads/athlete-reading';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { AUDIT_WEEKS, specsOf } from '$lib/server/reads/start-line';
import { readingForms } from '$lib/server/forms/start-line';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, userId, role } = identityOf(locals);
  const health = can(role, 'health');
  if (!z.uuid().safeParse(params.athleteId).success) error(404, 'There is no such athlete.');
  const { club, squad, rows, ofSport, logged, done } = await withClub(clubId, async (tx) => {
    const found = await loadClub(tx);
    const one = found.squads.find(({ id }) => id === params.squadId);
    if (!one) error(404, 'There is no such squad.');
    const sameSport = found.squads.filter(({ sportId }) => sportId === one.sportId).map(({ id }) => id);
    const bySquad = await loadSquadsAthletes(tx, sameSport, found.today);
    const athletes = bySquad.get(one.id) ?? [];
    const row = athletes.find(({ id }) => id === params.athleteId);
    if (!row) error(404, 'There is no such athlete in this squad.');
    // who looked at health notes is kept with the notes (SAFE-7)
    if (health && row.complaints.length > 0) await noteHealthView(tx, clubId, userId, row.id);
    return {
      club: found,
      squad: one,
      rows: athletes,
      ofSport: [...new Map([...bySquad.values()].flat().map((each) => [each.id, each])).values()],
      logged: await loggedWork(
        tx,
        athletes.map(({ id }) => id),
        addDays(found.today, -7 * AUDIT_WEEKS),
        AUDIT_WEEKS,
      ),
      done: await doneDays(tx, row.id, addDays(found.today, -found.method.start.trainedDays)),
    };
  });
  const read = readAthlete({ club, squad, rows, ofSport, logged, done }, params.athleteId, health);
  const row = rows.find(({ id }) => id === params.athleteId);
  if (!read || !row) error(404, 'There is no such athlete in this squad.');
  const library = libraryOf(club, squad);
  const ladder = library.ladders.get(club.method.start.controlLadder);
  return {
    thread: {
      knots: [
        squadKnot(club, squad, (one) => `/start/${one.id}/groups`),
        {
          label: 'athlete',
          value: `/squad/${squad.id}/${row.id}/start`,
          options: rows.map(({ id, name }) => ({ href: `/squad/${squad.id}/${id}/start`, label: name })),
        },
      ],
      level: 2,
      ...threadEnd(club, squad, club.today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    today: club.today,
    squad: { id: squad.id, name: squad.name },
    athlete: { id: row.id, name: row.name, role: row.role, liftLevel: row.liftLevel, bodyMassKg: row.bodyMassKg },
    ...read,
    proposed: read.reading.focus && {
      id: read.reading.focus,
      name: club.method.focuses[read.reading.focus]?.name ?? read.reading.focus,
    },
    specs: specsOf(squad, club),
    control: ladder && {
      id: ladder.id,
      name: ladder.name,
      rungs: ladder.rungs.map(({ name, purpose }) => ({ name, purpose })),
    },
    exercises: [...library.exercises.values()]
      .filter(({ dominance, family }) => dominance !== null || family === 'calf-foot' || family === 'trunk')
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => a.name.localeCompare(b.name)),
    focusNames: Object.fromEntries(Object.entries(club.method.focuses).map(([id, { name }]) => [id, name])),
    may: { plan: can(role, 'plan'), health },
  };
};

export const actions = readingForms;
