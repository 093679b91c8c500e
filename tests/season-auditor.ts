/**
 * Judges a plan by the rules of the season, from the calendar alone. It shares no code with the planner and none of the
 * core's rules: dates, chains, phases and tables are written here a second time, on purpose.
 */
export interface AuditedPlan {
  readonly weeks: readonly AuditedWeek[];
}
interface AuditedWeek {
  readonly start: string;
  readonly phase: string;
  readonly closed: boolean;
  readonly exams: boolean;
  readonly block: { readonly block: number | null; readonly kind: string; readonly rowWeek: number };
  readonly test: boolean;
  readonly sets: Readonly<Record<string, number>>;
  readonly sessions: readonly AuditedSession[];
  readonly notes: readonly { readonly code: string }[];
}
interface AuditedSession {
  readonly day: string;
  readonly start: string;
  readonly role: string | null;
  readonly kind: string;
  readonly contacts: { readonly aim: number; readonly limit: number };
  readonly mains: readonly {
    readonly lead: string;
    readonly row: string;
    readonly sets: number;
    readonly reps: number;
    readonly rir: number | null;
    readonly percent: number | null;
  }[];
}
export interface AuditedCalendar {
  readonly start: string;
  readonly end: string;
  readonly events: readonly { readonly day: string; readonly kind: string; readonly peak: boolean }[];
  readonly gymDays: readonly { readonly weekday: number; readonly start: string }[];
  readonly closures: readonly { readonly from: string; readonly to: string; readonly kind: string }[];
  readonly sessionsAWeek: number | null;
  readonly young: boolean;
  readonly schools: { readonly loading: string; readonly inSeasonMinimum: string; readonly dayBefore: string };
}
/** A rule that was broken, and where. */
export interface Breach {
  readonly rule: string;
  readonly where: string;
}

const DAY_MS = 86_400_000;
const number = (day: string): number => Date.parse(`${day}T00:00:00Z`) / DAY_MS;
const weekdayOf = (day: string): number => ((number(day) + 3) % 7) + 1;
const HEAVY = { sets: 3, share: 0.8, rir: 2 };

/** Everything of a plan that breaks a rule of method 5. */
export function auditSeason(plan: AuditedPlan, calendar: AuditedCalendar): Breach[] {
  const known = readCalendar(calendar);
  return [
    ...phases(plan, calendar, known),
    ...blocks(plan),
    ...plan.weeks.flatMap((week) => days(week, calendar, known)),
    ...apart(plan),
    ...rises(plan),
    ...roles(plan, calendar, known),
    ...loads(plan, calendar),
    ...exposures(plan, calendar),
    ...tests(plan, known),
  ];
}

interface Known {
  /** days of events that count, and of friendlies */
  readonly counted: readonly number[];
  readonly friendly: readonly number[];
  /** first and last day of events on days in a row */
  readonly runs: readonly { from: number; to: number }[];
  readonly congested: (day: number) => boolean;
  readonly shut: (day: number) => boolean;
}

function readCalendar({ start, end, events, closures }: AuditedCalendar): Known {
  const daysOf = (is: (kind: string) => boolean): number[] =>
    [...new Set(events.filter(({ kind }) => is(kind)).map(({ day }) => number(day)))].sort((a, b) => a - b);
  const counted = daysOf((kind) => kind !== 'friendly');
  const runs: { from: number; to: number }[] = [];
  for (const day of counted) {
    const last = runs.at(-1);
    if (last && last.to === day - 1) last.to = day;
    else runs.push({ from: day, to: day });
  }
  // chains are judged by what lies in the season
  const inside = runs.filter(({ from, to }) => number(start) <= from && to <= number(end));
  const chains: { from: number; to: number }[] = [];
  inside.forEach((run, i) => {
    const before = inside[i - 1];
    if (!before || run.from - before.to - 1 >= 4) return;
    const chain = chains.at(-1);
    if (chain && chain.to === before.to) chain.to = run.to;
    else chains.push({ from: before.from, to: run.to });
  });
  const short = chains.filter(({ from, to }) => to - from + 1 <= 35);
  const shut = closures
    .filter(({ kind }) => kind === 'closed')
    .map(({ from, to }) => [number(from), number(to)] as const);
  return {
    counted,
    friendly: daysOf((kind) => kind === 'friendly'),
    runs,
    congested: (day) => short.some(({ from, to }) => from <= day && day <= to),
    shut: (day) => shut.some(([from, to]) => from <= day && day <= to),
  };
}

