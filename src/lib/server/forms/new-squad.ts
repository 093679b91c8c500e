import { squadSchema } from '$lib/model/forms';
import { foundSquad } from '../commands/found-squad';
import { fields } from '../door/readers';
import { clubForm } from '../door/scopes';

/** A new squad with its place and its people, on one page. */
export const newSquadForms = {
  make: clubForm({
    form: 'make',
    verb: 'make-squad',
    reads: fields(squadSchema, ['weekdays']),
    field: 'names',
    work: (tx, _, { value, pageId, actor }) => foundSquad(tx, pageId, value, actor),
    leads: ({ id, unread }) =>
      `/squad/${id}${unread.length > 0 ? `?unread=${encodeURIComponent(unread.join(', '))}` : ''}`,
  }),
};
