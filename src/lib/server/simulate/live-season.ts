import { VIRTUAL_ATHLETES } from '$catalog/virtual-athletes';
import { addDays, daysBetween, weekdayOf, type Day } from '$core/calendar';
import type { Dose } from '$core/dose';
import { seeded, seedOf } from '$core/random';
import { drawBody, passDay, performance, type Body } from '$core/virtual';
import type { PlannedWeek } from '$core/season';
import type { ProgrammeSession, ProgrammeSquad } from '$lib/model/programme';
import type { CallRows } from '../reads/call-rows';
import type { SessionRow } from '../repositories/sessions';
import { LivedAthlete } from './lived-athlete';
import { lowerBodyTests } from './lived-tests';
import { liveMorning, type Asked } from './live-morning';
import { liveSession } from './live-session';
import { planOnDay } from './plan-on-day';
import { sayWeek } from './say-session';
import type { SquadInMemory } from './squad-in-memory';

/** How doses move: by the method's rules, or up for each athlete on each line after each fine morning. */
export type Policy = 'rules' | 'naive';

/** What the simulation knows of an athlete's true state at a week's end. */
export interface TrueState {
  readonly week: Day;
  readonly phase: PlannedWeek['phase'];
  readonly athlete: string;
  /** of the start, as it shows that day, the best day of the week */
  readonly strength: number;
  readonly jump: number;
  /** a third or more of the last eight answers tight or pain */
  readonly tooHard: boolean;
}

/** One line that one athlete did on a day. */
export interface Bout {
  readonly athlete: string;
  readonly day: Day;
  readonly block: number | null;
  readonly line: string;
  /** the block develops it (PROG-15) */
  readonly develops: boolean;
  readonly clean: boolean;
  readonly dose: Pick<Dose, 'sets' | 'amount' | 'loadKg'>;
}

/** A season that was trained: plain values, so that it can be handed from thread to thread. */
export interface LivedSeason {
  readonly squad: ProgrammeSquad;
  readonly states: readonly TrueState[];
  readonly athletes: readonly Pick<LivedAthlete, 'id' | 'answers' | 'tracks'>[];
  readonly bouts: readonly Bout[];
  /** who trained without being stopped by a complaint, and of those who did mostly something else than the squad */
  readonly attendances: number;
  readonly ownCards: number;
}

/** A squad's season as it goes on: what one day hands to the next. */
export interface Living {
  readonly of: SquadInMemory;
  readonly athletes: readonly LivedAthlete[];
  readonly policy: Policy;
  readonly seed: number;
  /** newest first */
  readonly cards: SessionRow[];
  readonly followed: PlannedWeek[];
  readonly bouts: Bout[];
  /** what the coach said to calls that move no dose */
  readonly answered: CallRows['putOff'][number][];
  tested: Day | null;
  attendances: number;
  ownCards: number;
}

const ANSWERS_READ = 8;

/**
 * A whole season lived through by virtual athletes: day by day the morning's answers, what rules settle, the calls and the
 * coach's yes to them, the card the Bench would make, and what each who is there does of it.
 * @param weeks at most so many of the season; null = all
 * @param say told the number of days lived and of all
 * @returns null when no season can be laid
 */
