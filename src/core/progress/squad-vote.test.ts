import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief, dose, trackOf } from '../../../tests/fixtures';
import type { Dose } from '../dose';
import { getExercise } from '../library';
import type { Exposure, Track } from '../track';
import {
  countVotes,
  entryOnRung,
  isReadyAbove,
  mayRiseOf,
  nextDose,
  settlesAlone,
  squadClimb,
  squadStep,
  voteOf,
  type MayRise,
  type Vote,
} from '.';
import { NO_HISTORY } from '../athlete';

const RAISE = getExercise(LIBRARY, 'calf-raise-one-leg');
const at = (own: Partial<Dose> = {}): Dose => dose({ sets: 2, amount: 8, per: 'side', rir: 2, ...own });
const times = (count: number, vote: Vote): Vote[] => Array<Vote>(count).fill(vote);
const step = (
  votes: readonly (Vote | null)[],
  own: { may?: MayRise; today?: string; lastStep?: string | null; dose?: Partial<Dose>; id?: string } = {},
) =>
  squadStep(
    {
      exercise: own.id ? getExercise(LIBRARY, own.id) : RAISE,
      row: own.id ? 'D-SLOW' : 'D-ASST',
      dose: at(own.dose),
      sessionId: 's',
      day: '2026-11-20',
    },
    countVotes(votes),
    own.may ?? 'develops',
    { today: own.today ?? '2026-11-24', lastStep: own.lastStep ?? null },
    LIBRARY,
    METHOD,
  );
const said = (votes: readonly (Vote | null)[], own: Parameters<typeof step>[1] = {}) => {
  const found = step(votes, own);
  return found ? `${found.kind} ${String(found.to.sets)}x${String(found.to.amount)}` : 'stays';
};

describe('a squad moves together (PROG-16)', () => {
  test.each([
    ['half up', [...times(5, 'up'), ...times(5, 'stay')], 'set-up 3x8'],
    ['just under half', [...times(4, 'up'), ...times(5, 'stay')], 'stays'],
    ['a third down outranks the rises', [...times(6, 'up'), ...times(3, 'down')], 'amount-down 2x6'],
    ['just under a third down', [...times(5, 'up'), ...times(2, 'down')], 'set-up 3x8'],
    ['half answered', [...times(3, 'up'), ...times(3, 'silent')], 'set-up 3x8'],
    ['fewer than half answered', [...times(2, 'up'), ...times(3, 'silent')], 'stays'],
    ['who did not do it has no vote', [...times(2, 'up'), null, null, null, null], 'set-up 3x8'],
    ['nobody did it', [null, null], 'stays'],
    ['nobody answered', times(6, 'silent'), 'stays'],
  ] as const)('%s', (_name, votes, expected) => {
    expect(said(votes)).toBe(expected);
  });

  it('not before two days, nor twice in a week; a ladder that is only kept once a block', () => {
    const up = times(4, 'up');
    expect(said(up, { today: '2026-11-21' })).toBe('stays');
    expect(said(up, { today: '2026-11-22' })).toBe('set-up 3x8');
    expect(said(up, { lastStep: '2026-11-18' })).toBe('stays');
    expect(said(up, { lastStep: '2026-11-17' })).toBe('set-up 3x8');
    expect(said(up, { may: 'kept-ladder', lastStep: '2026-10-28' })).toBe('stays');
    expect(said(up, { may: 'kept-ladder', lastStep: '2026-10-27' })).toBe('amount-up 2x9');
  });

  it('a hold pyramid goes by a hold in every round', () => {
    const pyramid = (holds: number[]) => ({ dose: { sets: 3, amount: 8, rir: null, pyramid: { holds, offS: 4 } } });
    const told = (votes: readonly Vote[], holds: number[]) => step(votes, pyramid(holds))?.to.pyramid?.holds ?? null;
    expect(told(times(4, 'up'), [5, 3, 1])).toEqual([6, 4, 2]);
    expect(told(times(4, 'down'), [6, 4, 2])).toEqual([5, 3, 1]);
    expect(told(times(4, 'down'), [5, 3, 1])).toBeNull();
    expect(step(times(4, 'up'), { ...pyramid([5, 3, 1]), may: 'kept' })).toBeNull();
  });

  it('sets to their most, then reps to theirs, then nothing; what is kept by reps alone, or not at all', () => {
    const up = times(4, 'up');
    const range = METHOD.doses['D-ASST'];
    const [, most] = LIBRARY.ladders.get(RAISE.ladder!.id)!.rungs[RAISE.ladder!.rung - 1]!.sets ?? range.sets;
    expect(said(up, { dose: { sets: most } })).toBe(`amount-up ${String(most)}x9`);
    expect(said(up, { dose: { sets: most, amount: 40 } })).toBe('stays');
    expect(said(up, { may: 'kept-ladder' })).toBe('amount-up 2x9');
    expect(said(up, { may: 'kept' })).toBe('stays');
    expect(said(times(4, 'down'), { may: 'kept', dose: { sets: 3 } })).toBe('set-down 2x8');
  });

  it('jumps take no sets by vote, and go down by it (JUMP-10)', () => {
    expect(said(times(4, 'up'), { id: 'countermovement-jump' })).toBe('stays');
    expect(said(times(4, 'down'), { id: 'countermovement-jump', dose: { sets: 5, amount: 4, per: null } })).toMatch(
      /-down/,
    );
  });

  it('falls no further than a third under its range, and what is fast stays in its range', () => {
    const down = times(4, 'down');
    expect(said(down, { dose: { amount: 8 } })).toBe('amount-down 2x6');
    expect(said(down, { dose: { amount: 6 } })).toBe('stays');
    const jump = { id: 'countermovement-jump', dose: { sets: 3, per: null } } as const;
    const [least] = METHOD.doses['D-SLOW'].amounts.reps!;
    expect(said(down, { ...jump, dose: { ...jump.dose, amount: least } })).toBe('stays');
    expect(said(down, { ...jump, dose: { ...jump.dose, amount: least + 1 } })).toBe(`amount-down 3x${String(least)}`);
  });

  it('more voices for less never lead to more', () => {
    const votes = fc.record({ up: fc.nat(12), stay: fc.nat(12), down: fc.nat(12), silent: fc.nat(12) });
    const rank = (of: ReturnType<typeof step>): number => (of === null ? 0 : of.kind.endsWith('-up') ? 1 : -1);
    fc.assert(
      fc.property(votes, ({ up, stay, down, silent }) => {
        const of = (more: number): number =>
          rank(
            step([
              ...times(up, 'up'),
              ...times(stay, 'stay'),
              ...times(down + more, 'down'),
              ...times(silent, 'silent'),
            ]),
          );
        // one more answer may also be what makes half of them answer
        const answered = (up + stay + down) * 2 >= up + stay + down + silent;
        if (answered && up + stay + down > 0) expect(of(1)).toBeLessThanOrEqual(of(0));
      }),
      { seed: 13, numRuns: 200 },
    );
  });
});

