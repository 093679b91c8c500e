import { describe, expect, it } from 'vitest';
import type { AthleteHistory } from '$lib/model/athlete-history';
import type { SquadHistory } from '$lib/model/squad-history';
import { historyOption } from './history-option';
import { LEFT, rowsOf, ticksOf } from './history-rows';
import { besideCells, cellsOf } from './athlete-cells';
import { besideRows, labelledImage } from './labelled-image';
import { labelsOf } from './row-labels';
import { squadOption } from './squad-option';

const INKS = {
  ink: '#000',
  edge: '#444',
  rule: '#ccc',
  paper: '#fff',
  lift: '#00f',
  jump: '#fa0',
  ladder: '#080',
  warn: '#c00',
};
const lift = { lift: true, unit: 'kg', per: 1, decimals: 1 };
const jump = { lift: false, unit: 'cm', per: 100, decimals: 1 };
const point = (day: string, value: number, error: number, trained = false) => ({ day, value, error, trained });
const PAST: AthleteHistory = {
  from: '2026-08-24',
  to: '2026-11-24',
  phases: [],
  measured: [
    {
      id: 'back-squat',
      name: 'Back squat',
      as: lift,
      points: [point('2026-09-01', 100, 5), point('2026-10-01', 110, 5, true)],
    },
    {
      id: 'cmj',
      name: 'Countermovement jump',
      as: jump,
      points: [point('2026-09-01', 0.334, 0.03), point('2026-10-01', 0.345, 0.03)],
    },
  ],
  ladders: [
    {
      id: 'control',
      name: 'Control to cut',
      rungs: 10,
      steps: [
        { day: '2026-09-01', rung: 7, exercise: 'Hop and stick', down: [] },
        { day: '2026-10-01', rung: 6, exercise: 'Reach', down: ['PROG-4'] },
      ],
    },
  ],
  weeks: Array.from({ length: 14 }, (_, i) => ({
    start: '2026-08-24',
    setsWritten: i === 3 ? 40 : 0,
    setsDone: i === 3 ? 38 : 0,
    load: i === 3 ? 900 : null,
    atLeast: i === 3,
  })),
  mornings: [
    { day: '2026-10-02', answer: 'fine' },
    { day: '2026-10-05', answer: 'pain' },
  ],
  complaints: [
    { id: 'a', name: 'left knee', from: '2026-10-05', to: '2026-11-24', score: 4, open: true },
    { id: 'b', name: 'calf', from: '2026-09-05', to: '2026-09-15', score: 0, open: false },
  ],
  events: [],
  lines: [],
  moved: [],
};
const NOTHING: AthleteHistory = { ...PAST, measured: [], ladders: [], mornings: [], complaints: null, weeks: [] };

describe('the rows of a history', () => {
  it('stand under each other, and what has nothing to show takes no room', () => {
    const { rows, height } = rowsOf(PAST);
    expect(rows.map(({ kind }) => kind)).toEqual([
      'measured',
      'measured',
      'ladder',
      'sets',
      'mornings',
      'complaints',
      'load',
    ]);
    rows.slice(1).forEach((row, i) => {
      expect(row.top).toBeGreaterThan(rows[i]!.top + rows[i]!.height);
    });
    expect(height).toBeGreaterThan(rows.at(-1)!.top + rows.at(-1)!.height);
    expect(rowsOf(NOTHING).rows).toEqual([]);
    // not for this reader's eyes, and none, are both no row
    expect(rowsOf({ ...PAST, complaints: null }).rows.map(({ kind }) => kind)).not.toContain('complaints');
  });

  it('say the last value in the units of the club', () => {
    const said = labelsOf(PAST, 'kg').map(({ last }) => last);
    expect(said).toEqual([
      ['110', 'kg e1RM'],
      ['34.5', 'cm'],
      ['rung 6 of 10', 'Reach'],
      ['38 of 40', 'done'],
      ['1 of 2 fine', ''],
      ['1 open', ''],
      ['900', 'at least: a day is unknown'],
    ]);
    expect(labelsOf(PAST, 'lb')[0]!.last).toEqual(['243', 'lb e1RM']);
  });

  it('name months of a long time and every other Monday of a short one', () => {
    expect(ticksOf(PAST).map(({ name }) => name)).toEqual(['Sep', 'Oct', 'Nov']);
    expect(ticksOf({ ...PAST, to: '2027-01-10' }).at(-1)!.name).toBe('Jan 2027');
    expect(ticksOf({ ...PAST, weeks: PAST.weeks.slice(0, 6), from: '2026-10-19' }).map(({ name }) => name)).toEqual([
      '19 Oct',
      '2 Nov',
      '16 Nov',
    ]);
    expect(ticksOf(PAST).every(({ at }) => at >= 0 && at < 1)).toBe(true);
  });
});

