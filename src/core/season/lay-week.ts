import { jumpBudget } from '../jumps';
import type { Phase } from '../library';
import { rowForLevel } from '../dose';
import type { DoseRowId, MethodTables } from '../method';
import { MOST_ROLES } from './best-roles';
import { isCongested, type Chain } from './congestion';
import { leadsOf, type WeekDay } from './deal-roles';
import { eased, isHardMain, isHeavySession, isTooSoon } from './heavy-sessions';
import type { BlockWeek } from './lay-blocks';
import type { PhaseWeek } from './lay-phases';
import { mainLoad, type MainLoad } from './main-load';
import type { PlannedSession, PlannedWeek } from './planned';
import { practiceJumpsOn, type SeasonInput } from './season-input';
import { plannedSets, targetSets, type ByCount } from './week-targets';

type LaidWeek = Pick<PlannedWeek, 'targets' | 'sets' | 'contacts' | 'intensity' | 'sessions'>;

/**
 * A week's sessions with their main lifts and contacts, and the sets it plans.
 * @param loaded planned sets of the loading weeks before, oldest first
 * @param index of the week, from 0
 * @param done sessions of the week that are over: they stay as they were planned
 * @param lastHeavy the last heavy session of the weeks before (WEEK-3)
 */
export function layWeek(
  input: SeasonInput,
  week: PhaseWeek,
  block: BlockWeek,
  days: readonly WeekDay[],
  loaded: readonly ByCount[],
  index: number,
  chains: readonly Chain[],
  done: readonly PlannedSession[],
  lastHeavy: PlannedSession | null,
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
  let heavy = lastHeavy;
  const many = used.filter(({ role }) => role !== null).length >= MOST_ROLES;
  const sessions = used.map((day) => {
    const asPlanned = laySession(input, week, block, day, order, isCongested(day.day, chains), method);
    const isNear = heavy !== null && isTooSoon(heavy, asPlanned, many, method);
    const session = done.find((one) => one.day === day.day) ?? (isNear ? eased(asPlanned, method) : asPlanned);
    if (session.mains.length > 0) order += 1;
    if (isHeavySession(session, method)) heavy = session;
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
    caution: input.caution,
    maxIntensity: input.young ? method.settings.youth.maxIntensity : null,
    loading: input.schools.loading,
    besidePower: row === 'D-MAX' && !lead.includes('D-MAX') && beside.includes('D-MAX'),
    peakSets: week.peak ? (method.settings.season.peakSets[week.peak.week - 1] ?? null) : null,
  };
  const mains = day.leads.map((one, i) => {
    const asWeek = mainLoad(row, day.role ?? 'whole', block, order, load, method);
    const usual = { ...load, peakSets: null };
    const asLoading = mainLoad(row, day.role ?? 'whole', { ...block, kind: 'loading' }, order, usual, method);
    // the second lift of a whole session has a set less (SEL-7)
    const less = (of: number): number => Math.max(1, of - (i === 0 ? 0 : 1));
    const usualSets = less(asLoading.sets);
    const lighter = Math.max(1, Math.floor(usualSets * method.settings.season.lighterSets + 0.5));
    const sets = block.kind === 'lighter' && !week.peak ? lighter : less(asWeek.sets);
    const main = { ...asWeek, sets, usualSets, lead: one };
    if (day.role === null) return { ...main, sets: 1, usualSets: 1 };
    return { ...main, sets: day.limits.quiet ? easedSets(main, method) : main.sets };
  });
  return { ...day, phase, kind, near: false, mains, contacts: contactsOf(input, phase, block, day, kind, method) };
}

/** Sets of a main lift on a day that WEEK-2 protects: as many as are not heavy. */
const easedSets = (main: MainLoad, { settings: { week } }: MethodTables): number =>
  isHardMain(main, week) ? Math.min(main.sets, week.heavySets - 1) : main.sets;

/** The phase's first strength row, or the gentler one that the squad's level takes: as its card will have it. */
function mainRow(phase: Phase, { liftLevel, caution, young }: SeasonInput, method: MethodTables): DoseRowId {
  const { lead, beside } = method.phases[phase];
  const strength = [...lead, ...beside].find((id) => STRENGTH.includes(id)) ?? 'D-ASST';
  return rowForLevel(strength, { liftLevel, gently: caution === 'gentle', young }, phase, method);
}
const STRENGTH: readonly DoseRowId[] = ['D-STR', 'D-MAX', 'D-PEAK', 'D-MAINT', 'D-MICRO', 'D-ASST'];

/** Contacts a session aims at: through a block from the bottom to the top of its range, in season the middle (JUMP-10). */
function contactsOf(
  input: SeasonInput,
  phase: Phase,
  block: BlockWeek,
  { day }: WeekDay,
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
      practiceJumps: practiceJumpsOn(day, input.practices),
    },
    method,
  );
  const most = kind === 'primer' ? Math.min(limit, method.settings.week.primerContacts) : limit;
  const along = phase === 'in-season' || phase === 'peak' || block.kind !== 'loading' ? 0.5 : (block.rowWeek - 1) / 2;
  return { aim: Math.min(most, Math.round(target + (limit - target) * along)), limit: most };
}