const exposure = (own: Partial<Exposure>): Exposure => ({
  sessionId: 's',
  day: '2026-11-23',
  dose: at(),
  based: at(),
  eased: [],
  sets: Array.from({ length: 2 }, () => ({ amount: 8, loadKg: null, rir: null, fault: null })),
  response: { answer: 'fine', place: null, score: null },
  settledBy: [],
  ...own,
});
const tracking = (own: Partial<Exposure>): Track => trackOf(RAISE.id, 'D-ASST', at(), { exposures: [exposure(own)] });

describe('a vote', () => {
  const answer = (given: 'fine' | 'usual' | 'tight' | 'pain', place: string | null = null) => ({
    response: { answer: given, place, score: null },
  });
  test.each([
    ['fine and clean', {}, 'up'],
    ['fine at less, all of it done', { dose: at({ sets: 1 }), eased: ['PROG-16'] }, 'up'],
    ['fine, a set missing', { sets: [{ amount: 8, loadKg: null, rir: null, fault: null }] }, 'stay'],
    ['usual', answer('usual'), 'stay'],
    ['tight there', answer('tight', 'calf'), 'down'],
    ['tight elsewhere', answer('tight', 'shoulder'), 'stay'],
    ['pain is for the clinician, not the vote', answer('pain', 'calf'), 'stay'],
    ['no answer', { response: null }, 'silent'],
    ['another session', { sessionId: 'other' }, null],
  ] as const)('%s', (_name, own, expected) => {
    expect(voteOf(tracking(own as Partial<Exposure>), { exercise: RAISE, sessionId: 's' }, METHOD)).toBe(expected);
  });
});

