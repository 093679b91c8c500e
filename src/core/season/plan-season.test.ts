import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { addDays, daysBetween, weekdayOf, type Day } from '../calendar';
import { anyInput, at, event, gym, input, laid, MONDAY, practice, saturdays } from '../../../tests/season-input';
import { DEFAULT_SCHOOLS } from '../method';
import {
  byPractice,
  congestedChains,
  dealRoles,
  findRemedies,
  layBlocks,
  layPhases,
  planSeason,
  sessionOn,
  totalSets,
  weekOf,
  type PhaseWeek,
  type SeasonEvent,
  type SeasonInput,
} from '.';

const { settings } = METHOD;
/** Phases as runs: 'general 3, specific 6 …'. */
const runs = (names: readonly string[]): string =>
  names
    .reduce<[string, number][]>((all, name) => {
      const last = all.at(-1);
      if (last?.[0] === name) last[1] += 1;
      else all.push([name, 1]);
      return all;
    }, [])
    .map(([name, count]) => `${name} ${String(count)}`)
    .join(', ');
const phases = (over: Partial<SeasonInput>): string =>
  runs(layPhases(input(over), settings).weeks.map(({ phase }) => phase));

describe('after the last event (PHASE-3)', () => {
  it('a week has no more sessions than its row, however many are wanted in the rest of the year', () => {
    const plan = laid({ events: saturdays(4, 6), end: at(10, 7), gymDays: gym(1, 2, 4, 5), sessionsAWeek: 4 });
    const roles = ({ sessions }: (typeof plan.weeks)[number]) => sessions.filter(({ role }) => role !== null).length;
    const after = plan.weeks.filter(({ phase }) => phase === 'transition');
    expect(after.length).toBeGreaterThan(0);
    expect(after.map(roles)).toEqual(after.map(() => METHOD.phases.transition.sessions?.[1]));
    expect(plan.weeks.some((week) => roles(week) === 4)).toBe(true);
  });
});

