import { nextDose, asksForTest, type Change } from '$core/progress';
import { daysBetween, type Day } from '$core/calendar';
import { trackKey, type Track } from '$core/track';
import { placeOf } from '$lib/model/kit';
import { knowRow, type AthleteRow } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';

/** A change one athlete's line waits for: a reading of the tracks, judged again when it is accepted. */
export interface Waiting {
  readonly athlete: AthleteRow;
  readonly squad: SquadRow;
  readonly track: Track;
  readonly change: Change;
  /** the session it speaks of */
  readonly sessionId: string;
  readonly sessionDay: Day;
}

/** A test the rules ask for before something goes on: after a long layoff, or a rung left twice (PROG-7, PROG-4). */
export interface TestAsked {
  readonly athlete: AthleteRow;
  readonly squad: SquadRow;
  readonly why: 'layoff' | 'sent-down';
  readonly exerciseId: string | null;
  readonly days: number;
}

/** What waits for every athlete of the squads. @param squadOf the squad a session belonged to */
export function readWaiting(
  club: ClubContext,
  squads: ReadonlyMap<string, readonly AthleteRow[]>,
  squadOf: (sessionId: string) => string | undefined,
): { waiting: Waiting[]; tests: TestAsked[] } {
  const waiting: Waiting[] = [];
  const tests: TestAsked[] = [];
  const seen = new Set<string>();
  for (const squad of club.squads)
    for (const row of squads.get(squad.id) ?? []) {
      if (seen.has(row.id)) continue;
      seen.add(row.id);
      const { facts, tracks } = knowRow(row, club.today, club, squad);
      const byKey = new Map(tracks.map((track) => [trackKey(track.exerciseId, track.row), track]));
      tests.push(...testsOf(row, squad, facts.history.lastSession, tracks, club));
      for (const track of tracks) {
        const exercise = club.library.exercises.get(track.exerciseId);
        const [last] = track.exposures;
        if (!exercise || !last) continue;
        const home = club.squads.find(({ id }) => id === squadOf(last.sessionId)) ?? squad;
        const change = nextDose(
          {
            exercise,
            row: track.row,
            athlete: facts,
            track,
            trackOf: (id) => byKey.get(trackKey(id, track.row)) ?? null,
            today: club.today,
            kit: placeOf(squad.kit).loading,
          },
          club.library,
          club.method,
        );
        if (change)
          waiting.push({ athlete: row, squad: home, track, change, sessionId: last.sessionId, sessionDay: last.day });
      }
    }
  return { waiting, tests };
}

function testsOf(
  athlete: AthleteRow,
  squad: SquadRow,
  lastSession: Day | null,
  tracks: readonly Track[],
  club: ClubContext,
): TestAsked[] {
  const long = club.method.settings.progress.layoff.at(-1);
  const away = lastSession === null ? 0 : daysBetween(lastSession, club.today);
  const tested = athlete.results.some(({ day }) => lastSession !== null && day > lastSession);
  return [
    ...(long && away > long.overDays && !tested
      ? [{ athlete, squad, why: 'layoff' as const, exerciseId: null, days: away }]
      : []),
    ...tracks
      .filter(({ sentDown, movedTo }) => asksForTest(sentDown) && movedTo !== null)
      .map(({ exerciseId }) => ({ athlete, squad, why: 'sent-down' as const, exerciseId, days: 0 })),
  ];
}
