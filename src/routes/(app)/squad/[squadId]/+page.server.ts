import { gymTimeOn } from '$core/season';
import { error } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { openSquad } from '$lib/server/reads/open-squad';
import { resultTests } from '$lib/server/commands/squad-aims';
import { remembered } from '$lib/server/db/remembered';
import { isId } from '$lib/server/http';
import { nextCardDay, squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import {
  activeComplaints,
  ageOf,
  factsOf,
  loadSquadAthletes,
  morningsOf,
  type AthleteRow,
} from '$lib/server/repositories/athletes';
import { timesOf, type ClubContext, type SquadRow } from '$lib/server/repositories/club-context';
import { squadForms } from '$lib/server/forms/squad';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  const seesHealth = can(role, 'health');
  if (!isId(params.squadId)) error(404, 'There is no such squad.');
  return remembered(clubId, `squad ${params.squadId} ${role}`, async (tx) => {
    const found = await openSquad(tx, params.squadId);
    const athletes = await loadSquadAthletes(tx, params.squadId, found.club.today);
    return readSquad(found.club, found.squad, athletes, seesHealth);
  });
};

function readSquad(club: ClubContext, shown: SquadRow, athletes: readonly AthleteRow[], seesHealth: boolean) {
  const { today } = club;
  const others = club.squads.filter(({ id }) => id !== shown.id);
  return {
    thread: {
      knots: [squadKnot(club, shown, (one) => `/squad/${one.id}`)],
      level: 1,
      ...threadEnd(club, shown, today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: {
      id: shown.id,
      name: shown.name,
      gymDays: shown.gymDays,
      kit: shown.kit,
      facilityId: shown.facilityId,
      sportId: shown.sportId,
      nextDay: nextCardDay(shown, today),
      trainsToday: gymTimeOn(today, timesOf(shown)) !== null,
    },
    aims: shown.aims,
    resultTests: resultTests(club),
    others: others.map(({ id, name }) => ({ id, name })),
    facilities: club.facilities.map(({ id, name }) => ({ id, name })),
    sports: [...club.library.sports.values()]
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => a.name.localeCompare(b.name)),
    ownSchools: Object.keys(shown.ownSchools).length,
    today,
    events: shown.events.filter(({ day }) => day >= today).map(({ id, day, name, kind }) => ({ id, day, name, kind })),
    athletes: athletes.map((row) => {
      const facts = factsOf(row, today, club, shown);
      return {
        id: row.id,
        name: row.name,
        role: row.role,
        age: ageOf(row, today),
        bodyMassKg: row.bodyMassKg,
        liftLevel: row.liftLevel,
        jumpLevel: row.jumpLevel,
        unknown: facts.unknown.filter((tier) => tier !== 'force'),
        consentMissing: facts.consentMissing,
        mornings: morningsOf(row)
          .map(({ day, answer }) => ({ day, answer }))
          .reverse(),
        // who may not read health notes sees that there is an own line, not why
        complaints: activeComplaints(row.complaints, today, club.method).map(({ place, score, column }) =>
          seesHealth
            ? { words: `${club.method.places[place]?.name ?? place} ${String(score)}`, stops: column === 'stop' }
            : { words: 'own line', stops: false },
        ),
      };
    }),
  };
}

export const actions = squadForms;