/** PHASE-1, PHASE-2, WEEK-7: what each week should be, worked out from its distance to events. */
function phases({ weeks }: AuditedPlan, { start, end }: AuditedCalendar, known: Known): Breach[] {
  const from = number(start);
  const to = number(end);
  const inSeason = known.counted.filter((day) => from <= day && day <= to);
  const withEvents = weeks.map((week) =>
    inSeason.some((day) => day >= number(week.start) && day < number(week.start) + 7),
  );
  const first = withEvents.indexOf(true);
  const last = withEvents.lastIndexOf(true);
  const towards = (left: number, length: number, pre: number): string => {
    const over = Math.max(0, length - pre - 6);
    const specific = 6 + Math.min(2, Math.max(0, over - 3));
    return left <= pre ? 'pre-season' : left <= pre + specific ? 'specific' : 'general';
  };
  const expected = weeks.map((_, i) => {
    if (first === -1) return towards(weeks.length - i, weeks.length, 6);
    if (i < first) return towards(first - i, first, 6);
    if (withEvents[i]) return 'in-season';
    if (i > last) return i - last <= 4 ? 'transition' : 'general';
    const next = withEvents.indexOf(true, i);
    const before = withEvents.lastIndexOf(true, i);
    const gap = next - before - 1;
    if (gap >= 6) return towards(next - i, gap, 3);
    const open = weeks.slice(before + 1, next).filter(({ closed }) => !closed).length;
    return open > 2 ? 'specific' : 'in-season';
  });
  return weeks.flatMap((week, i): Breach[] => {
    const monday = number(week.start);
    const congested = [0, 1, 2, 3, 4, 5, 6].filter((ahead) => known.congested(monday + ahead)).length >= 4;
    if (week.phase === 'peak') {
      const near = inSeason.some((day) => day >= monday && day < monday + 21);
      return near ? [] : [{ rule: 'PHASE-2', where: week.start }];
    }
    if ((week.phase === 'congested') !== congested) return [{ rule: 'WEEK-7', where: week.start }];
    return congested || week.phase === expected[i] ? [] : [{ rule: 'PHASE-1', where: `${week.start} ${week.phase}` }];
  });
}

/** BLOCK-1: no lighter week where a rest comes by itself, and none that is missing for long. */
function blocks({ weeks }: AuditedPlan): Breach[] {
  let run = 0;
  return weeks.flatMap((week, i): Breach[] => {
    const { kind } = week.block;
    const next = weeks[i + 1];
    // each phase has its blocks, short ones none that is lighter; a closed hall is rest enough
    if (week.phase !== weeks[i - 1]?.phase) run = 0;
    run = kind === 'loading' ? run + 1 : 0;
    const rest =
      next && (next.closed || next.phase === 'peak' || next.phase === 'congested' || next.block.kind === 'lighter');
    if (kind === 'lighter' && !week.exams && rest)
      return [{ rule: 'BLOCK-1', where: `${week.start} lighter too early` }];
    return run > 7 ? [{ rule: 'BLOCK-1', where: `${week.start} no lighter week for ${String(run)}` }] : [];
  });
}

const isHeavyMain = ({ row, sets, percent, rir }: AuditedSession['mains'][number]): boolean =>
  row !== 'D-MICRO' &&
  sets >= HEAVY.sets &&
  (row === 'D-STR' || (percent ?? 0) >= HEAVY.share || (rir !== null && rir <= HEAVY.rir));

