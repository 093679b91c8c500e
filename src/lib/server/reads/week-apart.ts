import { addDays, matchTags, weekdayOf } from '$core/calendar';
import { isReturning, ownDay, rowCaseOf } from '$core/day';
import { rowForLevel } from '$core/dose';
import { dayLimits, type PlannedWeek } from '$core/season';
import { listWords } from '$lib/messages';
import type { SeasonApart } from '$lib/model/season';
import { factsOf, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { ownDayWords } from './apart';
import { isAwayOn, ownCalendars } from './own-calendars';
import { sayDay } from './page-thread';

/**
 * Who has another week than the squad's, and how: away, called up or spared, exams, a second squad, a gentler row than the
 * plan's, the way back after an injury. What a complaint takes away is left to its day: it may be over by then.
 * @param health whether who reads may know of the way back
 */
export function weekApart(
  week: PlannedWeek,
  squad: SquadRow,
  athletes: readonly AthleteRow[],
  club: ClubContext,
  health: boolean,
): SeasonApart[] {
  return athletes
    .map((athlete) => ({
      athleteId: athlete.id,
      name: athlete.name,
      words: [
        ...awayWords(athlete, week),
        ...daysWords(athlete, week, squad, club),
        ...otherSquads(athlete, week, squad, club),
        ...rowWords(athlete, week, squad, club, health),
      ],
    }))
    .filter(({ words }) => words.length > 0);
}

const DAYS = [0, 1, 2, 3, 4, 5, 6];

function awayWords(athlete: AthleteRow, { start }: PlannedWeek): string[] {
  const away = DAYS.map((ahead) => addDays(start, ahead)).filter((day) => isAwayOn(athlete, day));
  if (away.length === 0) return [];
  return [away.length === DAYS.length ? 'away' : `away ${listWords(away.map(sayDay))}`];
}

/** Sessions that the athlete's own events and exams make other ones than the squad's. */
function daysWords(
  athlete: AthleteRow,
  { sessions, block }: PlannedWeek,
  squad: SquadRow,
  club: ClubContext,
): string[] {
  const { settings } = club.method;
  return sessions.flatMap(({ day, near }) => {
    if (isAwayOn(athlete, day)) return [];
    const calendar = ownCalendars({ club, squad, day, athletes: [athlete], elsewhere: [], sessions: [] })[athlete.id];
    if (!calendar) return [];
    const events = squad.events.map(({ day: on, kind }) => ({ day: on, kind }));
    const limits = dayLimits(matchTags(day, events, settings.week.tagReachDays), settings, near);
    const setting = { day, events, afterHeavy: near, lighterWeek: block.kind === 'lighter' };
    const words = ownDayWords(ownDay(setting, calendar, limits, club.method), limits, setting.lighterWeek);
    return words === null ? [] : [`${sayDay(day)} ${words}`];
  });
}

/** Days of the week on which both squads have a session: one budget, and the later card gives way. */
function otherSquads(athlete: AthleteRow, { sessions }: PlannedWeek, squad: SquadRow, club: ClubContext): string[] {
  const own = athlete.squads.map(({ squadId }) => squadId);
  return club.squads.flatMap(({ id, name, gymDays }) => {
    if (id === squad.id || !own.includes(id)) return [];
    const both = sessions.filter(({ day }) => gymDays.some(({ weekday }) => weekday === weekdayOf(day)));
    const on = both.length === 0 ? '' : `, both on ${listWords(both.map(({ day }) => sayDay(day)))}`;
    return [`also trains with ${name}${on}`];
  });
}

/** A main lift by another row than the plan's, and the stages of a return. */
function rowWords(
  athlete: AthleteRow,
  { sessions }: PlannedWeek,
  squad: SquadRow,
  club: ClubContext,
  health: boolean,
): string[] {
  const facts = factsOf(athlete, club.today, club, squad);
  const { method } = club;
  const planned = sessions.find(({ role, mains }) => role !== null && mains.length > 0);
  const [main] = planned?.mains ?? [];
  const row = main?.row ?? null;
  const own = planned && row !== null ? rowForLevel(row, rowCaseOf(facts, method), planned.phase, method) : null;
  return [
    ...(health && isReturning(facts) ? ['on the way back, by the stages of the note'] : []),
    ...(own !== null && row !== null && own !== row
      ? [`main lifts as ${method.doses[own].name}, not ${method.doses[row].name}`]
      : []),
  ];
}
