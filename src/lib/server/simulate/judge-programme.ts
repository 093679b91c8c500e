import type { ProgrammeLine, ProgrammeSession, ProgrammeSquad, ProgrammeWeek } from '$lib/model/programme';
import { atMost, belowShare, share, twoToSix, type Measure } from './measure';

const LOADING = ['general', 'specific', 'pre-season', 'in-season'];
const JUMPED = ['specific', 'pre-season', 'in-season'];
const COUNTED = ['knee', 'hip', 'calfFoot', 'trunk'] as const;

/** A week that has no reason of its own to be otherwise. */
const isNormal = ({ phase, block, test }: ProgrammeWeek): boolean =>
  LOADING.includes(phase) && block.kind === 'loading' && !test;

/** Prep and cool-down are not what a phase or a block trains: their drills vary all year. */
const isTrained = ({ block }: ProgrammeLine): boolean => block !== 'prep' && block !== 'cool-down';
/** Days on which an event takes jumps away (WEEK-9). */
const NEAR_EVENT = ['MD−2', 'MD−1', 'MD', 'MD+1'];
const isNearEvent = ({ tags }: ProgrammeSession): boolean => tags.some((tag) => NEAR_EVENT.includes(tag));
const holdsMain = ({ role, kind }: ProgrammeSession): boolean => role !== null && kind === 'lift';
const hasFamily = (week: ProgrammeWeek, family: string): boolean =>
  week.sessions.some(({ lines }) => lines.some((line) => line.family === family && line.doses.length > 0));
const hasMain = (week: ProgrammeWeek, family: string): boolean =>
  week.sessions.some(({ lines }) => lines.some((line) => line.main && line.family === family));

/** Sets that lead with the knee, the hip, and those of calf and foot, and trunk: the squad's card as written. */
function ledSets(week: ProgrammeWeek, counted: (typeof COUNTED)[number]): number {
  const of = { knee: KNEE, hip: HIP, calfFoot: ['calf-foot'], trunk: ['trunk'] }[counted];
  return sum(
    week.sessions.flatMap(({ lines }) =>
      lines.filter(({ family }) => of.includes(family)).map((line) => line.hardSets),
    ),
  );
}
const KNEE: readonly string[] = ['squat', 'single-leg-knee'];
const HIP: readonly string[] = ['hinge', 'single-leg-hip'];

/** A programme judged by what is wanted of one, a measure a line. Lines about training done are left to the training. */
export function judgeProgramme(squad: ProgrammeSquad): Measure[] {
  const weeks = squad.weeks;
  const normal = weeks.filter(isNormal);
  const many = weeks.filter((week) => week.sessions.filter(holdsMain).length >= 2);
  const whole = many.filter(
    (week) =>
      hasMain(week, 'squat') &&
      hasMain(week, 'hinge') &&
      hasFamily(week, 'single-leg-knee') &&
      hasFamily(week, 'single-leg-hip'),
  );
  const jumpWeeks = normal.filter(({ phase }) => JUMPED.includes(phase));
  const jumped = jumpWeeks.filter((week) => {
    const free = week.sessions.filter((one) => !isNearEvent(one));
    const top = sum(free.map(({ contacts }) => contacts.budget[1]));
    const used = sum(free.map(({ contacts }) => contacts.weighted));
    return used <= top + 1e-9 && used >= top / 2;
  });
  // a day that an event protects holds what it may
  const loading = normal.flatMap(({ sessions }) => sessions.filter((one) => holdsMain(one) && !isNearEvent(one)));
  const filled = loading.filter(({ usedMinutes, minutes }) => usedMinutes >= 0.9 * minutes);
  const lines = weeks.flatMap(({ sessions }) => sessions.flatMap((session) => session.lines));
  const written = lines.map(({ doses }) => doses.filter(({ variant }) => variant !== 'without').length).sort(numeric);
  return [
    share('weeks of two sessions and more that are whole', 0.95, whole.length, many.length),
    ...COUNTED.map((counted) =>
      share(
        `normal weeks with ${counted === 'calfFoot' ? 'calf–foot' : counted} sets in the phase's row`,
        0.9,
        normal.filter((week) => isWithin(ledSets(week, counted), week.targets?.[counted])).length,
        normal.length,
      ),
    ),
    share('normal weeks with 50–100 % of their contacts', 0.9, jumped.length, jumpWeeks.length),
    share('loading sessions that use 90 % of their minutes', 0.95, filled.length, loading.length),
    share(
      'lighter weeks a quarter or more under the loading weeks before',
      0.9,
      ...lessThan(weeks, 'lighter', [LIGHTER]),
    ),
    share('peak weeks with the sets that a peak leaves', 1, ...lessThan(weeks, 'peak', PEAK)),
    atMost('main lifts that change inside a block, for a role', 0, mainChanges(weeks)),
    share('main lifts as the school writes them', 1, ...asPlanned(weeks)),
    share('sessions whose prep repeats at most half of the last one', 1, ...prepFresh(weeks)),
    twoToSix('different exercises a block: knee, hip, jumps, push, pull, trunk', varieties(weeks)),
    atMost('written doses on a line, median', 2, written[Math.floor(written.length / 2)] ?? 0),
    atMost('written doses on a line, most', 4, written.at(-1) ?? 0),
    belowShare('lines and doses that cards of two phases share', 0.5, phasesShare(weeks)),
  ];
}

/** Hard sets of a lighter week, and of the weeks of a peak, of the mean of the loading weeks before (BLOCK-1, PHASE-2). */
const LIGHTER = 0.75;
const PEAK = [0.7, 0.5];
const BEFORE_WEEKS = 3;

