import { z } from 'zod';
import { testSpecs } from '$core/athlete';
import { aimsSchema, eventSchema, gymDaysSchema, levelsSchema, squadPlaceSchema } from '$lib/model/forms';
import { aimsTexts, gymDaysTexts } from '$lib/model/shown/squad';
import { addAthletes, setLevels } from '../commands/roster';
import { aimsOf, ceilingTrouble, keepAims } from '../commands/squad-aims';
import { addEvent, removeEvent, setGymDays, setSquadPlace } from '../commands/squads';
import { fields, idField } from '../door/readers';
import { squadForm } from '../door/scopes';

const namesSchema = z.object({
  names: z.string().refine((text) => text.trim() !== '', 'Type or paste at least one name.'),
});

/** Events are added and taken out on the squad's page and on its season's. */
export const eventForms = {
  addEvent: squadForm({
    form: 'addEvent',
    verb: 'add-event',
    reads: fields(eventSchema),
    field: 'name',
    work: (tx, { club, squad }, { value, pageId, actor }) => addEvent(tx, club, squad, pageId, value, actor),
  }),
  removeEvent: squadForm({
    form: 'removeEvent',
    verb: 'remove-event',
    reads: idField('id', 'It is gone already.'),
    field: 'id',
    work: (tx, { club, squad }, { value, actor }) => removeEvent(tx, club, squad, value, actor),
  }),
};

/** Every form of a squad's page. */
export const squadForms = {
  ...eventForms,
  add: squadForm({
    form: 'add',
    verb: 'add-athletes',
    reads: fields(namesSchema),
    field: 'names',
    work: (tx, { club, squad }, { value, id, actor }) => addAthletes(tx, club, squad, id, value.names, actor),
    says: ({ made, joined, left, unread }) => ({ added: made, joined, left, unread }),
  }),
  levels: squadForm({
    form: 'levels',
    verb: 'set-levels',
    reads: fields(levelsSchema, ['ids']),
    field: 'ids',
    work: (tx, { club, squad }, { value, actor }) => setLevels(tx, club, squad, value, actor),
    says: (changed) => ({ changed }),
  }),
  gymDays: squadForm({
    form: 'gymDays',
    verb: 'gym-days',
    reads: fields(gymDaysSchema, ['weekdays']),
    field: 'weekdays',
    shows: ({ squad }) => gymDaysTexts(squad.gymDays),
    work: (tx, { club, squad }, { value: { weekdays, start, minutes }, actor }) =>
      setGymDays(
        tx,
        club,
        squad,
        weekdays.map((weekday) => ({ weekday, start, minutes })),
        actor,
      ),
  }),
  place: squadForm({
    form: 'place',
    verb: 'squad-place',
    reads: fields(squadPlaceSchema),
    field: 'facilityId',
    shows: ({ squad }) => ({ facilityId: squad.facilityId, sportId: squad.sportId }),
    tells: (field, text, { club }) =>
      field === 'facilityId'
        ? (club.facilities.find(({ id }) => id === text)?.name ?? text)
        : (club.library.sports.get(text)?.name ?? text),
    work: (tx, { club, squad }, { value, actor }) => setSquadPlace(tx, club, squad, value, actor),
  }),
  aims: squadForm({
    form: 'aims',
    verb: 'squad-aims',
    reads: fields(aimsSchema),
    field: 'resultTest',
    shows: ({ club, squad }) =>
      aimsTexts(squad.aims, testSpecs(club.method).get(squad.aims.result?.test ?? '')?.per ?? 1),
    work: async (tx, { club, squad }, { value, actor }) => {
      const aims = aimsOf(value, club);
      const issues = ceilingTrouble(aims, club);
      return issues.length > 0 ? { ok: false, issues } : keepAims(tx, club, squad, aims, actor);
    },
  }),
};
