import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { LIBRARY, METHOD } from '$catalog';
import { athlete, brief } from '../../../tests/fixtures';
import { addDays, weekdayOf, type Day } from '../calendar';
import { makeDayContext } from '../day';
import { getExercise } from '../library';
import { answersByDay, type AnswerFact } from '../track';
import { HOME_KIT, isSideDay, sideDays, sideDose, sideLines, sideMinutes, type SideHistory } from '.';

const MONDAY = '2026-11-23';
const week = (gymWeekdays: number[], ...events: number[]) => ({
  gymWeekdays,
  eventDays: events.map((weekday) => addDays(MONDAY, weekday - 1)),
});
const at = (perWeek: number, of: ReturnType<typeof week>) => sideDays({ perWeek }, MONDAY, of).map(weekdayOf);

describe('the days of a side programme (SIDE-1)', () => {
  test.each([
    ['two off days as far apart as the week allows', 2, week([2, 4]), [1, 5]],
    ['not on an event, nor the day before one while others are free', 2, week([2, 4], 6), [3, 7]],
    ['the day before only where nothing else is', 2, week([1, 2, 3, 4], 7), [5, 6]],
    ['fewer where the week has no more', 2, week([1, 2, 3, 4, 5], 7), [6]],
    ['none in a full week', 2, week([1, 2, 3, 4, 5, 6], 7), []],
    ['daily but for events', 7, week([2, 4], 6), [1, 2, 3, 4, 5, 7]],
  ] as const)('%s', (_name, perWeek, of, expected) => {
    expect(at(perWeek, of)).toEqual(expected);
  });

  it('never falls on the gym, an event, or more often than it says, and one day knows its week', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }),
        fc.uniqueArray(fc.integer({ min: 1, max: 7 })),
        fc.uniqueArray(fc.integer({ min: 1, max: 7 })),
        (perWeek, gym, events) => {
          const of = week(gym, ...events);
          const days = sideDays({ perWeek }, MONDAY, of);
          expect(days.length).toBeLessThanOrEqual(perWeek);
          expect(days.some((day) => gym.includes(weekdayOf(day)) || of.eventDays.includes(day))).toBe(false);
          for (let i = 0; i < 7; i++) {
            const day = addDays(MONDAY, i);
            expect(isSideDay({ perWeek }, day, of)).toBe(days.includes(day));
          }
        },
      ),
    );
  });
});

describe('its dose (PROG-2, PROG-4, PROG-6)', () => {
  const answers = (of: Record<Day, AnswerFact['response']>) =>
    answersByDay(
      Object.entries(of).map(([day, response], seq): AnswerFact => ({ kind: 'answer', id: day, day, seq, response })),
    );
  const fine = { answer: 'fine' as const, place: null, score: null };
  const tight = { answer: 'tight' as const, place: 'calf', score: null };
  const EXERCISE = getExercise(LIBRARY, 'bent-knee-calf-raise-two-leg');
  const next = (last: SideHistory['last'], own: Partial<SideHistory> = {}) =>
    sideDose(EXERCISE, 'D-ASST', { last, trained: [], answers: answers({}), ...own }, 'full', LIBRARY, METHOD)!;
  const DAY = '2026-11-02';
  /** the dose after one time at `sets` × `amount`, said of the morning after */
  const after = (sets: number, amount: number, said: AnswerFact['response'] | null, own: Partial<SideHistory> = {}) => {
    const dose = { ...next(null), sets, amount };
    const found = next({ day: DAY, dose }, { answers: answers(said ? { '2026-11-03': said } : {}), ...own });
    return `${String(found.sets)}x${String(found.amount)}`;
  };

  test.each([
    ['fine: a set more', 2, 10, fine, '3x10'],
    ['fine at the most sets: a rep more', 3, 10, fine, '3x11'],
    ['fine at the most of all: as it is', 3, 20, fine, '3x20'],
    ['silence repeats', 2, 12, null, '2x12'],
    ['usual tightness repeats', 2, 12, { ...fine, answer: 'usual' as const }, '2x12'],
    ['overly tight there: a set less', 3, 14, tight, '2x14'],
    ['at the fewest sets a third less, not under the range', 2, 18, tight, '2x12'],
    ['at the least: as it is', 2, 10, tight, '2x10'],
    ['overly tight elsewhere repeats', 3, 12, { ...tight, place: 'shoulder' }, '3x12'],
  ] as const)('%s', (_name, sets, amount, said, expected) => {
    expect(after(sets, amount, said)).toBe(expected);
  });

  it('begins with the least, and an answer after the next training speaks of that', () => {
    expect(next(null)).toMatchObject({ sets: 2, amount: 10 });
    const later = answers({ '2026-11-05': fine });
    expect(after(2, 10, null, { answers: later })).toBe('3x10');
    expect(after(2, 10, null, { answers: later, trained: [DAY, '2026-11-04'] })).toBe('2x10');
  });

  it('mobility stays as it is', () => {
    const drill = getExercise(LIBRARY, 'deep-lunge-opener');
    const of = (last: SideHistory['last']) =>
      sideDose(
        drill,
        'D-MOB',
        { last, trained: [], answers: answers({ '2026-11-03': fine }) },
        'full',
        LIBRARY,
        METHOD,
      )!;
    expect(of({ day: DAY, dose: of(null) })).toEqual(of(null));
  });
});

