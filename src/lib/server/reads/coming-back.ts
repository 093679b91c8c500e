import { runningKey, type Running } from '$core/choose';
import { WEEK_RULES } from '$core/day';
import type { Phase } from '$core/library';
import { isMainSlot } from '$core/session';
import type { ClubContext } from '../repositories/club-context';
import type { SessionRow } from '../repositories/sessions';

/** The rule that says the clock took sets. */
const BY_CLOCK = 'TIME-1';

/** The session to come. */
interface Coming {
  readonly phase: Phase;
  readonly role: string | null;
  readonly minutes: number;
  /** gym days of a week: with one alone the week's sets come first (WEEK-9) */
  readonly sessions: number;
}

/**
 * Lines that stay at the sets the clock left them (TIME-1), by entry and row: a session adds sets to two of a squad's lines
 * at most (PROG-16), whichever way they come, so that what was cut for an hour comes back over some sessions. A longer
 * session than the last of its role is filled at once. In a week's only session all of them come back, a set at a time.
 * @param cards the squad's, newest first
 * @param rising lines that step up by votes today
 */
export function heldByClock(
  cards: readonly SessionRow[],
  { phase, role, minutes, sessions }: Coming,
  rising: number,
  { library, method }: Pick<ClubContext, 'library' | 'method'>,
): Running['held'] {
  const last = cards.find(
    (card) => card.phase === phase && card.role === role && !card.lines.some(({ full }) => isOfWeek(full?.rules)),
  );
  if (!last || minutes > last.minutes) return {};
  const cut = last.lines.filter(
    ({ slot, exerciseId, dose, full }) =>
      full !== null &&
      full.rules.includes(BY_CLOCK) &&
      dose.sets < full.dose.sets &&
      !isMainSlot(slot) &&
      library.exercises.get(exerciseId)?.plyo === null,
  );
  // five rounds of intervals more than a week ago are no session that comes back
  if (sessions < 2)
    return setsOf(
      cut.filter(({ dose, full }) => (full?.dose.sets ?? 0) > dose.sets + 1),
      1,
    );
  const held = cut.slice(Math.max(0, method.settings.progress.squad.stepsASession - rising));
  return setsOf(held, 0);
}

const setsOf = (lines: SessionRow['lines'], more: number): Running['held'] =>
  Object.fromEntries(lines.map(({ exerciseId, row, dose }) => [runningKey(exerciseId, row), dose.sets + more]));

const isOfWeek = (rules: readonly string[] | undefined): boolean =>
  rules !== undefined && rules.some((rule) => WEEK_RULES.includes(rule));