/** Weeks of a kind that hold no more than their part of the loading weeks before them, and all of that kind. */
function lessThan(weeks: readonly ProgrammeWeek[], kind: string, parts: readonly number[]): [number, number] {
  const setsOf = ({ sessions }: ProgrammeWeek): number =>
    sum(sessions.flatMap(({ lines }) => lines.map((line) => line.hardSets)));
  let [met, all, run] = [0, 0, 0];
  for (const [i, week] of weeks.entries()) {
    run = week.block.kind === kind ? run + 1 : 0;
    const before = weeks
      .slice(0, i)
      .filter((one) => one.block.kind === 'loading' && one.sessions.length >= week.sessions.length)
      .slice(-BEFORE_WEEKS);
    if (run === 0 || before.length === 0) continue;
    all += 1;
    const part = parts[Math.min(run, parts.length) - 1] ?? 1;
    if (setsOf(week) <= (part * sum(before.map(setsOf))) / before.length + 1e-9) met += 1;
  }
  return [met, all];
}

const isWithin = (value: number, range: readonly [number, number] | undefined): boolean =>
  range !== undefined && range[0] <= value && value <= range[1];

function mainChanges(weeks: readonly ProgrammeWeek[]): number {
  const first = new Map<string, string>();
  let changes = 0;
  for (const { block, sessions } of weeks)
    for (const { role, kind, lines } of sessions) {
      if (role === null || kind !== 'lift' || block.number === null) continue;
      for (const { family, main, exercise } of lines) {
        // in a whole session and on the fast day knee and hip take turns
        const key = [block.number, role, family].join(' ');
        if (!main) continue;
        if (first.has(key) && first.get(key) !== exercise) changes += 1;
        first.set(key, exercise);
      }
    }
  return changes;
}

/** Main lifts whose sets and reps are those of the plan, of all that the plan writes for a usual day. */
function asPlanned(weeks: readonly ProgrammeWeek[]): [number, number] {
  const all = weeks.flatMap(({ sessions }) =>
    sessions.filter(holdsMain).flatMap(({ planned, lines }) =>
      planned.map((main) => {
        const family = main.lead === 'knee' ? 'squat' : 'hinge';
        const line = lines.find((one) => one.main && one.family === family);
        const dose = line?.doses.find(({ variant }) => variant === 'squad');
        return dose?.sets === main.sets && dose.amount === main.reps;
      }),
    ),
  );
  return [all.filter(Boolean).length, all.length];
}

function prepFresh(weeks: readonly ProgrammeWeek[]): [number, number] {
  const preps = weeks
    .flatMap(({ sessions }) => sessions)
    .filter(({ lines }) => lines.length > 0)
    .map(({ lines }) => lines.filter(({ block }) => block === 'prep').map(({ exercise }) => exercise));
  const later = preps.slice(1).map((prep, i) => {
    const again = prep.filter((exercise) => preps[i]?.includes(exercise)).length;
    return prep.length > 0 && again * 2 <= prep.length;
  });
  return [later.filter(Boolean).length, later.length];
}

/** Fewest and most different exercises a block holds of a kind, over all blocks of three sessions and more. */
function varieties(weeks: readonly ProgrammeWeek[]): [number, number] {
  const kinds: readonly ((line: ProgrammeLine) => boolean)[] = [
    ({ family }) => KNEE.includes(family),
    ({ family }) => HIP.includes(family),
    ({ block }) => block === 'jumps',
    ({ family }) => family === 'upper-push',
    ({ family }) => family === 'upper-pull',
    ({ family }) => family === 'trunk',
  ];
  const blocks = groupBy(
    weeks.filter(({ block, phase }) => block.number !== null && LOADING.includes(phase)),
    ({ block }) => block.number,
  );
  const counts = [...blocks.values()].flatMap((block) => {
    const sessions = block.flatMap(({ sessions }) => sessions.filter(holdsMain));
    const lines = sessions.flatMap((session) => session.lines.filter(isTrained));
    return sessions.length < 3 ? [] : kinds.map((is) => new Set(lines.filter(is).map(({ exercise }) => exercise)).size);
  });
  return counts.length === 0 ? [2, 2] : [Math.min(...counts), Math.max(...counts)];
}

/**
 * What a card shares, in lines and doses, with the card of another phase that is most like it: the mean over a phase's
 * cards, for the two phases that are most alike. Card against card: all lines of a phase of thirty weeks hold those of
 * any short one.
 */
function phasesShare(weeks: readonly ProgrammeWeek[]): number {
  const phases = [...groupBy(weeks, ({ phase }) => phase)]
    .filter(([phase]) => LOADING.includes(phase))
    .map(([, of]) => of.flatMap(({ sessions }) => sessions.filter(holdsMain).map(writtenLines)));
  const shares = phases.flatMap((cards, i) =>
    phases.flatMap((others, k) => {
      if (i === k || cards.length === 0 || others.length === 0) return [];
      return [sum(cards.map((card) => Math.max(...others.map((other) => sharedPart(card, other))))) / cards.length];
    }),
  );
  return Math.max(0, ...shares);
}

const writtenLines = ({ lines }: ProgrammeSession): Set<string> =>
  new Set(
    lines
      .filter(isTrained)
      .map(({ exercise, row, doses: [dose] }) => [exercise, row, dose?.sets, dose?.amount].join(' ')),
  );
const sharedPart = (one: ReadonlySet<string>, other: ReadonlySet<string>): number =>
  [...one].filter((line) => other.has(line)).length / Math.max(1, Math.min(one.size, other.size));

function groupBy<T, K>(values: readonly T[], keyOf: (value: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const value of values) groups.set(keyOf(value), [...(groups.get(keyOf(value)) ?? []), value]);
  return groups;
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
const numeric = (a: number, b: number): number => a - b;
