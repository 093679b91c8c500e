import { z } from 'zod';
import { fail, ok } from '$core/result';
import {
  closureSchema,
  copySeasonSchema,
  eventChangeSchema,
  moveSessionSchema,
  practiceDaySchema,
  practiceSchema,
  remedySchema,
  seasonSchema,
  setBlockSchema,
  setPhaseSchema,
} from '$lib/model/forms';
import { eventTexts, seasonTexts } from '$lib/model/shown/squad';
import { endCalendarLink, makeCalendarLink } from '../commands/calendar-link';
import { copySeason, nextSeason, seasonFromFile } from '../commands/copy-season';
import { addClosure, addPractice, changeEvent, removePart, setSeason, takeFixtures } from '../commands/season';
import { exceptPractice, putBlockLength, putPhase, putSession } from '../commands/season-changes';
import { takeRemedy } from '../commands/take-remedy';
import { fields, nothing } from '../door/readers';
import { squadForm } from '../door/scopes';
import { fixtureFile, seasonFile } from './season-files';
import { stepForms } from './season-steps';
import { eventForms } from './squad';

/** Every form of a season's page. */
export const seasonForms = {
  ...eventForms,
  ...stepForms,
  season: squadForm({
    form: 'season',
    verb: 'season',
    reads: fields(seasonSchema),
    field: 'start',
    shows: ({ squad }) => squad.season && seasonTexts(squad.season),
    work: (tx, { club, squad }, { value, actor }) => setSeason(tx, club, squad, value, actor),
  }),
  closure: squadForm({
    form: 'closure',
    verb: 'closure',
    reads: fields(closureSchema),
    field: 'name',
    work: (tx, { club, squad }, { value, pageId: id, actor }) => addClosure(tx, club, squad, { id, ...value }, actor),
  }),
  practice: squadForm({
    form: 'practice',
    verb: 'practice',
    reads: fields(practiceSchema),
    field: 'start',
    work: (tx, { club, squad }, { value, pageId: id, actor }) =>
      addPractice(tx, club, squad, { id, ...value, except: [] }, actor),
  }),
  removePart: squadForm({
    form: 'removePart',
    verb: 'remove-season-part',
    reads: fields(z.object({ id: z.string().max(60) })),
    field: 'id',
    work: (tx, { club, squad }, { value, actor }) => removePart(tx, club, squad, value.id, actor),
  }),
  move: squadForm({
    form: 'move',
    verb: 'move-session',
    reads: fields(moveSessionSchema),
    field: 'to',
    work: (tx, { club, squad }, { value, actor }) => putSession(tx, club, squad, value, actor),
  }),
  phase: squadForm({
    form: 'phase',
    verb: 'set-phase',
    reads: fields(setPhaseSchema),
    field: 'phase',
    work: (tx, { club, squad }, { value, actor }) => putPhase(tx, club, squad, value, actor),
  }),
  block: squadForm({
    form: 'block',
    verb: 'set-block',
    reads: fields(setBlockSchema),
    field: 'weeks',
    work: (tx, { club, squad }, { value, actor }) => putBlockLength(tx, club, squad, value, actor),
  }),
  practiceDay: squadForm({
    form: 'practiceDay',
    verb: 'practice-day',
    reads: fields(practiceDaySchema),
    field: 'minutes',
    work: (tx, { club, squad }, { value, actor }) => exceptPractice(tx, club, squad, value, actor),
  }),
  copy: squadForm({
    form: 'copy',
    verb: 'copy-season',
    reads: fields(copySeasonSchema),
    field: 'squad',
    work: (tx, { club, squad }, { value, id, actor }) => {
      const from = club.squads.find((one) => one.id === value.squad);
      return from
        ? copySeason(tx, club, squad, id, { ...value, from }, actor)
        : Promise.resolve(fail('squad_unknown', ['squad']));
    },
  }),
  file: squadForm({
    form: 'file',
    verb: 'copy-season',
    reads: seasonFile,
    field: 'file',
    work: (tx, { club, squad }, { value, id, actor }) => seasonFromFile(tx, club, squad, id, value, actor),
  }),
  next: squadForm({
    form: 'next',
    verb: 'next-season',
    reads: nothing,
    field: 'next',
    work: (tx, { club, squad }, { id, actor }) => nextSeason(tx, club, squad, id, actor),
  }),
  remedy: squadForm({
    form: 'remedy',
    verb: 'remedy',
    reads: fields(remedySchema),
    field: 'at',
    work: (tx, of, { value, actor }) => takeRemedy(tx, { ...of, actor }, value),
  }),
  link: squadForm({
    form: 'link',
    verb: 'calendar-link',
    reads: nothing,
    field: 'link',
    once: {
      shows: (address) => ({ address: String(address) }),
      said: 'This address was already made and shown once. Make a new one.',
    },
    work: async (tx, { club, squad }, { actor, reveal }) => {
      // the secret is shown, never kept
      reveal(await makeCalendarLink(tx, club, squad, actor));
      return ok(null);
    },
  }),
  endLink: squadForm({
    form: 'endLink',
    verb: 'end-calendar',
    reads: nothing,
    field: 'link',
    work: (tx, { club, squad }, { actor }) => endCalendarLink(tx, club, squad, actor),
  }),
  changeEvent: squadForm({
    form: 'changeEvent',
    verb: 'change-event',
    reads: fields(eventChangeSchema),
    field: 'day',
    shows: ({ squad }, typed) => {
      const event = squad.events.find(({ id }) => id === typed.id);
      return event ? eventTexts(event) : null;
    },
    work: (tx, { club, squad }, { value: { id, ...set }, actor }) => changeEvent(tx, club, squad, id, set, actor),
  }),
  fixtures: squadForm({
    form: 'fixtures',
    verb: 'fixtures',
    reads: fixtureFile,
    field: 'file',
    work: (tx, { club, squad }, { value, id, actor }) => takeFixtures(tx, club, squad, id, value, actor),
    says: (taken, { outside, bad }) => ({ taken: { ...taken, outside, bad } }),
  }),
};
