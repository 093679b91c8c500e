import { addDays, weekdayOf } from '$core/calendar';
import { sideDays, sideDose, sideMinutes } from '$core/side';
import { weekdayWord } from '$lib/messages';
import { squadsOf, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { Sides } from '../repositories/sides';
import { nextCardDay, squadKnot, threadEnd } from './page-thread';
import { sideCount, sideWeek } from './sides';

/** Days looked back over. */
const BACK_DAYS = 14;

const NEVER_DONE = { last: null, trained: [], answers: new Map<never, never>() };

/** What a squad and its athletes do beside the sessions, and how much of it they did in two weeks. */
export function readBeside(club: ClubContext, squad: SquadRow, athletes: readonly AthleteRow[], sides: Sides) {
  const { today, method, library } = club;
  const week = sideWeek([squad]);
  const monday = addDays(today, 1 - weekdayOf(today));
  const days = { from: addDays(today, 1 - BACK_DAYS), through: today };
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/squad/${one.id}/beside`)],
      level: 1,
      ...threadEnd(club, squad, today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    next: `/bench/${squad.id}/${nextCardDay(squad, today)}`,
    athletes: athletes.map(({ id, name }) => ({ id, name })),
    backDays: BACK_DAYS,
    programmes: Object.entries(method.sides).map(([id, programme]) => {
      const given = sides.given.filter((one) => one.programme === id);
      const toAll = given.find(({ athleteId }) => athleteId === null);
      const own = new Set(given.flatMap(({ athleteId }) => athleteId ?? []));
      return {
        id,
        name: programme.name,
        purpose: programme.purpose,
        minutes: sideMinutes(
          programme.items.flatMap(({ exercise: itemId, row }) => {
            const exercise = library.exercises.get(itemId);
            const dose = exercise && sideDose(exercise, row, NEVER_DONE, squad.schools.jumpRest, library, method);
            return exercise && dose ? [{ exercise, dose }] : [];
          }),
        ),
        items: programme.items.map(({ exercise }) => library.exercises.get(exercise)?.name ?? exercise),
        ofFocus: programme.ofFocus,
        days: sideDays(programme, monday, week).map((day) => weekdayWord(weekdayOf(day))),
        toAll: toAll !== undefined,
        who: athletes.flatMap((row) => {
          const theirs = given.find(({ athleteId }) => athleteId === row.id) ?? toAll;
          if (!theirs) return [];
          const count = sideCount(theirs, row.id, sides, programme, sideWeek(squadsOf(row, club)), days);
          return [{ id: row.id, name: row.name, own: own.has(row.id), ...count }];
        }),
      };
    }),
  };
}
