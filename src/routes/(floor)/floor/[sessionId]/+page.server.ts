import { error } from '@sveltejs/kit';
import { z } from 'zod';
import { layOut } from '$core/order';
import { getExercise } from '$core/library';
import { athleteLines } from '$core/session';
import { can } from '$lib/server/auth/access';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { loadSquadAthletes } from '$lib/server/repositories/athletes';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import { cardOf, loadSession } from '$lib/server/repositories/sessions';
import { sayDay } from '$lib/server/services/page-thread';
import { viewsOf } from '$lib/model/exercise-view';
import { placeOf } from '$lib/model/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId, role } = identityOf(locals);
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
  const present = athletes.filter(({ id }) => session.athleteId === null || id === session.athleteId);
  const lines = card.lines.map((line) => ({
    slot: line.slot,
    block: line.block,
    group: line.group,
    exerciseId: line.exerciseId,
    dose: line.dose,
    // nothing of a health note where the room can read it: "own line" (SAFE-7)
    athletes: present.flatMap(({ id, name }) => {
      const own = athleteLines(card, id).find((one) => one.line.slot === line.slot);
      return own ? [{ id, name, exerciseId: own.exerciseId, dose: own.dose, replaced: own.replaced }] : [];
    }),
  }));
  const ids = new Set(
    lines.flatMap((line) => [line.exerciseId, ...line.athletes.map((athlete) => athlete.exerciseId)]),
  );
  const timeline = layOut(
    card.lines.map((line) => ({ ...line, exercise: getExercise(club.library, line.exerciseId) })),
    club.method.settings,
  );
  return {
    session: {
      id: session.id,
      day: session.day,
      minutes: session.minutes,
      title: `${squad.name}, ${sayDay(session.day)}`,
      back: `/bench/${squad.id}/${session.day}`,
    },
    massUnit: club.massUnit,
    racks: squad.kit.racks,
    plates: placeOf(squad.kit).loading.barbell,
    lines,
    views: viewsOf(ids, libraryOf(club, squad)),
    beats: timeline.beats,
    logs: session.logs.map(({ athleteId, slot, setNumber, amount, loadKg, rir, fault, asWritten }) => ({
      athleteId,
      slot,
      setNumber,
      amount,
      loadKg,
      rir,
      fault,
      asWritten,
    })),
    mayLog: can(role, 'log'),
  };
};
