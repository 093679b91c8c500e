<script lang="ts">
  import { longDate, shortDate } from '$lib/messages';
  import { addDays, daysBetween, type Day } from '$core/calendar';
  import type { MassUnit } from '$core/units';
  import type { AthleteHistory } from '$lib/model/athlete-history';
  import { chart, type DrawnChart } from '$lib/ui/charts/chart';
  import { inksOf } from '$lib/ui/charts/inks';
  import { besideRows, labelledImage } from './labelled-image';
  import { historyOption } from './history-option';
  import { labelsOf } from './row-labels';
  import { LEFT, RIGHT, rowsOf, ticksOf } from './history-rows';

  let {
    history,
    mass,
    title,
    day = $bindable(),
    ready,
  }: {
    history: AthleteHistory;
    mass: MassUnit;
    title: string;
    day: Day;
    ready: (image: (() => string) | null) => void;
  } = $props();

  const height = $derived(rowsOf(history).height);
  const labels = $derived(labelsOf(history, mass));
  const days = $derived(daysBetween(history.from, addDays(history.to, 1)));
  const at = $derived(Math.min(1, Math.max(0, daysBetween(history.from, day) / days)));
  const drawn = (one: DrawnChart | null): void => {
    ready(one && (() => labelledImage(one.image(), besideRows(labels, ticksOf(history), title), inksOf().ink)));
  };

  let box = $state<HTMLElement>();
  const dayAt = (clientX: number): Day => {
    const { left, width } = box?.getBoundingClientRect() ?? { left: 0, width: 1 };
    const part = (clientX - left - LEFT) / Math.max(1, width - LEFT - RIGHT);
    return addDays(history.from, Math.min(days - 1, Math.max(0, Math.floor(part * days))));
  };
  const to = (by: number): void => {
    const next = addDays(day, by);
    if (next >= history.from && next <= history.to) day = next;
  };
  const KEYS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, PageUp: -7, PageDown: 7 };
</script>

<div
  class="box"
  bind:this={box}
  style:height="{height}px"
  style:--left="{LEFT}px"
  style:--right="{RIGHT}px"
  role="slider"
  tabindex="0"
  aria-label="Day looked at"
  aria-valuemin={0}
  aria-valuemax={days - 1}
  aria-valuenow={daysBetween(history.from, day)}
  aria-valuetext={longDate(day)}
  onclick={(event) => (day = dayAt(event.clientX))}
  onkeydown={(event) => {
    const by = KEYS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    to(by);
  }}
>
  <div class="phases" aria-hidden="true">
    {#each history.phases as { name, from, to: until }, i (i)}
      <span
        class:now={i === history.phases.length - 1}
        style:left="{(daysBetween(history.from, from) / days) * 100}%"
        style:width="{((daysBetween(from, until) + 1) / days) * 100}%">{name}</span
      >
    {/each}
  </div>
  <div class="ticks" aria-hidden="true">
    {#each ticksOf(history) as { at: share, name } (name)}<span style:left="{share * 100}%">{name}</span>{/each}
  </div>
  {#key history}<div class="chart" {@attach chart(() => historyOption(history, mass, inksOf()), drawn)}></div>{/key}
  <div aria-hidden="true">
    {#each labels as { top, height: tall, name, last }, i (i)}
      <span class="beside" style:top="{top}px" style:min-height="{tall}px"
        ><b>{name[0]}</b><span class="note">{name[1]}</span></span
      >
      <span class="beside last" style:top="{top}px" style:min-height="{tall}px"
        ><b class="figure">{last[0]}</b><span class="note">{last[1]}</span></span
      >
    {/each}
  </div>
  <div class="cursor" style:--at={at} aria-hidden="true"><span>{shortDate(day)}</span></div>
</div>

<style>
  .box {
    position: relative;
    cursor: crosshair;
  }
  .box:focus-visible {
    outline: 2px solid var(--focus, var(--anil));
    outline-offset: 2px;
  }
  .chart {
    position: absolute;
    inset: 0;
  }
  .beside {
    position: absolute;
    left: 0;
    width: calc(var(--left) - 40px);
    display: grid;
    align-content: center;
    font-size: 13.5px;
    line-height: 16px;
    font-stretch: 92%;
  }
  .last {
    left: auto;
    right: 0;
    width: calc(var(--right) - 10px);
  }
  .phases {
    position: absolute;
    left: var(--left);
    right: var(--right);
    top: 0;
    height: 20px;
  }
  .ticks {
    position: absolute;
    left: var(--left);
    right: var(--right);
    top: 24px;
    bottom: 8px;
  }
  .ticks span {
    position: absolute;
    top: 0;
    bottom: 0;
    border-left: var(--rule);
    padding-left: 4px;
    font: 420 11px/16px var(--font, inherit);
    color: var(--edge);
    white-space: nowrap;
  }
  .phases span {
    position: absolute;
    height: 20px;
    border: 1px solid var(--ink);
    font: 600 11.5px/18px var(--font, inherit);
    font-stretch: 88%;
    text-align: center;
    overflow: hidden;
    white-space: nowrap;
  }
  .phases .now {
    background: var(--ink);
    color: var(--cal);
  }
  .cursor {
    position: absolute;
    top: 24px;
    bottom: 8px;
    left: calc(var(--left) + (100% - var(--left) - var(--right)) * var(--at));
    border-left: 1.5px solid var(--ink);
    pointer-events: none;
  }
  .cursor span {
    position: absolute;
    top: 0;
    left: -22px;
    width: 44px;
    background: var(--ink);
    color: var(--cal);
    font: 600 11.5px/17px var(--font, inherit);
    text-align: center;
  }
</style>
