import type { AthleteFacts } from '../athlete';
import { matchTags, type Day, type EventDay, type MatchTag, type OwnCalendar } from '../calendar';
import type { Dose } from '../dose';
import type { Library, Phase } from '../library';
import { schoolLibrary, type DoseRowId, type MethodTables, type Schools } from '../method';
import { leavesTight, lightCard, type CardWord, type LightCard } from '../progress';
import { dayLimits, type DayLimits } from '../season';
import type { Track } from '../track';
import { ownDay, type Apart } from './own-day';
import type { Place } from './place';
import type { PlannedMain } from './working-max';

/** What was fixed for an athlete on a line by the first set. */
export interface Begun {
  readonly exerciseId: string;
  readonly row: DoseRowId;
  readonly written: Dose;
  readonly based: Dose | null;
  readonly eased: readonly string[];
}

/** What of a session's setting holds on its day. */
export interface DaySetting {
  readonly day: Day;
  readonly phase: Phase;
  readonly weekOfBlock: number;
  /** the block's lighter week (BLOCK-1) */
  readonly lighterWeek: boolean;
  /** of the sets of what is trained, what a week of a peak keeps (PHASE-2); null = no peak */
  readonly peakSets: number | null;
  readonly schools: Schools;
  /** jumps of that day's practice, raw (JUMP-8) */
  readonly practiceJumps: number;
  readonly place: Place;
  readonly events: readonly EventDay[];
  /** the squad's last heavy session lies less than two days behind (WEEK-3) */
  readonly afterHeavy: boolean;
  /** main lifts as the season's plan writes them for this day; empty = they go on from what runs (BLOCK-5) */
  readonly planned: readonly PlannedMain[];
  /** no gym day of the next three weeks lies clear of events: new lifts may enter near one (WEEK-6) */
  readonly noClearDay: boolean;
  /** the card is one athlete's own: it follows what the athlete owns, not the squad (PROG-16) */
  readonly own: boolean;
  /** calendars of athletes who have one beside the squad's; by athlete */
  readonly calendars: Readonly<Record<string, OwnCalendar>>;
  /** what the athletes own, settled; by athlete */
  readonly tracks: Readonly<Record<string, readonly Track[]>>;
  /** lines begun, by slot and athlete (`begunKey`) */
  readonly begun: Readonly<Record<string, Begun>>;
}

export const begunKey = (slot: string, athleteId: string): string => `${slot} ${athleteId}`;

/** A day's setting with what follows from it, worked out once and passed down. */
export interface DayContext extends Omit<DaySetting, 'tracks' | 'events' | 'calendars'> {
  readonly library: Library;
  readonly method: MethodTables;
  readonly tags: readonly MatchTag[];
  readonly limits: DayLimits;
  /** tier-weighted contacts of the athlete it is for, earlier today with another squad */
  readonly contactsBefore: number;
  /** hard sets that a week shared with another squad leaves the athlete it is for; null = not shared */
  readonly setsLeft: Readonly<Record<'knee' | 'hip', number>> | null;
  /** what lines came to with another squad less than a week ago, by entry and row */
  readonly stepped: OwnCalendar['stepped'];
  /** how the day of the athlete it is for differs from the squad's */
  readonly apart: Apart;
  /** the same day as it is for one athlete, by what that calendar holds beside the squad's */
  readonly forAthlete: (athleteId: string) => DayContext;
  readonly trackOf: (athleteId: string, exerciseId: string, row: DoseRowId) => Track | null;
  /** why an athlete does less on every line: tired mornings, or the coach's word (PROG-16, PROG-10); null = does not */
  readonly lightCard: (athlete: Pick<AthleteFacts, 'id' | keyof CardWord>) => LightCard | null;
  /** entries that keep leaving an athlete overly tight (PROG-14) */
  readonly leavesTight: (athleteId: string) => ReadonlySet<string>;
}

/** @param library the club's own; the schools are laid over it here */
export function makeDayContext(setting: DaySetting, library: Library, method: MethodTables): DayContext {
  const { tracks, events, calendars, ...rest } = setting;
  const tags = matchTags(setting.day, events, method.settings.week.tagReachDays);
  const tracksOf = (athleteId: string): readonly Track[] =>
    Object.hasOwn(tracks, athleteId) ? (tracks[athleteId] ?? []) : [];
  const books = new Map<string, Map<string, Track>>();
  const bookOf = (athleteId: string): Map<string, Track> => {
    const known = books.get(athleteId);
    if (known) return known;
    const made = new Map(tracksOf(athleteId).map((track) => [`${track.exerciseId} ${track.row}`, track]));
    books.set(athleteId, made);
    return made;
  };
  const ownLibrary = schoolLibrary(library, setting.schools, method);
  const asSquad = {
    ...rest,
    library: ownLibrary,
    method,
    tags,
    limits: dayLimits(tags, method.settings, setting.afterHeavy),
    contactsBefore: 0,
    setsLeft: null,
    stepped: {},
    apart: TOGETHER,
    lightCard: remembered(
      (athlete: Pick<AthleteFacts, 'id' | keyof CardWord>) => lightCard(tracksOf(athlete.id), athlete, setting.day),
      ({ id }) => id,
    ),
    leavesTight: remembered((athleteId: string) => leavesTight(tracksOf(athleteId), setting.day, ownLibrary, method)),
    trackOf: (athleteId: string, exerciseId: string, row: DoseRowId) =>
      bookOf(athleteId).get(`${exerciseId} ${row}`) ?? null,
  };
  const [alone] = setting.own ? Object.values(calendars) : [];
  // an own card has no squad beside it: the athlete's day is its day
  const card = alone ? { ...asSquad, ...ownDay(setting, alone, null, method) } : asSquad;
  const context: DayContext = {
    ...card,
    forAthlete: remembered((athleteId: string): DayContext => {
      const calendar = !alone && Object.hasOwn(calendars, athleteId) ? calendars[athleteId] : undefined;
      return calendar ? { ...context, ...ownDay(setting, calendar, card.limits, method) } : context;
    }),
  };
  return context;
}

const TOGETHER: Apart = { event: false, recovery: false, primer: false };

function remembered<Of, T>(of: (one: Of) => T, keyOf: (one: Of) => unknown = (one) => one): (one: Of) => T {
  const known = new Map<unknown, T>();
  return (one) => {
    const was = known.get(keyOf(one));
    if (was !== undefined) return was;
    const is = of(one);
    known.set(keyOf(one), is);
    return is;
  };
}

/** START-2 and START-1: while the ground is unknown or a focus on it holds back, an athlete trains at the gentle end. */
export const trainsGently = ({ caution, focus }: Pick<AthleteFacts, 'caution' | 'focus'>): boolean =>
  caution === 'gentle' || (focus?.holdsBack ?? false);
