import type { RequestEvent } from '@sveltejs/kit';
import { playedSchema } from '$lib/model/forms';
import { playedTexts } from '$lib/model/shown/squad';
import { keepAppearances, type Played } from '../commands/own-days';
import { formAction, type Scope } from '../door/form-command';
import type { FieldSays, Reader } from '../door/readers';
import { squadScope, type OfSquad } from '../door/scopes';
import { loadSquadAthletes, type AthleteRow } from '../repositories/athletes';
import { playedIn } from '../reads/played';

type AtEvent = RequestEvent<{ squadId: string; eventId: string }>;

interface OfEvent extends OfSquad {
  readonly members: readonly AthleteRow[];
}

const eventScope: Scope<AtEvent, OfEvent> = {
  sender: squadScope.sender,
  open: async (tx, event, sender, typed) => {
    const of = await squadScope.open(tx, event, sender, typed);
    return { ...of, members: await loadSquadAthletes(tx, of.squad.id, of.club.today) };
  },
  around: squadScope.around,
};

/** A line for each athlete named: selected, minutes, how hard. */
const playedFields: Reader<{ eventId: string; played: readonly Played[] }, AtEvent> = {
  read: (typed, _, { params }) => {
    const errors: FieldSays = {};
    const played = (typed.athlete ?? '').split(', ').flatMap((athleteId): Played[] => {
      if (athleteId === '') return [];
      const [minutes = '', rpe = ''] = [typed[`minutes ${athleteId}`], typed[`rpe ${athleteId}`]];
      const selected = (typed[`selected ${athleteId}`] ?? '') !== '';
      const read = playedSchema.safeParse({ athleteId, selected, minutes, rpe });
      if (!read.success) {
        for (const { path, message } of read.error.issues)
          errors[`${String(path[0])} ${athleteId}`] = [`${message} It reads “${path[0] === 'rpe' ? rpe : minutes}”.`];
        return [];
      }
      // who did not play has no minutes
      return [selected ? read.data : { ...read.data, minutes: null, rpe: null }];
    });
    return Object.keys(errors).length > 0
      ? { ok: false, errors }
      : { ok: true, value: { eventId: params.eventId, played } };
  },
};

/** Who was selected for an event and how long they played. */
export const playedForms = {
  played: formAction(eventScope, {
    form: 'played',
    verb: 'played',
    reads: playedFields,
    field: 'played',
    shows: ({ members }, _, { params }) => playedTexts(playedIn(members, params.eventId)),
    work: (tx, { club, squad, members }, { value: { eventId, played }, actor }) =>
      keepAppearances(tx, club, squad, eventId, { played, members }, actor),
    leads: (_, { params }) => `/season/${params.squadId}`,
  }),
};
