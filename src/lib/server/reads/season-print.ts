import { addDays, weekdayOf } from '$core/calendar';
import { totalSets, type PlannedWeek } from '$core/season';
import { longDate, weekdayWord } from '$lib/messages';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { sayDay } from './page-thread';
import { readSeason, type SeasonRows } from './season';
import { seasonPlan } from './squad-plan';

/** A week as a row of the printed year. */
export interface PrintedWeek {
  readonly number: number;
  readonly days: string;
  readonly phase: string;
  readonly block: string;
  readonly sessions: string;
  readonly mains: string;
  readonly sets: number;
  readonly contacts: number;
  readonly intensity: string;
  readonly events: string;
}

/** What is printed of a season: the year on one page, or one week with its days. @param asked the week, null = the year */
export function readSeasonPrint(
  club: ClubContext,
  squad: SquadRow,
  athletes: readonly AthleteRow[],
  rows: SeasonRows,
  asked: number | null,
) {
  const plan = seasonPlan(club, squad, athletes, rows.followed);
  if (!plan || !squad.season) return null;
  const { shown } = readSeason(club, squad, athletes, rows, asked, false);
  const week = asked === null ? undefined : plan.weeks.find(({ number }) => number === asked);
  return {
    title: `${squad.name}, season`,
    dates: `${longDate(squad.season.start)} – ${longDate(squad.season.end)}`,
    clubName: club.name,
    weeks: asked === null ? plan.weeks.map((one) => printed(one, club, squad)) : [],
    week:
      week && shown ? { ...printed(week, club, squad), days: shown.days, notes: shown.notes, from: week.start } : null,
  };
}

function printed(week: PlannedWeek, { method }: ClubContext, { events }: SquadRow): PrintedWeek {
  const { number, start, phase, closed, block, test, sessions, sets, contacts, intensity } = week;
  const last = addDays(start, 6);
  const firstOf = sessions.find(({ mains }) => mains.length > 0);
  return {
    number,
    days: `${sayDay(start)} – ${sayDay(last)}`,
    phase: closed ? 'closed' : method.phases[phase].name,
    block: [
      block.block === null ? '' : `${String(block.block)}, week ${String(block.week)} of ${String(block.of)}`,
      block.kind === 'lighter' ? 'lighter' : '',
      test ? 'tests' : '',
    ]
      .filter(Boolean)
      .join(', '),
    sessions: sessions.map(({ day, role, kind }) => `${weekdayWord(weekdayOf(day))} ${role ?? kind}`).join(', '),
    mains: firstOf ? sayMain(firstOf.mains[0]) : '',
    sets: totalSets(sets),
    contacts,
    intensity: intensity === null ? '' : `${String(Math.round(intensity * 100))} %`,
    events: events
      .filter(({ day }) => start <= day && day <= last)
      .map(({ day, name }) => `${weekdayWord(weekdayOf(day))} ${name}`)
      .join(', '),
  };
}

const sayMain = (main: PlannedWeek['sessions'][number]['mains'][number] | undefined): string =>
  main ? `${String(main.sets)} × ${String(main.reps)}${main.rir === null ? '' : `, RIR ${String(main.rir)}`}` : '';
