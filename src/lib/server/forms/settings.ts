import { z } from 'zod';
import { dayOrderSchema, facilitySchema, healthMonthsSchema, schoolSchema, tableValueSchema } from '$lib/model/forms';
import { DEFAULT_KIT } from '$lib/model/kit';
import { placeTexts } from '$lib/model/shown/squad';
import { setHealthMonths } from '../commands/forget';
import { movingPlans } from '../commands/season-step';
import {
  changeTable,
  chooseDayOrder,
  chooseSchool,
  keepPlace,
  putTableBack,
  removePlace,
  tableText,
} from '../commands/settings';
import { fields, idField } from '../door/readers';
import { clubForm } from '../door/scopes';

export const schoolForms = {
  /** Takes effect at once: every card, shares and cues are read by the schools as they stand. */
  choose: clubForm({
    form: ({ school = '' }) => `choose:${school}`,
    verb: 'school',
    reads: fields(schoolSchema),
    field: 'option',
    shows: ({ club }, { school = '', squadId = '' }) => {
      const squad = club.squads.find(({ id }) => id === squadId);
      const schools: Partial<Record<string, string>> = squad ? squad.ownSchools : club.schools;
      return { option: schools[school] ?? '' };
    },
    tells: (_, text) => (text === '' ? 'as the club' : text),
    work: (tx, { club }, { value, actor }) =>
      movingPlans(tx, { club, squadId: value.squadId ?? null, actor, verb: 'school' }, () =>
        chooseSchool(tx, club, value, actor),
      ),
    says: (school: string) => ({ kept: school }),
  }),
  days: clubForm({
    form: 'days',
    verb: 'day-order',
    reads: fields(dayOrderSchema),
    field: 'order',
    shows: ({ club }) => ({ order: club.dayOrder }),
    work: (tx, { club }, { value, actor }) => chooseDayOrder(tx, club, value.order, actor),
    says: () => ({ kept: 'days' }),
  }),
};

const placeSchema = facilitySchema.extend({ id: z.uuid().or(z.literal('')) });

export const placeForms = {
  /** Makes a place when the form carries no id, else changes it; every squad that trains there follows. */
  keep: clubForm({
    form: ({ id = '' }) => `keep:${id}`,
    verb: 'place',
    reads: fields(placeSchema, ['equipment']),
    field: 'name',
    shows: ({ club }, { id }) => {
      const known = club.facilities.find((one) => one.id === id);
      return known ? placeTexts(known.name, { ...DEFAULT_KIT, ...known.kit }) : null;
    },
    work: (tx, { club }, { value: { id, ...place }, pageId, actor }) =>
      keepPlace(tx, club, id === '' ? pageId : id, place, actor),
  }),
  remove: clubForm({
    form: ({ id = '' }) => `keep:${id}`,
    verb: 'remove-place',
    reads: idField('id', 'It is gone already.'),
    field: 'name',
    work: (tx, { club }, { value, actor }) => removePlace(tx, club, value, actor),
    says: () => ({}),
  }),
};

export const methodForms = {
  change: clubForm({
    form: ({ path = '' }) => `change:${path}`,
    verb: 'method-table',
    reads: fields(tableValueSchema),
    field: 'value',
    shows: ({ club }, { table = '', path = '' }) => {
      const value = tableText(club, table, path);
      return value === null ? null : { value };
    },
    work: (tx, { club }, { value, actor }) => changeTable(tx, club, value, actor),
  }),
  putBack: clubForm({
    form: ({ path = '' }) => `change:${path}`,
    verb: 'method-table-back',
    reads: fields(tableValueSchema.omit({ value: true })),
    field: 'value',
    work: (tx, { club }, { value, actor }) => putTableBack(tx, club, value, actor),
  }),
};

export const healthForm = clubForm({
  form: 'health',
  verb: 'health-months',
  reads: fields(healthMonthsSchema),
  field: 'months',
  shows: ({ club }) => ({ months: String(club.healthMonths) }),
  work: (tx, { club }, { value, actor }) => setHealthMonths(tx, club, value.months, actor),
});
