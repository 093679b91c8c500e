import { addDays, weekdayOf, type Day } from '../calendar';
import { jumpBudget } from '../jumps';
import type { Phase } from '../library';
import type { DoseRowId, MethodTables } from '../method';
import { fail, ok, type Finding, type Result } from '../result';
import { isCongested, type Chain } from './congestion';
import { dealRoles, holdsMain, leadsOf, type Lead, type Role, type WeekDay } from './deal-roles';
import type { Peak } from './find-peaks';
import { layBlocks, type BlockWeek } from './lay-blocks';
import { isShut, layPhases, type PhaseWeek } from './lay-phases';
import { mainLoad, type MainLoad } from './main-load';
import { pickTestWeeks } from './pick-test-weeks';
import type { SeasonInput } from './season-input';
import { COUNTED, plannedSets, targetSets, type ByCount, type BySpan } from './week-targets';
import { weekNotes } from './week-notes';

/** A session of the plan. */
export interface PlannedSession extends WeekDay {
  /** the row its day takes: a congested day in a usual week keeps its own (WEEK-7) */
  readonly phase: Phase;
  readonly kind: 'lift' | 'micro' | 'primer' | 'recovery';
  readonly mains: readonly (MainLoad & { readonly lead: Lead })[];
  /** tier-weighted contacts it aims at and may reach */
  readonly contacts: { readonly aim: number; readonly limit: number };
}

/** A week of the plan. */
export interface PlannedWeek extends PhaseWeek {
  /** from 1 */
  readonly number: number;
  readonly block: BlockWeek;
  readonly test: boolean;
  readonly targets: BySpan | null;
  readonly sets: ByCount;
  readonly contacts: number;
  /** of 1RM, of the week's main lifts; null = none by % */
  readonly intensity: number | null;
  readonly sessions: readonly PlannedSession[];
  readonly notes: readonly Finding[];
}

export interface SeasonPlan {
  readonly weeks: readonly PlannedWeek[];
  readonly chains: readonly Chain[];
  readonly peaks: readonly Peak[];
}

/** A season is planned for at most this many weeks. */
export const MOST_WEEKS = 60;

/**
 * Lays a season: phases, blocks, test weeks, peaks, and each week's sessions with role, main lifts and targets
 * (method 5). The same input gives the same plan.
 * @returns the plan, or an issue at `end`: before the start, or too long
 */
export function planSeason(input: SeasonInput, method: MethodTables): Result<SeasonPlan> {
  if (input.end < input.start) return fail('season_ends_before_start', ['end'], { start: input.start, end: input.end });
  const { weeks, chains, peaks } = layPhases(input, method.settings);
  if (weeks.length > MOST_WEEKS) return fail('season_too_long', ['end'], { weeks: weeks.length, most: MOST_WEEKS });
  const gentle = input.young || input.liftLevel === 'foundation';
  const blocks = layBlocks(weeks, gentle, method.settings);
  const dealt = dealWeeks(input, weeks, blocks, method);
  const tests = pickTestWeeks(
    weeks,
    blocks,
    dealt.map((days) => days.some(({ limits }) => holdsMain(limits) && !limits.quiet)),
    method.settings,
  );
  const loaded: ByCount[] = [];
  const planned: PlannedWeek[] = [];
  weeks.forEach((week, i) => {
    const block = blocks[i];
    if (!block) return;
    const laid = layWeek(input, week, block, dealt[i] ?? [], loaded, i, chains, method);
    const notes = weekNotes({ ...week, ...laid }, planned, input, method);
    planned.push({ ...week, ...laid, number: i + 1, block, test: tests.includes(i), notes });
    if (block.kind === 'loading') loaded.push(laid.sets);
  });
  return ok({ weeks: planned, chains, peaks });
}

