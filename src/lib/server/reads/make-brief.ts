import { runningKey, type Brief, type Running, type SessionRole } from '$core/choose';
import { addDays, daysBetween, weekdayOf, type Day } from '$core/calendar';
import type { PlannedMain } from '$core/day';
import { hardSets, type Dose } from '$core/dose';
import { kneeHip, ledBy } from '$core/ledger';
import type { Demand, Family, Library, Phase } from '$core/library';
import { AS_TEMPLATE, isMainSlot } from '$core/session';
import type { Track } from '$core/track';
import { practiceJumpsOn, weekOf, type Counted } from '$core/season';
import { placeOf, DEFAULT_KIT, type Kit } from '$lib/model/kit';
import { knowRow } from '../repositories/athletes';
import type { ClubContext } from '../repositories/club-context';
import { begunIn, type SessionRow } from '../repositories/sessions';
import { hasNoClearDay, type SquadDay } from './squad-day';
import { planOf, roleOn, type PlanRead } from './squad-plan';

/** Days the ledger looks back for knee and hip work before a card. */
const BALANCE_DAYS = 14;
/** Loading weeks of a block (BLOCK-1); without a season the block is counted from the phase's first card. */
const BLOCK_WEEKS = 3;

/** What the coach asks of a card. */
export interface Asked {
  readonly phase: Phase;
  readonly minutes: number;
  readonly keepRunning: boolean;
  readonly primer: boolean;
}

/** What a stored card was asked for; a new one asks what squad and day say. */
export const askedOf = (rows: SquadDay, gymMinutes: number): Asked => ({
  phase: rows.session?.phase ?? planOf(rows).on?.phase ?? planOf(rows).week?.phase ?? rows.squad.phase,
  minutes: rows.session?.minutes ?? gymMinutes,
  keepRunning: true,
  primer: rows.session?.template === 'primer',
});

/** The kit of the place a card is held in. */
export function kitFor({ session, squad, club }: Pick<SquadDay, 'session' | 'squad' | 'club'>): Kit {
  const own = session?.facilityId == null ? undefined : club.facilities.find(({ id }) => id === session.facilityId);
  return own ? { ...DEFAULT_KIT, ...own.kit } : squad.kit;
}

/** The brief of a session: what the squad, its history and its calendar say, with what the coach asked for. */
export function makeBrief(rows: SquadDay, asked: Asked): Brief {
  const { club, squad, sessions, day, athleteId } = rows;
  const athletes = athleteId === null ? rows.athletes : rows.athletes.filter(({ id }) => id === athleteId);
  const earlier = sessions.filter((session) => session.day < day);
  const kit = kitFor(rows);
  const plan = planOf(rows);
  const role = athleteId === null ? roleOn(rows, plan) : null;
  const known = athletes.map((athlete) => knowRow(athlete, day, club, { ...squad, kit }));
  const tracks: Record<string, readonly Track[]> = {};
  for (const { facts, tracks: own } of known) tracks[facts.id] = own;
  return {
    day,
    phase: asked.phase,
    minutes: asked.minutes,
    sportId: squad.sportId,
    weekOfBlock: plan.week?.block.rowWeek ?? weekOfBlock(rows.blockStart, day),
    lighterWeek: plan.week?.block.kind === 'lighter',
    role,
    schools: squad.schools,
    practiceJumps: practiceJumpsOn(day, squad.season?.practices ?? []),
    place: placeOf(kit),
    events: squad.events.map(({ day: eventDay, kind }) => ({ day: eventDay, kind })),
    afterHeavy: athleteId === null && (plan.on?.near ?? false),
    planned: athleteId === null ? mainsOn(rows, plan, asked.phase) : [],
    noClearDay: hasNoClearDay(squad, day, club.method),
    athletes: known.map(({ facts }) => facts),
    tracks,
    begun: begunIn(rows.sets),
    sets: athleteId === null ? setsLeft(rows, plan, asked.phase) : null,
    covered: coveredThisWeek(earlier, day, club.library),
    balance: balanceBefore(earlier, day, club),
    running: runningOf(earlier, asked.phase, athleteId, role, plan, club.library),
    pins: {},
    shape: AS_TEMPLATE,
    typed: [],
    keepRunning: asked.keepRunning,
    primer: asked.primer,
  };
}

/** Main lifts as the plan writes them for the day, where its card is made for the phase and role the plan gives it. */
function mainsOn({ session }: SquadDay, { on }: PlanRead, phase: Phase): PlannedMain[] {
  if (!on || on.phase !== phase || (session && session.role !== on.role)) return [];
  return on.mains.map(({ lead, row, usualSets, reps, rir }) => ({ lead, row, sets: usualSets, reps, rir }));
}

/**
 * What the squad is in the middle of: the entry of each slot on the last card of this phase and role that had the slot
 * (BLOCK-4), and the dose of each entry on the last card that had it. A card of another kind in between has no say over
 * the others. A new block chooses anew what carries it.
 */
