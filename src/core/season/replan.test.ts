import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHOD } from '$catalog';
import { addDays } from '../calendar';
import { DEFAULT_SCHOOLS } from '../method';
import { anyInput, at, event, gym, input, laid, MONDAY, practice, saturdays } from '../../../tests/season-input';
import {
  comparePlans,
  findRemedies,
  NO_CHANGES,
  practiceJumpsOn,
  practicesOn,
  withRemedy,
  type Practice,
  type SeasonInput,
} from '.';

const kinds = (over: Partial<SeasonInput>, from = 0, to = 60) =>
  laid(over)
    .weeks.slice(from, to)
    .map(({ block }) => (block.kind === 'lighter' ? 'L' : String(block.rowWeek)))
    .join(' ');
const changes = (over: Partial<SeasonInput['changes']>) => ({ ...NO_CHANGES, ...over });
const roles = (of: { sessions: readonly { day: string; role: string | null }[] } | undefined) =>
  of?.sessions.map(({ day, role }) => `${day.slice(5)} ${role ?? '-'}`);

describe('what the coach decides over the rules’ head', () => {
  it('a session on another day of its week takes its role along', () => {
    const moves = [{ from: at(2, 2), to: at(2, 3), start: '07:00' }];
    const { weeks } = laid({ changes: changes({ moves }) });
    expect(roles(weeks[0])).toEqual(['07-07 A', '07-09 B']);
    expect(weeks[1]?.sessions.map(({ day, start, role }) => [day, start, role])).toEqual([
      [at(2, 3), '07:00', 'A'],
      [at(2, 4), '18:00', 'B'],
    ]);
    expect(roles(weeks[2])).toEqual(roles(laid({}).weeks[2]));
  });

  it('weeks take the phase that was set, but for congestion and peaks', () => {
    const set = { from: at(1, 1), to: at(8, 1), phase: 'specific' as const };
    const events = [...saturdays(6, 6), event(at(8, 3)), ...saturdays(7, 8), ...saturdays(12, 14)];
    const { weeks } = laid({ events, end: at(14, 7), changes: changes({ phases: [set] }) });
    expect(weeks.slice(0, 9).map(({ phase }) => phase)).toEqual([
      ...new Array<string>(6).fill('specific'),
      'specific',
      'congested',
      'specific',
    ]);
  });

  it('a block is as long as it was set, and the rest follows', () => {
    expect(kinds({}, 0, 10)).toBe('1 2 3 L 1 2 3 L 1 2');
    expect(kinds({ changes: changes({ blocks: [{ from: at(1, 1), weeks: 3 }] }) }, 0, 10)).toBe('1 3 L 1 2 3 L 1 2 3');
    expect(kinds({ changes: changes({ blocks: [{ from: at(5, 1), weeks: 5 }] }) }, 0, 10)).toBe('1 2 3 L 1 2 3 3 L 1');
  });

  it('a practice that is off, or shorter, counts as it is', () => {
    const practice: Practice = {
      id: 'p',
      weekday: 2,
      start: '20:00',
      minutes: 90,
      hardness: 6,
      jumps: 40,
      except: [
        { day: at(2, 2), minutes: 0 },
        { day: at(3, 2), minutes: 45 },
      ],
    };
    expect([1, 2, 3].map((week) => practicesOn(at(week, 2), [practice])[0]?.minutes)).toEqual([90, undefined, 45]);
    expect([1, 2].map((week) => practiceJumpsOn(at(week, 2), [practice]))).toEqual([40, 0]);
  });
});

