import { addDays, daysBetween, type Day } from '$core/calendar';
import { plannedLoads, type TestOn } from '$core/load';
import { SCHOOLS, type Schools } from '$core/method';
import { comparePlans, planSeason, totalSets, type SeasonPlan } from '$core/season';
import { mean } from '$core/statistics';
import { sayReason } from '$lib/messages';
import { JUMP_TESTS } from '$lib/model/forms';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import { sayDay, squadKnot, threadEnd } from './page-thread';
import type { SeasonRows } from './season';
import { seasonInput } from './squad-plan';

/** What the second plan does otherwise. */
export interface Otherwise {
  readonly loading: Schools['loading'];
  /** null = every gym day */
  readonly sessionsAWeek: number | null;
}

const MOST_MOVED = 12;

/** A squad's season beside the same season laid otherwise from today on; null where it has none that can be laid. */
export function readSeasonCompare(
  club: ClubContext,
  squad: SquadRow,
  athletes: readonly AthleteRow[],
  { followed }: Pick<SeasonRows, 'followed'>,
  other: Otherwise,
) {
  const { today, method } = club;
  const input = seasonInput(club, squad, athletes);
  if (!input) return null;
  const behind = { from: today, weeks: followed };
  const changed = {
    ...input,
    sessionsAWeek: other.sessionsAWeek,
    schools: { ...input.schools, loading: other.loading },
  };
  const asIs = planSeason(input, method, behind);
  if (!asIs.ok) return null;
  // what is behind is the same for both, written down or not
  const otherwise = planSeason(changed, method, { from: today, weeks: asIs.value.weeks });
  if (!otherwise.ok) return null;
  const { whatIf } = method.settings.trainingLoad;
  const a = plannedLoads(asIs.value, input, method.settings);
  const b = plannedLoads(otherwise.value, changed, method.settings);
  const moved = comparePlans(asIs.value, otherwise.value, today).map(sayReason);
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/season/${one.id}/compare`)],
      level: 1,
      ...threadEnd(club, squad, today),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name },
    loadings: SCHOOLS.loading,
    now: { loading: input.schools.loading, sessionsAWeek: input.sessionsAWeek },
    other,
    from: a.from,
    today: daysBetween(a.from, today),
    asked: {
      a: a.loads,
      b: b.loads,
      tests: squadTests(athletes, a.from),
      ranges: whatIf.ranges,
      least: whatIf.leastTests,
      draws: whatIf.draws,
    },
    events: aims(asIs.value, squad, today).map(({ day, name }) => ({
      name,
      words: sayDay(day),
      at: daysBetween(a.from, day),
    })),
    sums: ([asIs.value, otherwise.value] as const).map((plan) => sumsOf(plan, today)),
    moved: moved.slice(0, MOST_MOVED),
    more: Math.max(0, moved.length - MOST_MOVED),
  };
}

/** What the season is towards: the peaks ahead, else its last event. */
function aims({ peaks }: SeasonPlan, { events, season }: SquadRow, today: Day): { day: Day; name: string }[] {
  const named = peaks.map(({ event }) => event).filter(({ day }) => day > today);
  const last = events.filter(({ day }) => day > today && day <= (season?.end ?? day)).at(-1);
  return named.length > 0 ? named.map(({ day, name }) => ({ day, name })) : last ? [last] : [];
}

/** Planned from today on. */
function sumsOf({ weeks }: SeasonPlan, today: Day): { sessions: number; sets: number; contacts: number } {
  const ahead = weeks.filter(({ start }) => addDays(start, 6) >= today);
  const sum = (of: (week: SeasonPlan['weeks'][number]) => number): number =>
    ahead.reduce((total, week) => total + of(week), 0);
  return {
    sessions: sum(({ sessions }) => sessions.length),
    sets: sum(({ sets }) => totalSets(sets)),
    contacts: sum(({ contacts }) => contacts),
  };
}

/**
 * Jump tests of the squad by day, each athlete's value against their own mean, so that who was tested when does not matter.
 */
function squadTests(athletes: readonly AthleteRow[], from: Day): TestOn[] {
  const byDay = new Map<Day, number[]>();
  for (const { results } of athletes) {
    const own = results.flatMap(({ test, day, value }) =>
      Object.hasOwn(JUMP_TESTS, test) && value !== null && value > 0 ? [{ test, day, value }] : [],
    );
    for (const { test, day, value } of own) {
      const usual = mean(own.filter((one) => one.test === test).map((one) => one.value));
      byDay.set(day, [...(byDay.get(day) ?? []), value / usual]);
    }
  }
  return [...byDay]
    .filter(([, values]) => values.length * 2 > athletes.length)
    .map(([day, values]) => ({ at: daysBetween(from, day), value: mean(values) }));
}
