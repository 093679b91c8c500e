<script lang="ts">
  import { shortDate } from '$lib/messages';
  import type { EChartsOption } from 'echarts';
  import type { SquadHistory } from '$lib/model/squad-history';
  import { chart } from '$lib/ui/charts/chart';
  import { inksOf } from '$lib/ui/charts/inks';

  let { planned }: { planned: SquadHistory['planned'] } = $props();

  const option = (): EChartsOption => {
    const inks = inksOf();
    const bar = { type: 'bar' as const, barMaxWidth: 22 };
    return {
      aria: {
        enabled: true,
        label: { description: 'Sets written and done by week. The table holds the same numbers.' },
      },
      animation: false,
      textStyle: { fontFamily: 'Archivo Variable, system-ui, sans-serif', color: inks.ink },
      tooltip: { trigger: 'axis' },
      grid: { left: 36, right: 8, top: 8, bottom: 22 },
      xAxis: {
        type: 'category',
        data: planned.map(({ start }) => `${shortDate(start)}`),
        axisLabel: { color: inks.edge, fontSize: 11 },
        axisLine: { lineStyle: { color: inks.rule } },
        axisTick: { show: false },
      },
      yAxis: {
        type: 'value',
        splitNumber: 2,
        axisLabel: { color: inks.edge, fontSize: 11 },
        splitLine: { lineStyle: { color: inks.rule } },
      },
      series: [
        {
          ...bar,
          name: 'written',
          barGap: '-100%',
          itemStyle: { color: inks.paper, borderColor: inks.ink, borderWidth: 1 },
          data: planned.map(({ written }) => (written === 0 ? null : written)),
        },
        {
          ...bar,
          name: 'done',
          itemStyle: { color: inks.ink },
          data: planned.map(({ done }) => (done === 0 ? null : done)),
        },
      ],
    };
  };
</script>

{#key planned}<div class="chart" {@attach chart(option)}></div>{/key}

<style>
  .chart {
    height: 120px;
  }
</style>