describe('a plan laid anew', () => {
  const events = saturdays(20, 30);
  const before = laid({ events });

  it('is the plain plan where nothing of it was written down, on whatever day it is asked', () => {
    for (const weekday of [1, 2, 3, 4, 5, 6, 7]) {
      const asked = laid({ events, gymDays: gym(1, 3, 5) }, { from: at(21, weekday), weeks: [] });
      expect(asked).toEqual(laid({ events, gymDays: gym(1, 3, 5) }));
    }
  });

  it('keeps the days of its own week that are over, and deals the others around them', () => {
    const from = at(21, 4);
    const after = laid({ events: [...events, event(at(21, 7))], gymDays: gym(2, 4, 5) }, { from, weeks: before.weeks });
    expect(after.weeks.slice(0, 20)).toEqual(before.weeks.slice(0, 20));
    expect(after.weeks[20]?.sessions[0]).toEqual(before.weeks[20]?.sessions[0]);
    // Tuesday was A, so Thursday is B; Friday is the day before a match and holds a primer
    expect(roles(after.weeks[20])).toEqual(['11-24 A', '11-26 B', '11-27 -']);
  });

  it('goes on with the block it was in', () => {
    const plain = laid({});
    const { weeks } = plain;
    expect(weeks[5]?.block).toMatchObject({ block: 2, week: 2, of: 4 });
    // from the third week of the block on there is a match a week, ten weeks later than before
    const after = laid({ events: saturdays(30, 32) }, { from: at(7, 1), weeks });
    expect(after.weeks.slice(0, 6)).toEqual(weeks.slice(0, 6));
    expect(after.weeks.slice(4, 9).map(({ block }) => [block.block, block.kind])).toEqual([
      [2, 'loading'],
      [2, 'loading'],
      [2, 'loading'],
      [2, 'lighter'],
      [3, 'loading'],
    ]);
  });

  it('gives a lighter week to loading weeks that are behind, when the new layout came too late for it', () => {
    const short = laid({ end: at(5, 7), liftLevel: 'foundation' });
    const three = laid({ end: at(5, 7) });
    expect(three.weeks.map(({ block }) => block.kind)).toEqual(['loading', 'loading', 'loading', 'loading', 'lighter']);
    expect(short.weeks.map(({ block }) => block.kind)[2]).toBe('lighter');
    const after = laid({ end: at(9, 7), liftLevel: 'foundation' }, { from: at(4, 1), weeks: three.weeks });
    expect(after.weeks.slice(0, 5).map(({ block }) => block.kind)).toEqual([
      'loading',
      'loading',
      'loading',
      'lighter',
      'loading',
    ]);
  });

  it('offers no second test near one that was done', () => {
    const tested = before.weeks.flatMap(({ test, number }) => (test ? [number] : []));
    const from = at((tested[1] ?? 0) + 1, 1);
    const after = laid({ events: saturdays(21, 30) }, { from, weeks: before.weeks });
    const tests = after.weeks.flatMap(({ test, number }) => (test ? [number] : []));
    expect(tests.slice(0, 2)).toEqual(tested.slice(0, 2));
    tests.slice(1).forEach((week, i) => {
      expect(week - (tests[i] ?? 0)).toBeGreaterThanOrEqual(4);
    });
  });

  it('whatever the two calendars, nothing changes before the day, and the same again gives the same', () => {
    fc.assert(
      fc.property(anyInput, anyInput, fc.integer({ min: 0, max: 340 }), (one, two, ahead) => {
        const known = laid(one);
        const from = addDays(MONDAY, ahead);
        const followed = { from, weeks: known.weeks };
        const after = laid(two, followed);
        expect(laid(two, followed)).toEqual(after);
        for (const week of after.weeks) {
          const was = known.weeks.find(({ start }) => start === week.start);
          if (addDays(week.start, 6) < from && was) expect(week).toEqual(was);
          else if (was)
            expect(week.sessions.filter(({ day }) => day < from)).toEqual(
              week.start < from ? was.sessions.filter(({ day }) => day < from) : [],
            );
        }
        // laid once more with nothing else changed, it stays what it is; of more gym days than roles others may be chosen
        if (two.gymDays.length > 4) return;
        expect(laid(two, { from, weeks: after.weeks }).weeks.map(({ sessions }) => sessions)).toEqual(
          after.weeks.map(({ sessions }) => sessions),
        );
      }),
      { numRuns: 40, seed: 20261128 },
    );
  }, 60_000);
});

describe('what moved', () => {
  const events = saturdays(20, 30);
  const before = laid({ events });
  const told = (over: Partial<SeasonInput>) =>
    comparePlans(before, laid({ events, ...over }), MONDAY).map(({ code, rules, facts }) => [
      code,
      facts.day,
      rules.join(' '),
    ]);

  it('nothing, when nothing did', () => {
    expect(told({})).toEqual([]);
  });

  it('a match moved to Thursday: the day before it, its own day and the day after', () => {
    const moved = [...events.slice(0, 4), event(at(24, 4)), ...events.slice(5)];
    expect(told({ events: moved })).toEqual(expect.arrayContaining([['session_gone', at(24, 4), 'WEEK-2 WEEK-4']]));
  });

  it('a hall that shuts, a phase and a lighter week', () => {
    const closures = [{ id: 'c', name: 'hall', from: at(3, 1), to: at(3, 7), kind: 'closed' as const }];
    expect(told({ closures })).toEqual(expect.arrayContaining([['week_closed', at(3, 1), 'PHASE-1']]));
    const phases = [{ from: at(2, 1), to: at(2, 1), phase: 'specific' as const }];
    expect(told({ changes: changes({ phases }) })).toEqual(
      expect.arrayContaining([['week_phase_moved', at(2, 1), 'PHASE-1']]),
    );
    const blocks = [{ from: at(1, 1), weeks: 3 }];
    expect(told({ changes: changes({ blocks }) })).toEqual(
      expect.arrayContaining([['week_kind_moved', at(3, 1), 'BLOCK-1']]),
    );
  });

  it('tells the first ones and counts the rest', () => {
    const all = comparePlans(before, laid({ gymDays: gym(1, 5) }), MONDAY);
    expect(all).toHaveLength(25);
    expect(all.at(-1)?.code).toBe('plan_moved_more');
  });
});

