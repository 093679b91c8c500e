import { addDays } from '../calendar';
import type { MethodTables } from '../method';
import type { Finding } from '../result';
import { byPractice, practiceBeside } from './hard-days';
import type { PlannedWeek } from './planned';
import type { SeasonInput } from './season-input';

type Laid = Pick<PlannedWeek, 'start' | 'phase' | 'closed' | 'sessions' | 'events'>;

/**
 * What a coach should know of a planned week: too few strength sessions in season, once a run (WEEK-1); no free day for a
 * main lift (WEEK-7); no gym day at all; two events at the same hour are told by their day.
 * @param before the weeks before it, oldest first
 */
export function weekNotes(
  week: Laid,
  before: readonly PlannedWeek[],
  input: SeasonInput,
  { settings: { season, week: rules } }: MethodTables,
): Finding[] {
  if (week.closed) return [];
  const notes: Finding[] = [];
  const least = input.schools.inSeasonMinimum === '1' ? 1 : season.exposures;
  if (isInSeason(week) && exposures(week) < least) {
    let run = 1;
    for (let i = before.length - 1; i >= 0; i--) {
      const other = before[i];
      // a closed hall neither ends a run nor lengthens it
      if (other?.closed) continue;
      if (!other || !isInSeason(other) || exposures(other) >= least) break;
      run += 1;
    }
    // said once, when it has lasted longer than strength is sure to hold
    if (run === season.fadeAfterWeeks + 1)
      notes.push(finding('warn', 'strength_may_fade', ['WEEK-1'], { weeks: run, sessions: exposures(week), least }));
  }
  const lifts = week.sessions.filter(({ role }) => role !== null);
  if (input.gymDays.length > 0 && lifts.length === 0)
    notes.push(finding('note', 'no_day_for_main', ['WEEK-2', 'WEEK-4', 'WEEK-7'], { events: week.events }));
  const near = lifts.filter((one) => one.near).map(({ day }) => day);
  if (near.length > 0) notes.push(finding('note', 'heavy_too_near', ['WEEK-3'], { days: near }));
  const eased = lifts.filter(({ limits }) => limits.quiet).map(({ day }) => day);
  if (eased.length > 0) notes.push(finding('note', 'main_near_event', ['WEEK-2'], { days: eased }));
  const early = lifts.filter((one) => byPractice(one, input.practices, rules) === 'before').map(({ day }) => day);
  if (early.length > 0) notes.push(finding('note', 'before_hard_practice', ['WEEK-5'], { days: early }));
  // a standing hour is the coach's arrangement; one that was moved may have met practice unseen
  const moved = week.sessions.filter(({ day }) => input.changes.moves.some(({ to }) => to === day));
  const beside = moved.filter((one) => practiceBeside(one, input.practices)).map(({ day }) => day);
  if (beside.length > 0) notes.push(finding('note', 'hour_of_practice', ['WEEK-7'], { days: beside }));
  const outside = input.events.filter(({ day }) => week.start <= day && day <= addDays(week.start, 6));
  const twice = outside.filter(({ day }, i) => outside.findIndex((other) => other.day === day) !== i);
  if (twice.length > 0)
    notes.push(finding('note', 'two_events_a_day', ['WEEK-7'], { days: twice.map(({ day }) => day) }));
  return notes;
}

const isInSeason = ({ phase }: Pick<Laid, 'phase'>): boolean =>
  phase === 'in-season' || phase === 'congested' || phase === 'peak';

/** Sessions that keep strength: a lift, a micro-dose, a primer. */
const exposures = ({ sessions }: Pick<Laid, 'sessions'>): number =>
  sessions.filter(({ kind }) => kind !== 'recovery').length;

const finding = (
  severity: Finding['severity'],
  code: string,
  rules: readonly string[],
  facts: Finding['facts'],
): Finding => ({ severity, code, rules, facts });
