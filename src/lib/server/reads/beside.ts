import { addDays, weekdayOf } from '$core/calendar';
import { sideDays, sideDose, sideMinutes } from '$core/side';
import { weekdayWord } from '$lib/messages';
import { squadsOf, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { Sides } from '../repositories/sides';
import { nextCardDay, squadKnot, threadEnd } from './page-thread';
import { sideCount, sidesOf, sideWeek } from './sides';

/** Days looked back over. */
const BACK_DAYS = 14;

const NEVER_DONE = { last: null, trained: [], answers: new Map<never, never>() };

/** What a squad and its athletes do beside the sessions, and how much of it they did in two weeks. */
export function readBeside(club: ClubContext, squad: SquadRow, athletes: readonly AthleteRow[], sides: Sides) {
  const { today, method, library } = club;
  const week = sideWeek([squad]);
  const monday = addDays(today, 1 - weekdayOf(today));
  const days = { from: addDays(today, 1 - BACK_DAYS), through: today };
  // what the squad gave, by athlete, as their phones have it
  const here = { ...sides, given: sides.given.filter(({ squadId }) => squadId === squad.id) };
  const theirs = athletes.map((row) => ({ row, has: sidesOf(row, here, club) }));
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
        who: theirs.flatMap(({ row, has }) => {
          const one = has.find((side) => side.id === id);
          if (!one) return [];
          const since = { programme: id, since: one.given.since };
          // what was due is counted as it was given: who returns does it oftener from now on
          const count = sideCount(since, row.id, sides, programme, sideWeek(squadsOf(row, club)), days);
          const oftener = one.programme.perWeek > programme.perWeek ? one.programme.perWeek : null;
          return [{ id: row.id, name: row.name, own: own.has(row.id), oftener, between: one.between, ...count }];
        }),
      };
    }),
  };
}
