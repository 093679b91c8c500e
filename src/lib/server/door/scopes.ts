import { error, type RequestEvent } from '@sveltejs/kit';
import { identityOf } from '../auth/identity';
import { withLink } from '../commands/athlete-link';
import { openSquad } from '../reads/open-squad';
import { lockAthletes } from '../commands/refold';
import { asStep } from '../commands/season-step';
import { openAthlete } from '../reads/open-athlete';
import type { AthletePage } from '../repositories/athletes';
import { loadClub, type ClubContext, type SquadRow } from '../repositories/club-context';
import { lockClub, lockSquad } from '../repositories/locks';
import { formAction, type FormCommand, type Scope, type Sender } from './form-command';

const staff = ({ locals }: RequestEvent): Sender => {
  const { clubId, userId } = identityOf(locals);
  return { clubId, actor: userId };
};

export interface OfClub {
  readonly club: ClubContext;
}
export interface OfSquad extends OfClub {
  readonly squad: SquadRow;
}
export interface OfAthlete extends OfSquad {
  readonly row: AthletePage;
}
export interface OfLink {
  readonly athleteId: string;
}

type SquadParams = { squadId: string };
type AthleteParams = { squadId: string; athleteId: string };

const clubScope: Scope<RequestEvent, OfClub> = {
  sender: staff,
  open: async (tx, _, { clubId }) => {
    await lockClub(tx, clubId);
    return { club: await loadClub(tx) };
  },
};

export const squadScope: Scope<RequestEvent<SquadParams>, OfSquad> = {
  sender: staff,
  open: async (tx, { params }) => {
    await lockSquad(tx, params.squadId);
    return openSquad(tx, params.squadId);
  },
  // what it moves in the squad's plan can be taken back
  around: (tx, of, head, work) => asStep(tx, { ...of, ...head }, work),
};

/** Steps of a plan themselves: moving between them is no step. */
const stepScope: Scope<RequestEvent<SquadParams>, OfSquad> = { sender: squadScope.sender, open: squadScope.open };

const athleteScope: Scope<RequestEvent<AthleteParams>, OfAthlete> = {
  sender: staff,
  open: async (tx, { params }) => {
    await lockAthletes(tx, [params.athleteId]);
    return openAthlete(tx, params);
  },
};

/** Said for wrong, ended and unknown links alike. */
export const NO_LINK = 'This link does not open anything. Ask your coach for a new one.';

const linkScope: Scope<RequestEvent<{ token: string }>, OfLink> = {
  sender: async ({ params }) => {
    const link = await withLink(params.token, (_, of) => Promise.resolve(of));
    if (!link) error(404, NO_LINK);
    return { clubId: link.clubId, actor: `athlete:${link.athleteId}` };
  },
  open: async (tx, _, { actor }) => {
    const athleteId = actor.slice('athlete:'.length);
    await lockAthletes(tx, [athleteId]);
    return Promise.resolve({ athleteId });
  },
};

type Made<E extends RequestEvent, Of> = <In, Out, Says extends object = { readonly kept: true }>(
  command: FormCommand<E, In, Of, Out, Says>,
) => ReturnType<typeof formAction<E, In, Of, Out, Says>>;

/** A form of the club's own records: places, schools, tables, the library. */
export const clubForm: Made<RequestEvent, OfClub> = (command) => formAction(clubScope, command);
/** A form of a squad's page. */
export const squadForm: Made<RequestEvent<SquadParams>, OfSquad> = (command) => formAction(squadScope, command);
/** A form that moves between the steps of a squad's plan. */
export const stepForm: Made<RequestEvent<SquadParams>, OfSquad> = (command) => formAction(stepScope, command);
/** A form of an athlete's page. */
export const athleteForm: Made<RequestEvent<AthleteParams>, OfAthlete> = (command) => formAction(athleteScope, command);
/** A form of an athlete's own link. */
export const linkForm: Made<RequestEvent<{ token: string }>, OfLink> = (command) => formAction(linkScope, command);
