import { error, fail, redirect } from '@sveltejs/kit';
import { and, count, eq, gte } from 'drizzle-orm';
import { FIGURES } from '$catalog/figures';
import { LIBRARY } from '$catalog';
import { addDays } from '$core/calendar';
import { figureSchema, workPart } from '$core/figures';
import { changedFields, DEMANDS, MUSCLES, similarEntries } from '$core/library';
import { doseRange } from '$core/progress';
import { gentlePlaces } from '$core/safety';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { gymSession, sessionLine, squad } from '$lib/server/db/schema';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import { putBack } from '$lib/server/services/keep-entry';
import { DEMAND_WORDS, gateWords, kitWords, likeWords, MUSCLE_WORDS, SORENESS_WORDS } from '$lib/messages';
import { clubPage } from '$lib/server/services/page-thread';
import type { Actions, PageServerLoad } from './$types';

/** Weeks of cards looked through for where an entry is used. */
const USED_WEEKS = 8;
const SWAPS_SHOWN = 8;

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId } = identityOf(locals);
  const { club, used } = await withClub(clubId, async (tx) => {
    const found = await loadClub(tx);
    const rows = await tx
      .select({ squad: squad.name, times: count() })
      .from(sessionLine)
      .innerJoin(gymSession, and(eq(gymSession.clubId, sessionLine.clubId), eq(gymSession.id, sessionLine.sessionId)))
      .innerJoin(squad, and(eq(squad.clubId, gymSession.clubId), eq(squad.id, gymSession.squadId)))
      .where(and(eq(sessionLine.exerciseId, params.id), gte(gymSession.day, addDays(found.today, -7 * USED_WEEKS))))
      .groupBy(squad.name);
    return { club: found, used: rows };
  });
  const library = libraryOf(club);
  const exercise = library.exercises.get(params.id);
  if (!exercise) error(404, 'There is no such exercise in the library.');
  const ladder = exercise.ladder && library.ladders.get(exercise.ladder.id);
  const builtIn = LIBRARY.exercises.get(exercise.id);
  const own = club.entries.find(({ kind, id }) => kind === 'exercise' && id === exercise.id);
  const figure = figureSchema
    .nullable()
    .parse((exercise as { figure?: unknown }).figure ?? FIGURES[exercise.id] ?? null);
  return {
    ...clubPage(club, '/library'),
    exercise,
    figure,
    work: workPart(exercise.share),
    shares: MUSCLES.flatMap((muscle) => {
      const share = exercise.share[muscle] ?? 0;
      return share > 0 ? [{ muscle: MUSCLE_WORDS[muscle], share }] : [];
    }).sort((a, b) => b.share - a.share),
    demands: DEMANDS.flatMap((demand) => {
      const points = exercise.demands[demand] ?? 0;
      return points > 0 ? [{ demand: DEMAND_WORDS[demand], points }] : [];
    }).sort((a, b) => b.points - a.points),
    kit: kitWords(exercise),
    soreness: SORENESS_WORDS[exercise.soreness] ?? '',
    gates: exercise.gates.map((gate) => gateWords(gate, library)),
    spares: gentlePlaces(exercise, club.method).map((place) => club.method.places[place]?.name ?? place),
    ladder:
      ladder && exercise.ladder
        ? {
            id: ladder.id,
            name: ladder.name,
            rung: exercise.ladder.rung,
            rungs: ladder.rungs.map(({ name }) => name),
          }
        : null,
    doses: Object.entries(club.method.doses).flatMap(([id, row]) => {
      const range = exercise.qualities.includes(row.quality) ? doseRange(exercise, row, library) : null;
      return range ? [{ id, name: row.name, sets: range.sets, amount: range.amount }] : [];
    }),
    used,
    swaps: similarEntries(exercise, library, SWAPS_SHOWN).map(({ exercise: other, likeness, reasons }) => ({
      id: other.id,
      name: other.name,
      family: other.family,
      likeness,
      why: likeWords(reasons),
      kit: kitWords(other),
    })),
    school: club.method.settings.shares.patterns.includes(exercise.pattern) ? club.schools.rdlShares : null,
    own: own ? { isNew: !builtIn, changed: builtIn ? changedFields(builtIn, own.json as object) : [] } : null,
  };
};

export const actions: Actions = {
  putBack: async ({ locals, params }) => {
    const { clubId, userId } = identityOf(locals);
    // a redirect thrown inside the transaction would take it back
    const done = await withClub(clubId, async (tx) => {
      const club = await loadClub(tx);
      if (!LIBRARY.exercises.has(params.id)) {
        // a club's own entry that stands on a card stays, so that the card can still be read
        const [line] = await tx
          .select({ id: sessionLine.sessionId })
          .from(sessionLine)
          .where(eq(sessionLine.exerciseId, params.id))
          .limit(1);
        if (line)
          return fail(400, { message: 'It stands on a card. Swap it there first; the history keeps its name.' });
        await putBack(tx, club, userId, 'exercise', params.id);
        return { gone: true, message: '' };
      }
      await putBack(tx, club, userId, 'exercise', params.id);
      return { gone: false, message: 'The built-in entry counts again.' };
    });
    if ('gone' in done && done.gone) redirect(303, '/library');
    return done;
  },
};
