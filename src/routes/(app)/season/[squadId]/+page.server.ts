import { fail } from '@sveltejs/kit';
import { fail as issue } from '$core/result';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { endCalendarLink, hasCalendarLink, makeCalendarLink } from '$lib/server/commands/calendar-link';
import { moveStepsOf, onSquad, openSquad } from '$lib/server/commands/on-squad';
import { copySeason, nextSeason, seasonFromFile } from '$lib/server/commands/copy-season';
import { exceptPractice, putBlockLength, putPhase, putSession } from '$lib/server/commands/season-changes';
import { takeRemedy } from '$lib/server/commands/take-remedy';
import { addClosure, addPractice, changeEvent, removePart, setSeason, takeFixtures } from '$lib/server/commands/season';
import { addEvent, removeEvent } from '$lib/server/commands/squads';
import { withClub } from '$lib/server/db/client';
import { remembered } from '$lib/server/db/remembered';
import { readInWorker } from '$lib/server/files/pool';
import { readSeasonFile } from '$lib/server/files/read-season';
import { commandIdOf, readForm, textOf, troubleOf } from '$lib/server/forms';
import { isId } from '$lib/server/http';
import { readSeason } from '$lib/server/reads/season';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { loadFollowed, loadSteps } from '$lib/server/repositories/season';
import {
  closureSchema,
  copySeasonSchema,
  eventChangeSchema,
  eventSchema,
  moveSessionSchema,
  practiceDaySchema,
  practiceSchema,
  remedySchema,
  seasonSchema,
  setBlockSchema,
  setPhaseSchema,
} from '$lib/model/forms';
import type { Actions, PageServerLoad } from './$types';

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
const KEPT = { errors: {}, typed: {} };
const MOST_BYTES = 1_000_000;

