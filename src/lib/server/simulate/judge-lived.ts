import type { ProgrammeSession, ProgrammeSquad } from '$lib/model/programme';
import { mean, quantile } from '$core/statistics';
import type { Bout, LivedSeason, TrueState } from './live-season';
import { atMost, atMostShare, ratioAtLeast, type Measure } from './measure';

/** How far and how long under the best of four weeks is too far down. */
const UNDER = 0.95;
const BEST_OF_WEEKS = 4;
const DOWN_FOR_WEEKS = 3;
/** An exposure after which an answer still speaks of it. */
const LEAST_BOUTS = 3;

/**
 * A season that was trained, judged by what is wanted of the training.
 * @param naive the same athletes under the policy that rules are held against
 */
export function judgeLived(lived: LivedSeason, naive: LivedSeason): Measure[] {
  const calls = callsOf(lived.squad);
  const built = inPhases(lived.states, ['general', 'specific']);
  const held = inPhases(lived.states, ['in-season', 'congested', 'peak']);
  const down = downTooLong(lived.states);
  const { still, developed } = stillLines(lived);
  const weeks = lived.states.length;
  return [
    atMostShare('attendances with an own card, return apart', 0.1, lived.ownCards, lived.attendances),
    atMost('lines of a squad that step up in a session, most', 2, mostSteps(lived.squad)),
    atMost(
      'calls a morning after a session, median',
      2,
      at(
        calls.map(({ count }) => count),
        0.5,
      ),
    ),
    atMost(
      'calls a morning after a session, 95th',
      5,
      at(
        calls.map(({ count }) => count),
        0.95,
      ),
    ),
    atMost(
      'athletes named in them, 95th',
      12,
      at(
        calls.map(({ athletes }) => athletes),
        0.95,
      ),
    ),
    ratioAtLeast('strength at the end of general and specific, of their start', 1, ratio(built, 'strength')),
    ratioAtLeast('jump at the end of general and specific, of their start', 1, ratio(built, 'jump')),
    ratioAtLeast('strength held in season', 0.97, ratio(held, 'strength')),
    ratioAtLeast('jump held in season', 0.97, ratio(held, 'jump')),
    ratioAtLeast("year's strength, of what rising every time gives", 0.85, yearOf(lived) / yearOf(naive)),
    atMostShare('athletes over 5 % under their four weeks’ best for over two weeks', 0.02, down, lived.athletes.length),
    atMostShare('athlete-weeks too hard', 0.1, lived.states.filter(({ tooHard }) => tooHard).length, weeks),
    atMostShare('developed lines fine and clean for a block without a step', 0.1, still, developed),
  ];
}

/** What both policies come to, side by side. */
export function besideEachOther(lived: LivedSeason): Readonly<Record<string, string>> {
  const tenths = (value: number): string => `${(value * 100).toFixed(1)} %`;
  const doses = lived.squad.weeks
    .flatMap(({ sessions }) => sessions.flatMap(({ lines }) => lines))
    .map((line) => line.doses.filter(({ variant }) => variant !== 'without').length);
  return {
    'strength after the year, of the start': tenths(yearOf(lived)),
    'jump after the year, of the start': tenths(mean(last(lived.states).map(({ jump }) => jump))),
    'athlete-weeks too hard': tenths(
      lived.states.filter(({ tooHard }) => tooHard).length / Math.max(1, lived.states.length),
    ),
    'athletes down for over two weeks': tenths(downTooLong(lived.states) / lived.athletes.length),
    'written doses on a line, 95th and most': `${String(at(doses, 0.95))}, ${String(Math.max(...doses))}`,
    'sets written for one athlete a session': setsASession(lived.squad).toFixed(1),
    'sets done as written': tenths(setsDone(lived.squad)),
  };
}

const at = (values: readonly number[], part: number): number =>
  values.length === 0 ? 0 : Math.round(quantile(values, part));

function callsOf(squad: ProgrammeSquad): { count: number; athletes: number }[] {
  return squad.weeks
    .flatMap(({ sessions }) => sessions)
    .filter(({ done }) => done !== null)
    .map(({ calls }) => ({ count: calls.length, athletes: calls.reduce((sum, one) => sum + one.athletes, 0) }));
}

