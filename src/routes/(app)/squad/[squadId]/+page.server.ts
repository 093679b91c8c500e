import { error, fail } from '@sveltejs/kit';
import { and, eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { ageInYears, gymDayOn } from '$core/calendar';
import { knownTiers } from '$core/testing';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub, type Tx } from '$lib/server/db/client';
import { athlete, event, squad, squadAthlete } from '$lib/server/db/schema';
import { readForm, textOf } from '$lib/server/forms';
import { activeComplaints, factsOf, loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '$lib/server/repositories/club-context';
import { nextCardDay, squadKnot, threadEnd } from '$lib/server/services/page-thread';
import { readPastedAthletes } from '$lib/server/services/paste-names';
import { recordChanges } from '$lib/server/services/record-change';
import { aimsOf, ceilingTrouble, keepAims, resultTests } from '$lib/server/services/squad-aims';
import { sayIssue } from '$lib/messages';
import { aimsSchema, eventSchema, gymDaysSchema, squadPlaceSchema } from '$lib/model/forms';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
  const seesHealth = can(role, 'health');
  if (!z.uuid().safeParse(params.squadId).success) error(404, 'There is no such squad.');
  const {
    club,
    squad: shown,
    athletes,
  } = await withClub(clubId, async (tx) => {
    const found = await open(tx, params.squadId);
    return { ...found, athletes: await loadSquadAthletes(tx, params.squadId, found.club.today) };
  });
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
      trainsToday: gymDayOn(today, shown.gymDays) !== null,
    },
    aims: shown.aims,
    resultTests: resultTests(),
    others: others.map(({ id, name }) => ({ id, name })),
    facilities: club.facilities.map(({ id, name }) => ({ id, name })),
    sports: [...club.library.sports.values()]
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => a.name.localeCompare(b.name)),
    ownSchools: Object.keys(shown.ownSchools).length,
    today,
    events: shown.events.filter(({ day }) => day >= today).map(({ id, day, name, kind }) => ({ id, day, name, kind })),
    athletes: athletes.map((row) => {
      const facts = factsOf(row, {}, today, club, shown);
      const tiers = knownTiers(facts.tests);
      const unknown = (['range', 'control', 'skill'] as const).filter((tier) => !tiers[tier]);
      return {
        id: row.id,
        name: row.name,
        role: row.role,
        age: row.birthDate === null ? null : ageInYears(row.birthDate, today),
        bodyMassKg: row.bodyMassKg,
        liftLevel: row.liftLevel,
        jumpLevel: row.jumpLevel,
        unknown,
        mornings: row.checkIns.map(({ day, answer }) => ({ day, answer })).reverse(),
        // who may not read health notes sees that there is an own line, not why
        complaints: activeComplaints(row.complaints, today).map(({ place, score, column }) =>
          seesHealth
            ? { words: `${club.method.places[place]?.name ?? place} ${String(score)}`, stops: column === 'stop' }
            : { words: 'own line', stops: false },
        ),
      };
    }),
  };
};

async function open(tx: Tx, squadId: string): Promise<{ club: ClubContext; squad: SquadRow }> {
  const club = await loadClub(tx);
  const found = club.squads.find(({ id }) => id === squadId);
  if (!found) error(404, 'There is no such squad in this club.');
  return { club, squad: found };
}

