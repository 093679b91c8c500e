import { and, gte, inArray, lt } from 'drizzle-orm';
import { addDays, type Day } from '$core/calendar';
import { settleLine, type Settlement } from '$core/progress';
import { placeOf } from '$lib/model/kit';
import type { Tx } from '../db/client';
import { gymSession, track } from '../db/schema';
import type { ClubContext } from '../repositories/club-context';
import { addFacts, derivedId } from './facts';
import { recordChanges } from './record-change';
import { refoldTracks } from './refold';

/** Sessions older than this were settled, or are past being settled. */
const SETTLED_WITHIN_DAYS = 60;

/**
 * Makes facts of what the rules settle by themselves once a session is over (DOSE-2, PROG-7, PROG-9): at its close, or at
 * the athlete's next command where nobody closed it. Twice changes nothing: the ids follow from what they settle.
 * @param before only sessions of earlier days, or `sessionId` itself
 */
export async function settleSessions(
  tx: Tx,
  club: ClubContext,
  athleteIds: readonly string[],
  { before, sessionId = null }: { readonly before: Day; readonly sessionId?: string | null },
): Promise<void> {
  if (athleteIds.length === 0) return;
  const rows = await tx
    .select()
    .from(track)
    .where(
      and(
        inArray(track.athleteId, [...athleteIds]),
        gte(track.lastDone, addDays(before, -SETTLED_WITHIN_DAYS)),
        sessionId === null ? lt(track.lastDone, before) : undefined,
      ),
    );
  const kits = await kitsOf(
    tx,
    club,
    rows.flatMap(({ state }) => state.exposures[0]?.sessionId ?? []),
  );
  const due = rows.flatMap(({ athleteId, state }) => {
    const exercise = club.library.exercises.get(state.exerciseId);
    const kit = kits.get(state.exposures[0]?.sessionId ?? '');
    if (!exercise || !kit) return [];
    return settleLine({ exercise, row: state.row, track: state, kit }, club.method)
      .filter((one) => one.day < before || one.sessionId === sessionId)
      .map((one) => ({ athleteId, ...one }));
  });
  if (due.length === 0) return;
  await addFacts(
    tx,
    club.clubId,
    due.map(({ athleteId, ...one }) => ({
      id: derivedId(athleteId, one.sessionId, one.exerciseId, one.row, one.cause),
      kind: 'step',
      day: one.day,
      actor: 'rule',
      athleteId,
      sessionId: one.sessionId,
      exerciseId: one.exerciseId,
      row: one.row,
      body: bodyOf(one),
    })),
  );
  await recordChanges(
    tx,
    club.clubId,
    due.map(({ athleteId, change, day, sessionId: of }) => ({
      day,
      actor: 'rule',
      subject: 'dose',
      athleteId,
      sessionId: of,
      from: change.from,
      to: change.to,
      rules: change.rules,
      saw: change.saw,
    })),
  );
  for (const athleteId of new Set(due.map((one) => one.athleteId)))
    await refoldTracks(
      tx,
      club.clubId,
      athleteId,
      due.filter((one) => one.athleteId === athleteId).map(({ exerciseId }) => exerciseId),
    );
}

const bodyOf = ({ cause, change, sessionId }: Settlement) => ({
  cause,
  to: change.to,
  sessionId,
  tight: false,
  rules: change.rules,
  saw: change.saw,
});

/** What there is to load with where each session was held. */
async function kitsOf(tx: Tx, { squads }: ClubContext, sessionIds: readonly string[]) {
  const ids = [...new Set(sessionIds)];
  if (ids.length === 0) return new Map<string, ReturnType<typeof placeOf>['loading']>();
  const rows = await tx
    .select({ id: gymSession.id, squadId: gymSession.squadId })
    .from(gymSession)
    .where(inArray(gymSession.id, ids));
  return new Map(
    rows.flatMap(({ id, squadId }) => {
      const squad = squads.find((one) => one.id === squadId);
      return squad ? [[id, placeOf(squad.kit).loading] as const] : [];
    }),
  );
}
