import type { EChartsOption, XAXisComponentOption } from 'echarts';
import { addDays } from '$core/calendar';
import type { MassUnit } from '$core/units';
import type { AthleteHistory } from '$lib/model/athlete-history';
import type { Inks } from '$lib/ui/charts/inks';
import { drawRow } from './draw-rows';
import { LEFT, RIGHT, rowsOf } from './history-rows';

/** An athlete's past as one chart: rows of their own scale over one time axis. Names stand beside it. */
export function historyOption(history: AthleteHistory, mass: MassUnit, inks: Inks): EChartsOption {
  const { rows } = rowsOf(history);
  const drawn = rows.map((row, i) => drawRow(row, i, history, mass, inks));
  return {
    aria: {
      enabled: true,
      label: { description: 'What was measured, trained and felt over time. The table holds the same numbers.' },
    },
    animation: false,
    textStyle: { fontFamily: 'Archivo Variable, system-ui, sans-serif', color: inks.ink },
    grid: rows.map(({ top, height }) => ({ left: LEFT, right: RIGHT, top, height })),
    xAxis: rows.map((_, i): XAXisComponentOption => ({
      type: 'time',
      gridIndex: i,
      min: history.from,
      max: addDays(history.to, 1),
      // a bar stands where its day is, not pushed inwards to fit whole
      containShape: false,
      axisLabel: { show: false },
      axisTick: { show: false },
      axisLine: { show: i > 0, onZero: false, lineStyle: { color: inks.rule } },
      splitLine: { show: false },
    })),
    yAxis: drawn.map(({ yAxis }) => yAxis),
    series: drawn.flatMap(({ series }) => [...series]),
  };
}
