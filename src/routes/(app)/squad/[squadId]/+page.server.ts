import { gymTimeOn } from '$core/season';
import { error, fail } from '@sveltejs/kit';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { onSquad, openSquad } from '$lib/server/commands/on-squad';
import { addAthletes, setLevels } from '$lib/server/commands/roster';
import { addEvent, removeEvent, setGymDays, setSquadPlace } from '$lib/server/commands/squads';
import { aimsOf, ceilingTrouble, keepAims, resultTests } from '$lib/server/commands/squad-aims';
import { withClub } from '$lib/server/db/client';
import { remembered } from '$lib/server/db/remembered';
import { commandIdOf, readForm, textOf, troubleOf } from '$lib/server/forms';
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
import { timesOf, loadClub, type ClubContext, type SquadRow } from '$lib/server/repositories/club-context';
import { aimsSchema, levelsSchema, eventSchema, gymDaysSchema, squadPlaceSchema } from '$lib/model/forms';
import type { Actions, PageServerLoad } from './$types';

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

const KEPT = { errors: {}, typed: {} };

export const actions: Actions = {
  add: async (event) => {
    const data = await event.request.formData();
    const text = textOf(data, 'names');
    const typed = { names: text };
    if (text.trim() === '')
      return fail(400, { form: 'add', errors: { names: ['Type or paste at least one name.'] }, typed });
    const id = commandIdOf(data);
    const done = await onSquad(event, id, 'add-athletes', text, (tx, { club, squad, actor }) =>
      addAthletes(tx, club, squad, id, text, actor),
    );
    if (!done.ok) return troubleOf('add', done.issues, typed, 'names');
    return {
      form: 'add',
      ...KEPT,
      added: done.value.made,
      joined: done.value.joined,
      left: done.value.left,
      unread: done.value.unread,
    };
  },
  levels: async (event) => {
    const form = await readForm(event.request, 'levels', levelsSchema, ['ids']);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'set-levels', form.value, (tx, { club, squad, actor }) =>
      setLevels(tx, club, squad, form.value, actor),
    );
    return done.ok
      ? { form: 'levels', ...KEPT, changed: done.value }
      : troubleOf('levels', done.issues, form.typed, 'ids');
  },
  gymDays: async (event) => {
    const form = await readForm(event.request, 'gymDays', gymDaysSchema, ['weekdays']);
    if (!form.ok) return form.failure;
    const { weekdays, start, minutes } = form.value;
    const gymDays = weekdays.map((weekday) => ({ weekday, start, minutes }));
    await onSquad(event, form.commandId, 'gym-days', gymDays, (tx, { club, squad, actor }) =>
      setGymDays(tx, club, squad, gymDays, actor),
    );
    return { form: 'gymDays', ...KEPT, kept: true };
  },
  place: async (event) => {
    const form = await readForm(event.request, 'place', squadPlaceSchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'squad-place', form.value, (tx, { club, squad, actor }) =>
      setSquadPlace(tx, club, squad, form.value, actor),
    );
    return done.ok ? { form: 'place', ...KEPT, kept: true } : troubleOf('place', done.issues, form.typed, 'facilityId');
  },
  aims: async (event) => {
    const form = await readForm(event.request, 'aims', aimsSchema);
    if (!form.ok) return form.failure;
    const { clubId } = identityOf(event.locals);
    const club = await withClub(clubId, (tx) => loadClub(tx));
    const aims = aimsOf(form.value, club);
    const errors = ceilingTrouble(aims, club);
    if (Object.keys(errors).length > 0) return fail(400, { form: 'aims', errors, typed: form.typed });
    await onSquad(event, form.commandId, 'squad-aims', aims, (tx, { club: now, squad, actor }) =>
      keepAims(tx, now, squad, aims, actor),
    );
    return { form: 'aims', ...KEPT, kept: true };
  },
  addEvent: async (event) => {
    const form = await readForm(event.request, 'addEvent', eventSchema);
    if (!form.ok) return form.failure;
    await onSquad(event, form.commandId, 'add-event', form.value, (tx, { club, squad, actor }) =>
      addEvent(tx, club, squad, form.commandId, form.value, actor),
    );
    return { form: 'addEvent', ...KEPT };
  },
  removeEvent: async (event) => {
    const data = await event.request.formData();
    const id = textOf(data, 'id');
    if (!isId(id)) return fail(400, { form: 'removeEvent', errors: { id: ['It is gone already.'] }, typed: {} });
    await onSquad(event, commandIdOf(data), 'remove-event', id, (tx, { club, squad, actor }) =>
      removeEvent(tx, club, squad, id, actor),
    );
    return { form: 'removeEvent', ...KEPT };
  },
};