/** The gym days of each week with their roles, weekdays keeping theirs through a block. */
function dealWeeks(
  input: SeasonInput,
  weeks: readonly PhaseWeek[],
  blocks: readonly BlockWeek[],
  method: MethodTables,
): WeekDay[][] {
  const usual = new Map<number, ReadonlyMap<number, Role>>();
  const deal = (i: number, roles: ReadonlyMap<number, Role> | null): WeekDay[] => {
    const start = weeks[i]?.start ?? input.start;
    const open = input.gymDays.filter(({ weekday }) => {
      const day = addDays(start, weekday - 1);
      return input.start <= day && day <= input.end && !isShut(day, input.closures);
    });
    return dealRoles(start, i + 1, open, input.events, roles, input.sessionsAWeek, method.settings);
  };
  return weeks.map((week, i) => {
    if (week.closed) return [];
    const number = blocks[i]?.block ?? 0;
    let roles = usual.get(number);
    if (!roles) {
      roles = usualRoles(blocks.flatMap((block, at) => (block.block === number ? [deal(at, null)] : [])));
      usual.set(number, roles);
    }
    return deal(i, roles);
  });
}

/** Roles of weekdays in the block's usual week: the one that most of its weeks look like. */
function usualRoles(weeks: readonly (readonly WeekDay[])[]): ReadonlyMap<number, Role> {
  const seen = new Map<string, { roles: ReadonlyMap<number, Role>; count: number }>();
  for (const days of weeks) {
    const roles = new Map(days.flatMap(({ day, role }) => (role ? [[weekdayOf(day), role] as const] : [])));
    const key = [...roles].map(([weekday, role]) => `${String(weekday)}${role}`).join(' ');
    seen.set(key, { roles, count: (seen.get(key)?.count ?? 0) + 1 });
  }
  const [most] = [...seen.values()].sort((a, b) => b.count - a.count || b.roles.size - a.roles.size);
  return most?.roles ?? new Map<number, Role>();
}

type LaidWeek = Pick<PlannedWeek, 'targets' | 'sets' | 'contacts' | 'intensity' | 'sessions'>;

function layWeek(
  input: SeasonInput,
  week: PhaseWeek,
  block: BlockWeek,
  days: readonly WeekDay[],
  loaded: readonly ByCount[],
  index: number,
  chains: readonly Chain[],
  method: MethodTables,
): LaidWeek {
  const holds = days.some(({ role }) => role !== null);
  const used = days
    .filter((day) => day.role !== null || isShort(day, input))
    // with no day for a main lift the congested week's primer holds a set of each (WEEK-9)
    .map((day): WeekDay => {
      const isMicro = !holds && !day.limits.recovery && isCongested(day.day, chains);
      return isMicro ? { ...day, leads: leadsOf('whole', index + 1) } : day;
    });
  let order = 0;
  const sessions = used.map((day) => {
    const session = laySession(input, week, block, day, order, isCongested(day.day, chains), method);
    if (session.mains.length > 0) order += 1;
    return session;
  });
  const minutes = sessions.reduce((sum, session) => sum + session.minutes, 0);
  const targets = targetSets(week, block, minutes, method);
  const sets = plannedSets(targets, block, week.peak?.week ?? null, input.liftLevel, loaded, method);
  const loads = sessions.flatMap(({ mains }) =>
    mains.flatMap(({ percent, sets: of }) => (percent === null ? [] : [{ percent, of }])),
  );
  const all = loads.reduce((sum, { of }) => sum + of, 0);
  return {
    targets,
    sets: sessions.length === 0 ? { knee: 0, hip: 0, calfFoot: 0, trunk: 0 } : sets,
    contacts: sessions.reduce((sum, session) => sum + session.contacts.aim, 0),
    intensity: all === 0 ? null : loads.reduce((sum, { percent, of }) => sum + percent * of, 0) / all,
    sessions,
  };
}

/** A day without a main lift that is a session all the same: a primer or recovery, as the squad's schools have it. */
const isShort = ({ limits }: WeekDay, { schools }: SeasonInput): boolean =>
  !limits.on && (limits.recovery || (limits.primerOnly && schools.dayBefore === 'primer'));