describe('phases (PHASE-1, PHASE-2, WEEK-7)', () => {
  it.each<[string, Partial<SeasonInput>, string]>([
    [
      'a whole lead-up',
      { events: saturdays(20, 22), end: at(26, 7) },
      'general 5, specific 8, pre-season 6, in-season 3, transition 4',
    ],
    [
      'general is shortened first',
      { events: saturdays(15, 16), end: at(16, 7) },
      'general 2, specific 6, pre-season 6, in-season 2',
    ],
    ['then specific', { events: saturdays(9, 10), end: at(10, 7) }, 'specific 2, pre-season 6, in-season 2'],
    ['a season that begins with a match', { events: saturdays(1, 2), end: at(3, 7) }, 'in-season 2, transition 1'],
    ['no events: the end is the anchor', { end: at(8, 7) }, 'specific 2, pre-season 6'],
    ['a friendly makes no season', { events: [event(at(3, 6), 'friendly')], end: at(6, 7) }, 'pre-season 6'],
    [
      'two free weeks stay in season',
      { events: [...saturdays(1, 1), ...saturdays(4, 4)], end: at(4, 7) },
      'in-season 4',
    ],
    [
      'three become specific',
      { events: [...saturdays(1, 1), ...saturdays(5, 5)], end: at(5, 7) },
      'in-season 1, specific 3, in-season 1',
    ],
    [
      'a long gap is laid as before a first event',
      { events: [...saturdays(1, 1), ...saturdays(9, 9)], end: at(9, 7) },
      'in-season 1, specific 4, pre-season 3, in-season 1',
    ],
    [
      'after the last event, then general',
      { events: saturdays(1, 1), end: at(7, 7) },
      'in-season 1, transition 4, general 2',
    ],
    [
      'a week of matches',
      { events: [event(at(1, 6)), event(at(2, 3)), event(at(2, 6)), event(at(3, 6))], end: at(3, 7) },
      'in-season 1, congested 1, in-season 1',
    ],
    [
      'one event outweighs the rest',
      { events: [...saturdays(1, 7), event(at(8, 6), 'final')], end: at(8, 7) },
      'in-season 6, peak 2',
    ],
    [
      'a final on a Wednesday',
      { events: [...saturdays(1, 6), event(at(9, 3), 'final')], end: at(9, 7) },
      'in-season 6, peak 2, in-season 1',
    ],
  ])('%s', (_name, over, expected) => {
    expect(phases(over)).toBe(expected);
  });

  it('a closed week counts as no gap and is a layoff', () => {
    const over = {
      events: [...saturdays(1, 1), ...saturdays(5, 5)],
      end: at(5, 7),
      closures: [{ id: 'c', name: 'hall', from: at(2, 1), to: at(2, 7), kind: 'closed' as const }],
    };
    expect(phases(over)).toBe('in-season 5');
    expect(layPhases(input(over), settings).weeks.map(({ closed }) => closed)).toEqual([
      false,
      true,
      false,
      false,
      false,
    ]);
  });

  it.each<[string, [Day, SeasonEvent['kind']?][], number]>([
    ['Saturday to Wednesday is congested', [[at(1, 6)], [at(2, 3)]], 1],
    ['Saturday to Thursday is not', [[at(1, 6)], [at(2, 4)]], 0],
    ['days in a row are one event', [[at(1, 5)], [at(1, 6)], [at(1, 7)]], 0],
    ['a friendly does not count', [[at(1, 6)], [at(2, 3), 'friendly']], 0],
  ])('%s', (_name, days, chains) => {
    expect(
      congestedChains(
        days.map(([day, kind = 'league']) => ({ day, kind })),
        settings,
      ),
    ).toHaveLength(chains);
  });

  it('a chain of more than five weeks is the sport’s rhythm', () => {
    const midweeks = Array.from({ length: 7 }, (_, i) => [event(at(i + 1, 3)), event(at(i + 1, 6))]).flat();
    expect(congestedChains(midweeks, settings)).toMatchObject([{ rhythm: true }]);
    expect(phases({ events: midweeks, end: at(7, 7) })).toBe('in-season 7');
  });

  it('peaks are at most three, six weeks apart, the heavier or later of two that are too near', () => {
    const over = {
      events: [event(at(4, 6), 'cup', true), event(at(8, 6), 'league', true), event(at(14, 6), 'final', true)],
    };
    expect(layPhases(input(over), settings).peaks.map(({ event: { day } }) => day)).toEqual([at(4, 6), at(14, 6)]);
    const equal = { events: [event(at(4, 6), 'cup', true), event(at(8, 6), 'cup', true)] };
    expect(layPhases(input(equal), settings).peaks.map(({ event: { day } }) => day)).toEqual([at(8, 6)]);
  });
});

/** Blocks in short: loading weeks by their row week, `-` the lighter one, `|` between blocks. */
function blocks(
  count: number,
  over: {
    gentle?: boolean;
    phase?: PhaseWeek['phase'];
    then?: Partial<PhaseWeek>;
    closed?: number[];
    without?: number[];
  } = {},
): string {
  const week = (i: number): PhaseWeek => ({
    start: at(i + 1, 1),
    phase: over.phase ?? 'general',
    closed: over.closed?.includes(i) ?? false,
    exams: false,
    events: over.phase === 'in-season' && !over.without?.includes(i) ? 1 : 0,
    peak: null,
  });
  const weeks = Array.from({ length: count }, (_, i) => week(i));
  if (over.then) weeks.push({ ...week(count), ...over.then });
  const cells = layBlocks(weeks, over.gentle ?? false, settings).slice(0, count);
  return cells.reduce((text, cell, i) => {
    const sign = cell.kind === 'closed' ? 'x' : cell.kind === 'lighter' ? '-' : String(cell.rowWeek);
    const before = cells.slice(0, i).findLast(({ block }) => block !== null);
    return `${text}${before && cell.block !== null && before.block !== cell.block ? '|' : ''}${sign}`;
  }, '');
}

