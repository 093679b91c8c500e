import { error } from '@sveltejs/kit';
import { v7 } from 'uuid';
import { gymDayOn, isDay, weekdayOf } from '$core/calendar';
import { assessCard } from '$core/choose';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { libraryOf } from '$lib/server/repositories/club-context';
import { cardOf } from '$lib/server/repositories/sessions';
import { loadSquadDay } from '$lib/server/services/load-squad-day';
import { makeBrief } from '$lib/server/services/make-brief';
import { dayKnot, sayDay, squadKnot, threadEnd } from '$lib/server/services/page-thread';
import { hideHealth, withoutHealth } from '$lib/server/services/hide-health';
import { viewsOf } from '$lib/model/exercise-view';
import { DEMANDS } from '$core/library';
import type { PageServerLoad } from './$types';

/** Demands shown as what the sport asks: the heaviest. */
const ASKS_SHOWN = 6;
const DEFAULT_MINUTES = 60;
const UUID = /^[0-9a-f-]{36}$/;

export const load: PageServerLoad = async ({ locals, params, url }) => {
  const { clubId, role } = identityOf(locals);
  const { squadId, day } = params;
  const athleteId = url.searchParams.get('for');
  if (!isDay(day) || !UUID.test(squadId) || (athleteId !== null && !UUID.test(athleteId)))
    error(404, 'There is no such session.');
  const rows = await withClub(clubId, (tx) => loadSquadDay(tx, squadId, day, athleteId));
  if (!rows) error(404, 'There is no such squad in this club.');
  if (athleteId !== null && !rows.athletes.some(({ id }) => id === athleteId))
    error(404, 'This athlete is not in this squad.');
  const { club, squad, session } = rows;
  const gym = gymDayOn(day, squad.gymDays);
  const phase = session?.phase ?? squad.phase;
  const minutes = session?.minutes ?? gym?.minutes ?? DEFAULT_MINUTES;
  const brief = makeBrief(rows, { day, phase, minutes, keepPrevious: true, athleteId });
  const stored = session && cardOf(session);
  const card = stored && (can(role, 'health') ? stored : hideHealth(stored));
  const ids = card
    ? [...card.lines.map((line) => line.exerciseId), ...card.overrides.flatMap((own) => own.exerciseId ?? [])]
    : [];
  const measured = card && assessCard(card, brief, club.library, club.method);
  const sport = club.library.sports.get(squad.sportId);
  const base = (squadOf: string, dayOf: string) => `/bench/${squadOf}/${dayOf}`;
  return {
    thread: {
      knots: [
        squadKnot(club, squad, (one) => base(one.id, day)),
        dayKnot(club, squad, day, (one) => base(squad.id, one)),
      ],
      level: 2,
      ...threadEnd(club, squad, day),
    },
    clubName: club.name,
    massUnit: club.massUnit,
    squad: { id: squad.id, name: squad.name, kit: squad.kit },
    sport: sport
      ? {
          name: sport.name,
          asks: DEMANDS.map((demand) => ({ demand, weight: sport.demands[demand] }))
            .sort((a, b) => b.weight - a.weight)
            .slice(0, ASKS_SHOWN)
            .map(({ demand }) => demand),
        }
      : null,
    athletes: rows.athletes.map(({ id, name }) => ({ id, name })),
    forAthlete: athleteId,
    day,
    dayWords: sayDay(day),
    weekday: weekdayOf(day),
    start: gym?.start ?? null,
    event: squad.events.find((event) => event.day >= day) ?? null,
    phases: Object.entries(club.method.phases)
      .filter(([id]) => id !== 'return')
      .map(([id, { name }]) => ({ id, name })),
    leastMinutes: club.method.settings.time.leastMinutes,
    places: Object.fromEntries(Object.entries(club.method.places).map(([id, { name }]) => [id, name])),
    phase,
    minutes,
    // complaints travel only to those who may read them: the brief is what the card is solved from
    brief: can(role, 'plan') ? brief : null,
    covered: brief.covered,
    kneeHip: club.method.settings.ledger.kneeHip,
    tables: club.tables.map(({ table, json }) => ({ table, json })),
    entries: club.entries.map(({ kind, id, json, base: was }) => ({ kind, id, json, base: was })),
    newId: v7(),
    session:
      session && card && measured
        ? {
            id: session.id,
            version: session.version,
            card,
            assessment: can(role, 'health')
              ? measured
              : { ...measured, findings: measured.findings.map((one) => withoutHealth(one)) },
            views: viewsOf(new Set(ids), libraryOf(club, squad)),
          }
        : null,
  };
};