export function liveSeason(
  of: SquadInMemory,
  {
    seed,
    policy,
    weeks,
    say = () => undefined,
  }: {
    readonly seed: number;
    readonly policy: Policy;
    readonly weeks: number | null;
    readonly say?: (day: number, of: number) => void;
  },
): LivedSeason | null {
  const { season } = of.squad;
  if (!season) return null;
  const athletes = of.athletes.map((row, i) => {
    const own = seedOf(seed, i + 1);
    return new LivedAthlete(row, drawBody(knownOf(row.results, row), VIRTUAL_ATHLETES, seeded(own)), own);
  });
  const living: Living = {
    of,
    athletes,
    policy,
    seed,
    cards: [],
    followed: [],
    bouts: [],
    answered: [],
    tested: null,
    attendances: 0,
    ownCards: 0,
  };
  const days = Math.min(daysBetween(season.start, season.end) + 1, (weeks ?? Infinity) * 7);
  const said = new Map<Day, ProgrammeSession[]>();
  const states: TrueState[] = [];
  let last: ProgrammeSession | null = null;
  let applied = 0;
  for (let n = 0; n < days; n++) {
    const day = addDays(season.start, n);
    const asked: Asked = liveMorning(living, day);
    applied += asked.applied;
    if (last) last.calls = asked.calls;
    last = null;
    const on = planOnDay(living, day);
    if (!on) return null;
    const { week } = on;
    if (!living.followed.some(({ start }) => start === week.start)) living.followed.push(week);
    if (on.session) {
      const { planned, rows } = on.session;
      if (week.test && living.tested !== week.start && planned.kind === 'lift') {
        living.tested = week.start;
        for (const athlete of athletes) athlete.test(lowerBodyTests(athlete, day));
      }
      const session = liveSession(living, rows, planned, week.block.block);
      session.applied = applied;
      applied = 0;
      said.set(week.start, [...(said.get(week.start) ?? []), session]);
      last = session;
    }
    for (const athlete of athletes)
      athlete.body = passDay(playAndPractise(athlete.body, living, day), VIRTUAL_ATHLETES);
    if (weekdayOf(day) === 7) for (const athlete of athletes) states.push(stateOf(athlete, week));
    say(n + 1, days);
  }
  const { squad } = of;
  return {
    squad: {
      name: squad.name,
      sport: squad.sportId,
      athletes: of.athletes.map(({ id, liftLevel, jumpLevel, birthDate }) => ({ id, liftLevel, jumpLevel, birthDate })),
      weeks: living.followed.map((week) => sayWeek(week, said.get(week.start) ?? [])),
    },
    states,
    athletes: athletes.map(({ id, answers, tracks }) => ({ id, answers, tracks })),
    bouts: living.bouts,
    attendances: living.attendances,
    ownCards: living.ownCards,
  };
}

/** How an athlete stands at a week's end. */
function stateOf({ id, body, answers }: LivedAthlete, { start, phase }: PlannedWeek): TrueState {
  const read = answers.slice(0, ANSWERS_READ);
  const hard = read.filter(({ response: { answer } }) => answer === 'tight' || answer === 'pain');
  return {
    week: start,
    phase,
    athlete: id,
    ...performance(body, VIRTUAL_ATHLETES),
    tooHard: read.length === ANSWERS_READ && hard.length * 3 >= ANSWERS_READ,
  };
}

/** Matches and practices tire too, whatever the gym does. */
function playAndPractise(body: Body, { of: { squad } }: Living, day: Day): Body {
  const { fatigue } = VIRTUAL_ATHLETES;
  const closed = squad.season?.closures.some(({ kind, from, to }) => kind === 'closed' && from <= day && day <= to);
  const events = squad.events.filter((event) => event.day === day).length * fatigue.ofEvent;
  const practices = closed
    ? 0
    : (squad.season?.practices ?? [])
        .filter(({ weekday }) => weekday === weekdayOf(day))
        .reduce((sum, { minutes, hardness }) => sum + (minutes / 60) * (hardness / 10) * fatigue.ofPracticeHour, 0);
  return { ...body, fatigue: body.fatigue + events + practices };
}

function knownOf(
  results: SquadInMemory['athletes'][number]['results'],
  { liftLevel, jumpLevel, bodyMassKg }: SquadInMemory['athletes'][number],
) {
  const testedKg: Record<string, number> = {};
  for (const { test, value, loadKg, reps, rir } of results) {
    const kg = loadKg !== null && reps !== null ? loadKg * (1 + (reps + (rir ?? 0) - 1) / 30) : value;
    if (['back-squat', 'deadlift', 'bench-press'].includes(test) && kg !== null)
      testedKg[test] = Math.max(testedKg[test] ?? 0, kg);
  }
  const jumps = results.flatMap(({ test, value }) => (test === 'cmj' && value !== null ? [value] : []));
  return { liftLevel, jumpLevel, bodyMassKg, testedKg, testedJumpM: jumps.length === 0 ? null : Math.max(...jumps) };
}