/** WEEK-2, WEEK-4 and where a session may stand at all. */
function days(week: AuditedWeek, calendar: AuditedCalendar, { counted, friendly, runs, shut }: Known): Breach[] {
  return week.sessions.flatMap((session): Breach[] => {
    const day = number(session.day);
    const found: Breach[] = [];
    const breach = (rule: string): void => void found.push({ rule, where: session.day });
    if (shut(day) || !calendar.gymDays.some(({ weekday }) => weekday === weekdayOf(session.day))) breach('PHASE-1');
    if (day < number(calendar.start) || day > number(calendar.end)) breach('PHASE-1');
    if (counted.includes(day) || friendly.includes(day)) breach('WEEK-2');
    const before = Math.min(...runs.filter(({ from }) => from > day).map(({ from }) => from - day));
    const friendlyBefore = friendly.includes(day + 1);
    if ((before <= 2 || friendlyBefore) && session.mains.some(isHeavyMain)) breach('WEEK-2');
    const isEve = before === 1 || friendlyBefore;
    if (isEve && (session.role !== null || session.contacts.limit > 20)) breach('WEEK-2');
    if (
      isEve &&
      session.mains.some(({ sets, row }) => sets > 2 || (row !== 'D-MICRO' && sets > 0 && session.kind !== 'primer'))
    )
      breach('WEEK-2');
    const isMorrow = runs.some(({ to }) => to === day - 1);
    if (isMorrow && (session.kind !== 'recovery' || session.mains.length > 0 || session.contacts.limit > 0))
      breach('WEEK-4');
    return found;
  });
}

/** WEEK-3: two days between heavy sessions, but for four a week whose mains differ. */
function apart({ weeks }: AuditedPlan): Breach[] {
  const all = weeks.flatMap((week) => {
    const many = week.sessions.filter(({ role }) => role !== null).length >= 4;
    return week.sessions.filter(({ mains }) => mains.some(isHeavyMain)).map((session) => ({ session, many }));
  });
  const hours = ({ day, start }: AuditedSession): number =>
    number(day) * 24 + Number(start.slice(0, 2)) + Number(start.slice(3)) / 60;
  return all.flatMap(({ session, many }, i): Breach[] => {
    const before = all[i - 1];
    if (!before || hours(session) - hours(before.session) >= 48) return [];
    const differ = before.session.mains[0]?.lead !== session.mains[0]?.lead;
    return many && differ ? [] : [{ rule: 'WEEK-3', where: session.day }];
  });
}

/** WEEK-6, and a peak's volume (PHASE-2). */
function rises({ weeks }: AuditedPlan): Breach[] {
  const loading: AuditedWeek[] = [];
  return weeks.flatMap((week): Breach[] => {
    const found: Breach[] = [];
    const recent = loading.slice(-3);
    for (const [family, sets] of Object.entries(week.sets)) {
      const of = recent.map((one) => one.sets[family] ?? 0);
      if (of.length === 0) continue;
      const highest = Math.max(...of);
      if (week.block.kind === 'loading' && sets > highest + Math.max(2, highest * 0.1) + 1e-9)
        found.push({ rule: 'WEEK-6', where: `${week.start} ${family}` });
      const mean = of.reduce((sum, one) => sum + one, 0) / of.length;
      if (week.phase === 'peak' && week.sessions.length > 0 && sets > Math.max(1, Math.round(mean * 0.6 + 1e-9)))
        found.push({ rule: 'PHASE-2', where: `${week.start} ${family}` });
    }
    if (week.block.kind === 'loading') loading.push(week);
    return found;
  });
}

const DEALT: Readonly<Record<number, string>> = { 0: '', 1: 'whole', 2: 'A B', 3: 'A B C', 4: 'A A2 B B2' };