export const actions: Actions = {
  add: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const text = textOf(await request.formData(), 'names');
    if (text.trim() === '')
      return fail(400, {
        form: 'add',
        errors: { names: ['Type or paste at least one name.'] },
        typed: { names: text },
      });
    return withClub(clubId, async (tx) => {
      const { club, squad: shown } = await open(tx, params.squadId);
      const present = await loadSquadAthletes(tx, shown.id, club.today);
      const { rows, issues } = readPastedAthletes(
        text,
        present.map(({ name }) => name),
      );
      if (issues.length > 0)
        return fail(400, {
          form: 'add',
          errors: { names: issues.map((issue) => `Line ${String(issue.path[0])}: ${sayIssue(issue)}`) },
          typed: { names: text },
        });
      const made = rows.map((row) => ({ clubId, id: v7(), ...row }));
      await tx.insert(athlete).values(made);
      await tx.insert(squadAthlete).values(made.map(({ id }) => ({ clubId, squadId: shown.id, athleteId: id })));
      await recordChanges(
        tx,
        clubId,
        made.map((row) => ({
          day: club.today,
          actor: userId,
          subject: 'athlete-added',
          athleteId: row.id,
          squadId: shown.id,
          from: null,
          to: { name: row.name },
        })),
      );
      return { form: 'add', errors: {}, typed: {}, added: made.length };
    });
  },
  gymDays: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'gymDays', gymDaysSchema, ['weekdays']);
    if (!form.ok) return form.failure;
    const { weekdays, start, minutes } = form.value;
    const gymDays = weekdays.map((weekday) => ({ weekday, start, minutes }));
    await change(clubId, userId, params.squadId, 'gym-days', (row) => row.gymDays, { gymDays });
    return { form: 'gymDays', errors: {}, typed: {}, kept: true };
  },
  place: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'place', squadPlaceSchema);
    if (!form.ok) return form.failure;
    const { facilityId, sportId } = form.value;
    return withClub(clubId, async (tx) => {
      const { club, squad: row } = await open(tx, params.squadId);
      if (!club.facilities.some(({ id }) => id === facilityId) || !club.library.sports.has(sportId))
        return fail(400, {
          form: 'place',
          errors: { facilityId: ['This place or sport is not there any more. Choose again.'] },
          typed: { facilityId, sportId },
        });
      await tx
        .update(squad)
        .set({ facilityId, sportId, version: row.version + 1 })
        .where(eq(squad.id, row.id));
      await recordChanges(tx, clubId, [
        {
          day: club.today,
          actor: userId,
          subject: 'squad-place',
          squadId: row.id,
          from: { facilityId: row.facilityId, sportId: row.sportId },
          to: form.value,
        },
      ]);
      return { form: 'place', errors: {}, typed: {}, kept: true };
    });
  },
  aims: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'aims', aimsSchema);
    if (!form.ok) return form.failure;
    const aims = aimsOf(form.value);
    const errors = ceilingTrouble(aims);
    if (Object.keys(errors).length > 0) return fail(400, { form: 'aims', errors, typed: form.typed });
    await withClub(clubId, async (tx) => {
      const { club, squad: row } = await open(tx, params.squadId);
      await keepAims(tx, club, row, aims, userId);
    });
    return { form: 'aims', errors: {}, typed: {}, kept: true };
  },
  addEvent: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const form = await readForm(request, 'addEvent', eventSchema);
    if (!form.ok) return form.failure;
    await withClub(clubId, async (tx) => {
      const { club, squad: shown } = await open(tx, params.squadId);
      await tx.insert(event).values({ clubId, id: v7(), squadId: shown.id, ...form.value });
      await recordChanges(tx, clubId, [
        { day: club.today, actor: userId, subject: 'event', squadId: shown.id, from: null, to: form.value },
      ]);
    });
    return { form: 'addEvent', errors: {}, typed: {} };
  },
  removeEvent: async ({ locals, params, request }) => {
    const { clubId, userId } = identityOf(locals);
    const id = z.uuid().parse((await request.formData()).get('id'));
    await withClub(clubId, async (tx) => {
      const { club, squad: shown } = await open(tx, params.squadId);
      const [gone] = await tx
        .delete(event)
        .where(and(eq(event.id, id), eq(event.squadId, shown.id)))
        .returning();
      if (gone)
        await recordChanges(tx, clubId, [
          {
            day: club.today,
            actor: userId,
            subject: 'event',
            squadId: shown.id,
            from: { day: gone.day, name: gone.name, kind: gone.kind },
            to: null,
          },
        ]);
    });
    return { form: 'removeEvent', errors: {}, typed: {} };
  },
};

async function change(
  clubId: string,
  actor: string,
  squadId: string,
  subject: string,
  before: (row: SquadRow) => unknown,
  set: Partial<typeof squad.$inferInsert>,
): Promise<void> {
  await withClub(clubId, async (tx) => {
    const { club, squad: row } = await open(tx, squadId);
    await tx
      .update(squad)
      .set({ ...set, version: row.version + 1 })
      .where(eq(squad.id, squadId));
    await recordChanges(tx, clubId, [
      { day: club.today, actor, subject, squadId, from: before(row), to: Object.values(set)[0] },
    ]);
  });
}
