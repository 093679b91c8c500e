import fc from 'fast-check';
import { METHOD } from '../src/catalog';
import { addDays, type Day } from '../src/core/calendar';
import { DEFAULT_SCHOOLS } from '../src/core/method';
import {
  NO_CHANGES,
  planSeason,
  type Followed,
  type Practice,
  type SeasonEvent,
  type SeasonInput,
  type SeasonPlan,
} from '../src/core/season';

export const MONDAY = '2026-07-06';
export const at = (week: number, weekday: number): Day => addDays(MONDAY, 7 * (week - 1) + weekday - 1);
export const event = (day: Day, kind: SeasonEvent['kind'] = 'league', peak = false): SeasonEvent => ({
  id: `${day} ${kind}`,
  name: 'Puerto Lobo',
  day,
  kind,
  peak,
});
export const gym = (...weekdays: number[]) => weekdays.map((weekday) => ({ weekday, start: '18:00', minutes: 60 }));
export const input = (over: Partial<SeasonInput> = {}): SeasonInput => ({
  start: MONDAY,
  end: at(44, 7),
  events: [],
  gymDays: gym(2, 4),
  sessionsAWeek: null,
  closures: [],
  practices: [],
  changes: NO_CHANGES,
  liftLevel: 'trained',
  jumpLevel: 'trained',
  young: false,
  caution: 'none',
  schools: DEFAULT_SCHOOLS,
  ...over,
});
export const laid = (over: Partial<SeasonInput>, followed: Followed | null = null): SeasonPlan => {
  const plan = planSeason(input(over), METHOD, followed);
  if (!plan.ok) throw new Error(JSON.stringify(plan.issues));
  return plan.value;
};
export const saturdays = (from: number, to: number): SeasonEvent[] =>
  Array.from({ length: to - from + 1 }, (_, i) => event(at(from + i, 6)));

/** A weekly practice of an hour and a half. */
export const practice = (weekday: number, start: string, hardness = 5): Practice => ({
  id: `p${String(weekday)}${start}`,
  weekday,
  start,
  minutes: 90,
  hardness,
  jumps: 0,
  except: [],
});

/** Any calendar: tournaments, holes, friendlies, a hall that shuts. */
export const anyInput = fc
  .record({
    weeks: fc.integer({ min: 1, max: 50 }),
    events: fc.array(
      fc.record({
        day: fc.integer({ min: 0, max: 349 }),
        kind: fc.constantFrom('friendly' as const, 'league' as const, 'cup' as const, 'final' as const),
        peak: fc.boolean(),
      }),
      { maxLength: 40 },
    ),
    weekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 7 }),
    level: fc.constantFrom('foundation' as const, 'developing' as const, 'trained' as const, 'advanced' as const),
    young: fc.boolean(),
    loading: fc.constantFrom('blocks' as const, 'straight-line' as const, 'daily waves' as const),
    closed: fc.array(fc.tuple(fc.integer({ min: 0, max: 349 }), fc.integer({ min: 0, max: 40 })), { maxLength: 3 }),
  })
  .map(({ weeks, events, weekdays, level, young, loading, closed }) =>
    input({
      end: at(weeks, 7),
      events: events.map(({ day, kind, peak }, i) => ({ ...event(addDays(MONDAY, day), kind, peak), id: String(i) })),
      gymDays: gym(...weekdays),
      liftLevel: level,
      jumpLevel: level,
      young,
      schools: { ...DEFAULT_SCHOOLS, loading },
      closures: closed.map(([from, days], i) => ({
        id: String(i),
        name: 'closed',
        from: addDays(MONDAY, from),
        to: addDays(MONDAY, from + days),
        kind: 'closed' as const,
      })),
    }),
  );