/** WEEK-8: the roles of a week follow from how many of its days may hold a main lift. */
function roles({ weeks }: AuditedPlan, calendar: AuditedCalendar, { counted, friendly, runs, shut }: Known): Breach[] {
  return weeks.flatMap((week): Breach[] => {
    if (week.closed) return [];
    const able = calendar.gymDays.filter(({ weekday }) => {
      const day = number(week.start) + weekday - 1;
      const near = runs.some(({ from, to }) => (from <= day && day <= to) || from === day + 1 || to === day - 1);
      const inside = number(calendar.start) <= day && day <= number(calendar.end);
      return (
        inside &&
        !shut(day) &&
        !near &&
        !counted.includes(day) &&
        !friendly.includes(day) &&
        !friendly.includes(day + 1)
      );
    }).length;
    const dealt = week.sessions.flatMap(({ role }) => role ?? []);
    // after the season's last event a week has two at most (PHASE-3)
    const most = week.phase === 'transition' ? 2 : 4;
    const wanted = DEALT[Math.min(able, calendar.sessionsAWeek ?? 4, most)];
    const found: Breach[] = dealt.sort().join(' ') === wanted ? [] : [{ rule: 'WEEK-8', where: week.start }];
    const LEADS: Readonly<Record<string, string>> = { A: 'knee', A2: 'knee', B: 'hip', B2: 'hip' };
    for (const { role, mains, day } of week.sessions) {
      const leads = mains.map(({ lead }) => lead);
      const fits =
        role === null || (role === 'whole' ? leads.length === 2 && leads[0] !== leads[1] : leads.length === 1);
      if (!fits || (role !== null && LEADS[role] !== undefined && LEADS[role] !== leads[0]))
        found.push({ rule: 'WEEK-8', where: day });
    }
    return found;
  });
}

/** Reps and reserve of a main lift by the week of its block, in the school *blocks* (BLOCK-5). */
const WRITTEN: Readonly<Record<string, readonly string[]>> = {
  'D-STR': ['12@4', '10@3', '8@2'],
  'D-MAX': ['6@3', '5@2', '3@2'],
  'D-MAINT': ['8@4', '6@3', '5@3'],
  'D-PEAK': ['3@2', '2@2', '2@1'],
  'D-MICRO': ['3@3', '3@3', '3@3'],
  'D-ASST': ['10@3', '10@3', '10@3'],
};

function loads({ weeks }: AuditedPlan, { young, schools }: AuditedCalendar): Breach[] {
  return weeks.flatMap(({ block, sessions }) =>
    sessions.flatMap(({ day, mains }) =>
      mains.flatMap(({ row, reps, rir, percent }): Breach[] => {
        if (young && (percent ?? 0) > 0.8 + 1e-9) return [{ rule: 'SAFE-3', where: day }];
        const week = WRITTEN[row];
        if (schools.loading !== 'blocks' || !week) return [];
        const said = `${String(reps)}@${String(rir)}`;
        // where a cap holds for the young, an easier week of the row stands
        const allowed = young ? week.slice(0, block.rowWeek) : week.slice(block.rowWeek - 1, block.rowWeek);
        return allowed.includes(said) ? [] : [{ rule: 'BLOCK-5', where: `${day} ${said}` }];
      }),
    ),
  );
}

/** WEEK-1: fewer than enough exposures in season for more than two weeks are said once a run. */
function exposures({ weeks }: AuditedPlan, { schools }: AuditedCalendar): Breach[] {
  const least = schools.inSeasonMinimum === '1' ? 1 : 2;
  let run = 0;
  return weeks.flatMap((week): Breach[] => {
    if (week.closed) return [];
    const few = week.sessions.filter(({ kind }) => kind !== 'recovery').length < least;
    const inSeason = ['in-season', 'congested', 'peak'].includes(week.phase);
    run = few && inSeason ? run + 1 : 0;
    const said = week.notes.some(({ code }) => code === 'strength_may_fade');
    return said === (run === 3) ? [] : [{ rule: 'WEEK-1', where: week.start }];
  });
}

/** TEST-1: well apart, and in a week with a day that no event protects. */
function tests({ weeks }: AuditedPlan, { runs, friendly }: Known): Breach[] {
  const at = weeks.flatMap(({ test }, i) => (test ? [i] : []));
  return at.flatMap((i, n): Breach[] => {
    const week = weeks[i]!;
    const before = at[n - 1];
    const free = week.sessions.some(({ day, role }) => {
      const on = number(day);
      return role !== null && !runs.some(({ from }) => from > on && from - on <= 2) && !friendly.includes(on + 1);
    });
    return week.closed || !free || (before !== undefined && i - before < 4)
      ? [{ rule: 'TEST-1', where: week.start }]
      : [];
  });
}