describe('blocks (BLOCK-1)', () => {
  it.each<[string, number, Parameters<typeof blocks>[1], string]>([
    ['three and one', 8, {}, '123-|123-'],
    ['a rest of one joins', 5, {}, '1233-'],
    ['a rest of one before a peak', 5, { then: { phase: 'peak' } }, '13-|13'],
    ['a rest of two', 2, {}, '13'],
    ['after a block of four the six are 3 + 3', 6, {}, '13-|13-'],
    ['a rest of three', 7, {}, '123-|13-'],
    ['nine', 9, {}, '123-|1233-'],
    ['no lighter week before congestion', 4, { then: { phase: 'congested' } }, '1233'],
    ['two and one', 6, { gentle: true }, '13-|13-'],
    ['two and one with one over', 4, { gentle: true }, '133-'],
    ['a week alone joins the next phase', 1, { then: { phase: 'specific' } }, '1'],
    ['a closed hall pauses', 5, { closed: [1] }, '1x23-'],
    ['no lighter week before a closed hall', 6, { closed: [4] }, '1233x|1'],
    ['it resumes past its lighter week', 9, { closed: [3] }, '123x|1233-'],
    ['a long pause ends it', 7, { closed: [1, 2, 3, 4, 5] }, '1xxxxx|1'],
    ['a lighter week waits for an event', 8, { phase: 'in-season', without: [3] }, '1233-|13-'],
  ])('%s', (_name, count, over, expected) => {
    expect(blocks(count, over)).toBe(expected);
  });
});

describe('hard days hard, easy days easy (WEEK-5)', () => {
  const session = { day: at(1, 2), start: '18:00', minutes: 60 };
  it.each<[string, string, number, ReturnType<typeof byPractice>]>([
    ['after a hard practice', '16:30', 8, 'after'],
    ['that begins as it ends', '16:31', 8, 'before'],
    ['shortly before one', '19:30', 7, 'before'],
    ['on an easy day', '19:30', 6, null],
    ['six hours before one', '25:00', 9, 'apart'],
    ['not quite six hours', '24:59', 9, 'before'],
  ])('a session %s', (_, start, hardness, lies) => {
    expect(byPractice(session, [practice(2, start, hardness)], METHOD.settings.week)).toBe(lies);
    expect(byPractice(session, [practice(3, start, hardness)], METHOD.settings.week)).toBeNull();
  });

  it('of more gym days than are wanted, those after a hard practice are used', () => {
    const days = (practices: ReturnType<typeof practice>[]): number[] =>
      laid({ gymDays: gym(1, 2, 4, 5), sessionsAWeek: 2, practices, end: at(4, 7) })
        .weeks[1]!.sessions.filter(({ role }) => role !== null)
        .map(({ day }) => weekdayOf(day));
    expect(days([])).toEqual([1, 5]);
    expect(days([practice(2, '16:00', 8), practice(4, '16:00', 8)])).toEqual([2, 4]);
    // spacing stands over it
    expect(days([practice(4, '16:00', 8), practice(5, '16:00', 8)])).toEqual([1, 4]);
  });

  it('says which session lies close before a hard practice, and a day moved mends it', () => {
    const of = input({ gymDays: gym(2, 5), practices: [practice(2, '19:00', 9)], end: at(6, 7) });
    const followed = { from: of.start, weeks: [] };
    const plan = laid({ gymDays: of.gymDays, practices: of.practices, end: of.end }, followed);
    const note = plan.weeks[1]!.notes.find(({ code }) => code === 'before_hard_practice');
    expect(note?.facts.days).toEqual([at(2, 2)]);
    expect(findRemedies(plan.weeks[1]!.start, note!, of, METHOD, followed)[0]).toMatchObject({
      from: at(2, 2),
    });
  });
});