describe('what rises (PROG-15)', () => {
  const may = (
    id: string,
    row: Parameters<typeof mayRiseOf>[1],
    phase: Parameters<typeof mayRiseOf>[3],
    main = false,
  ) => mayRiseOf(getExercise(LIBRARY, id), row, main, phase, METHOD);

  it('the lead rows and one beside; in general nothing beside; what fills a main slot always', () => {
    expect(may('back-squat', 'D-STR', 'general')).toBe('develops');
    expect(may('nordic-partial', 'D-ECC', 'general')).toBe('kept-ladder');
    expect(may('hang-high-pull', 'D-POW', 'specific')).toBe('develops');
    expect(may('back-squat', 'D-MAX', 'pre-season')).toBe('develops');
    expect(may('side-plank', 'D-TRK', 'in-season')).toBe('kept');
    expect(may('goblet-squat', 'D-ASST', 'in-season', true)).toBe('develops');
    expect(may('calf-raise-one-leg', 'D-ASST', 'specific')).toBe('kept-ladder');
    expect(may('calf-raise-one-leg', 'D-ASST', 'in-season')).toBe('kept');
  });
});

describe('loads on a squad’s card (PROG-9, PROG-15)', () => {
  const lift = (
    kg: number,
    rirs: readonly (number | null)[],
    develops: boolean,
    own: {
      reps?: number;
      answer?: 'fine' | 'usual' | 'tight' | null;
      id?: string;
      caution?: 'gentle';
      alone?: true;
      second?: number;
      by?: 'layoff';
    } = {},
  ) => {
    const id = own.id ?? 'back-squat';
    const of = dose({ sets: 2, amount: 5, loadKg: kg, rir: 3 });
    const exposures = rirs.map((rir, i) =>
      exposure({
        sessionId: String(i),
        day: `2026-11-${String(23 - i)}`,
        dose: of,
        based: of,
        sets: Array.from({ length: 2 }, (_, n) => ({
          amount: own.reps ?? 5,
          loadKg: kg,
          rir: n === 1 && own.second !== undefined ? own.second : rir,
          fault: null,
        })),
        response: own.answer === null ? null : { answer: own.answer ?? 'fine', place: null, score: null },
      }),
    );
    const change = nextDose(
      {
        exercise: getExercise(LIBRARY, id),
        row: 'D-MAINT',
        athlete: athlete(own.caution ? { caution: own.caution } : {}),
        track: {
          ...trackOf(id, 'D-MAINT', of, { exposures }),
          ...(own.by && { owned: { dose: of, by: own.by, rules: [] } }),
        },
        trackOf: () => null,
        today: '2026-11-24',
        kit: brief().place.loading,
        squad: own.alone ? null : { develops },
      },
      LIBRARY,
      METHOD,
    );
    return (
      change &&
      `${change.kind} ${String(change.to.dose.loadKg)} ${String(change.to.dose.sets)}x${String(change.to.dose.amount)}`
    );
  };

  it('what the block develops adds the smallest step when done at its reserve; sets and reps stay the squad’s', () => {
    expect(lift(100, [3], true)).toBe('load-up 102.5 2x5');
    expect(lift(100, [null], true)).toBe('load-up 102.5 2x5');
    expect(lift(100, [2], true)).toBeNull();
    expect(lift(100, [3], true, { reps: 4 })).toBeNull();
    expect(lift(100, [3], true, { answer: null })).toBeNull();
    expect(lift(100, [3], true, { answer: 'tight' })).toBeNull();
  });

  it('what it keeps after two times in a row with more in reserve than asked', () => {
    expect(lift(100, [4, 4], false)).toBe('load-up 102.5 2x5');
    expect(lift(100, [4, 3], false)).toBeNull();
    expect(lift(100, [3, 4], false)).toBeNull();
    expect(lift(100, [4], false)).toBeNull();
  });

  it('a step above 5 % after two times with two more in reserve', () => {
    expect(lift(40, [4, 4], true)).toBeNull();
    expect(lift(40, [5, 5], true)).toBe('load-up 42.5 2x5');
  });

  it('at the gentle end only what was said of the reserve moves a load: two more than asked, twice (START-2)', () => {
    const gentle = { caution: 'gentle' } as const;
    expect(lift(100, [3, 3], true, gentle)).toBeNull();
    expect(lift(100, [null, null], true, gentle)).toBeNull();
    expect(lift(100, [4, 5], true, gentle)).toBeNull();
    expect(lift(100, [5], true, gentle)).toBeNull();
    expect(lift(100, [5, 5], true, { ...gentle, answer: null })).toBeNull();
    expect(lift(100, [5, 5], true, gentle)).toBe('load-up 102.5 2x5');
    expect(lift(100, [5, 5], true, { ...gentle, alone: true })).toBe('load-up 102.5 2x5');
    // what a layoff took comes first (PROG-7)
    expect(lift(100, [5, 5], true, { ...gentle, by: 'layoff' })).toBeNull();
  });

  it('a set tapped as written beside one whose reserve was said says nothing of it', () => {
    expect(lift(40, [null, null], true, { second: 6 })).toBe('load-up 42.5 2x5');
    expect(lift(100, [null], true, { second: 2 })).toBeNull();
  });
});

