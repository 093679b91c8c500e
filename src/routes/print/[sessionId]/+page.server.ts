import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { assessCard } from '$core/choose';
import { formatDose, formatMass, formatSets } from '$core/exchange';
import { athleteLines } from '$core/session';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import { cardOf, loadSession } from '$lib/server/repositories/sessions';
import { makeBrief } from '$lib/server/services/make-brief';
import { sayDay, threadEnd } from '$lib/server/services/page-thread';
import { viewsOf } from '$lib/model/exercise-view';
import type { PageServerLoad } from './$types';

/** One clean page: the lines with their cues, and what each athlete does where it differs. */
export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId } = identityOf(locals);
  if (!z.uuid().safeParse(params.sessionId).success) error(404, 'There is no such session.');
  const { club, session, athletes } = await withClub(clubId, async (tx) => {
    const context = await loadClub(tx);
    const found = await loadSession(tx, params.sessionId);
    if (!found) error(404, 'There is no such session.');
    return { club: context, session: found, athletes: await loadSquadAthletes(tx, found.squadId, found.day) };
  });
  const squad = club.squads.find(({ id }) => id === session.squadId);
  if (!squad) error(404, 'There is no such squad.');
  const card = cardOf(session);
  const brief = makeBrief(
    { club, squad, athletes, lastDone: new Map(), sessions: [] },
    {
      day: session.day,
      phase: session.phase,
      minutes: session.minutes,
      keepPrevious: true,
      athleteId: session.athleteId,
    },
  );
  const { minutes, contacts, timeline } = assessCard(card, brief, club.library, club.method);
  const views = viewsOf(
    new Set([...card.lines.map((line) => line.exerciseId), ...card.overrides.flatMap((own) => own.exerciseId ?? [])]),
    libraryOf(club, squad),
  );
  const people = athletes.filter(({ id }) => session.athleteId === null || id === session.athleteId);
  // a column for each line on which anyone has a load or something of their own
  const columns = card.lines.filter((line) =>
    card.overrides.some(
      (own) =>
        own.slot === line.slot &&
        (own.dose.loadKg !== null ||
          own.exerciseId !== line.exerciseId ||
          formatSets(own.dose) !== formatSets(line.dose)),
    ),
  );
  return {
    title: `${squad.name}${session.athleteId === null ? '' : ` · ${people[0]?.name ?? ''}`}`,
    day: sayDay(session.day),
    ...threadEnd(club, squad, session.day),
    clubName: club.name,
    minutes: Math.round(minutes),
    contacts,
    totalMinutes: session.minutes,
    lines: card.lines.map((line) => ({
      slot: line.slot,
      block: line.block,
      group: line.group,
      name: views[line.exerciseId]?.name ?? line.exerciseId,
      family: views[line.exerciseId]?.family ?? 'mobility',
      dose: formatDose({ ...line.dose, loadKg: null, percent: null }, club.massUnit),
      cues: views[line.exerciseId]?.cues.join(' ') ?? '',
      partner: views[line.exerciseId]?.partner ?? null,
      pins: views[line.exerciseId]?.pins ?? false,
      beats: timeline.beats[line.slot] ?? [],
    })),
    columns: columns.map((line) => ({ slot: line.slot, name: views[line.exerciseId]?.name ?? line.exerciseId })),
    athletes: people.map(({ id, name }) => {
      const own = athleteLines(card, id);
      return {
        name,
        cells: columns.map((line) => {
          const mine = own.find((one) => one.line.slot === line.slot);
          if (!mine) return 'without';
          const parts = [
            mine.replaced ? (views[mine.exerciseId]?.name ?? '') : '',
            formatSets(mine.dose) === formatSets(line.dose) && !mine.replaced ? '' : formatSets(mine.dose),
            mine.dose.loadKg === null ? '' : formatMass(mine.dose.loadKg, club.massUnit),
          ];
          return parts.filter(Boolean).join(', ');
        }),
      };
    }),
  };
};