describe('roles (WEEK-8, WEEK-3)', () => {
  const dealt = (
    weekdays: number[],
    events: Day[] = [],
    most: number | null = null,
    usual: Map<number, 'A' | 'B'> | null = null,
  ) =>
    dealRoles(
      MONDAY,
      1,
      gym(...weekdays),
      events.map((day) => ({ day, kind: 'league' as const })),
      usual,
      most,
      settings,
    )
      .map(({ role }) => role ?? '.')
      .join(' ');
  it.each<[string, Parameters<typeof dealt>, string]>([
    ['one', [[3]], 'whole'],
    ['two', [[2, 4]], 'A B'],
    ['three', [[1, 3, 5]], 'A B C'],
    ['three of which two are next to each other: the fast day lies between', [[1, 2, 3]], 'A C B'],
    ['four', [[1, 2, 4, 5]], 'A B A2 B2'],
    ['five gym days hold four', [[1, 2, 3, 4, 5]], 'A B A2 . B2'],
    [
      'the eve, the day and the day after hold none',
      [
        [1, 5, 6, 7],
        [at(0, 7), at(1, 6)],
      ],
      '. . . .',
    ],
    ['the heavier day is furthest from the match', [[1, 4], [at(1, 6)]], 'A B'],
    ['a lost day leaves the whole', [[2, 5], [at(1, 6)]], 'whole .'],
    [
      'weekdays keep their roles',
      [
        [2, 4],
        [],
        null,
        new Map([
          [2, 'B'],
          [4, 'A'],
        ] as const),
      ],
      'B A',
    ],
    ['one wanted takes the free day', [[2, 4], [at(1, 6)], 1], 'whole .'],
  ])('%s', (_name, asked, expected) => {
    expect(dealt(...asked)).toBe(expected);
  });
});

