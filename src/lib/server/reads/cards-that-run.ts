import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';

/** Cards that run on, newest first: what was asked for by name stands apart, it neither runs on nor changes what does. */
export const cardsThatRun = (all: readonly SessionRow[], { method }: Pick<ClubContext, 'method'>): SessionRow[] =>
  all.filter(({ template }) => method.templates[template]?.asked == null);

/** Those of the whole squad. */
export const squadCards = (all: readonly SessionRow[], club: Pick<ClubContext, 'method'>): SessionRow[] =>
  cardsThatRun(all, club).filter(({ athleteId }) => athleteId === null);