describe('what a rule settles alone (PROG-17)', () => {
  const change = (kind: Parameters<typeof settlesAlone>[0]['kind'], to: Partial<Dose>) =>
    settlesAlone(
      {
        kind,
        from: { exerciseId: RAISE.id, dose: at() },
        to: { exerciseId: RAISE.id, dose: at(to) },
        rules: [],
        saw: {},
      },
      'D-ASST',
      LIBRARY,
      METHOD,
    );

  it('steps of load, sets and reps; not a rung, nor a cut to the least', () => {
    expect(change('load-up', {})).toBe(true);
    expect(change('set-up', { sets: 3 })).toBe(true);
    expect(change('set-down', { sets: 3 })).toBe(true);
    expect(change('set-down', { sets: 2 })).toBe(false);
    expect(change('rung-up', {})).toBe(false);
    expect(change('rung-down', {})).toBe(false);
    expect(change('layoff', {})).toBe(false);
  });
});

describe('a squad climbs a rung (PROG-16)', () => {
  const BRIDGE = getExercise(LIBRARY, 'straight-leg-bridge');
  const owns = athlete({ history: { ...NO_HISTORY, mastered: { [BRIDGE.id]: 9 } } });
  const climb = (
    votes: readonly (Vote | null)[],
    ready: number,
    own: { may?: MayRise; dose?: Partial<Dose>; lastStep?: string | null; id?: string } = {},
  ) =>
    squadClimb(
      {
        exercise: own.id ? getExercise(LIBRARY, own.id) : BRIDGE,
        row: own.id ? 'D-SLOW' : 'D-ECC',
        dose: dose({ sets: 3, amount: own.id ? 6 : 15, ...own.dose }),
        sessionId: 's',
        day: '2026-11-20',
      },
      { votes: countVotes(votes), ready },
      own.may ?? 'develops',
      { today: '2026-11-24', lastStep: own.lastStep ?? null },
      LIBRARY,
      METHOD,
    );
  const ten = times(10, 'up');

  it('when half of those who did it are ready for the next, at its minimum dose', () => {
    expect(climb(ten, 5)).toMatchObject({
      from: 'straight-leg-bridge',
      to: 'straight-leg-bridge-one-leg',
      dose: { sets: 2, amount: 6 },
      ready: 5,
    });
    expect(climb(ten, 4)).toBeNull();
    expect(climb([...times(5, 'up'), null, null], 3)).not.toBeNull();
  });

  it('only from the most of its own rung, and not while a third vote down or the line stepped this week', () => {
    expect(climb(ten, 10, { dose: { amount: 14 } })).toBeNull();
    expect(climb(ten, 10, { dose: { sets: 2 } })).toBeNull();
    expect(climb([...times(6, 'up'), ...times(3, 'down')], 9)).toBeNull();
    expect(climb([...times(2, 'up'), ...times(3, 'silent')], 5)).toBeNull();
    expect(climb(ten, 10, { lastStep: '2026-11-19' })).toBeNull();
  });

  it('what is only kept goes by reps, then rung, and keeps its sets; other kept lines and jumps do not', () => {
    expect(climb(ten, 10, { may: 'kept-ladder', dose: { sets: 2 } })).toMatchObject({ dose: { sets: 2, amount: 6 } });
    expect(climb(ten, 10, { may: 'kept' })).toBeNull();
    expect(climb(ten, 10, { id: 'countermovement-jump' })).toBeNull();
  });

  it('ready is who owns the rung below and meets the gates of the next', () => {
    expect(isReadyAbove(BRIDGE, owns, LIBRARY)).toBe(true);
    expect(isReadyAbove(BRIDGE, athlete(), LIBRARY)).toBe(false);
    expect(isReadyAbove(BRIDGE, { ...owns, tests: {} }, LIBRARY)).toBe(false);
    expect(isReadyAbove(getExercise(LIBRARY, 'back-squat'), owns, LIBRARY)).toBe(false);
  });
});

describe('the entry on the next rung', () => {
  it('is of its own kind where the rung has several', () => {
    const above = (id: string) => entryOnRung(getExercise(LIBRARY, id), 1, LIBRARY)?.id;
    expect(above('bent-knee-calf-raise-two-leg')).toBe('bent-knee-calf-raise');
    expect(above('calf-raise-two-leg')).toBe('calf-raise-one-leg');
    expect(above('romanian-deadlift')).toBe('kickstand-rdl');
    expect(above('glute-ham-raise')).toBeUndefined();
  });
});
