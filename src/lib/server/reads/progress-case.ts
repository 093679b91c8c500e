import { addDays } from '$core/calendar';
import type { Exercise, Phase } from '$core/library';
import { mayRiseOf, type ProgressCase } from '$core/progress';
import type { Track } from '$core/track';
import { placeOf } from '$lib/model/kit';
import type { KnownAthlete } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SessionHead } from '../repositories/session-heads';

/** One athlete's lines as the progress rules look at them: those done since the longest layoff, after which a rung falls (PROG-7). */
export function progressCases(
  { facts, tracks }: KnownAthlete,
  squad: SquadRow,
  sessionOf: (id: string) => SessionHead | undefined,
  { today, library, method }: Pick<ClubContext, 'today' | 'library' | 'method'>,
): (ProgressCase & { readonly session: SessionHead | undefined })[] {
  const kit = placeOf(squad.kit).loading;
  const long = method.settings.progress.layoff.at(-1)?.overDays ?? Infinity;
  const since = long === Infinity ? '' : addDays(today, -long);
  return tracks.flatMap((track) => {
    const exercise = library.exercises.get(track.exerciseId);
    const [last] = track.exposures;
    if (!exercise || !last || last.day < since) return [];
    const session = sessionOf(last.sessionId);
    return [
      {
        exercise,
        row: track.row,
        athlete: facts,
        track,
        trackOf: (id: string) => tracks.find((other) => other.exerciseId === id && other.row === track.row) ?? null,
        today,
        kit,
        squad:
          session?.athleteId == null
            ? { develops: session !== undefined && develops(exercise, track.row, session.phase, method) }
            : null,
        session,
      },
    ];
  });
}

/** What fills a main slot is dosed by a lead row, or the first beside it: its row tells as much (PROG-15). */
const develops = (exercise: Exercise, row: Track['row'], phase: Phase, method: ClubContext['method']): boolean =>
  mayRiseOf(exercise, row, false, phase, method) === 'develops';
