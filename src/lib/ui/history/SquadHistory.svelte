<script lang="ts">
  import type { MassUnit } from '$core/units';
  import type { SquadHistory } from '$lib/model/squad-history';
  import { chart, type DrawnChart } from '$lib/ui/charts/chart';
  import { inksOf } from '$lib/ui/charts/inks';
  import { besideCells, cellsOf } from './athlete-cells';
  import { labelledImage } from './labelled-image';
  import { CELL, squadOption } from './squad-option';

  let {
    history,
    squadId,
    mass,
    ready,
  }: { history: SquadHistory; squadId: string; mass: MassUnit; ready: (image: (() => string) | null) => void } =
    $props();

  let width = $state(0);
  const columns = $derived(Math.max(1, Math.floor(width / CELL.width)));
  const cells = $derived(cellsOf(history, columns, mass));
  const drawn = (one: DrawnChart | null): void => {
    ready(one && (() => labelledImage(one.image(), besideCells(cells), inksOf().ink)));
  };
  const rows = $derived(Math.ceil(history.athletes.length / columns));
</script>

<div class="box" bind:clientWidth={width} style:height="{rows * CELL.height}px">
  {#if width > 0}
    {#key `${history.measure} ${history.from} ${String(columns)}`}
      <div class="chart" {@attach chart(() => squadOption(history, columns, mass, inksOf()), drawn)}></div>
    {/key}
    {#each cells as { id, name, value, moved, left, top } (id)}
      <a
        href="/squad/{squadId}/{id}/history"
        style:left="{left}px"
        style:top="{top}px"
        style:width="{CELL.width - CELL.right}px"
        style:height="{CELL.height - CELL.gap}px"
      >
        <b>{name}</b>
        <span class="note"
          >{#if value}<span class="figure">{value}</span>{/if}{value && moved ? ', ' : ''}{moved}</span
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