describe('a planned season', () => {
  const season = laid({ events: [...saturdays(13, 24), ...saturdays(27, 40)], gymDays: gym(1, 3, 5) });

  it('holds a knee-led and a hip-led main in every week with two lifts', () => {
    for (const week of season.weeks) {
      const mains = week.sessions
        .filter(({ kind }) => kind === 'lift')
        .flatMap(({ mains: of }) => of.map(({ lead }) => lead));
      if (mains.length >= 2) expect(new Set(mains), String(week.number)).toEqual(new Set(['knee', 'hip']));
    }
  });

  it.each<[string, number, Partial<SeasonInput>, string]>([
    ['structure, week 1', 1, {}, '4 × 12 @ 4'],
    ['structure, week 3', 3, {}, '4 × 8 @ 2'],
    ['foundation: the fewest', 1, { liftLevel: 'foundation' }, '3 × 12 @ 4'],
    ['lighter: week 2’s reps', 4, {}, '2 × 10 @ 3'],
    ['max strength', 23, {}, '4 × 6 @ 3'],
    ['under 16 stays under its cap', 24, { young: true }, '4 × 6 @ 3'],
    ['waves: the first session is heavy', 1, { schools: { ...DEFAULT_SCHOOLS, loading: 'daily waves' } }, '4 × 8 @ 2'],
    ['straight line', 3, { schools: { ...DEFAULT_SCHOOLS, loading: 'straight-line' } }, '4 × 10 @ 3'],
    ['beside power the fewest sets', 31, {}, '3 × 6 @ 3'],
  ])('%s', (_name, number, over, expected) => {
    const week = laid({ end: at(36, 7), ...over }).weeks[number - 1];
    const main = week?.sessions[0]?.mains[0];
    expect(main && `${String(main.sets)} × ${String(main.reps)} @ ${String(main.rir)}`).toBe(expected);
  });

  it('three-action: the off-season’s blocks slow down, hold and go plain in turn, at the same sets and reps (BLOCK-5)', () => {
    const over = { events: saturdays(21, 24), end: at(25, 7) };
    const plain = laid(over).weeks;
    const { weeks } = laid({ ...over, schools: { ...DEFAULT_SCHOOLS, loading: 'three-action' } });
    const tempoOf = ({ sessions }: (typeof weeks)[number]) => sessions[0]?.mains[0]?.tempo ?? null;
    const actions = weeks.map(({ block, phase }) => [phase, block.block, block.action?.name ?? null] as const);
    const names = [
      ...new Map(actions.filter(([, , name]) => name !== null).map(([, block, name]) => [block, name])).values(),
    ];
    expect(names.slice(0, 3)).toEqual(['eccentric', 'isometric', 'concentric']);
    for (const [i, week] of weeks.entries()) {
      const off = week.phase === 'general' || week.phase === 'specific';
      expect(week.block.action != null, String(week.number)).toBe(off);
      const { action } = week.block;
      expect(tempoOf(week)).toBe(action ? action.tempo : tempoOf(plain[i]!));
      const dose = (of: (typeof weeks)[number]) =>
        of.sessions[0]?.mains.map(({ sets, reps, rir }) => [sets, reps, rir]);
      expect(dose(week)).toEqual(dose(plain[i]!));
    }
  });

  it('the second round of four is lighter', () => {
    const [a, , second] = laid({ gymDays: gym(1, 2, 4, 5) }).weeks[0]?.sessions.map(({ mains }) => mains[0]) ?? [];
    expect(second?.sets).toBe((a?.sets ?? 0) - 1);
    expect(second?.percent).toBeCloseTo((a?.percent ?? 0) * 0.9, 9);
  });

  it('a peak keeps intensity and cuts sets', () => {
    const { weeks } = laid({ events: [...saturdays(13, 24), event(at(25, 6), 'final')], end: at(26, 7) });
    const [first, second] = weeks.filter(({ phase }) => phase === 'peak');
    const loading = weeks.filter(({ phase, block }) => phase === 'in-season' && block.kind === 'loading').slice(-3);
    const mean = (of: (week: (typeof weeks)[number]) => number) => loading.reduce((sum, week) => sum + of(week), 0) / 3;
    expect(totalSets(first!.sets)).toBeLessThanOrEqual(mean(({ sets }) => totalSets(sets)) * 0.6 + 2);
    expect(totalSets(second!.sets)).toBeLessThan(totalSets(first!.sets));
    expect(first!.intensity!).toBeGreaterThanOrEqual(mean(({ intensity }) => intensity ?? 0));
  });

  it('tests where TEST-1 has them, four weeks apart, on unprotected days', () => {
    const tests = season.weeks.filter(({ test }) => test);
    expect(tests.map(({ number }) => number)).toEqual([6, 28]);
    for (const { sessions } of tests)
      expect(sessions.some(({ limits }) => !limits.quiet && !limits.recovery)).toBe(true);
  });

  it('a congested week without a free day has a set of each in its primer', () => {
    const events = [event(at(1, 6)), event(at(2, 3)), event(at(2, 6))];
    const week = laid({ events, end: at(2, 7), gymDays: gym(2, 5) }).weeks[1];
    expect(
      week?.sessions.map(({ kind, mains }) => [
        kind,
        mains.map(({ lead, row, sets }) => `${lead} ${row} ${String(sets)}`),
      ]),
    ).toEqual([
      ['primer', ['hip D-MICRO 1', 'knee D-MICRO 1']],
      ['primer', ['hip D-MICRO 1', 'knee D-MICRO 1']],
    ]);
  });

  it('warns once a run that strength may fade, and not where one session is the school', () => {
    const once = { gymDays: gym(2), events: saturdays(1, 12), end: at(12, 7) };
    const warned = (over: Partial<SeasonInput>) =>
      laid({ ...once, ...over }).weeks.filter(({ notes }) => notes.some(({ code }) => code === 'strength_may_fade'));
    expect(warned({}).map(({ number }) => number)).toEqual([3]);
    expect(warned({ schools: { ...DEFAULT_SCHOOLS, inSeasonMinimum: '1' } })).toEqual([]);
  });

  it('takes half of a practice’s jumps off the contacts of its day', () => {
    const practice = { id: 'p', weekday: 2, start: '20:00', minutes: 90, hardness: 6, jumps: 40, except: [] };
    const contacts = (practices: SeasonInput['practices']) =>
      laid({ practices }).weeks[0]?.sessions.map(({ contacts: { aim } }) => aim) ?? [];
    const [tuesday = 0, thursday = 0] = contacts([]);
    expect(contacts([practice])).toEqual([tuesday - 20, thursday]);
  });

  it('is found again by day', () => {
    expect(weekOf(season, at(5, 3))?.number).toBe(5);
    expect(sessionOn(season, at(5, 3))?.role).toBe('B');
    expect(sessionOn(season, at(5, 2))).toBeNull();
    expect(weekOf(season, at(60, 1))).toBeNull();
  });

  it.each([
    ['an end before the start', { end: addDays(MONDAY, -1) }, 'season_ends_before_start'],
    ['a season of years', { end: addDays(MONDAY, 800) }, 'season_too_long'],
  ])('refuses %s', (_name, over, code) => {
    expect(planSeason(input(over), METHOD)).toMatchObject({ ok: false, issues: [{ code, path: ['end'] }] });
  });

  it('holds without gym days, over a leap day and a 53-week year', () => {
    expect(laid({ gymDays: [] }).weeks.every(({ sessions }) => sessions.length === 0)).toBe(true);
    expect(laid({ start: '2028-01-03', end: '2028-12-31' }).weeks).toHaveLength(52);
    expect(laid({ start: '2026-01-01', end: '2026-12-31' }).weeks).toHaveLength(53);
    expect(laid({ end: at(3, 7) }).weeks).toHaveLength(3);
  });
});