describe('remedies', () => {
  const events = saturdays(1, 8);
  const offered = (week: number, code: string, over: Partial<SeasonInput>) => {
    const of = input({ events, end: at(8, 7), ...over });
    const followed = { from: MONDAY, weeks: [] };
    const note = laid(of, followed).weeks[week - 1]?.notes.find((one) => one.code === code);
    if (!note) throw new Error(`no ${code} in week ${String(week)}`);
    const remedies = findRemedies(at(week, 1), note, of, METHOD, followed);
    // whatever is offered takes the note away and leaves nobody with less
    for (const remedy of remedies) {
      const after = laid(withRemedy(of, remedy, MONDAY), followed).weeks[week - 1];
      expect(after?.notes.map((one) => one.code)).not.toContain(code);
    }
    return remedies;
  };

  it('a session two days before a match goes where it may be heavy, and nowhere worse', () => {
    // Friday and Sunday lie next to a match, and Saturday is its own day
    expect(offered(2, 'main_near_event', { gymDays: gym(2, 4) })).toEqual([
      { kind: 'move', from: at(2, 4), to: at(2, 1), start: null },
      { kind: 'move', from: at(2, 4), to: at(2, 3), start: null },
    ]);
  });

  it('no session goes to the hour of practice: it ends as practice begins, or that day is not offered', () => {
    const practices = [practice(1, '18:30'), practice(3, '00:30')];
    const moves = offered(2, 'main_near_event', { gymDays: gym(2, 4), practices });
    expect(moves[0]).toEqual({ kind: 'move', from: at(2, 4), to: at(2, 1), start: '17:30' });
    expect(
      offered(2, 'main_near_event', { gymDays: [...gym(2), { weekday: 4, start: '01:00', minutes: 60 }], practices }),
    ).toEqual([{ kind: 'move', from: at(2, 4), to: at(2, 1), start: null }]);
  });

  it('a session put on the hour of practice is told so, and goes before it or elsewhere; a standing hour is not', () => {
    const practices = [practice(2, '18:30'), practice(3, '18:30')];
    const changes = { ...NO_CHANGES, moves: [{ from: at(2, 2), to: at(2, 3), start: null }] };
    const of = { gymDays: gym(2), practices, changes, events: [], end: at(8, 7) };
    const codes = laid(of).weeks.map(({ notes }) => notes.map(({ code }) => code).includes('hour_of_practice'));
    expect(codes.indexOf(true)).toBe(1);
    expect(codes.filter(Boolean)).toHaveLength(1);
    expect(offered(2, 'hour_of_practice', of)[0]).toEqual({
      kind: 'move',
      from: at(2, 3),
      to: at(2, 3),
      start: '17:30',
    });
  });

  it('one session a week in season: a primer first, then the weekdays that hold a lift', () => {
    const remedies = offered(3, 'strength_may_fade', {
      gymDays: gym(2, 5),
      schools: { ...DEFAULT_SCHOOLS, dayBefore: 'rest' },
    });
    expect(remedies[0]).toEqual({ kind: 'primer' });
    expect(remedies.slice(1).map((one) => one.kind)).toEqual(['gym-day', 'gym-day']);
  });

  it('heavy sessions on two days in a row: the second is eased, and said, until it stands further off', () => {
    const { weeks } = laid({ gymDays: gym(2, 3) });
    const [tuesday, wednesday] = weeks[0]?.sessions ?? [];
    expect([tuesday?.near, wednesday?.near]).toEqual([false, true]);
    expect(wednesday?.mains[0]?.sets).toBeLessThan(3);
    expect(offered(3, 'heavy_too_near', { gymDays: gym(2, 3), events: [], end: at(44, 7) })).toEqual([
      { kind: 'move', from: at(3, 3), to: at(3, 4), start: null },
      { kind: 'move', from: at(3, 3), to: at(3, 5), start: null },
      { kind: 'move', from: at(3, 3), to: at(3, 6), start: null },
    ]);
    // four sessions: a squat day and a hinge day may follow each other
    const four = laid({ gymDays: gym(1, 2, 4, 5) }).weeks[0]?.sessions ?? [];
    expect(four.map(({ near, role }) => [role, near])).toEqual([
      ['A', false],
      ['B', false],
      ['A2', false],
      ['B2', false],
    ]);
    // Sunday's and Monday's are 24 h apart too
    const over = laid({ gymDays: gym(1, 7) }).weeks;
    expect(over[2]?.sessions.map(({ near }) => near)).toEqual([true, false]);
  });
});
