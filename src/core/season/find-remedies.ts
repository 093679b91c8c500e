import { addDays, type Day } from '../calendar';
import type { MethodTables } from '../method';
import type { Finding } from '../result';
import { moveSession } from './change-season';
import { gymTimeOn } from './gym-time';
import { byPractice, clearStart, practiceBeside } from './hard-days';
import type { PlannedSession, PlannedWeek, SeasonPlan } from './planned';
import { planSeason, weekStarting, type Followed } from './plan-season';
import type { SeasonInput } from './season-input';

/** What one tap does about a warning. */
export type Remedy =
  /** `start` null = at its usual hour */
  | { readonly kind: 'move'; readonly from: Day; readonly to: Day; readonly start: string | null }
  | { readonly kind: 'gym-day'; readonly weekday: number; readonly start: string; readonly minutes: number }
  | { readonly kind: 'primer' };

/** Which rule stands over which, highest first (WEEK-7). */
const PRECEDENCE = ['SAFE', 'WEEK-2', 'WEEK-3', 'WEEK-4', 'WEEK-1'];
const MOST_OFFERED = 3;

/**
 * What would take a week's warning away: a session on another day, a free weekday as a gym day, a primer on the day before
 * an event. Each is tried on the plan: it is offered when the warning goes and none comes of a rule that stands as high.
 * @param monday of the week
 * @returns at most three, the smallest change first
 */
export function findRemedies(
  monday: Day,
  note: Finding,
  input: SeasonInput,
  method: MethodTables,
  followed: Followed,
): Remedy[] {
  const before = planSeason(input, method, followed);
  if (!before.ok) return [];
  const found: Remedy[] = [];
  for (const remedy of candidates(monday, note, input, method, before.value, followed.from)) {
    const after = planSeason(withRemedy(input, remedy, followed.from), method, followed);
    if (after.ok && helps(before.value, after.value, monday, note)) found.push(remedy);
    if (found.length === MOST_OFFERED) break;
  }
  return found;
}

/** The season as it would be laid from with a remedy taken. */
export function withRemedy(input: SeasonInput, remedy: Remedy, today: Day): SeasonInput {
  switch (remedy.kind) {
    case 'primer':
      return { ...input, schools: { ...input.schools, dayBefore: 'primer' } };
    case 'gym-day': {
      const { weekday, start, minutes } = remedy;
      const gymDays = [...input.gymDays, { weekday, start, minutes }];
      return { ...input, gymDays, sessionsAWeek: input.sessionsAWeek && input.sessionsAWeek + 1 };
    }
    case 'move': {
      const moved = moveSession(input, remedy, today);
      return moved.ok ? { ...input, changes: moved.value } : input;
    }
  }
}

function candidates(
  monday: Day,
  { code }: Finding,
  input: SeasonInput,
  { settings }: MethodTables,
  plan: SeasonPlan,
  today: Day,
): Remedy[] {
  const week = weekStarting(plan, monday);
  if (!week) return [];
  const days = [0, 1, 2, 3, 4, 5, 6].map((ahead) => addDays(monday, ahead)).filter((day) => day >= today);
  const eased = week.sessions.filter(({ role, limits, near }) => role !== null && (limits.quiet || near));
  const usual = input.gymDays.map(({ weekday }) => addDays(monday, weekday - 1));
  const idle = usual.filter((day) => !week.sessions.some((one) => one.day === day && one.role !== null));
  const early = week.sessions.filter(
    (one) => one.role !== null && byPractice(one, input.practices, settings.week) === 'before',
  );
  const besides = week.sessions.filter((one) => practiceBeside(one, input.practices) !== null);
  const toMove: Readonly<Record<string, readonly PlannedSession[]>> = {
    main_near_event: eased,
    heavy_too_near: eased,
    before_hard_practice: early,
    hour_of_practice: besides,
  };
  const movable = toMove[code]?.map(({ day }) => day) ?? idle;
  const moves = movable
    .filter((day) => day >= today)
    .flatMap((from) => days.filter((to) => !usual.includes(to)).flatMap((to) => movedClear(from, to, input)));
  const free = [1, 2, 3, 4, 5, 6, 7].filter((weekday) => !input.gymDays.some((one) => one.weekday === weekday));
  const more = free.flatMap((weekday) => gymDayClear(weekday, monday, input));
  switch (code) {
    case 'main_near_event':
    case 'heavy_too_near':
    case 'before_hard_practice':
      return moves;
    case 'hour_of_practice':
      return [...besides.flatMap(({ day }) => movedClear(day, day, input)), ...moves];
    case 'no_day_for_main':
      return [...moves, ...more];
    case 'strength_may_fade':
      return [...(input.schools.dayBefore === 'rest' ? [{ kind: 'primer' } as const] : []), ...more];
    default:
      return [];
  }
}

/** A session moved to a day, at an hour that no practice has. */
function movedClear(from: Day, to: Day, input: SeasonInput): Remedy[] {
  const slot = gymTimeOn(from, input);
  const start = slot && clearStart({ ...slot, day: to }, input.practices);
  return start ? [{ kind: 'move', from, to, start: start === slot.start ? null : start }] : [];
}

/** One more weekday in the gym, as long as the first, at an hour that no practice has. */
function gymDayClear(weekday: number, monday: Day, { gymDays: [usual], practices }: SeasonInput): Remedy[] {
  const slot = { start: usual?.start ?? '18:00', minutes: usual?.minutes ?? 60 };
  const start = clearStart({ ...slot, day: addDays(monday, weekday - 1) }, practices);
  return start ? [{ kind: 'gym-day', weekday, start, minutes: slot.minutes }] : [];
}

function helps(before: SeasonPlan, after: SeasonPlan, monday: Day, note: Finding): boolean {
  const [was, is] = [weekStarting(before, monday), weekStarting(after, monday)];
  if (!was || !is || is.notes.some(({ code }) => code === note.code)) return false;
  // a session that is gone, or a worry for a worry, is no remedy
  const lifts = (week: PlannedWeek): number => week.sessions.filter(({ role }) => role !== null).length;
  if (is.notes.length >= was.notes.length || lifts(is) < lifts(was)) return false;
  const rank = Math.min(...note.rules.map((rule) => rankOf(rule)));
  const above = (plan: SeasonPlan): number =>
    plan.weeks.reduce(
      (sum, { notes }) => sum + notes.filter(({ rules }) => rules.some((rule) => rankOf(rule) <= rank)).length,
      0,
    );
  return above(after) < above(before) || (note.severity === 'note' && above(after) <= above(before));
}

const rankOf = (rule: string): number => {
  const at = PRECEDENCE.findIndex((name) => rule === name || rule.startsWith(`${name}-`));
  return at === -1 ? PRECEDENCE.length : at;
};
