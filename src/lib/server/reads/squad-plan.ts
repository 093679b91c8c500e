import { addDays, daysBetween, matchTags, type Day } from '$core/calendar';
import type { SessionRole } from '$core/choose';
import { medianLevel } from '$core/library';
import type { Caution } from '$core/startline';
import {
  dayLimits,
  dealRoles,
  extraRole,
  holdsMain,
  leadsOf,
  mondayOf,
  planSeason,
  sessionOn,
  weekOf,
  type Lead,
  type PlannedSession,
  type PlannedWeek,
  type Role,
  type SeasonInput,
  type SeasonPlan,
  type WeekDay,
} from '$core/season';
import { ageOf, factsOf, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SquadDay } from './squad-day';

/** A Monday from which weeks are counted where there is no season, so that alternating things alternate. */
const A_MONDAY: Day = '2024-01-01';

/** What the season says of a day. */
export interface PlanRead {
  readonly plan: SeasonPlan | null;
  readonly week: PlannedWeek | null;
  readonly on: PlannedSession | null;
}

const NO_PLAN: PlanRead = { plan: null, week: null, on: null };
const read = new WeakMap<SquadDay, PlanRead>();

/** The season's plan as far as it speaks of this day: laid once for what was read. */
export function planOf(rows: SquadDay): PlanRead {
  const known = read.get(rows);
  if (known) return known;
  const plan = seasonPlan(rows.club, rows.squad, rows.athletes, rows.followed);
  const found = plan ? { plan, week: weekOf(plan, rows.day), on: sessionOn(plan, rows.day) } : NO_PLAN;
  read.set(rows, found);
  return found;
}

/** A squad's season laid out from today on; null where it has none, or none that can be laid. */
export function seasonPlan(
  club: ClubContext,
  squad: SquadRow,
  athletes: readonly AthleteRow[],
  followed: readonly PlannedWeek[],
): SeasonPlan | null {
  const input = seasonInput(club, squad, athletes);
  const plan = input && planSeason(input, club.method, { from: club.today, weeks: followed });
  return plan?.ok ? plan.value : null;
}

/** What a squad's season is laid from. */
export function seasonInput(club: ClubContext, squad: SquadRow, athletes: readonly AthleteRow[]): SeasonInput | null {
  const { season } = squad;
  const day = club.today;
  if (!season) return null;
  const young = athletes.filter((one) => (ageOf(one, day) ?? Infinity) < club.method.settings.youth.underYears).length;
  return {
    start: season.start,
    end: season.end,
    events: squad.events,
    gymDays: squad.gymDays,
    sessionsAWeek: season.sessionsAWeek,
    closures: season.closures,
    practices: season.practices,
    changes: season.changes,
    liftLevel: medianLevel(athletes.map(({ liftLevel }) => liftLevel)),
    jumpLevel: medianLevel(athletes.map(({ jumpLevel }) => jumpLevel)),
    young: young * 2 > athletes.length,
    caution: commonCaution(athletes.map((one) => factsOf(one, day, club, squad).caution)),
    schools: squad.schools,
  };
}

/** How most train: what a card of the squad is written by too. */
function commonCaution(of: readonly Caution[]): Caution {
  const most = (is: (one: Caution) => boolean): boolean => of.filter(is).length * 2 > of.length;
  if (most((one) => one === 'gentle')) return 'gentle';
  return most((one) => one !== 'none') ? 'sets' : 'none';
}

/**
 * What the squad's session of a day is for: as its card was made, else as the season has it; without a season as the gym
 * days and events of its week deal it. A session on another day makes up for what the last days owe.
 */
export function roleOn(rows: SquadDay, { plan, week }: PlanRead): SessionRole | null {
  const { day, session } = rows;
  const number = week?.number ?? weekNumber(day);
  const days = dealtIn(rows, plan, day);
  const found = days.find((one) => one.day === day);
  const role = session ? session.role : (found?.role ?? extraOn(rows, plan, days));
  if (!role) return null;
  const leads = !session && found?.role ? found.leads : leadsOf(role, number);
  return { role, leads, enters: entering(rows, leads, days) };
}

const weekNumber = (day: Day): number => Math.floor(daysBetween(A_MONDAY, mondayOf(day)) / 7);

/** The days of a day's week with their roles: as the season has them, without one as its gym days deal them. */
export function dealtIn({ squad, club }: SquadDay, plan: SeasonPlan | null, day: Day): readonly WeekDay[] {
  if (plan) return weekOf(plan, day)?.sessions ?? [];
  return dealRoles(mondayOf(day), weekNumber(day), squad.gymDays, squad.events, null, null, club.method.settings);
}

/** The role of a session on a day that its week deals none, where the day may hold a main lift. */
function extraOn(rows: SquadDay, plan: SeasonPlan | null, days: readonly WeekDay[]): Role | null {
  const { squad, day, sessions, club } = rows;
  const { settings } = club.method;
  const limits = dayLimits(matchTags(day, squad.events, settings.week.tagReachDays), settings);
  if (!holdsMain(limits)) return null;
  // what was asked for by name stands apart
  const made = sessions.filter(
    ({ athleteId, template }) => athleteId === null && club.method.templates[template]?.asked == null,
  );
  return extraRole(day, [...dealtIn(rows, plan, addDays(day, -7)), ...days], made);
}

/** A kind of main lift that only leads on protected days of this week and was not trained lately (WEEK-6). */
function entering(
  { sessions, day, club, athleteId }: SquadDay,
  leads: readonly Lead[],
  days: readonly Pick<WeekDay, 'day' | 'leads' | 'limits'>[],
): Lead | null {
  if (days.find((one) => one.day === day)?.limits.quiet !== false) return null;
  const since = addDays(day, -club.method.settings.week.newAfterDays);
  return (
    (['knee', 'hip'] as const).find((lead) => {
      const its = days.filter((one) => one.leads.includes(lead));
      if (leads.includes(lead) || its.length === 0 || its.some(({ limits }) => !limits.quiet)) return false;
      const family = lead === 'knee' ? 'squat' : 'hinge';
      return !sessions.some(
        (session) =>
          session.athleteId === athleteId &&
          since <= session.day &&
          session.day < day &&
          session.lines.some(
            ({ slot, exerciseId }) =>
              slot.startsWith('main') && club.library.exercises.get(exerciseId)?.family === family,
          ),
      );
    }) ?? null
  );
}
