import { error } from '@sveltejs/kit';
import { FIGURES } from '$catalog/figures';
import { LIBRARY } from '$catalog';
import { addDays } from '$core/calendar';
import { figureSchema, workPart } from '$core/figures';
import { changedFields, DEMANDS, MUSCLES, similarEntries, suitsOf } from '$core/library';
import { doseRange } from '$core/progress';
import { gentlePlaces } from '$core/safety';
import { identityOf } from '$lib/server/auth/identity';
import { withClub } from '$lib/server/db/client';
import { libraryOf, loadClub } from '$lib/server/repositories/club-context';
import { usesOf } from '$lib/server/repositories/uses';
import { DEMAND_WORDS, gateWords, kitWords, likeWords, MUSCLE_WORDS, SORENESS_WORDS, SUIT_WORDS } from '$lib/messages';
import { clubPage } from '$lib/server/reads/page-thread';
import { entryForms } from '$lib/server/forms/library';
import type { PageServerLoad } from './$types';

/** Weeks of cards looked through for where an entry is used. */
const USED_WEEKS = 8;
const SWAPS_SHOWN = 8;

export const load: PageServerLoad = async ({ locals, params }) => {
  const { clubId } = identityOf(locals);
  const { club, used } = await withClub(clubId, async (tx) => {
    const found = await loadClub(tx);
    return { club: found, used: await usesOf(tx, params.id, addDays(found.today, -7 * USED_WEEKS)) };
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
    stands: suitsOf(exercise).map((suit) => SUIT_WORDS[suit]),
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

export const actions = { putBack: entryForms.putBack };
