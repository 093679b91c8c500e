import { asksForTest, nextDose, settlesAlone, type Change } from '$core/progress';
import { daysBetween, type Day } from '$core/calendar';
import type { Track } from '$core/track';
import { knowRow, type AthleteRow, type KnownAthlete } from '../repositories/athletes';
import type { ClubContext, SquadRow } from '../repositories/club-context';
import type { SessionHead } from '../repositories/session-heads';
import { progressCases } from './progress-case';
import { standingOf, type HeadWithLines, type Stuck } from './standing';
import { squadNoise } from './start-line';

/** A change one athlete's line waits for: a reading of the tracks, judged again when it is accepted. */
export interface Waiting {
  readonly athlete: AthleteRow;
  readonly squad: SquadRow;
  readonly track: Track;
  readonly change: Change;
  /** a rule settles it by itself, unless the club asks to be asked (PROG-17) */
  readonly alone: boolean;
  /** the session it speaks of */
  readonly sessionId: string;
  readonly sessionDay: Day;
}

/**
 * A test the rules ask for: before something goes on, after a long layoff or a rung left twice (PROG-7, PROG-4); to open the
 * next rung (PROG-8); to see what a risen lift brought (PROG-11).
 */
export interface TestAsked {
  readonly athlete: AthleteRow;
  readonly squad: SquadRow;
  readonly why: 'layoff' | 'sent-down' | 'next-rung' | 'lift-up';
  /** the rung left or to open, the lift that rose */
  readonly exerciseId: string | null;
  /** null = screen again as a whole */
  readonly test: string | null;
  readonly days: number;
}

type Noise = ReturnType<typeof squadNoise>;

/** What waits for every athlete of the squads, and what stands still. */
export function readWaiting(
  club: ClubContext,
  squads: ReadonlyMap<string, readonly AthleteRow[]>,
  sessionOf: (sessionId: string) => HeadWithLines | undefined,
): { waiting: Waiting[]; tests: TestAsked[]; stuck: Stuck[] } {
  const waiting: Waiting[] = [];
  const tests: TestAsked[] = [];
  const stuck: Stuck[] = [];
  const seen = new Set<string>();
  for (const squad of club.squads) {
    const rows = squads.get(squad.id) ?? [];
    let book: Noise | null = null;
    // most mornings nobody was tested
    const noise: Noise = (spec, value) => (book ??= squadNoise(rows, club))(spec, value);
    for (const row of rows) {
      if (seen.has(row.id)) continue;
      seen.add(row.id);
      const known = knowRow(row, club.today, club, squad);
      const cases = progressCases(known, squad, sessionOf, club);
      const standing = standingOf(row, known, squad, cases, sessionOf, noise, club);
      tests.push(...testsOf(row, squad, known.facts.history.lastSession, known.tracks, club), ...standing.tests);
      stuck.push(...standing.stuck);
      waiting.push(...waitingOf(row, known, squad, sessionOf, club));
    }
  }
  return { waiting, tests, stuck };
}

/** What one athlete's lines wait for. */
export function waitingOf(
  athlete: AthleteRow,
  known: KnownAthlete,
  squad: SquadRow,
  sessionOf: (sessionId: string) => SessionHead | undefined,
  club: ClubContext,
): Waiting[] {
  return progressCases(known, squad, sessionOf, club).flatMap(({ session, ...of }): Waiting[] => {
    const change = nextDose(of, club.library, club.method);
    const [last] = of.track.exposures;
    if (!change || !last) return [];
    const home = club.squads.find(({ id }) => id === session?.squadId) ?? squad;
    const alone = settlesAlone(change, of.row, club.library, club.method);
    return [{ athlete, squad: home, track: of.track, change, alone, sessionId: last.sessionId, sessionDay: last.day }];
  });
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
      ? [{ athlete, squad, why: 'layoff' as const, exerciseId: null, test: null, days: away }]
      : []),
    ...tracks
      .filter(({ sentDown, movedTo }) => asksForTest(sentDown) && movedTo !== null)
      .map(({ exerciseId }) => ({ athlete, squad, why: 'sent-down' as const, exerciseId, test: null, days: 0 })),
  ];
}