function runningOf(
  earlier: readonly SessionRow[],
  phase: Phase,
  athleteId: string | null,
  role: SessionRole | null,
  { plan, week }: PlanRead,
  library: Library,
): Running {
  const entries: Record<string, string> = {};
  const doses: Record<string, Dose> = {};
  const own = earlier.filter((session) => session.athleteId === athleteId);
  const inBlock = (day: Day): boolean => !plan || weekOf(plan, day)?.block.block === week?.block.block;
  for (const session of own.length > 0 ? own : earlier.filter((one) => one.athleteId === null))
    for (const { slot, exerciseId, row, dose, full } of session.lines) {
      if (!library.exercises.has(exerciseId)) continue;
      // cards from before roles were dealt say what ran on every day
      const isSame = session.role === null || session.role === (role?.role ?? null);
      const family = library.exercises.get(exerciseId)?.family;
      // knee and hip take turns at leading: a main lift runs on in the slot that leans its way
      const at = role && isMainSlot(slot) ? mainSlotOf(family, role) : slot;
      // a week alone joins its neighbour's block with rows of its own: the main lift stays for the block (BLOCK-1, BLOCK-4)
      const runs = session.phase === phase || (plan !== null && isMainSlot(slot));
      if (runs && isSame && at !== null && inBlock(session.day) && !Object.hasOwn(entries, at))
        entries[at] = exerciseId;
      const key = runningKey(exerciseId, row);
      if (!Object.hasOwn(doses, key)) doses[key] = full?.dose ?? dose;
    }
  const last = own[0] ?? earlier.find((one) => one.athleteId === null);
  const prep = (last?.lines ?? []).filter(({ block }) => block === 'prep').map(({ exerciseId }) => exerciseId);
  const lastBlock = own
    .filter((session) => (plan ? !inBlock(session.day) : session.phase !== phase))
    .flatMap(({ lines }) => lines.filter(({ slot, block }) => block !== 'prep' && !isMainSlot(slot)))
    .map(({ exerciseId }) => exerciseId);
  const otherDays = own
    .filter((one) => one.phase === phase && inBlock(one.day) && one.role !== (role?.role ?? null))
    .flatMap(({ lines }) => lines.filter(({ slot, block }) => block !== 'prep' && !isMainSlot(slot)))
    .map(({ exerciseId }) => exerciseId);
  return { phase, entries, prep, otherDays: [...new Set(otherDays)], lastBlock: [...new Set(lastBlock)], doses };
}

/** The main slot of today's role that takes a lift of this family; null = neither. */
function mainSlotOf(family: Family | undefined, { leads }: SessionRole): 'main' | 'main-2' | null {
  const lead = family === 'squat' ? 'knee' : family === 'hinge' ? 'hip' : null;
  if (lead === null) return null;
  return leads[0] === lead ? 'main' : 'main-2';
}

const weekOfBlock = (start: Day | null, day: Day): number =>
  start === null ? 1 : (Math.floor(daysBetween(start, day) / 7) % BLOCK_WEEKS) + 1;

/**
 * Hard sets left for a day of its week's rows: what the week plans less what its cards before hold, shared out over the
 * lifting sessions that are left (WEEK-9).
 * @returns null on days without a main lift, outside the plan, and for a card of another phase than the plan's
 */
function setsLeft({ club, sessions, day }: SquadDay, { week, on }: PlanRead, phase: Phase): Brief['sets'] {
  if (!week?.targets || !on || on.kind !== 'lift' || on.phase !== phase) return null;
  const left = Math.max(1, week.sessions.filter((one) => one.kind === 'lift' && one.day >= day).length);
  const done = ledSets(
    sessions.filter((one) => one.athleteId === null && one.day >= week.start && one.day < day),
    club,
  );
  const { targets, sets } = week;
  const share = (kind: Counted): readonly [number, number] => {
    const least = Math.ceil(Math.max(0, targets[kind][0] - done[kind]) / left);
    return [least, Math.max(least, Math.round(Math.max(0, sets[kind] - done[kind]) / left))];
  };
  return { knee: share('knee'), hip: share('hip'), calfFoot: share('calfFoot'), trunk: share('trunk') };
}

/** Hard sets of cards by what leads them. */
function ledSets(cards: readonly SessionRow[], { library, method }: ClubContext): Record<Counted, number> {
  const sets = { knee: 0, hip: 0, calfFoot: 0, trunk: 0 };
  for (const { lines } of cards)
    for (const { exerciseId, row, dose } of lines) {
      const exercise = library.exercises.get(exerciseId);
      const kind = exercise && ledBy(exercise);
      if (exercise && kind) sets[kind] += hardSets(dose, exercise, method.doses[row], method);
    }
  return sets;
}

/** Demand × sets of the squad's lines since Monday. */
function coveredThisWeek(earlier: readonly SessionRow[], day: Day, library: Library): Partial<Record<Demand, number>> {
  const monday = addDays(day, 1 - weekdayOf(day));
  const covered: Partial<Record<Demand, number>> = {};
  for (const session of earlier.filter((one) => one.day >= monday))
    for (const line of session.lines)
      for (const [demand, points] of Object.entries(library.exercises.get(line.exerciseId)?.demands ?? {}))
        covered[demand as Demand] = (covered[demand as Demand] ?? 0) + points * line.dose.sets;
  return covered;
}

function balanceBefore(earlier: readonly SessionRow[], day: Day, { library, method }: ClubContext) {
  const lines = earlier
    .filter((session) => session.day >= addDays(day, -BALANCE_DAYS))
    .flatMap((session) => session.lines);
  return kneeHip(
    lines.flatMap(({ exerciseId, row, dose }) => {
      const exercise = library.exercises.get(exerciseId);
      return exercise ? [{ exercise, row, dose }] : [];
    }),
    method,
  );
}
