import { addDays, weekdayOf, type Day } from '$core/calendar';
import { makeDayContext } from '$core/day';
import type { SideProgramme } from '$core/method';
import { HOME_KIT, isSideDay, sideDays, sideLines, type SideHistory, type SideLine, type SideWeek } from '$core/side';
import { answersByDay, type AnswerFact } from '$core/track';
import { knowRow, legsReturnOn, morningsOf, squadsOf, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SideDone, SideGiven, Sides } from '../repositories/sides';
import { askedOf, makeBrief } from './make-brief';
import type { SquadDay } from './squad-day';

/** Minutes asked of a brief that only says what holds on a day. */
const ANY_MINUTES = 20;
/** Days ahead in which the next time is looked for. */
const AHEAD_DAYS = 14;

/** What stands in the way of a side programme: gym days and events of every squad an athlete trains with. */
export const sideWeek = (squads: readonly Pick<SquadRow, 'gymDays' | 'events'>[]): SideWeek => ({
  gymWeekdays: squads.flatMap(({ gymDays }) => gymDays.map(({ weekday }) => weekday)),
  eventDays: squads.flatMap(({ events }) => events.map(({ day }) => day)),
});

type SideOwner = Pick<AthleteRow, 'id' | 'complaints'>;

/**
 * Programmes an athlete has, each once: their own, and the squad's; on the way back from a complaint oftener where the
 * programme says so, with what stands between its days.
 */
export function sidesOf(athlete: SideOwner, { given }: Sides, { method, today }: ClubContext) {
  const returns = legsReturnOn(athlete, today, method);
  const own = Object.entries(method.sides).flatMap(([id, programme]) => {
    const [first] = given.filter(
      (one) => one.programme === id && (one.athleteId === null || one.athleteId === athlete.id),
    );
    return first
      ? [{ id, programme: asReturning(programme, returns), squadId: first.squadId, given: first, between: false }]
      : [];
  });
  const between = own.flatMap(({ programme: { returning }, squadId, given: first }) => {
    const id = returns ? returning?.between : undefined;
    const programme = id !== undefined && Object.hasOwn(method.sides, id) ? method.sides[id] : undefined;
    return id === undefined || !programme || own.some((one) => one.id === id)
      ? []
      : [{ id, programme, squadId, given: first, between: true }];
  });
  return [...own, ...between.filter(({ id }, i) => between.findIndex((one) => one.id === id) === i)];
}

const asReturning = (programme: SideProgramme, returns: boolean): SideProgramme =>
  returns && programme.returning ? { ...programme, perWeek: programme.returning.perWeek } : programme;

/** Whether anything beside the sessions is due for an athlete on a day, and still to do. */
export const isSideDue = (athlete: SideOwner & Pick<AthleteRow, 'squads'>, sides: Sides, club: ClubContext): boolean =>
  sidesOf(athlete, sides, club).some(
    ({ id, programme }) =>
      isSideDay(programme, club.today, sideWeek(squadsOf(athlete, club))) && !isDone(sides, athlete.id, id, club.today),
  );

const isDone = ({ done }: Sides, athleteId: string, programme: string, day: Day): boolean =>
  done.some((one) => one.athleteId === athleteId && one.programme === programme && one.day === day);

/** One programme as an athlete has it today. */
export interface OwnSide {
  readonly id: string;
  /** the squad that gave it */
  readonly squadId: string;
  readonly programme: SideProgramme;
  readonly due: boolean;
  /** the next day it is due; null = none in two weeks */
  readonly next: Day | null;
  readonly done: boolean;
  readonly lines: readonly SideLine[];
}

/** What an athlete does beside the sessions today, by their own day: complaints, match days and what they have done so far. */
export function ownSides(rows: SquadDay, row: AthleteRow, sides: Sides): OwnSide[] {
  const { club, squad, day } = rows;
  const week = sideWeek(squadsOf(row, club));
  const { facts, tracks } = knowRow(row, day, club, squad);
  const alone = { ...rows, athletes: [row], session: null, sets: [] };
  const brief = makeBrief(alone, askedOf(alone, ANY_MINUTES));
  const own = brief.calendars[row.id];
  const context = makeDayContext(
    {
      ...brief,
      own: true,
      calendars: own ? { [row.id]: own } : {},
      place: { ...brief.place, equipment: [...HOME_KIT], lane: false },
    },
    club.library,
    club.method,
  );
  const answers = answersByDay(
    morningsOf(row).map(({ id, day: on, seq, answer, place, score }): AnswerFact => ({
      kind: 'answer',
      id,
      day: on,
      seq,
      response: { answer, place, score },
    })),
  );
  const mine = sides.done.filter(({ athleteId }) => athleteId === row.id);
  const trained = [
    ...new Set([
      ...mine.map((one) => one.day),
      ...tracks.flatMap(({ exposures }) => exposures.map((exposure) => exposure.day)),
    ]),
  ].sort();
  return sidesOf(row, sides, club).map(({ id, programme, squadId }) => ({
    id,
    squadId,
    programme,
    due: isSideDay(programme, day, week),
    next: nextDay(programme, day, week),
    done: isDone(sides, row.id, id, day),
    lines: sideLines(
      programme,
      facts,
      (exerciseId) => ({
        last: lastTime(mine, exerciseId, day),
        trained,
        answers,
      }),
      context,
    ),
  }));
}

/** The newest time before a day that an entry was done beside the sessions, in whichever programme. */
function lastTime(mine: readonly SideDone[], exerciseId: string, day: Day): SideHistory['last'] {
  const times = mine.flatMap((one) =>
    one.day < day
      ? one.lines.flatMap((line) => (line.exerciseId === exerciseId ? [{ day: one.day, dose: line.dose }] : []))
      : [],
  );
  return times.at(-1) ?? null;
}

function nextDay(programme: SideProgramme, after: Day, week: SideWeek): Day | null {
  const days = Array.from({ length: AHEAD_DAYS }, (_, i) => addDays(after, i + 1));
  return days.find((day) => isSideDay(programme, day, week)) ?? null;
}

/** How often a programme was due for somebody over some days, and done. */
export function sideCount(
  given: Pick<SideGiven, 'programme' | 'since'>,
  athleteId: string,
  sides: Sides,
  programme: SideProgramme,
  week: SideWeek,
  days: { readonly from: Day; readonly through: Day },
): { due: number; done: number } {
  const first = given.since > days.from ? given.since : days.from;
  const mondays = new Set<Day>();
  for (let day = first; day <= days.through; day = addDays(day, 1)) mondays.add(addDays(day, 1 - weekdayOf(day)));
  const due = [...mondays]
    .flatMap((monday) => sideDays(programme, monday, week))
    .filter((day) => day >= first && day <= days.through).length;
  const done = sides.done.filter(
    (one) =>
      one.athleteId === athleteId && one.programme === given.programme && one.day >= first && one.day <= days.through,
  ).length;
  return { due, done };
}
