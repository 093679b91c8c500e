import { medianLevel } from '$core/library';
import type { Caution } from '$core/startline';
import {
  planSeason,
  sessionOn,
  weekOf,
  type PlannedSession,
  type PlannedWeek,
  type SeasonInput,
  type SeasonPlan,
} from '$core/season';
import { ageOf, factsOf, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SquadDay } from './squad-day';

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