export const actions: Actions = {
  season: async (event) => {
    const form = await readForm(event.request, 'season', seasonSchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'season', form.value, (tx, { club, squad, actor }) =>
      setSeason(tx, club, squad, form.value, actor),
    );
    return done.ok ? { form: 'season', ...KEPT, kept: true } : troubleOf('season', done.issues, form.typed, 'start');
  },
  closure: async (event) => {
    const form = await readForm(event.request, 'closure', closureSchema);
    if (!form.ok) return form.failure;
    const closure = { id: form.commandId, ...form.value };
    const done = await onSquad(event, form.commandId, 'closure', form.value, (tx, { club, squad, actor }) =>
      addClosure(tx, club, squad, closure, actor),
    );
    return done.ok ? { form: 'closure', ...KEPT } : troubleOf('closure', done.issues, form.typed, 'name');
  },
  practice: async (event) => {
    const form = await readForm(event.request, 'practice', practiceSchema);
    if (!form.ok) return form.failure;
    const practice = { id: form.commandId, ...form.value, except: [] };
    const done = await onSquad(event, form.commandId, 'practice', form.value, (tx, { club, squad, actor }) =>
      addPractice(tx, club, squad, practice, actor),
    );
    return done.ok ? { form: 'practice', ...KEPT } : troubleOf('practice', done.issues, form.typed, 'start');
  },
  removePart: async (event) => {
    const data = await event.request.formData();
    const id = textOf(data, 'id');
    await onSquad(event, commandIdOf(data), 'remove-season-part', id, (tx, { club, squad, actor }) =>
      removePart(tx, club, squad, id, actor),
    );
    return { form: 'removePart', ...KEPT };
  },
  move: async (event) => {
    const form = await readForm(event.request, 'move', moveSessionSchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'move-session', form.value, (tx, { club, squad, actor }) =>
      putSession(tx, club, squad, form.value, actor),
    );
    return done.ok ? { form: 'move', ...KEPT } : troubleOf('move', done.issues, form.typed, 'to');
  },
  phase: async (event) => {
    const form = await readForm(event.request, 'phase', setPhaseSchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'set-phase', form.value, (tx, { club, squad, actor }) =>
      putPhase(tx, club, squad, form.value, actor),
    );
    return done.ok ? { form: 'phase', ...KEPT } : troubleOf('phase', done.issues, form.typed, 'phase');
  },
  block: async (event) => {
    const form = await readForm(event.request, 'block', setBlockSchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'set-block', form.value, (tx, { club, squad, actor }) =>
      putBlockLength(tx, club, squad, form.value, actor),
    );
    return done.ok ? { form: 'block', ...KEPT } : troubleOf('block', done.issues, form.typed, 'weeks');
  },
  practiceDay: async (event) => {
    const form = await readForm(event.request, 'practiceDay', practiceDaySchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'practice-day', form.value, (tx, { club, squad, actor }) =>
      exceptPractice(tx, club, squad, form.value, actor),
    );
    return done.ok ? { form: 'practiceDay', ...KEPT } : troubleOf('practiceDay', done.issues, form.typed, 'minutes');
  },
  copy: async (event) => {
    const form = await readForm(event.request, 'copy', copySeasonSchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'copy-season', form.value, (tx, { club, squad, actor }) => {
      const from = club.squads.find(({ id }) => id === form.value.squad);
      return from
        ? copySeason(tx, club, squad, form.commandId, { ...form.value, from }, actor)
        : Promise.resolve(issue('squad_unknown', ['squad']));
    });
    return done.ok ? { form: 'copy', ...KEPT } : troubleOf('copy', done.issues, form.typed, 'squad');
  },
  file: async (event) => {
    const data = await event.request.formData();
    const file = data.get('file');
    const refuse = (said: string) => fail(400, { form: 'file', errors: { file: [said] }, typed: {} });
    if (!(file instanceof File) || file.size === 0) return refuse('Choose a file.');
    if (file.size > MOST_BYTES) return refuse('This file is larger than 1 MB.');
    const read = readSeasonFile(await file.text());
    if (typeof read === 'string') return refuse(read);
    const id = commandIdOf(data);
    const done = await onSquad(event, id, 'copy-season', read, (tx, { club, squad, actor }) =>
      seasonFromFile(tx, club, squad, id, read, actor),
    );
    return done.ok ? { form: 'file', ...KEPT } : troubleOf('file', done.issues, {}, 'file');
  },
  next: async (event) => {
    const id = commandIdOf(await event.request.formData());
    const done = await onSquad(event, id, 'next-season', null, (tx, { club, squad, actor }) =>
      nextSeason(tx, club, squad, id, actor),
    );
    return done.ok ? { form: 'next', ...KEPT } : troubleOf('next', done.issues, {}, 'next');
  },
  remedy: async (event) => {
    const form = await readForm(event.request, 'remedy', remedySchema);
    if (!form.ok) return form.failure;
    const done = await onSquad(event, form.commandId, 'remedy', form.value, (tx, of) => takeRemedy(tx, of, form.value));
    return done.ok ? { form: 'remedy', ...KEPT } : troubleOf('remedy', done.issues, form.typed, 'at');
  },
  link: async (event) => {
    const data = await event.request.formData();
    const made = await onSquad(event, commandIdOf(data), 'calendar-link', null, (tx, { club, squad, actor }) =>
      makeCalendarLink(tx, club, squad, actor),
    );
    return made.ok ? { form: 'link', ...KEPT, address: made.value } : troubleOf('link', made.issues, {}, 'link');
  },
  endLink: async (event) => {
    await onSquad(event, commandIdOf(await event.request.formData()), 'end-calendar', null, (tx, of) =>
      endCalendarLink(tx, of.club, of.squad, of.actor),
    );
    return { form: 'endLink', ...KEPT };
  },
  undo: async (event) => {
    const done = await moveStepsOf(event, commandIdOf(await event.request.formData()), 'undo');
    return done.ok ? { form: 'undo', ...KEPT } : troubleOf('undo', done.issues, {}, 'undo');
  },
  redo: async (event) => {
    const done = await moveStepsOf(event, commandIdOf(await event.request.formData()), 'redo');
    return done.ok ? { form: 'redo', ...KEPT } : troubleOf('redo', done.issues, {}, 'redo');
  },
  addEvent: async (event) => {
    const form = await readForm(event.request, 'addEvent', eventSchema);
    if (!form.ok) return form.failure;
    await onSquad(event, form.commandId, 'add-event', form.value, (tx, { club, squad, actor }) =>
      addEvent(tx, club, squad, form.commandId, form.value, actor),
    );
    return { form: 'addEvent', ...KEPT };
  },
  changeEvent: async (event) => {
    const form = await readForm(event.request, 'changeEvent', eventChangeSchema);
    if (!form.ok) return form.failure;
    const { id, ...set } = form.value;
    const done = await onSquad(event, form.commandId, 'change-event', form.value, (tx, { club, squad, actor }) =>
      changeEvent(tx, club, squad, id, set, actor),
    );
    return done.ok ? { form: 'changeEvent', ...KEPT } : troubleOf('changeEvent', done.issues, form.typed, 'day');
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
  fixtures: async (event) => {
    const data = await event.request.formData();
    const file = data.get('file');
    const refuse = (said: string) => fail(400, { form: 'fixtures', errors: { file: [said] }, typed: {} });
    if (!(file instanceof File) || file.size === 0) return refuse('Choose a file.');
    if (file.size > MOST_BYTES) return refuse('This file is larger than 1 MB.');
    const { clubId } = identityOf(event.locals);
    const { club, squad } = await withClub(clubId, (tx) => openSquad(tx, event.params.squadId));
    if (!squad.season) return refuse('Set when the season starts and ends first.');
    const { start: from, end: to } = squad.season;
    const text = (await file.text()).replaceAll('\0', '');
    const read = await readInWorker('fixtures', {
      text,
      name: file.name,
      zone: club.zone,
      dayOrder: club.dayOrder,
      from,
      to,
    });
    if (typeof read === 'string') return refuse(read);
    const id = commandIdOf(data);
    const done = await onSquad(event, id, 'fixtures', read, (tx, of) =>
      takeFixtures(tx, of.club, of.squad, id, read, of.actor),
    );
    if (!done.ok) return troubleOf('fixtures', done.issues, {}, 'file');
    return { form: 'fixtures', ...KEPT, taken: { ...done.value, outside: read.outside, bad: read.bad } };
  },
};
