import { z } from 'zod';
import { fail } from '$core/result';
import { answerCallSchema, giveSideSchema } from '$lib/model/forms';
import { referComplaint } from '../commands/complaints';
import { settleCall } from '../commands/settle-call';
import { giveSide } from '../commands/sides';
import { fields } from '../door/readers';
import { clubForm, squadForm } from '../door/scopes';

export const callForms = {
  answer: clubForm({
    form: 'answer',
    verb: 'answer-call',
    reads: fields(answerCallSchema),
    field: 'key',
    work: (tx, _, { value, id, actor }) => settleCall(tx, id, value, actor),
    says: (_, { key }) => ({ answered: key }),
  }),
  give: clubForm({
    form: 'give',
    verb: 'give-side',
    reads: fields(giveSideSchema),
    field: 'programme',
    work: (tx, { club }, { value: { squadId, ...value }, id, actor }) => {
      const squad = club.squads.find((one) => one.id === squadId);
      return squad
        ? giveSide(tx, club, squad, id, value, actor)
        : Promise.resolve(fail('squad_unknown', ['programme']));
    },
    says: (_, { programme }) => ({ given: programme }),
  }),
  refer: clubForm({
    form: 'refer',
    verb: 'refer',
    reads: fields(z.object({ complaintId: z.uuid('This complaint is not there any more.') })),
    field: 'complaintId',
    work: (tx, { club }, { value, id, actor }) => referComplaint(tx, club, id, value.complaintId, actor),
    says: (_, { complaintId }) => ({ referred: complaintId }),
  }),
};

/** What a squad, or one athlete of it, does beside the sessions. */
export const besideForms = {
  give: squadForm({
    form: 'give',
    verb: 'give-side',
    reads: fields(giveSideSchema),
    field: 'programme',
    work: (tx, { club, squad }, { value: { squadId: _, ...value }, id, actor }) =>
      giveSide(tx, club, squad, id, value, actor),
  }),
};
