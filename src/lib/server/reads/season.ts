import { addDays, matchTags, weekdayOf } from '$core/calendar';
import {
  dayLimits,
  planSeason,
  isHard,
  practicesOn,
  totalSets,
  weekOf,
  type DayLimits,
  type PlannedSession,
  type PlannedWeek,
} from '$core/season';
import { CLOSING_WEEKS } from '../commands/copy-season';
import { sayIssue, sayReason } from '$lib/messages';
import type { SeasonDay, SeasonPage, SeasonWeek } from '$lib/model/season';
import type { AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SeasonStepRow } from '../repositories/season';
import { sayDay, squadKnot, tagWords, threadEnd } from './page-thread';
import { seasonInput } from './squad-plan';
import { weekApart } from './week-apart';

/** A season proposed where there is none: from this week on. */
const PROPOSED_WEEKS = 40;

/** What of a season is read beside club, squad and athletes. */
export interface SeasonRows {
  readonly followed: readonly PlannedWeek[];
  /** newest first */
  readonly steps: readonly SeasonStepRow[];
}

/** Notes that a change of the plan may take away. */
const MENDED = [
  'strength_may_fade',
  'no_day_for_main',
  'main_near_event',
  'heavy_too_near',
  'before_hard_practice',
  'hour_of_practice',
];

/** The Season's page. @param asked week on screen, from 1; null = the one of today @param health may be known */
export function readSeason(
  club: ClubContext,
  squad: SquadRow,
  athletes: readonly AthleteRow[],
  { followed, steps }: SeasonRows,
  asked: number | null,
  health: boolean,
): SeasonPage {
  const { today, method } = club;
  const input = seasonInput(club, squad, athletes);
  const laid = input ? planSeason(input, method, { from: today, weeks: followed }) : null;
  const weeks = laid?.ok ? laid.value.weeks : [];
  const now = laid?.ok ? weekOf(laid.value, today) : null;
  const shown = weeks[(asked ?? now?.number ?? 1) - 1] ?? weeks[0];
  const monday = addDays(today, 1 - weekdayOf(today));
  return {
    thread: {
      knots: [squadKnot(club, squad, (one) => `/season/${one.id}`)],
      level: 1,
      ...threadEnd(club, squad, today, now?.phase),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name, gymDays: squad.gymDays.length },
    loading: squad.schools.loading,
    season: squad.season && {
      start: squad.season.start,
      end: squad.season.end,
      sessionsAWeek: squad.season.sessionsAWeek,
      version: squad.season.version,
      closures: squad.season.closures.map((one) => ({ ...one, words: `${sayDay(one.from)} – ${sayDay(one.to)}` })),
      practices: squad.season.practices,
    },
    step: sayStep(steps, club),
    redo:
      steps
        .filter(({ undone }) => undone)
        .map(({ verb }) => stepWords(verb))
        .at(-1) ?? null,
    others: club.squads.flatMap(({ id, name, season }) =>
      season && id !== squad.id ? [{ id, name, start: season.start }] : [],
    ),
    proposed: { start: monday, end: addDays(monday, 7 * PROPOSED_WEEKS - 1) },
    trouble: laid && !laid.ok ? laid.issues.map(sayIssue) : [],
    events: squad.events
      .filter(({ day }) => !squad.season || (squad.season.start <= day && day <= squad.season.end))
      .map(({ id, day, name, kind, peak }) => ({ id, day, name, kind, peak, words: sayDay(day) })),
    outside: squad.season ? squad.events.filter(({ day }) => day > (squad.season?.end ?? day)).length : 0,
    closing: squad.season !== null && addDays(today, CLOSING_WEEKS * 7) >= squad.season.end,
    now: now?.number ?? null,
    today,
    weeks: weeks.map((week) => shortWeek(week, squad, club)),
    shown: shown
      ? {
          number: shown.number,
          notes: shown.notes.map((note) => ({
            code: note.code,
            words: sayReason(note),
            mends: MENDED.includes(note.code) && addDays(shown.start, 6) >= today,
          })),
          days: daysOf(shown, squad, club),
          apart: weekApart(shown, squad, athletes, club, health),
        }
      : null,
  };
}