describe('its lines', () => {
  const nothing: SideHistory = { last: null, trained: [], answers: new Map() };
  const home = makeDayContext(
    { ...brief(), own: true, place: { ...brief().place, equipment: [...HOME_KIT] } },
    LIBRARY,
    METHOD,
  );
  const lines = (id: string, own: Parameters<typeof athlete>[0] = {}) =>
    sideLines(METHOD.sides[id]!, athlete(own), () => nothing, home);

  it.each(Object.keys(METHOD.sides))('%s can be done at home, in sets that count or mobility', (id) => {
    const found = lines(id);
    expect(found).toHaveLength(METHOD.sides[id]!.items.length);
    expect(found.filter(({ barred }) => barred)).toEqual([]);
    expect(found.every(({ exercise }) => exercise.plyo === null)).toBe(true);
  });

  it('a range focus brings its own drills to daily mobility, and to nothing else', () => {
    const focus = { ...METHOD.focuses['range-ankle'], id: 'range-ankle', limits: true, holdsBack: true } as never;
    expect(lines('mobility', { focus }).map(({ exercise }) => exercise.id)).toContain('knee-to-wall-mobility');
    expect(lines('foot-ankle', { focus })).toHaveLength(4);
  });

  it('a complaint takes out what it bars on a card too', () => {
    const foot = { place: 'foot', side: null, score: 5, column: 'stop', signs: [] } as never;
    const out = lines('foot-ankle', { complaints: [foot] }).filter(
      ({ barred }) => barred?.code === 'barred_by_complaint',
    );
    expect(out.map(({ exercise }) => exercise.family)).toContain('calf-foot');
  });

  it('its minutes are those of its doses, rests counted', () => {
    const found = lines('foot-ankle');
    const alone = found.slice(0, 1);
    const { dose, exercise } = alone[0]!;
    const seconds =
      dose.sets * (exercise.setUpSeconds + dose.amount * exercise.secondsPerRep) +
      (dose.sets - 1) * (dose.restSeconds ?? 0);
    expect(sideMinutes(alone)).toBe(Math.ceil(seconds / 60));
    expect(sideMinutes(found)).toBeLessThanOrEqual(12);
    expect(sideMinutes([])).toBe(0);
  });

  it('twice a week is at most two a week beside full training', () => {
    expect(Object.values(METHOD.sides).every(({ perWeek }) => perWeek <= 2 || perWeek === 7)).toBe(true);
  });
});
