import { error, fail } from '@sveltejs/kit';
import { eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { FOCUSES, START, TEST_SPECS } from '$catalog';
import { addDays } from '$core/calendar';
import type { FocusId } from '$core/startline';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { athlete, healthView } from '$lib/server/db/schema';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadClub, libraryOf } from '$lib/server/repositories/club-context';
import { doneDays, loggedWork } from '$lib/server/repositories/results';
import { readAthlete } from '$lib/server/services/athlete-reading';
import { squadKnot, threadEnd } from '$lib/server/services/page-thread';
import { recordChanges } from '$lib/server/services/record-change';
import { AUDIT_WEEKS } from '$lib/server/services/start-line';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, userId, role } = identityOf(locals);
  const health = can(role, 'health');
  if (!z.uuid().safeParse(params.athleteId).success) error(404, 'There is no such athlete.');
  const { club, squad, rows, logged, done } = await withClub(clubId, async (tx) => {
    const found = await loadClub(tx);
    const one = found.squads.find(({ id }) => id === params.squadId);
    if (!one) error(404, 'There is no such squad.');
    const athletes = await loadSquadAthletes(tx, one.id, found.today);
    const row = athletes.find(({ id }) => id === params.athleteId);
    if (!row) error(404, 'There is no such athlete in this squad.');
    // who looked at health notes is kept with the notes (SAFE-7)
    if (health && row.complaints.length > 0)
      await tx.insert(healthView).values({ clubId, id: v7(), userId, athleteId: row.id });
    return {
      club: found,
      squad: one,
      rows: athletes,
      logged: await loggedWork(
        tx,
        athletes.map(({ id }) => id),
        addDays(found.today, -7 * AUDIT_WEEKS),
        AUDIT_WEEKS,
      ),
      done: await doneDays(tx, row.id, addDays(found.today, -START.trainedDays)),
    };
  });
  const read = readAthlete({ club, squad, rows, logged, done }, params.athleteId, health);
  const row = rows.find(({ id }) => id === params.athleteId);
  if (!read || !row) error(404, 'There is no such athlete in this squad.');
  const library = libraryOf(club, squad);
  const ladder = library.ladders.get(START.controlLadder);
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
    proposed: read.reading.focus && { id: read.reading.focus, name: FOCUSES[read.reading.focus].name },
    specs: [...TEST_SPECS.values()],
    control: ladder && {
      id: ladder.id,
      name: ladder.name,
      rungs: ladder.rungs.map(({ name, purpose }) => ({ name, purpose })),
    },
    exercises: [...library.exercises.values()]
      .filter(({ dominance, family }) => dominance !== null || family === 'calf-foot' || family === 'trunk')
      .map(({ id, name }) => ({ id, name }))
      .sort((a, b) => a.name.localeCompare(b.name)),
    focusNames: Object.fromEntries(Object.entries(FOCUSES).map(([id, { name }]) => [id, name])),
    may: { plan: can(role, 'plan'), health },
  };
};

const workSchema = z
  .array(z.object({ exerciseId: z.string().max(80), setsPerWeek: z.number().min(0.5).max(60) }))
  .max(20);

const textOf = (value: FormDataEntryValue): string => (typeof value === 'string' ? value : '');

export const actions: Actions = {
  /** Sets or ends the focus: the Bench follows it from the next card on. */
  focus: async ({ locals, params, request }) => {
    const { clubId, userId, role } = identityOf(locals);
    if (!can(role, 'plan')) error(403, 'Your role does not set a focus.');
    const wanted = z
      .enum(['', ...(Object.keys(FOCUSES) as FocusId[])])
      .safeParse((await request.formData()).get('focus'));
    if (!wanted.success) return fail(400, { message: 'This focus is not known.' });
    await withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      const [row] = await tx.select().from(athlete).where(eq(athlete.id, params.athleteId));
      if (!row) error(404, 'There is no such athlete.');
      const focus = wanted.data === '' ? null : { id: wanted.data, since: club.today };
      await tx.update(athlete).set({ focus }).where(eq(athlete.id, row.id));
      await recordChanges(tx, clubId, [
        {
          day: club.today,
          actor: userId,
          subject: 'focus',
          athleteId: row.id,
          from: row.focus,
          to: focus && { ...focus, name: FOCUSES[focus.id].name },
          rules: ['START-1'],
        },
      ]);
    });
    return { message: null };
  },
  /** Recent training from memory: a minute's typing that steers the audit (START-4); empty = read the log again. */
  work: async ({ locals, params, request }) => {
    const { clubId, role } = identityOf(locals);
    if (!can(role, 'plan')) error(403, 'Your role does not change this.');
    const form = await request.formData();
    const ids = form.getAll('exercise').map(textOf);
    const sets = form.getAll('sets').map((value) => Number(textOf(value).replace(',', '.')));
    const typed = ids.flatMap((exerciseId, i) =>
      exerciseId === '' ? [] : [{ exerciseId, setsPerWeek: sets[i] ?? NaN }],
    );
    const work = workSchema.safeParse(typed);
    if (!work.success) return fail(400, { message: 'Sets a week are a number from 0.5 to 60 on every line.', typed });
    await withClub(clubId, (tx) =>
      tx
        .update(athlete)
        .set({ recentWork: work.data.length > 0 ? work.data : null })
        .where(eq(athlete.id, params.athleteId)),
    );
    return { message: null };
  },
};
