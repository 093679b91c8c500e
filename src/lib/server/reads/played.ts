import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { sayDay, squadKnot, threadEnd } from './page-thread';

/** How it stands with each athlete at an event; of whom nothing is known is taken as selected. */
export const playedIn = (athletes: readonly AthleteRow[], eventId: string) =>
  athletes.map(({ id, name, role, appearances }) => {
    const of = appearances.find((one) => one.eventId === eventId);
    return { id, name, role, selected: of?.selected ?? true, minutes: of?.minutes ?? null, rpe: of?.rpe ?? null };
  });

/** Who was selected for an event of a squad and how long they played. */
export function readPlayed(
  club: ClubContext,
  squad: SquadRow,
  event: SquadRow['events'][number],
  athletes: readonly AthleteRow[],
) {
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/season/${one.id}`)],
      level: 1,
      ...threadEnd(club, squad, club.today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    event: { id: event.id, name: event.name, kind: event.kind, day: event.day, words: sayDay(event.day) },
    isAhead: event.day > club.today,
    shortMinutes: club.method.settings.week.shortMinutes,
    athletes: playedIn(athletes, event.id),
  };
}