describe('whatever the calendar', () => {
  it('keeps to what a day allows, to a block’s roles and to WEEK-6, and gives the same plan again', () => {
    fc.assert(
      fc.property(anyInput, (of) => {
        const plan = laid(of);
        expect(laid(of)).toEqual(plan);
        const counts = of.events.filter(({ kind }) => kind !== 'friendly').map(({ day }) => day);
        for (const week of plan.weeks) {
          for (const { day, kind, mains, role } of week.sessions) {
            expect(of.closures.some(({ from, to }) => from <= day && day <= to)).toBe(false);
            expect(counts.includes(day)).toBe(false);
            // judged by the days alone, not by what the planner was told of them
            const near = counts.some((on) => [0, 1, 2].includes(daysBetween(day, on)));
            if (near)
              for (const { sets, percent, rir, row } of mains)
                expect(row !== 'D-MICRO' && sets >= 3 && ((percent ?? 0) >= 0.8 || (rir ?? 9) <= 2)).toBe(false);
            if (counts.includes(addDays(day, -1)) || counts.includes(addDays(day, 1))) expect(role).toBeNull();
            if (of.young && kind === 'lift')
              for (const { percent } of mains) expect(percent ?? 0).toBeLessThanOrEqual(0.8 + 1e-9);
          }
          expect(week.sessions.filter(({ role }) => role !== null).length).toBeLessThanOrEqual(4);
        }
        for (const { number, sets, block } of plan.weeks) {
          if (block.kind !== 'loading') continue;
          const before = plan.weeks
            .slice(0, number - 1)
            .filter((week) => week.block.kind === 'loading')
            .slice(-3);
          if (before.length === 0) continue;
          for (const family of ['knee', 'hip', 'calfFoot', 'trunk'] as const) {
            const highest = Math.max(...before.map((week) => week.sets[family]));
            expect(sets[family]).toBeLessThanOrEqual(highest + Math.max(2, highest * 0.1) + 1e-9);
          }
        }
      }),
      { numRuns: 60 },
    );
  }, 30_000);

  it('no lighter week stands before a peak, congestion or a closed hall, and none is followed by another', () => {
    fc.assert(
      fc.property(anyInput, (of) => {
        const { weeks } = laid(of);
        weeks.forEach(({ block, exams }, i) => {
          const next = weeks[i + 1];
          if (block.kind !== 'lighter' || exams || !next) return;
          expect([
            next.closed,
            next.phase === 'peak',
            next.phase === 'congested',
            next.block.kind === 'lighter',
          ]).toEqual([false, false, false, false]);
        });
      }),
      { numRuns: 60 },
    );
  }, 30_000);

  it('moving one event changes nothing that lies more than its own lead-up before it', () => {
    const events = saturdays(20, 30);
    const one = laid({ events });
    const other = laid({ events: [...events.slice(0, -1), event(at(30, 7))] });
    expect(other.weeks.slice(0, 27).map(({ sessions }) => sessions)).toEqual(
      one.weeks.slice(0, 27).map(({ sessions }) => sessions),
    );
  });
});
