<script lang="ts">
  import type { EChartsOption } from 'echarts';
  import { addDays } from '$core/calendar';
  import type { Difference } from '$core/load';
  import { chart } from '$lib/ui/charts/chart';
  import { inksOf } from '$lib/ui/charts/inks';

  let { days, from, today }: { days: readonly Difference[]; from: string; today: number } = $props();

  /** from this week on, one point a week: enough for a year */
  const first = $derived(Math.max(0, Math.floor(today / 7)));
  const weeks = $derived(days.filter((_, i) => i % 7 === 6).slice(first));
  const names = $derived(weeks.map((_, i) => addDays(from, 7 * (first + i) + 6)));
  const percent = (value: number): number => Math.round(value * 1000) / 10;

  const option = (): EChartsOption => {
    const { ink, edge, lift: blue, rule } = inksOf();
    const line = { type: 'line' as const, symbol: 'none' };
    return {
      aria: {
        enabled: true,
        label: {
          description: 'How far the other plan stands over this one, week by week; the table below holds the numbers.',
        },
      },
      animation: false,
      textStyle: { fontFamily: 'Archivo Variable, system-ui, sans-serif', color: ink },
      tooltip: { trigger: 'axis' },
      grid: { left: 52, right: 8, top: 12, bottom: 28 },
      xAxis: {
        type: 'category',
        data: names,
        axisLabel: { color: edge, fontSize: 11 },
        axisLine: { lineStyle: { color: rule } },
      },
      yAxis: {
        type: 'value',
        axisLabel: { color: edge, fontSize: 11, formatter: '{value} %' },
        splitLine: { lineStyle: { color: rule } },
      },
      series: [
        {
          ...line,
          name: 'at least',
          stack: 'band',
          lineStyle: { opacity: 0 },
          itemStyle: { color: edge },
          data: weeks.map(({ low }) => percent(low)),
        },
        {
          ...line,
          name: 'width',
          stack: 'band',
          stackStrategy: 'all',
          lineStyle: { opacity: 0 },
          itemStyle: { color: edge },
          areaStyle: { color: blue, opacity: 0.18 },
          data: weeks.map(({ low, high }) => percent(high - low)),
        },
        {
          ...line,
          name: 'middle',
          lineStyle: { color: blue, width: 2 },
          itemStyle: { color: blue },
          data: weeks.map(({ middle }) => percent(middle)),
        },
      ],
    };
  };
</script>

<div class="chart" {@attach chart(option)}></div>
<details>
  <summary>As a table</summary>
  <table class="numbers">
    <thead><tr><th>Week until</th><th>At least</th><th>Middle</th><th>At most</th></tr></thead>
    <tbody>
      {#each weeks as { low, middle, high }, i (i)}
        <tr><td>{names[i]}</td><td>{percent(low)} %</td><td>{percent(middle)} %</td><td>{percent(high)} %</td></tr>
      {/each}
    </tbody>
  </table>
</details>

<style>
  .chart {
    height: 240px;
  }
</style>
