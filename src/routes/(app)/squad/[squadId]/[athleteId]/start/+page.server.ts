import { error, fail } from '@sveltejs/kit';
import { eq } from 'drizzle-orm';
import { v7 } from 'uuid';
import { z } from 'zod';
import { FOCUSES, START } from '$catalog';
import { addDays } from '$core/calendar';
import type { FocusId } from '$core/startline';
import { sayIssue } from '$lib/messages';
import { ceilingSchema } from '$lib/model/forms';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub, type Tx } from '$lib/server/db/client';
import { readForm } from '$lib/server/forms';
import { athlete, healthView } from '$lib/server/db/schema';
import { loadSquadsAthletes } from '$lib/server/repositories/athletes';
import { loadClub, libraryOf } from '$lib/server/repositories/club-context';
import { doneDays, loggedWork } from '$lib/server/repositories/results';
import { readAthlete } from '$lib/server/services/athlete-reading';
import { squadKnot, threadEnd } from '$lib/server/services/page-thread';
import { recordChanges } from '$lib/server/services/record-change';
import { setCeiling, setMoment } from '$lib/server/services/squad-aims';
import { AUDIT_WEEKS, specsOf } from '$lib/server/services/start-line';
import type { Actions, PageServerLoad } from './$types';

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
    if (health && row.complaints.length > 0)
      await tx.insert(healthView).values({ clubId, id: v7(), userId, athleteId: row.id });
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
      done: await doneDays(tx, row.id, addDays(found.today, -START.trainedDays)),
    };
  });
  const read = readAthlete({ club, squad, rows, ofSport, logged, done }, params.athleteId, health);
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
    specs: specsOf(squad),
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

const KEPT: { form: string; typed: Record<string, string>; message: string | null } = {
  form: '',
  typed: {},
  message: null,
};

async function open(tx: Tx, of: { squadId: string; athleteId: string }) {
  const club = await loadClub(tx);
  const squad = club.squads.find(({ id }) => id === of.squadId);
  const row = (await loadSquadsAthletes(tx, [of.squadId], club.today))
    .get(of.squadId)
    ?.find(({ id }) => id === of.athleteId);
  if (!squad || !row) error(404, 'There is no such athlete in this squad.');
  return { club, squad, row };
}

export const actions: Actions = {
  /** Sets or ends the focus: the Bench follows it from the next card on. */
  focus: async ({ locals, params, request }) => {
    const { clubId, userId, role } = identityOf(locals);
    if (!can(role, 'plan')) error(403, 'Your role does not set a focus.');
    const wanted = z
      .enum(['', ...(Object.keys(FOCUSES) as FocusId[])])
      .safeParse((await request.formData()).get('focus'));
    if (!wanted.success) return fail(400, { form: 'focus', typed: {}, message: 'This focus is not known.' });
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
    return KEPT;
  },
  /** Names a weak moment for this block, or takes it back (START-12). */
  moment: async ({ locals, params, request }) => {
    const { clubId, userId, role } = identityOf(locals);
    if (!can(role, 'plan')) error(403, 'Your role does not change this.');
    const id = textOf((await request.formData()).get('moment') ?? '');
    return withClub(clubId, async (tx) => {
      const kept = await setMoment(tx, await open(tx, params), id, userId);
      return kept.ok ? KEPT : fail(400, { ...KEPT, form: 'moment', message: kept.issues.map(sayIssue).join(' ') });
    });
  },
  /** A lift is strong enough, or may rise again (DOSE-6; START-11 proposes it). */
  ceiling: async ({ locals, params, request }) => {
    const { clubId, userId, role } = identityOf(locals);
    if (!can(role, 'plan')) error(403, 'Your role does not change this.');
    const form = await readForm(request, 'ceiling', ceilingSchema);
    if (!form.ok)
      return fail(400, { ...form.failure.data, message: Object.values(form.failure.data.errors).flat().join(' ') });
    return withClub(clubId, async (tx) => {
      const kept = await setCeiling(tx, await open(tx, params), form.value, userId);
      return kept.ok
        ? KEPT
        : fail(400, { form: 'ceiling', typed: form.typed, message: kept.issues.map(sayIssue).join(' ') });
    });
  },
  rise: async ({ locals, params, request }) => {
    const { clubId, userId, role } = identityOf(locals);
    if (!can(role, 'plan')) error(403, 'Your role does not change this.');
    const lift = textOf((await request.formData()).get('lift') ?? '');
    await withClub(clubId, async (tx) => {
      await setCeiling(tx, await open(tx, params), { lift, kg: null, why: 'typed' }, userId);
    });
    return KEPT;
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
    if (!work.success)
      return fail(400, { form: 'work', typed: {}, message: 'Sets a week are a number from 0.5 to 60 on every line.' });
    await withClub(clubId, (tx) =>
      tx
        .update(athlete)
        .set({ recentWork: work.data.length > 0 ? work.data : null })
        .where(eq(athlete.id, params.athleteId)),
    );
    return KEPT;
  },
};
