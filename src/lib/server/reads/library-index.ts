import { workPart } from '$core/figures';
import { highestLevel, MUSCLES, type Exercise, type Library } from '$core/library';
import { gentlePlaces } from '$core/safety';
import { ownValue } from '$core/own';
import { DEMAND_WORDS, FAMILY_WORDS, MUSCLE_WORDS } from '$lib/messages';
import type { LibraryRow } from '$lib/model/library';
import type { ClubContext } from '../repositories/club-context';

/** From this demand on an entry is said to train it. */
const TRAINS_FROM = 2;
/** Muscles named in the search text: those with a real share. */
const NAMED_FROM = 0.1;

/** The library as the finder searches it, by name. */
export function libraryIndex(library: Library, club: Pick<ClubContext, 'entries' | 'method'>): LibraryRow[] {
  const own = new Set(club.entries.filter(({ kind }) => kind === 'exercise').map(({ id }) => id));
  return [...library.exercises.values()]
    .map((exercise): LibraryRow => {
      const demands = Object.entries(exercise.demands).flatMap(([id, points]) => (points >= TRAINS_FROM ? [id] : []));
      const gentle = gentlePlaces(exercise, club.method);
      return {
        id: exercise.id,
        name: exercise.name,
        family: exercise.family,
        text: textOf(exercise, demands, gentle, club),
        level: highestLevel(exercise.gates.flatMap((gate) => (gate.kind === 'level' ? [gate.atLeast] : []))),
        tier: exercise.plyo?.tier ?? null,
        ladder: exercise.ladder?.id ?? null,
        allOf: exercise.equipment.allOf,
        anyOf: exercise.equipment.anyOf,
        lane: exercise.space === 'lane',
        groupable: exercise.groupable,
        demands,
        gentle,
        own: own.has(exercise.id),
        work: workPart(exercise.share),
      };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

function textOf(
  exercise: Exercise,
  demands: readonly string[],
  gentle: readonly string[],
  club: Pick<ClubContext, 'method'>,
): string {
  const muscles = MUSCLES.filter((muscle) => (exercise.share[muscle] ?? 0) >= NAMED_FROM);
  return [
    exercise.name,
    ...exercise.aliases,
    FAMILY_WORDS[exercise.family],
    exercise.family,
    ...exercise.cues,
    ...muscles.map((muscle) => MUSCLE_WORDS[muscle]),
    ...demands.map((demand) => DEMAND_WORDS[demand as keyof typeof DEMAND_WORDS]),
    ...exercise.equipment.allOf,
    ...exercise.equipment.anyOf,
    // knee-friendly, back-friendly and the like are how coaches ask for it
    ...gentle.map((place) => `${ownValue(club.method.places, place)?.name ?? place}-friendly`),
  ]
    .join(' ')
    .toLowerCase();
}
