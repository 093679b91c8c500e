import type { Brief } from '$core/choose';
import { matchTags } from '$core/calendar';
import { ownDay, type OwnDay } from '$core/day';
import { dayLimits, type DayLimits } from '$core/season';
import type { ClubContext } from '../repositories/club-context';
import { tagWords } from './page-thread';

/** Whose day is not the squad's, in a coach's words. */
export interface ApartAthlete {
  readonly athleteId: string;
  readonly words: string;
  /** may do more than the squad's card of today holds: a card of their own is worth making */
  readonly freer: boolean;
}

/** Athletes whose own calendar makes this day another one than the squad's (WEEK-4, WEEK-7). */
export function apartToday(brief: Brief, { method }: Pick<ClubContext, 'method'>): ApartAthlete[] {
  const { settings } = method;
  const squad = dayLimits(matchTags(brief.day, brief.events, settings.week.tagReachDays), settings, brief.afterHeavy);
  return Object.entries(brief.calendars).flatMap(([athleteId, calendar]) => {
    const own = ownDay(brief, calendar, squad, method);
    const words = ownDayWords(own, squad, brief.lighterWeek);
    return words === null ? [] : [{ athleteId, words, freer: isFreer(own.limits, squad) }];
  });
}

const isFreer = (own: DayLimits, squad: DayLimits): boolean =>
  (squad.primerOnly && !own.primerOnly) || (squad.recovery && !own.recovery && !own.primerOnly);

/** Of a week shared with another squad: what it leaves (section 7). */
function sharedWords({ setsLeft, stepped }: OwnDay): string | null {
  if (setsLeft && Number.isFinite(setsLeft.knee + setsLeft.hip))
    return `trained with another squad this week, ${String(setsLeft.knee)} knee-led and ${String(setsLeft.hip)} hip-led sets left`;
  return Object.keys(stepped).length > 0 ? 'lines stepped up with another squad less than a week ago' : null;
}

/** How an athlete's own day differs from the squad's; null = it does not. */
export function ownDayWords(own: OwnDay, squad: DayLimits, lighter: boolean): string | null {
  const tag = tagWords(own.tags);
  const said = [
    own.apart.event ? 'plays elsewhere today, nothing of this card' : null,
    own.apart.recovery ? 'played elsewhere, recovery' : null,
    own.apart.primer && !own.apart.event ? `plays elsewhere, ${tag ?? 'a primer'}` : null,
    own.limits.quiet && !squad.quiet && !own.apart.primer
      ? own.limits.afterHeavy
        ? 'heavy legs with another squad'
        : `legs eased, ${tag ?? 'an event near'}`
      : null,
    own.lighterWeek && !lighter ? 'exams, less of everything' : null,
    sharedWords(own),
    own.contactsBefore > 0 ? `${String(Math.round(own.contactsBefore))} contacts earlier today` : null,
    isFreer(own.limits, squad) ? 'free of the match' : null,
  ].filter((one) => one !== null);
  return said.length > 0 ? said.join('; ') : null;
}
