import { gymTimeOn, nextGymTime } from '$core/season';
import { addDays, matchTags, weekdayOf, type Day, type MatchTag } from '$core/calendar';
import type { Phase } from '$core/library';
import { dayWords } from '$lib/messages';
import { timesOf, type ClubContext, type SquadRow } from '../repositories/club-context';

/** Gym days offered by the day picker, ahead and behind. */
const DAYS_AHEAD = 5;
const DAYS_BEHIND = 4;

export const sayDay = (day: Day): string => dayWords(day, weekdayOf(day));

/** Match-day tags as a coach writes them: MD−4, MD+1, MD. */
export const tagWords = (tags: readonly MatchTag[]): string | null => {
  const on = tags.find((tag) => tag.place === 'on');
  if (on) return 'MD';
  const ahead = tags.find((tag) => tag.place === 'before');
  const behind = tags.find((tag) => tag.place === 'after');
  // the event ahead shapes the day, but the day after one is named first
  const parts = [
    behind && (behind.days === 1 || !ahead) ? `MD+${String(behind.days)}` : null,
    ahead ? `MD−${String(ahead.days)}` : null,
  ].filter((part) => part !== null);
  return parts.length > 0 ? parts.join(' · ') : null;
};

/** The day this squad's next card is for: today when it is a gym day, else the next one. */
export const nextCardDay = (squad: SquadRow, today: Day): Day =>
  gymTimeOn(today, timesOf(squad)) ? today : (nextGymTime(today, timesOf(squad)) ?? today);

/** Gym days around today, and the day shown, in order. */
export function daysOffered(squad: SquadRow, today: Day, shown: Day): Day[] {
  const days = new Set([shown]);
  let ahead = addDays(today, -1);
  for (let i = 0; i < DAYS_AHEAD; i++) {
    const next = nextGymTime(ahead, timesOf(squad));
    if (next === null) break;
    days.add(next);
    ahead = next;
  }
  for (let back = 1, found = 0; back <= 21 && found < DAYS_BEHIND; back++)
    if (gymTimeOn(addDays(today, -back), timesOf(squad))) {
      days.add(addDays(today, -back));
      found += 1;
    }
  return [...days].sort();
}

interface Knot {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly href: string; readonly label: string }[];
}

/** The squad knot: the same page for another squad. */
export const squadKnot = (club: ClubContext, squad: SquadRow, href: (squad: SquadRow) => string): Knot => ({
  label: 'squad',
  value: href(squad),
  options: club.squads.map((one) => ({ href: href(one), label: one.name })),
});

export const dayKnot = (club: ClubContext, squad: SquadRow, day: Day, href: (day: Day) => string): Knot => ({
  label: 'day',
  value: href(day),
  options: daysOffered(squad, club.today, day).map((one) => ({ href: href(one), label: sayDay(one) })),
});

/** Phase and tag in words for the thread's end. */
/** @param phase of the season's week; without a season the squad's own */
export const threadEnd = (
  club: ClubContext,
  squad: SquadRow,
  day: Day,
  phase: Phase = squad.phase,
): { words: string; tag: string | null } => ({
  words: club.method.phases[phase].name.replace(/^./, (first) => first.toUpperCase()),
  tag: tagWords(matchTags(day, squad.events, club.method.settings.week.tagReachDays)),
});

/** What every page of the whole club carries: the thread at the club, its name and units. */
export const clubPage = (club: ClubContext, here: string) => ({
  thread: {
    knots: [
      {
        label: 'squad',
        value: here,
        options: [
          { href: here, label: 'All squads' },
          ...club.squads.map(({ id, name }) => ({ href: `/squad/${id}`, label: name })),
        ],
      },
    ],
    level: 1,
    words: sayDay(club.today),
    tag: null,
  },
  clubName: club.name,
  massUnit: club.massUnit,
});
