import type { EChartsOption } from 'echarts';
import { addDays } from '$core/calendar';
import type { MassUnit } from '$core/units';
import type { AthleteLine, SquadHistory } from '$lib/model/squad-history';
import type { Inks } from '$lib/ui/charts/inks';
import { shownValue } from './shown-value';

/** One cell of the grid of small charts, px. */
export const CELL = { width: 230, height: 104, top: 38, right: 18, bottom: 8, gap: 6 } as const;
/** Room above and below the longest line, of its height. */
const ROOM = 0.1;

/** From the lowest to the highest value of a line with its error; nothing is from 0 to 0. */
function reachOf(series: AthleteLine['series'], mass: MassUnit): readonly [number, number] {
  if (!series) return [0, 0];
  const ends = series.points.flatMap(({ value, error }) =>
    [value - error, value + error].map((one) => shownValue(one, series.as, mass)),
  );
  return [Math.min(...ends), Math.max(...ends)];
}

/**
 * Everybody's line of one measure in a small chart of its own, each about its own middle, all with one height of the scale
 * and one time axis: as much up or down looks alike for everybody.
 * @param columns charts beside each other
 */
export function squadOption(history: SquadHistory, columns: number, mass: MassUnit, inks: Inks): EChartsOption {
  const { athletes, from, to } = history;
  const reaches = athletes.map(({ series }) => reachOf(series, mass));
  const span = Math.max(...reaches.map(([low, high]) => high - low)) * (1 + ROOM);
  return {
    aria: {
      enabled: true,
      label: {
        description: 'One line an athlete, all with the same height of scale. The table holds the same numbers.',
      },
    },
    animation: false,
    grid: athletes.map((_, i) => ({
      left: (i % columns) * CELL.width,
      top: Math.floor(i / columns) * CELL.height + CELL.top,
      width: CELL.width - CELL.right,
      height: CELL.height - CELL.top - CELL.bottom,
    })),
    xAxis: athletes.map((_, i) => ({
      type: 'time' as const,
      gridIndex: i,
      min: from,
      max: addDays(to, 1),
      axisLabel: { show: false },
      axisTick: { show: false },
      axisLine: { onZero: false, lineStyle: { color: inks.rule } },
      splitLine: { show: false },
    })),
    yAxis: reaches.map(([low, high], i) => ({
      type: 'value' as const,
      gridIndex: i,
      show: false,
      min: (low + high - span) / 2,
      max: (low + high + span) / 2,
    })),
    series: athletes.flatMap(({ series }, i) => {
      if (!series) return [];
      const on = { type: 'line' as const, xAxisIndex: i, yAxisIndex: i };
      const hue = series.as.lift ? inks.lift : inks.jump;
      const value = (of: number): number => shownValue(of, series.as, mass);
      const band = { ...on, symbol: 'none', stack: `band ${String(i)}`, lineStyle: { opacity: 0 } };
      return [
        { ...band, data: series.points.map((point) => [point.day, value(point.value - point.error)]) },
        {
          ...band,
          stackStrategy: 'all' as const,
          areaStyle: { color: hue, opacity: 0.18 },
          data: series.points.map((point) => [
            point.day,
            value(point.value + point.error) - value(point.value - point.error),
          ]),
        },
        {
          ...on,
          symbolSize: 6,
          lineStyle: { color: hue, width: 2 },
          itemStyle: { color: hue },
          data: series.points.map((point) => ({
            value: [point.day, value(point.value)],
            symbol: point.trained ? 'emptyCircle' : 'circle',
          })),
        },
      ];
    }),
  };
}
