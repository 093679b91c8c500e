<script lang="ts">
  import type { MassUnit } from '$core/units';
  import type { SquadHistory } from '$lib/model/squad-history';
  import { chart, type DrawnChart } from '$lib/ui/charts/chart';
  import { inksOf } from './inks';
  import { figureOf, shownUnit, shownValue } from './shown-value';
  import { CELL, squadOption } from './squad-option';

  let {
    history,
    squadId,
    mass,
    ready,
  }: { history: SquadHistory; squadId: string; mass: MassUnit; ready: (drawn: DrawnChart | null) => void } = $props();

  let width = $state(0);
  const columns = $derived(Math.max(1, Math.floor(width / CELL.width)));
  const rows = $derived(Math.ceil(history.athletes.length / columns));
</script>

<div class="box" bind:clientWidth={width} style:height="{rows * CELL.height}px">
  {#if width > 0}
    {#key `${history.measure} ${history.from} ${String(columns)}`}
      <div class="chart" {@attach chart(() => squadOption(history, columns, mass, inksOf()), ready)}></div>
    {/key}
    {#each history.athletes as { id, name, series, moved }, i (id)}
      {@const last = series?.points.at(-1)}
      <a
        href="/squad/{squadId}/{id}/history"
        style:left="{(i % columns) * CELL.width}px"
        style:top="{Math.floor(i / columns) * CELL.height}px"
        style:width="{CELL.width - CELL.right}px"
        style:height="{CELL.height - 6}px"
      >
        <b>{name}</b>
        <span class="note"
          >{#if series && last}<span class="figure"
              >{figureOf(shownValue(last.value, series.as, mass), series.as)} {shownUnit(series.as, mass)}</span
            >{#if moved}, {moved.change >= 0 ? '+' : '−'}
              {figureOf(Math.abs(shownValue(moved.change, series.as, mass)), series.as)}
              {moved.beyond ? 'beyond its error' : 'within its error'}{/if}{:else}not measured in this time{/if}</span
        >
      </a>
    {/each}
  {/if}
</div>

<style>
  .box {
    position: relative;
  }
  .chart {
    position: absolute;
    inset: 0;
  }
  a {
    position: absolute;
    display: block;
    color: inherit;
    text-decoration: none;
    line-height: 17px;
    font-stretch: 92%;
  }
  a b,
  a .note {
    display: block;
  }
  a:hover b {
    text-decoration: underline;
  }
</style>
