import { describe, expect, it, test } from 'vitest';
import { TEST_SPECS } from '$catalog';
import { guessColumns, readResults, type ResultColumn } from '.';

const context = {
  athletes: new Map<string, string | null>([
    ['ada brenn', 'a'],
    ['two names', null],
    ['young one', 'y'],
  ]),
  ages: new Map([
    ['a', 24],
    ['y', 14],
  ]),
  youth: { underYears: 16, leastReps: 5 },
  specs: TEST_SPECS,
  mass: 'kg' as const,
  dayOrder: 'day-first' as const,
  today: '2026-11-24',
  day: '2026-11-23',
};
const LONG: ResultColumn[] = ['athlete', 'day', 'test', 'side', 'value'];
const long = (...cells: string[]) => readResults([{ line: 2, cells }], LONG, context);

describe('a file of results', () => {
  it('guesses columns from their headings, sides and units with them', () => {
    const header = ['Name', 'Date', 'CMJ (cm)', 'Knee to wall left', 'knee to wall, R', 'Shoe size'];
    expect(guessColumns(header, TEST_SPECS)).toEqual([
      'athlete',
      'day',
      'test:cmj',
      'test:R4@left',
      'test:R4@right',
      'ignore',
    ]);
  });

  it('reads one line a result, in the ways days, names and sides are written', () => {
    expect(long(' Ada  Brenn', '24.11.2026', 'knee to wall', 'L', '11,5').results).toMatchObject([
      { athleteId: 'a', day: '2026-11-24', test: 'R4', side: 'left', value: 0.115 },
    ]);
    expect(long('ada brenn', '', 'Back squat', '', '100 x 3').results).toMatchObject([
      { day: '2026-11-23', test: 'back-squat', loadKg: 100, reps: 3 },
    ]);
  });

  it('takes the month first in a club that writes it so', () => {
    const monthFirst = { ...context, dayOrder: 'month-first' as const };
    const { results } = readResults(
      [{ line: 2, cells: ['Ada Brenn', '11/9/2026', 'CMJ', '', '41'] }],
      LONG,
      monthFirst,
    );
    expect(results).toMatchObject([{ day: '2026-11-09' }]);
  });

  it('reads one line an athlete, and passes over what is empty', () => {
    const columns: ResultColumn[] = ['athlete', 'test:cmj', 'test:R4@left', 'test:R4@right'];
    const { results, bad } = readResults([{ line: 2, cells: ['Ada Brenn', '41', '', '12'] }], columns, context);
    expect(bad).toEqual([]);
    expect(results.map(({ test: id, side }) => `${id} ${side}`)).toEqual(['cmj both', 'R4 right']);
  });

  it('keeps the good cells of a line beside the bad one', () => {
    const columns: ResultColumn[] = ['athlete', 'test:cmj', 'test:R4@left', 'test:R4@right'];
    const { results, bad } = readResults([{ line: 2, cells: ['Ada Brenn', '410', '11', '12'] }], columns, context);
    expect(bad).toMatchObject([{ line: 2, issues: [{ code: 'value_impossible' }] }]);
    expect(results.map(({ test: id, side }) => `${id} ${side}`)).toEqual(['R4 left', 'R4 right']);
  });

  test.each([
    ['nobody', ['Nobody', '', 'cmj', '', '40'], 'name_unknown'],
    ['two of a name', ['Two Names', '', 'cmj', '', '40'], 'name_of_two'],
    ['a day to come', ['Ada Brenn', '2026-12-01', 'cmj', '', '40'], 'day_ahead'],
    ['a day that is none', ['Ada Brenn', '31.02.2026', 'cmj', '', '40'], 'result_day_unreadable'],
    ['a side that is none', ['Ada Brenn', '', 'R4', 'upper', '10'], 'side_unreadable'],
    ['a side missing', ['Ada Brenn', '', 'R4', '', '10'], 'side_missing'],
    ['a test nobody knows', ['Ada Brenn', '', 'juggling', '', '10'], 'test_unknown'],
    ['more than a body can', ['Ada Brenn', '', 'cmj', '', '310'], 'value_impossible'],
    ['thirty reps', ['Ada Brenn', '', 'deadlift', '', '60 x 30'], 'too_many_reps'],
    ['a single by a fourteen-year-old', ['Young One', '', 'deadlift', '', '60 x 1'], 'too_heavy_when_young'],
    ['a drop jump by a fourteen-year-old', ['Young One', '', 'drop-rsi', '', '1.2'], 'too_young_for_test'],
  ])('names the line: %s', (_name, cells, code) => {
    const { results, bad } = long(...cells);
    expect(results).toEqual([]);
    expect(bad).toMatchObject([{ line: 2 }]);
    expect(bad[0]?.issues.map((issue) => issue.code)).toContain(code);
  });
});