/** Most lines of the squad's dose that rose in one session against the role's last loading session: the plan's mains and jumps apart. */
function mostSteps(squad: ProgrammeSquad): number {
  const before = new Map<string, ProgrammeSession>();
  let most = 0;
  for (const { block, phase, sessions } of squad.weeks) {
    if (block.kind !== 'loading') continue;
    for (const session of sessions) {
      const key = [phase, block.number, session.role].join(' ');
      const then = before.get(key);
      before.set(key, session);
      if (!then) continue;
      const rose = session.lines.filter((line) => {
        const old = then.lines.find(({ exercise, row }) => exercise === line.exercise && row === line.row);
        const [was, is] = [old?.doses.find(isSquads), line.doses.find(isSquads)];
        if (line.main || line.contactsRaw > 0 || line.block === 'prep' || !was || !is) return false;
        return is.sets > was.sets || is.amount > was.amount;
      });
      most = Math.max(most, rose.length);
    }
  }
  return most;
}
const isSquads = ({ variant }: { readonly variant: string }): boolean => variant === 'squad';

const inPhases = (states: readonly TrueState[], phases: readonly string[]): TrueState[] =>
  states.filter(({ phase }) => phases.includes(phase));

/** The squad's mean at the last week of a stretch, of its first; null without two weeks. */
function ratio(states: readonly TrueState[], of: 'strength' | 'jump'): number | null {
  const weeks = [...new Set(states.map(({ week }) => week))].sort();
  if (weeks.length < 2) return null;
  const value = (week: string | undefined): number =>
    mean(states.filter((state) => state.week === week).map((state) => state[of]));
  return value(weeks.at(-1)) / value(weeks[0]);
}

const last = (states: readonly TrueState[]): TrueState[] => {
  const week = states.at(-1)?.week;
  return states.filter((state) => state.week === week);
};
const yearOf = ({ states }: LivedSeason): number => mean(last(states).map(({ strength }) => strength));

/** Athletes who were for over two weeks more than 5 % under the best of their four weeks before. */
function downTooLong(states: readonly TrueState[]): number {
  const byAthlete = new Map<string, number[]>();
  for (const { athlete, strength } of states) byAthlete.set(athlete, [...(byAthlete.get(athlete) ?? []), strength]);
  return [...byAthlete.values()].filter((values) => {
    let run = 0;
    return values.some((value, i) => {
      const best = Math.max(...values.slice(Math.max(0, i - run - BEST_OF_WEEKS), i - run), 0);
      run = value < best * UNDER ? run + 1 : 0;
      return run >= DOWN_FOR_WEEKS;
    });
  }).length;
}

/** Developed lines of one athlete in one block, and those fine and clean every time that never rose. */
function stillLines({ bouts, athletes }: LivedSeason): { still: number; developed: number } {
  const answers = new Map(
    athletes.map(({ id, answers: own }) => [
      id,
      own.map(({ day, response: { answer } }) => ({ day, answer })).reverse(),
    ]),
  );
  const groups = new Map<string, Bout[]>();
  for (const bout of bouts.filter(({ develops, block }) => develops && block !== null)) {
    const key = [bout.athlete, bout.block, bout.line].join(' ');
    groups.set(key, [...(groups.get(key) ?? []), bout]);
  }
  const all = [...groups.values()].filter((own) => own.length >= LEAST_BOUTS);
  const still = all.filter((own) => {
    const [first] = own;
    const calm = own.every(({ athlete, clean, day }) => {
      const answer = answers.get(athlete)?.find((one) => one.day > day);
      return clean && answer?.answer === 'fine';
    });
    return calm && first && !own.some(({ dose }) => rises(first.dose, dose));
  });
  return { still: still.length, developed: all.length };
}

/** More sets, more in a set, or a heavier bar. */
const rises = (from: Bout['dose'], to: Bout['dose']): boolean =>
  to.sets > from.sets || to.amount > from.amount || (to.loadKg ?? 0) > (from.loadKg ?? 0);

const doneOf = (squad: ProgrammeSquad) =>
  squad.weeks.flatMap(({ sessions }) => sessions.flatMap(({ done }) => done ?? []));

function setsASession(squad: ProgrammeSquad): number {
  const done = doneOf(squad);
  const sum = (of: 'athletes' | 'setsWritten'): number => done.reduce((total, one) => total + one[of], 0);
  return sum('setsWritten') / Math.max(1, sum('athletes'));
}

const setsDone = (squad: ProgrammeSquad): number => {
  const done = doneOf(squad);
  const sum = (of: 'setsDone' | 'setsWritten'): number => done.reduce((total, one) => total + one[of], 0);
  return sum('setsDone') / Math.max(1, sum('setsWritten'));
};
