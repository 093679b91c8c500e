import type { Brief } from '$core/choose';
import { hardSets } from '$core/dose';
import { bandOf } from '$core/ledger';
import type { Phase } from '$core/library';
import type { Day } from '$core/calendar';
import { weekOf, type Banded, type ByCount } from '$core/season';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';
import type { SquadDay } from './squad-day';
import type { PlanRead } from './squad-plan';

/**
 * Hard sets left for a day of its week's rows: what the week plans less what its cards before hold, shared out over the
 * lifting sessions that are left (WEEK-9). A peak has no row: its sets are those that it plans. Presses and pulls are
 * no more than what the knee may lead, or a few a session.
 * @returns null on days without a main lift, outside the plan, and for a card of another phase than the plan's
 */
export function setsLeft({ club, sessions, day }: SquadDay, { week, on }: PlanRead, phase: Phase): Brief['sets'] {
  if (!week || !on || on.kind !== 'lift' || on.phase !== phase) return null;
  const left = Math.max(1, week.sessions.filter((one) => one.kind === 'lift' && one.day >= day).length);
  const done = ledSets(
    sessions.filter((one) => one.athleteId === null && one.day >= week.start && one.day < day),
    club,
  );
  const { targets, sets } = week;
  const of = (kind: Banded, from: number, to: number): readonly [number, number] => {
    const least = Math.ceil(Math.max(0, from - done[kind]) / left);
    return [least, Math.max(least, Math.round(Math.max(0, to - done[kind]) / left))];
  };
  const share = (kind: keyof ByCount): readonly [number, number] => of(kind, targets?.[kind][0] ?? 0, sets[kind]);
  const part = week.block.kind === 'lighter' ? club.method.settings.season.lighterSets : 1;
  const lifts = week.sessions.filter(({ kind }) => kind === 'lift').length;
  const upper = targets ? Math.max(targets.knee[1], Math.round(UPPER_A_SESSION * lifts * part)) : sets.knee;
  return {
    knee: share('knee'),
    hip: share('hip'),
    calfFoot: share('calfFoot'),
    trunk: share('trunk'),
    push: of('push', 0, upper),
    pull: of('pull', 0, upper),
  };
}

/**
 * Hard sets of all kinds for a day of a lighter week or a peak: its part of what the last loading weeks held, less what the
 * week's cards before hold, shared out over the sessions that are left (BLOCK-1, PHASE-2).
 * @param part what the week keeps of a usual one
 * @returns null in usual weeks, and before any loading week
 */
export function mostSets({ club, sessions, day }: SquadDay, { plan, week, on }: PlanRead, part: number): number | null {
  if (part >= 1 || !plan || !week || on?.kind !== 'lift') return null;
  const cards = sessions.filter((one) => one.athleteId === null && one.day < day);
  const byWeek = new Map<Day, SessionRow[]>();
  for (const card of cards) {
    const its = weekOf(plan, card.day);
    if (its && its.start < week.start && its.block.kind === 'loading')
      byWeek.set(its.start, [...(byWeek.get(its.start) ?? []), card]);
  }
  const { riseOverWeeks } = club.method.settings.season;
  const recent = [...byWeek].sort(([a], [b]) => (a < b ? 1 : -1)).slice(0, riseOverWeeks);
  if (recent.length === 0) return null;
  const usual = recent.reduce((sum, [, its]) => sum + hardSetsOf(its, club), 0) / recent.length;
  const done = hardSetsOf(
    cards.filter((one) => one.day >= week.start),
    club,
  );
  const left = Math.max(1, week.sessions.filter((one) => one.kind === 'lift' && one.day >= day).length);
  return Math.max(1, Math.round((usual * part - done) / left));
}

/** Hard sets of cards, whatever they train. */
const hardSetsOf = (cards: readonly SessionRow[], { library, method }: ClubContext): number =>
  cards.reduce(
    (sum, { lines }) =>
      lines.reduce((of, { exerciseId, row, dose }) => {
        const exercise = library.exercises.get(exerciseId);
        return exercise ? of + hardSets(dose, exercise, method.doses[row], method) : of;
      }, sum),
    0,
  );

/** Sets of presses, and of pulls, that any session has room for. */
const UPPER_A_SESSION = 4;

/** Hard sets of cards by what leads them. */
export function ledSets(cards: readonly SessionRow[], { library, method }: ClubContext): Record<Banded, number> {
  const sets = { knee: 0, hip: 0, calfFoot: 0, trunk: 0, push: 0, pull: 0 };
  for (const { lines } of cards)
    for (const { exerciseId, row, dose } of lines) {
      const exercise = library.exercises.get(exerciseId);
      const kind = exercise && bandOf(exercise);
      if (exercise && kind) sets[kind] += hardSets(dose, exercise, method.doses[row], method);
    }
  return sets;
}
