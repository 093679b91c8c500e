import { shortDate } from '$lib/messages';
import type { SeriesOption, YAXisComponentOption } from 'echarts';
import { addDays } from '$core/calendar';
import type { MassUnit } from '$core/units';
import type { Answer } from '$core/track';
import type { AthleteHistory } from '$lib/model/athlete-history';
import type { Inks } from '$lib/ui/charts/inks';
import type { HistoryRow } from './history-rows';
import { shownValue } from './shown-value';

/** One row: what is drawn over its scale. */
interface Drawn {
  readonly series: readonly SeriesOption[];
  readonly yAxis: YAXisComponentOption;
}
interface Place {
  readonly xAxisIndex: number;
  readonly yAxisIndex: number;
}

/** The string between two posts, as everywhere: slack, less slack, taut, broken. */
const STRINGS: Readonly<Record<Answer, string>> = {
  fine: 'path://M2 2V24M38 2V24M2 8Q20 30 38 8Q20 31 2 8',
  usual: 'path://M2 2V24M38 2V24M2 10Q20 19 38 10Q20 20 2 10',
  tight: 'path://M2 2V24M38 2V24M2 11H38V15H2Z',
  pain: 'path://M2 2V24M38 2V24M2 12H14L17 6L23 21L26 12H38V14H26L23 24L17 9L15 14H2Z',
};
/** From so many weeks on bars and strings are drawn narrow. */
const MANY_WEEKS = 30;
const MANY_MORNINGS = 40;

/** @param at the row's number, which is that of its axes */
export function drawRow(row: HistoryRow, at: number, history: AthleteHistory, mass: MassUnit, inks: Inks): Drawn {
  const on = { xAxisIndex: at, yAxisIndex: at };
  const scale = (more: Readonly<Record<string, unknown>>): YAXisComponentOption => ({
    type: 'value',
    gridIndex: at,
    show: false,
    ...more,
  });
  const small = { color: inks.edge, fontSize: 11 };
  switch (row.kind) {
    case 'measured':
      return {
        yAxis: scale({ show: true, scale: true, splitNumber: 2, axisLabel: small, splitLine: { show: false } }),
        series: measured(row.index, on, history, mass, inks),
      };
    case 'ladder': {
      const rungs = history.ladders[row.index]?.steps.map(({ rung }) => rung) ?? [];
      return {
        yAxis: scale({
          show: true,
          min: Math.max(0, Math.min(...rungs) - 1),
          max: Math.max(...rungs) + 1,
          interval: 1,
          axisLabel: { show: false },
          axisLine: { show: false },
          splitLine: { lineStyle: { color: inks.rule } },
        }),
        series: ladder(row.index, on, history, inks),
      };
    }
    case 'sets':
      return { yAxis: scale({ min: 0 }), series: sets(on, history, inks) };
    case 'mornings':
      return { yAxis: scale({ min: -1, max: 1 }), series: mornings(on, history, inks) };
    case 'complaints':
      return {
        yAxis: scale({ min: -0.5, max: (history.complaints ?? []).length - 0.5 }),
        series: complaints(on, history, inks),
      };
    case 'load':
      return { yAxis: scale({ min: 0 }), series: load(on, history, inks) };
  }
}

/** A week stands over its middle. */
const middle = (start: string): string => addDays(start, 3);

function measured(index: number, on: Place, history: AthleteHistory, mass: MassUnit, inks: Inks): SeriesOption[] {
  const one = history.measured[index];
  if (!one) return [];
  const hue = one.as.lift ? inks.lift : inks.jump;
  const shown = (value: number): number => shownValue(value, one.as, mass);
  const band = { ...on, type: 'line' as const, symbol: 'none', stack: `band ${String(on.xAxisIndex)}` };
  return [
    {
      ...band,
      lineStyle: { opacity: 0 },
      data: one.points.map(({ day, value, error }) => [day, shown(value - error)]),
    },
    {
      ...band,
      stackStrategy: 'all',
      lineStyle: { opacity: 0 },
      areaStyle: { color: hue, opacity: 0.18 },
      data: one.points.map(({ day, value, error }) => [day, shown(value + error) - shown(value - error)]),
    },
    {
      ...on,
      type: 'line',
      symbolSize: 7,
      lineStyle: { color: hue, width: 2 },
      itemStyle: { color: hue },
      data: one.points.map(({ day, value, trained }) => ({
        value: [day, shown(value)],
        symbol: trained ? 'emptyCircle' : 'circle',
      })),
    },
  ];
}

