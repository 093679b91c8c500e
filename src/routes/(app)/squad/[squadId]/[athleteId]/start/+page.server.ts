import { error, fail } from '@sveltejs/kit';
import { z } from 'zod';
import { addDays } from '$core/calendar';
import { FOCUS_IDS } from '$core/startline';
import type { Result } from '$core/result';
import { sayIssue } from '$lib/messages';
import { ceilingSchema } from '$lib/model/forms';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub, type Tx } from '$lib/server/db/client';
import { commandIdOf, readForm } from '$lib/server/forms';
import { keepRecentWork, setFocus } from '$lib/server/commands/athlete-facts';
import { runOne } from '$lib/server/commands/run-command';
import { noteHealthView } from '$lib/server/repositories/history';
import { loadSquadsAthletes } from '$lib/server/repositories/athletes';
import { loadClub, libraryOf } from '$lib/server/repositories/club-context';
import { doneDays, loggedWork } from '$lib/server/repositories/results';
import { readAthlete } from '$lib/server/reads/athlete-reading';
import { squadKnot, threadEnd } from '$lib/server/reads/page-thread';
import { setCeiling, setMoment } from '$lib/server/commands/squad-aims';
import { AUDIT_WEEKS, specsOf } from '$lib/server/reads/start-line';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

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

type Open = Awaited<ReturnType<typeof open>>;

/** One form of this page as a command on its athlete. */
function onAthlete<T>(
  { locals, params }: RequestEvent,
  id: string,
  verb: string,
  body: unknown,
  work: (tx: Tx, of: Open & { actor: string }) => Promise<Result<T>>,
): Promise<Result<T>> {
  const { clubId, userId, role } = identityOf(locals);
  if (!can(role, 'plan')) error(403, 'Your role does not change this.');
  return runOne({ clubId, id, verb, actor: userId }, { athleteId: params.athleteId, body }, async (tx) =>
    work(tx, { ...(await open(tx, params)), actor: userId }),
  );
}

const said = (form: string, done: Result<unknown>, typed: Record<string, string> = {}) =>
  done.ok ? KEPT : fail(400, { form, typed, message: done.issues.map(sayIssue).join(' ') });

export const actions: Actions = {
  /** Sets or ends the focus: the Bench follows it from the next card on. */
  focus: async (event) => {
    const data = await event.request.formData();
    const wanted = z.enum(['', ...FOCUS_IDS]).safeParse(data.get('focus'));
    if (!wanted.success) return fail(400, { form: 'focus', typed: {}, message: 'This focus is not known.' });
    const focus = wanted.data === '' ? null : wanted.data;
    return said(
      'focus',
      await onAthlete(event, commandIdOf(data), 'focus', focus, (tx, { club, row, actor }) =>
        setFocus(tx, club, [row], new Map([[row.id, focus]]), actor),
      ),
    );
  },
  /** Names a weak moment for this block, or takes it back (START-12). */
  moment: async (event) => {
    const data = await event.request.formData();
    const id = textOf(data.get('moment') ?? '');
    return said(
      'moment',
      await onAthlete(event, commandIdOf(data), 'moment', id, (tx, { actor, ...of }) => setMoment(tx, of, id, actor)),
    );
  },
  /** A lift is strong enough, or may rise again (DOSE-6; START-11 proposes it). */
  ceiling: async (event) => {
    const form = await readForm(event.request, 'ceiling', ceilingSchema);
    if (!form.ok)
      return fail(400, { ...form.failure.data, message: Object.values(form.failure.data.errors).flat().join(' ') });
    return said(
      'ceiling',
      await onAthlete(event, form.commandId, 'ceiling', form.value, (tx, { actor, ...of }) =>
        setCeiling(tx, of, form.value, actor),
      ),
      form.typed,
    );
  },
  rise: async (event) => {
    const data = await event.request.formData();
    const lift = textOf(data.get('lift') ?? '');
    return said(
      'rise',
      await onAthlete(event, commandIdOf(data), 'rise', lift, (tx, { actor, ...of }) =>
        setCeiling(tx, of, { lift, kg: null, why: 'typed' }, actor),
      ),
    );
  },
  /** Recent training from memory: a minute's typing that steers the audit (START-4); empty = read the log again. */
  work: async (event) => {
    const form = await event.request.formData();
    const ids = form.getAll('exercise').map(textOf);
    const sets = form.getAll('sets').map((value) => Number(textOf(value).replace(',', '.')));
    const typed = ids.flatMap((exerciseId, i) =>
      exerciseId === '' ? [] : [{ exerciseId, setsPerWeek: sets[i] ?? NaN }],
    );
    const work = workSchema.safeParse(typed);
    if (!work.success)
      return fail(400, { form: 'work', typed: {}, message: 'Sets a week are a number from 0.5 to 60 on every line.' });
    return said(
      'work',
      await onAthlete(event, commandIdOf(form), 'recent-work', work.data, (tx, { row }) =>
        keepRecentWork(tx, row, work.data.length > 0 ? work.data : null),
      ),
    );
  },
};
