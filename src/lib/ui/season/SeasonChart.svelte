<script lang="ts">
  import { longDate } from '$lib/messages';
  import type { EChartsOption } from 'echarts';
  import { chart } from '$lib/ui/charts/chart';
  import { inksOf } from '$lib/ui/charts/inks';
  import type { SeasonWeek } from '$lib/model/season';

  let { weeks, shown }: { weeks: readonly SeasonWeek[]; shown: number | null } = $props();

  const option = (): EChartsOption => {
    const { ink, edge, jump: gold, lift: blue, rule } = inksOf();
    const grid = (top: number, height: number) => ({ left: 76, right: 0, top, height });
    const names = weeks.map(({ number }) => String(number));
    const x = (i: number) => ({
      type: 'category' as const,
      data: names,
      gridIndex: i,
      axisTick: { show: false },
      axisLabel: { show: false },
      axisLine: { lineStyle: { color: rule } },
    });
    const y = (i: number, over: object = {}) => ({
      type: 'value' as const,
      gridIndex: i,
      splitNumber: 2,
      axisLabel: { color: edge, fontSize: 11 },
      splitLine: { lineStyle: { color: rule } },
      ...over,
    });
    const band = (at: 0 | 1) => ({
      name: at === 0 ? 'at least' : 'at most',
      type: 'line' as const,
      step: 'middle' as const,
      symbol: 'none',
      lineStyle: { color: edge, width: 1, type: 'dashed' as const },
      itemStyle: { color: edge },
      data: weeks.map((week) => week.band?.[at] ?? null),
    });
    return {
      aria: {
        enabled: true,
        label: { description: 'Hard sets, contacts and intensity of each week; the table below holds the numbers.' },
      },
      animation: false,
      textStyle: { fontFamily: 'Archivo Variable, system-ui, sans-serif', color: ink },
      tooltip: { trigger: 'axis' },
      grid: [grid(8, 92), grid(116, 56), grid(188, 40)],
      xAxis: [x(0), x(1), x(2)],
      yAxis: [y(0), y(1, { inverse: true }), y(2, { min: 50, max: 100, interval: 25 })],
      series: [
        {
          name: 'hard sets',
          type: 'bar',
          barWidth: '62%',
          data: weeks.map(({ sets, number, closed }) => ({
            value: closed ? 0 : sets,
            itemStyle: { color: number === shown ? ink : 'transparent', borderColor: ink, borderWidth: 1.5 },
          })),
        },
        band(0),
        band(1),
        {
          name: 'contacts, weighted',
          type: 'bar',
          barWidth: '62%',
          xAxisIndex: 1,
          yAxisIndex: 1,
          data: weeks.map(({ contacts, number }) => ({
            value: contacts,
            itemStyle: { color: number === shown ? gold : 'transparent', borderColor: gold, borderWidth: 1.5 },
          })),
        },
        {
          name: '% of 1RM',
          type: 'line',
          step: 'middle',
          symbol: 'none',
          xAxisIndex: 2,
          yAxisIndex: 2,
          lineStyle: { color: blue, width: 2 },
          itemStyle: { color: blue },
          data: weeks.map(({ intensity }) => (intensity === null ? null : Math.round(intensity * 100))),
        },
      ],
    };
  };
  /** a year of rows is made when it is asked for */
  let table = $state(false);
</script>

<div class="rows">
  <p><b>Hard sets</b><br /><span class="note">dashed: range</span></p>
  <p><b>Contacts</b><br /><span class="note">weighted</span></p>
  <p><b>Intensity</b><br /><span class="note">% of 1RM</span></p>
  <div class="chart" {@attach chart(option)}></div>
</div>
<details bind:open={table}>
  <summary>As a table</summary>
  {#if table}<table class="numbers">
      <thead
        ><tr
          ><th>Week</th><th>From</th><th>Phase</th><th>Block</th><th>Hard sets</th><th>Range</th><th>Contacts</th><th
            >Intensity</th
          ><th>Lifts</th></tr
        ></thead
      >
      <tbody>
        {#each weeks as { number, start, phaseName, closed, block, week, kind, sets, band, contacts, intensity, lifts } (number)}
          <tr
            ><td>{number}</td><td>{longDate(start)}</td><td>{closed ? 'closed' : phaseName}</td><td
              >{block === null
                ? ''
                : `${String(block)}, week ${String(week)}${kind === 'lighter' ? ', lighter' : ''}`}</td
            ><td>{sets}</td><td>{band ? `${String(band[0])}–${String(band[1])}` : ''}</td><td>{contacts}</td><td
              >{intensity === null ? '' : `${String(Math.round(intensity * 100))} %`}</td
            ><td>{lifts}</td></tr
          >
        {/each}
      </tbody>
    </table>{/if}
</details>

<style>
  .rows {
    position: relative;
  }
  .rows p {
    position: absolute;
    left: 0;
    top: 8px;
    font-size: 12.5px;
    line-height: 1.2;
    width: 76px;
  }
  .rows p:nth-of-type(2) {
    top: 116px;
  }
  .rows p:nth-of-type(3) {
    top: 188px;
  }
  .note {
    font-size: 11px;
  }
  .chart {
    height: 236px;
  }
</style>