function laySession(
  input: SeasonInput,
  week: PhaseWeek,
  block: BlockWeek,
  day: WeekDay,
  order: number,
  congested: boolean,
  method: MethodTables,
): PlannedSession {
  const phase: Phase =
    week.phase === 'peak' ? 'peak' : congested ? 'congested' : week.phase === 'congested' ? 'in-season' : week.phase;
  const kind = day.role === null ? (day.limits.recovery ? 'recovery' : 'primer') : congested ? 'micro' : 'lift';
  const row = mainRow(phase, input, method);
  const { lead, beside } = method.phases[phase];
  const load = {
    level: input.liftLevel,
    maxIntensity: input.young ? method.settings.youth.maxIntensity : null,
    loading: input.schools.loading,
    besidePower: row === 'D-MAX' && !lead.includes('D-MAX') && beside.includes('D-MAX'),
    peakSets: week.peak ? (method.settings.season.peakSets[week.peak.week - 1] ?? null) : null,
  };
  const mains = day.leads.map((one, i) => {
    const main = mainLoad(row, day.role ?? 'whole', block, order, load, method);
    // the second lift of a whole session has a set less (SEL-7)
    const sets = Math.max(1, main.sets - (i === 0 ? 0 : 1));
    if (day.role === null) return { ...main, sets: 1, lead: one };
    return { ...main, sets: day.limits.quiet ? easedSets({ ...main, sets }, method) : sets, lead: one };
  });
  return { ...day, phase, kind, mains, contacts: contactsOf(input, phase, block, kind, method) };
}

/** Sets of a main lift on a day that WEEK-2 protects: as many as are not heavy. */
function easedSets({ row, sets, percent, rir }: MainLoad, { settings: { week } }: MethodTables): number {
  const isHard = row === 'D-STR' || (percent ?? 0) >= week.heavyIntensity || (rir !== null && rir <= week.heavyRir);
  return isHard && row !== 'D-MICRO' ? Math.min(sets, week.heavySets - 1) : sets;
}

/** The phase's first strength row, or the gentler one that the squad's level takes. */
function mainRow(phase: Phase, input: SeasonInput, method: MethodTables): DoseRowId {
  const { lead, beside, gentleRow } = method.phases[phase];
  const strength = [...lead, ...beside].find((id) => STRENGTH.includes(id)) ?? 'D-ASST';
  const { atLeast } = method.doses[strength];
  const order = ['foundation', 'developing', 'trained', 'advanced'];
  const isBarred = atLeast !== null && order.indexOf(input.liftLevel) < order.indexOf(atLeast);
  return isBarred || (input.young && strength === 'D-PEAK') ? gentleRow : strength;
}
const STRENGTH: readonly DoseRowId[] = ['D-STR', 'D-MAX', 'D-PEAK', 'D-MAINT', 'D-MICRO', 'D-ASST'];

/** Contacts a session aims at: through a block from the bottom to the top of its range, in season the middle (JUMP-10). */
function contactsOf(
  input: SeasonInput,
  phase: Phase,
  block: BlockWeek,
  kind: PlannedSession['kind'],
  method: MethodTables,
): PlannedSession['contacts'] {
  if (kind === 'recovery') return { aim: 0, limit: 0 };
  const { target, limit } = jumpBudget(
    {
      jumpLevel: input.jumpLevel,
      phase,
      lighterWeek: block.kind === 'lighter',
      cautious: input.schools.contacts === 'cautious',
      unfamiliarOrHardSurface: false,
      growth: false,
      practiceJumps: 0,
    },
    method,
  );
  const most = kind === 'primer' ? Math.min(limit, method.settings.week.primerContacts) : limit;
  const along = phase === 'in-season' || phase === 'peak' || block.kind !== 'loading' ? 0.5 : (block.rowWeek - 1) / 2;
  return { aim: Math.min(most, Math.round(target + (limit - target) * along)), limit: most };
}

export const totalSets = (sets: ByCount): number => COUNTED.reduce((sum, family) => sum + sets[family], 0);

/** The planned week a day lies in, or null outside the season. */
export function weekOf(plan: SeasonPlan, day: Day): PlannedWeek | null {
  return plan.weeks.find(({ start }) => start <= day && day <= addDays(start, 6)) ?? null;
}

/** The session planned for a day, or null. */
export const sessionOn = (plan: SeasonPlan, day: Day): PlannedSession | null =>
  weekOf(plan, day)?.sessions.find((session) => session.day === day) ?? null;
