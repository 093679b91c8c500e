import { dayLimits, practicesOn, type SeasonPlan } from '$core/season';
import { addDays, matchTags } from '$core/calendar';
import { writeCsv } from '../csv';
import { tagWords } from '../reads/page-thread';
import type { ClubContext, SquadRow } from '../repositories/club-context';

/** Its columns, in order: a plan without sessions still says what a row would hold. */
const COLUMNS = [
  'week',
  'day',
  'phase',
  'block',
  'week_of_block',
  'kind_of_week',
  'test_week',
  'tag',
  'session',
  'start',
  'minutes',
  'role',
  'mains',
  'contacts',
  'event',
  'event_kind',
  'practice_minutes',
] as const;

/** A squad's season as a table, one row a day with a session, an event or a practice. */
export function seasonTable(club: ClubContext, squad: SquadRow, plan: SeasonPlan | null): string {
  const { settings } = club.method;
  const rows = (plan?.weeks ?? []).flatMap(({ start, number, phase, block, test, sessions }) =>
    [0, 1, 2, 3, 4, 5, 6].flatMap((ahead) => {
      const day = addDays(start, ahead);
      const session = sessions.find((one) => one.day === day);
      const events = squad.events.filter((one) => one.day === day);
      const practices = practicesOn(day, squad.season?.practices ?? []);
      if (!session && events.length === 0 && practices.length === 0) return [];
      const tags = matchTags(day, squad.events, settings.week.tagReachDays);
      return [
        {
          week: number,
          day,
          phase,
          block: block.block ?? '',
          week_of_block: block.week,
          kind_of_week: block.kind,
          test_week: test ? 'yes' : '',
          tag: dayLimits(tags, settings).on ? 'MD' : (tagWords(tags) ?? ''),
          session: session?.kind ?? '',
          start: session?.start ?? '',
          minutes: session?.minutes ?? '',
          role: session?.role ?? '',
          mains: (session?.mains ?? [])
            .map(
              ({ lead, sets, reps, percent, rir }) =>
                `${lead} ${String(sets)} × ${String(reps)}${percent === null ? '' : ` · ${String(Math.round(percent * 100))} %`}${rir === null ? '' : ` · RIR ${String(rir)}`}`,
            )
            .join('; '),
          contacts: session?.contacts.aim ?? '',
          event: events.map(({ name }) => name).join('; '),
          event_kind: events.map(({ kind }) => kind).join('; '),
          practice_minutes: practices.reduce((sum, { minutes }) => sum + minutes, 0) || '',
        },
      ];
    }),
  );
  return writeCsv(rows, COLUMNS);
}