describe('the chart of a history', () => {
  const series = (historyOption(PAST, 'kg', INKS).series ?? []) as {
    data: { value?: unknown; label?: { formatter: string } }[];
    xAxisIndex: number;
  }[];

  it('has one axis a row, values in their band, and the rule where a ladder goes down', () => {
    const option = historyOption(PAST, 'kg', INKS);
    expect(option.xAxis).toHaveLength(7);
    expect(option.grid).toHaveLength(7);
    const [low, width, line] = series;
    expect(low!.data).toEqual([
      ['2026-09-01', 95],
      ['2026-10-01', 105],
    ]);
    expect(width!.data).toEqual([
      ['2026-09-01', 10],
      ['2026-10-01', 10],
    ]);
    expect(line!.data.map(({ value }) => value)).toEqual([
      ['2026-09-01', 100],
      ['2026-10-01', 110],
    ]);
    const words = series.flatMap(({ data }) => data.flatMap((one) => one.label?.formatter ?? []));
    expect(words).toEqual(['down · PROG-4', 'left knee 4', 'calf, gone by 15 Sep']);
  });

  it('leaves as a picture with its names, whatever is in them', () => {
    const svg = `data:image/svg+xml;charset=UTF-8,${encodeURIComponent('<svg width="900" height="400"><g/></svg>')}`;
    const image = labelledImage(svg, besideRows(labelsOf(PAST, 'kg'), ticksOf(PAST), 'Ann <b> & Co'), '#000');
    const text = decodeURIComponent(image.slice(image.indexOf(',') + 1));
    expect(text).toContain('Back squat');
    expect(text).toContain(`<text x="${String(LEFT)}" y="14"`);
    expect(text).toContain('Ann &lt;b&gt; &amp; Co');
    expect(text.endsWith('</svg>')).toBe(true);
  });
});

it('small charts have one height of scale about each athlete’s own middle', () => {
  const of = (id: string, values: number[]) => ({
    id,
    name: id,
    moved: null,
    series: {
      id: 'back-squat',
      name: 'Back squat',
      as: lift,
      points: values.map((value, i) => point(`2026-09-0${String(i + 1)}`, value, 1)),
    },
  });
  const past: SquadHistory = {
    from: '2026-08-24',
    to: '2026-11-24',
    weeks: 14,
    measure: 'back-squat',
    measures: [],
    athletes: [of('a', [100, 120]), of('b', [60, 62]), { id: 'c', name: 'c', moved: null, series: null }],
    planned: [],
  };
  const axes = squadOption(past, 2, 'kg', INKS).yAxis as { min: number; max: number }[];
  expect(axes.map(({ min, max }) => max - min)).toEqual(
    [axes[0]!.max - axes[0]!.min, axes[0]!.max - axes[0]!.min, axes[0]!.max - axes[0]!.min].map(
      (one) => expect.closeTo(one, 9) as number,
    ),
  );
  expect((axes[1]!.min + axes[1]!.max) / 2).toBeCloseTo(61);
  expect(axes[0]!.max).toBeGreaterThanOrEqual(121);
  const cells = cellsOf(
    {
      ...past,
      athletes: past.athletes.map((one, i) => ({ ...one, moved: i === 0 ? { change: 20, beyond: true } : null })),
    },
    2,
    'kg',
  );
  expect(cells.map(({ value, moved }) => [value, moved])).toEqual([
    ['120 kg', '+ 20 beyond its error'],
    ['62 kg', ''],
    ['', 'not measured in this time'],
  ]);
  expect(cells[2]).toMatchObject({ left: 0, top: cells[0]!.top + 104 });
  expect(besideCells(cells)().map(({ text }) => text)).toContain('120 kg, + 20 beyond its error');
});