function ladder(index: number, on: Place, history: AthleteHistory, inks: Inks): SeriesOption[] {
  const steps = history.ladders[index]?.steps ?? [];
  const last = steps.at(-1);
  return [
    {
      ...on,
      type: 'line',
      step: 'end',
      showSymbol: true,
      symbol: 'none',
      lineStyle: { color: inks.ladder, width: 3 },
      itemStyle: { color: inks.ladder },
      data: [
        ...steps.map(({ day, rung, down }) => ({
          value: [day, rung],
          ...(down.length > 0
            ? {
                symbol: 'circle',
                symbolSize: 6,
                label: {
                  show: true,
                  position: 'top' as const,
                  color: inks.warn,
                  fontSize: 11,
                  formatter: `down · ${down.join(' ')}`,
                },
              }
            : {}),
        })),
        ...(last ? [{ value: [history.to, last.rung] }] : []),
      ],
    },
  ];
}

function sets(on: Place, { weeks }: AthleteHistory, inks: Inks): SeriesOption[] {
  const bar = { ...on, type: 'bar' as const, barWidth: weeks.length > MANY_WEEKS ? 4 : 20 };
  return [
    {
      ...bar,
      barGap: '-100%',
      itemStyle: { color: inks.paper, borderColor: inks.ink, borderWidth: 1 },
      data: weeks.flatMap((week) => (week.setsWritten === 0 ? [] : [[middle(week.start), week.setsWritten]])),
    },
    { ...bar, itemStyle: { color: inks.ink }, data: weeks.map(({ start, setsDone }) => [middle(start), setsDone]) },
  ];
}

function mornings(on: Place, history: AthleteHistory, inks: Inks): SeriesOption[] {
  const inkOf: Readonly<Record<Answer, string>> = {
    fine: inks.edge,
    usual: inks.edge,
    tight: inks.ink,
    pain: inks.warn,
  };
  return [
    {
      ...on,
      type: 'line',
      lineStyle: { opacity: 0 },
      showAllSymbol: true,
      data: history.mornings.map(({ day, answer }) => ({
        value: [day, 0],
        symbol: STRINGS[answer],
        symbolSize: [history.mornings.length > MANY_MORNINGS ? 8 : 15, 11],
        itemStyle: { color: 'transparent', borderColor: inkOf[answer], borderWidth: 1.4 },
      })),
    },
  ];
}

function complaints(on: Place, history: AthleteHistory, inks: Inks): SeriesOption[] {
  return (history.complaints ?? []).map(({ name, from, to, score, open }, i): SeriesOption => {
    const ink = open ? inks.warn : inks.edge;
    return {
      ...on,
      type: 'line',
      lineStyle: { color: ink, width: 8, cap: 'butt', opacity: open ? 0.8 : 0.5 },
      itemStyle: { color: ink },
      symbol: 'none',
      showAllSymbol: true,
      data: [
        {
          value: [from, i],
          symbol: 'rect',
          symbolSize: [1, 8],
          label: {
            show: true,
            position: 'left',
            color: open ? inks.warn : inks.ink,
            fontSize: 11,
            formatter: open ? `${name} ${String(score)}` : `${name}, gone by ${shortDate(to)}`,
          },
        },
        { value: [to === from ? addDays(to, 1) : to, i] },
      ],
    };
  });
}

function load(on: Place, { weeks }: AthleteHistory, inks: Inks): SeriesOption[] {
  return [
    {
      ...on,
      type: 'line',
      symbolSize: 6,
      lineStyle: { color: inks.edge, width: 2 },
      itemStyle: { color: inks.edge },
      data: weeks.flatMap((week) =>
        week.load === null
          ? []
          : [{ value: [middle(week.start), week.load], symbol: week.atLeast ? 'emptyCircle' : 'circle' }],
      ),
    },
  ];
}
