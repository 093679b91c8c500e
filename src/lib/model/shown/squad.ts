import type { GymDay } from '$core/calendar';
import type { SquadAims } from '$core/startline';
import type { Kit } from '../kit';
import type { Texts } from '../merge-texts';
import { longDate } from '$lib/messages';

const DEFAULT_START = '18:00';
const DEFAULT_MINUTES = 60;

/** Gym days as their form shows them. */
export const gymDaysTexts = (gymDays: readonly GymDay[]): Texts => ({
  weekdays: [...gymDays]
    .map(({ weekday }) => weekday)
    .sort()
    .join(', '),
  start: gymDays[0]?.start ?? DEFAULT_START,
  minutes: String(gymDays[0]?.minutes ?? DEFAULT_MINUTES),
});

const WHO = ['female', 'male', 'young'] as const;
const times = (value: number | null | undefined): string => (value == null ? '' : String(value));

/** A squad's aims as their form shows them. @param per what the result's test is shown in, of its SI unit */
export const aimsTexts = ({ result, targets, enough }: SquadAims, per: number): Texts => ({
  resultTest: result?.test ?? '',
  resultName: result?.name ?? '',
  resultError: result?.error == null ? '' : String(Math.round(result.error * per * 1000) / 1000),
  ...Object.fromEntries(
    WHO.flatMap((who) => [
      [`${who}Squat`, times(targets[who]?.squat)],
      [`${who}Hinge`, times(targets[who]?.hinge)],
    ]),
  ),
  enoughSquat: times(enough.squat),
  enoughHinge: times(enough.hinge),
});

/** A place as its form shows it. */
export const placeTexts = (name: string, kit: Kit): Texts => ({
  name,
  racks: String(kit.racks),
  bars: String(kit.bars),
  barKg: String(kit.barKg),
  smallestPlateKg: String(kit.smallestPlateKg),
  laneM: String(kit.laneM),
  surface: kit.surface,
  bellsKg: kit.bellsKg.join(', '),
  hardSurface: kit.hardSurface ? 'on' : '',
  equipment: kit.equipment.join(', '),
});

/** A season's dates as their form shows them. */
export const seasonTexts = (season: {
  readonly start: string;
  readonly end: string;
  readonly sessionsAWeek: number | null;
}): Texts => ({
  start: longDate(season.start),
  end: longDate(season.end),
  sessionsAWeek: season.sessionsAWeek === null ? '' : String(season.sessionsAWeek),
});

/** An event as its form shows it. */
export const eventTexts = (event: { readonly day: string; readonly kind: string; readonly peak: boolean }): Texts => ({
  day: longDate(event.day),
  kind: event.kind,
  peak: event.peak ? 'on' : '',
});

/** Who was selected for an event, and for how long, as its form shows it. */
export const playedTexts = (
  played: readonly {
    readonly id: string;
    readonly selected: boolean;
    readonly minutes: number | null;
    readonly rpe: number | null;
  }[],
): Texts =>
  Object.fromEntries(
    played.flatMap(({ id, selected, minutes, rpe }) => [
      [`selected ${id}`, selected ? 'on' : ''],
      [`minutes ${id}`, minutes === null ? '' : String(minutes)],
      [`rpe ${id}`, rpe === null ? '' : String(rpe)],
    ]),
  );
