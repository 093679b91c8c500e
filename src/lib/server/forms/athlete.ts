import { fail, ok } from '$core/result';
import {
  athleteFactsSchema,
  backgroundSchema,
  clearanceSchema,
  complaintSchema,
  eraseSchema,
  ownDaysSchema,
} from '$lib/model/forms';
import { backgroundTexts, complaintText, factsTexts } from '$lib/model/shown/athlete';
import { keepBackground, keepFacts } from '../commands/athlete-facts';
import { makeLink, revokeLink } from '../commands/athlete-link';
import { clearComplaint, noteComplaint } from '../commands/complaints';
import { eraseAthlete } from '../commands/forget';
import { fullAgain } from '../commands/full-again';
import { addOwnDays, removeOwnDays } from '../commands/own-days';
import { recordChanges } from '../commands/record-change';
import { origin } from '../config';
import { fields, idField, nothing } from '../door/readers';
import { athleteForm, type OfAthlete } from '../door/scopes';

const placeWords = ({ club }: OfAthlete): Record<string, string> =>
  Object.fromEntries(Object.entries(club.method.places).map(([id, { name }]) => [id, name]));

/** Every form of an athlete's page. */
export const athleteForms = {
  facts: athleteForm({
    form: 'facts',
    verb: 'facts',
    reads: fields(athleteFactsSchema),
    field: 'name',
    shows: ({ row, club }) => factsTexts(row, club.massUnit),
    work: (tx, { club, row }, { value, touched, actor }) => keepFacts(tx, { club, row, actor }, value, touched),
  }),
  complaint: athleteForm({
    form: 'complaint',
    verb: 'complaint',
    reads: fields(complaintSchema, ['signs']),
    field: 'place',
    work: (tx, { club, row }, { value, id, actor }) => noteComplaint(tx, club, row.id, id, value, actor),
  }),
  clearance: athleteForm({
    form: 'clearance',
    verb: 'clearance',
    reads: fields(clearanceSchema),
    field: 'expires',
    work: (tx, { club, row }, { value, id, actor }) => {
      const { complaintId, role, expires, note, maxTier, maxPercent, answered } = value;
      const stands = row.complaints.find(({ id: own }) => own === complaintId);
      // a later answer must be seen before it is lifted (SAFE-2)
      if (stands && complaintText(stands) !== answered)
        return Promise.resolve(fail('complaint_moved', ['expires'], { score: stands.score, signs: [...stands.signs] }));
      const scope = { note, maxTier, maxIntensity: maxPercent === null ? null : maxPercent / 100 };
      const [lifts, upTo] = value.lifts === 'stages' ? [null, value.upTo] : [value.lifts, null];
      return clearComplaint(tx, club, row.id, id, { complaintId, role, expires, lifts, upTo, scope }, actor);
    },
  }),
  background: athleteForm({
    form: 'background',
    verb: 'background',
    reads: fields(backgroundSchema),
    field: 'injuries',
    shows: (of) => backgroundTexts(of.row.background, placeWords(of)),
    work: (tx, { club, row }, { value, actor }) => keepBackground(tx, club, row, value, actor),
  }),
  ownDays: athleteForm({
    form: 'ownDays',
    verb: 'own-days',
    reads: fields(ownDaysSchema),
    field: 'name',
    work: (tx, { club, row }, { value, pageId, actor }) => addOwnDays(tx, club, row, pageId, value, actor),
  }),
  removeDays: athleteForm({
    form: 'removeDays',
    verb: 'remove-own-days',
    reads: idField('id', 'It is gone already.'),
    field: 'id',
    work: (tx, { club, row }, { value, actor }) => removeOwnDays(tx, club, row, value, actor),
  }),
  fullAgain: athleteForm({
    form: 'fullAgain',
    verb: 'full-again',
    reads: nothing,
    field: 'id',
    work: (tx, { club, squad, row }, { actor }) => fullAgain(tx, club, squad, row, actor),
  }),
  link: athleteForm({
    form: 'link',
    verb: 'make-link',
    reads: nothing,
    field: 'link',
    once: {
      shows: (link) => ({ link: String(link) }),
      said: 'This link was already made and shown once. Make a new one.',
    },
    work: async (tx, { club, row }, { actor, reveal }) => {
      await recordChanges(tx, club.clubId, [
        { day: club.today, actor, subject: 'link-made', athleteId: row.id, from: null, to: null },
      ]);
      // only a hash of the secret is kept, so a repeat of this command cannot show it again
      reveal(`${origin()}${await makeLink(tx, club.clubId, row.id)}`);
      return ok(null);
    },
  }),
  erase: athleteForm({
    form: 'erase',
    verb: 'erase',
    reads: fields(eraseSchema),
    field: 'name',
    work: (tx, { club, row }, { value, actor }) => eraseAthlete(tx, club, row, value.name, actor),
    leads: (_, { params }) => `/squad/${params.squadId}`,
  }),
  revoke: athleteForm({
    form: 'revoke',
    verb: 'end-link',
    reads: nothing,
    field: 'link',
    work: async (tx, { club, row }, { actor }) => {
      await revokeLink(tx, row.id);
      await recordChanges(tx, club.clubId, [
        { day: club.today, actor, subject: 'link-ended', athleteId: row.id, from: null, to: null },
      ]);
      return ok(null);
    },
  }),
};