/** What a change of the plan was, by the verb of its command. */
const STEP_WORDS: Readonly<Record<string, string>> = {
  season: 'the season’s dates',
  closure: 'days without the gym',
  practice: 'a practice',
  'remove-season-part': 'days or a practice taken out',
  'add-event': 'an event added',
  'change-event': 'an event changed',
  'remove-event': 'an event taken out',
  fixtures: 'fixtures imported',
  'gym-days': 'the gym days',
  'move-session': 'a session moved',
  'set-phase': 'a phase set',
  'set-block': 'a block’s length',
  'practice-day': 'one day of a practice',
  'copy-season': 'a season copied',
  'next-season': 'the next season',
  school: 'a school',
  remedy: 'a remedy taken',
};
const stepWords = (verb: string): string => STEP_WORDS[verb] ?? verb;

function sayStep(steps: readonly SeasonStepRow[], club: ClubContext): SeasonPage['step'] {
  const step = steps.find(({ undone }) => !undone);
  return step
    ? {
        words: stepWords(step.verb),
        who: club.staffNames[step.actor] ?? 'someone',
        day: sayDay(step.day),
        moved: step.moved.map(sayReason),
      }
    : null;
}

function shortWeek(week: PlannedWeek, squad: SquadRow, { method }: ClubContext): SeasonWeek {
  const { number, start, phase, closed, block, test, peak, sets, targets, contacts, intensity, sessions, notes } = week;
  const spans = targets ? Object.values(targets) : null;
  return {
    number,
    start,
    phase,
    phaseName: method.phases[phase].name,
    closed,
    block: block.block,
    week: block.week,
    of: block.of,
    kind: block.kind,
    test,
    peak: peak !== null,
    set: squad.season?.changes.phases.some(({ from, to }) => from <= start && start <= to) ?? false,
    sets: totalSets(sets),
    band: spans && sessions.length > 0 ? [sum(spans.map(([from]) => from)), sum(spans.map(([, to]) => to))] : null,
    contacts,
    intensity,
    lifts: sessions.filter(({ role }) => role !== null).length,
    warns: notes.some(({ severity }) => severity === 'warn'),
    events: squad.events
      .filter(({ day }) => start <= day && day <= addDays(start, 6))
      .map(({ id, day, kind, name, peak: best }) => ({ id, day, kind, name, peak: best })),
  };
}

function daysOf(week: PlannedWeek, squad: SquadRow, { method, today }: ClubContext): SeasonDay[] {
  return [0, 1, 2, 3, 4, 5, 6].map((ahead): SeasonDay => {
    const day = addDays(week.start, ahead);
    const tags = matchTags(day, squad.events, method.settings.week.tagReachDays);
    const session = week.sessions.find((one) => one.day === day) ?? null;
    const closure = squad.season?.closures.find(({ from, to }) => from <= day && day <= to);
    return {
      day,
      words: sayDay(day),
      isToday: day === today,
      tag: tagWords(tags),
      allows: closure?.kind === 'closed' ? closure.name : allowed(dayLimits(tags, method.settings)),
      events: squad.events
        .filter((one) => one.day === day)
        .map(({ id, name, kind, peak }) => ({ id, name, kind, peak })),
      isOver: day < today,
      practices: (squad.season?.practices ?? [])
        .filter(({ weekday }) => weekday === weekdayOf(day))
        .map((practice) => {
          const [on] = practicesOn(day, [practice]);
          const { id, start, minutes, hardness } = on ?? practice;
          return { id, start, minutes, hardness, hard: isHard({ hardness }, method.settings.week), off: !on };
        }),
      session: session && sayPlanned(session, squad),
    };
  });
}

const sayPlanned = (
  { day, start, minutes, role, kind, mains, contacts, limits, near }: PlannedSession,
  { season }: SquadRow,
): NonNullable<SeasonDay['session']> => ({
  start,
  moved: season?.changes.moves.some(({ to }) => to === day) ?? false,
  eased: kind !== 'lift' || role === null ? null : limits.quiet ? 'event' : near ? 'heavy' : null,
  minutes,
  role,
  kind,
  contacts: contacts.aim,
  mains: mains.map(({ lead, row, sets, reps, rir, percent, tempo }) => ({
    lead,
    row,
    sets,
    reps,
    rir,
    percent,
    tempo,
  })),
});

/** What a day allows by its events, in a coach's words. */
function allowed({ on, primerOnly, recovery, quiet }: DayLimits): string {
  if (on) return 'event';
  if (recovery) return 'recovery or off';
  if (primerOnly) return 'a primer at most';
  return quiet ? 'no heavy legs, no high jumps' : 'anything';
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
