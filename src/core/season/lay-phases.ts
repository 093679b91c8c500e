import { addDays, weekdayOf, type Day } from '../calendar';
import type { Phase } from '../library';
import type { MethodSettings } from '../method';
import { congestedChains, congestedDaysOf, type Chain } from './congestion';
import { findPeaks, type Peak } from './find-peaks';
import type { SeasonInput } from './season-input';

/** A week of the season with the row it takes. */
export interface PhaseWeek {
  readonly start: Day;
  readonly phase: Phase;
  /** no gym day of it is open: a layoff, whatever its phase (PHASE-1) */
  readonly closed: boolean;
  /** an exam week: a lighter one */
  readonly exams: boolean;
  /** an event that counts falls in it */
  readonly events: number;
  /** first or second week before a peak (PHASE-2) */
  readonly peak: { readonly event: string; readonly week: 1 | 2 } | null;
}

/** Most days of a week. */
const MOST_DAYS = 4;

/** The Monday of a day's week. */
export const mondayOf = (day: Day): Day => addDays(day, 1 - weekdayOf(day));

/**
 * The season's weeks, Monday to Sunday, each with its phase (PHASE-1, PHASE-2, WEEK-7).
 * @param input its end not before its start
 * @returns from the week of the first day to that of the last, with the congested chains and peaks they were laid by
 */
export function layPhases(
  input: Pick<SeasonInput, 'start' | 'end' | 'events' | 'closures' | 'gymDays' | 'changes'>,
  settings: MethodSettings,
): { weeks: PhaseWeek[]; chains: Chain[]; peaks: Peak[] } {
  const inside = input.events.filter(({ day }) => input.start <= day && day <= input.end);
  const chains = congestedChains(inside, settings);
  const peaks = findPeaks(inside, settings);
  const mondays: Day[] = [];
  for (let monday = mondayOf(input.start); monday <= input.end; monday = addDays(monday, 7)) mondays.push(monday);
  const counted = mondays.map(
    (monday) =>
      inside.filter(({ day, kind }) => kind !== 'friendly' && monday <= day && day <= addDays(monday, 6)).length,
  );
  const closed = mondays.map((monday) => isClosed(monday, input));
  const phases = basePhases(counted, closed, settings);
  const weeks = mondays.map((start, i): PhaseWeek => {
    const peak = peaks.find(({ weeks }) => weeks.includes(start));
    const congested = congestedDaysOf(start, chains) >= MOST_DAYS;
    const asSet = input.changes.phases.find(({ from, to }) => from <= start && start <= to)?.phase;
    return {
      start,
      phase: peak ? 'peak' : congested ? 'congested' : (asSet ?? phases[i] ?? 'general'),
      closed: closed[i] ?? false,
      exams: input.closures.some(({ kind, from, to }) => kind === 'exams' && from <= addDays(start, 6) && start <= to),
      events: counted[i] ?? 0,
      peak: peak ? { event: peak.event.id, week: peak.weeks[0] === start ? 1 : 2 } : null,
    };
  });
  return { weeks, chains, peaks };
}

/** Whether every gym day of a week falls into a closure; without gym days, every day of it. */
function isClosed(monday: Day, { closures, gymDays }: Pick<SeasonInput, 'closures' | 'gymDays'>): boolean {
  const weekdays = gymDays.length > 0 ? gymDays.map(({ weekday }) => weekday) : [1, 2, 3, 4, 5, 6, 7];
  return weekdays.every((weekday) => isShut(addDays(monday, weekday - 1), closures));
}

/** Whether the gym is shut on a day. */
export const isShut = (day: Day, closures: SeasonInput['closures']): boolean =>
  closures.some(({ kind, from, to }) => kind === 'closed' && from <= day && day <= to);

/** PHASE-1 over week numbers, before congestion and peaks are laid over it. */
function basePhases(counted: readonly number[], closed: readonly boolean[], { season }: MethodSettings): Phase[] {
  const phases = new Array<Phase>(counted.length).fill('general');
  const set = (from: number, of: readonly Phase[]): void => {
    of.forEach((phase, i) => (phases[from + i] = phase));
  };
  const withEvents = counted.flatMap((count, i) => (count > 0 ? [i] : []));
  const [first] = withEvents;
  const last = withEvents.at(-1);
  // without events the season's end is what it is laid towards
  if (first === undefined || last === undefined) {
    set(0, leadUp(counted.length, season.preSeasonWeeks, season));
    return phases;
  }
  set(0, leadUp(first, season.preSeasonWeeks, season));
  withEvents.forEach((week, at) => {
    phases[week] = 'in-season';
    const next = withEvents[at + 1];
    if (next === undefined) return;
    const gap = next - week - 1;
    const open = closed.slice(week + 1, next).filter((is) => !is).length;
    if (gap >= season.longGapWeeks) set(week + 1, leadUp(gap, season.preSeasonAfterGapWeeks, season));
    else set(week + 1, new Array<Phase>(gap).fill(open > season.shortGapWeeks ? 'specific' : 'in-season'));
  });
  const after = counted.length - last - 1;
  set(last + 1, new Array<Phase>(Math.min(after, season.transitionWeeks)).fill('transition'));
  return phases;
}

/** Weeks towards a first event, in order: what is too little shortens the general part first. */
function leadUp(weeks: number, preSeason: number, season: MethodSettings['season']): Phase[] {
  const pre = Math.min(weeks, preSeason);
  const specific = Math.min(weeks - pre, season.specificWeeks);
  const left = weeks - pre - specific;
  const more = Math.min(Math.max(0, left - season.generalWeeks), season.moreSpecificWeeks);
  return [
    ...new Array<Phase>(left - more).fill('general'),
    ...new Array<Phase>(specific + more).fill('specific'),
    ...new Array<Phase>(pre).fill('pre-season'),
  ];
}
