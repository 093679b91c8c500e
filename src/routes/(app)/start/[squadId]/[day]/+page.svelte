<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button } from 'carbon-components-svelte';
  import { GridState } from '$lib/ui/startline/grid-state.svelte';
  import { MatFeed } from '$lib/ui/startline/mat-feed';
  import { MatListener } from '$lib/ui/measure/mat-listener.svelte';
  import ChooseTests from '$lib/ui/startline/ChooseTests.svelte';
  import DayFoot from '$lib/ui/startline/DayFoot.svelte';
  import { gridOf } from '$lib/model/sent-grid';
  import TestGrid from '$lib/ui/startline/TestGrid.svelte';
  import type { UnitSystem } from '$lib/ui/startline/units';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { data, form } = $props();

  const UNITS_KEY = 'jaleo-units';
  // a day of its own keeps its own notebook
  const grid = $derived.by(() => {
    const page = gridOf(data.grid);
    return untrack(() => new GridState(page, data.massUnit === 'lb' ? 'imperial' : 'metric'));
  });
  let choosing = $state(false);

  $effect(() => {
    const mine = grid;
    void mine.start(data.person.id);
    return () => {
      mine.stop();
      mat.stop();
    };
  });
  onMount(() => {
    const kept = localStorage.getItem(UNITS_KEY);
    if (kept === 'metric' || kept === 'imperial') grid.system = kept;
  });
  function setUnits(system: UnitSystem): void {
    grid.system = system;
    localStorage.setItem(UNITS_KEY, system);
  }

  let matSaid = $state('');
  const feed = $derived(new MatFeed(grid));
  const mat = new MatListener((jump) => {
    void feed.landed(jump).then((said) => (matSaid = said));
  });
  const MAT_WORDS = {
    off: '',
    waiting: 'Waiting for the mat',
    on: 'Mat listening: jumps go into the chosen cell',
    absent: 'No mat answers. Start it, then listen again.',
    unplugged: 'The mat went away. What it gave is kept; plug it in and listen again.',
  } as const;
  const total = $derived(data.grid.athletes.length * grid.columns.length);
  const question = $derived(grid.question);
  const focusable = $derived(
    data.grid.athletes.flatMap(({ id, focus }) => {
      const reading = grid.readings.get(id);
      // what is only preliminary is not made a focus for a whole squad at once
      const wanted = reading && (reading.limiting || !reading.preliminary) ? reading.focus : null;
      return wanted && wanted !== focus?.id ? [{ athleteId: id, focus: wanted }] : [];
    }),
  );
</script>

<svelte:head><title>Start line · {data.squad.name} · Jaleo</title></svelte:head>

<div class="page">
  <header>
    <h1>Start line</h1>
    <p class="note">
      {data.proposed ? 'Proposed: what most of the squad lacks' : 'Testing day'}, {data.dayWords} ·
      <b>{data.grid.athletes.length}</b> athletes · <b>{grid.filled}</b> of {total} values
      {#if grid.others.length > 0}· {grid.others.join(', ')} writing too{/if}
    </p>
    <span class="acts">
      <a class="quiet" href="/start/{data.squad.id}/groups">Who has what focus</a>
      {#if data.may.write}
        <QuietButton aria-pressed={mat.state === 'on'} onclick={() => (mat.state === 'on' ? mat.stop() : mat.start())}
          >{mat.state === 'on' ? 'Stop the mat' : 'Listen to the mat'}</QuietButton
        >
      {/if}
      {#if data.may.write}<Button size="small" kind="tertiary" href="/start/{data.squad.id}/{data.grid.day}/import"
          >Import a file</Button
        >{/if}
      {#if data.may.plan}
        <Button size="small" kind="tertiary" on:click={() => (choosing = !choosing)} aria-expanded={choosing}
          >{choosing ? 'Close' : 'Choose tests'}</Button
        >
        {#if focusable.length > 0}
          <form method="post" action="?/focus" use:enhance={keep}>
            <CommandId of="focus" />
            <input type="hidden" name="focuses" value={JSON.stringify(focusable)} />
            <Button type="submit" size="small">Set focus for {focusable.length}</Button>
          </form>
        {/if}
      {/if}
    </span>
  </header>

  {#if choosing}
    <ChooseTests
      specs={data.grid.specs}
      chosen={data.grid.tests}
      kept={data.chosen}
      batteries={data.batteries}
      message={form?.message ?? null}
      onkept={() => (choosing = false)}
    />
  {/if}

  {#if data.grid.athletes.length === 0}
    <p>This squad has no athletes yet. <a href="/squad/{data.squad.id}">Add them first.</a></p>
  {:else}
    {#key grid}<TestGrid {grid} focuses={data.focuses} editable={data.may.write} />{/key}
    <p class="legend note">
      <span><i class="stroke"></i> outside the pass mark</span>
      <span><i class="dash"></i> asks before it counts</span>
      <span>· not tested</span>
      <span><i class="grey">41.2</i> from an earlier day</span>
      <span class="keys"
        ><kbd>arrows</kbd> move <kbd>Enter</kbd> down <kbd>/</kbd> other side <kbd>-</kbd> not tested <kbd>F2</kbd> change</span
      >
      <span class="units" role="group" aria-label="Units">
        <button aria-pressed={grid.system === 'metric'} onclick={() => setUnits('metric')}>cm · kg</button>
        <button aria-pressed={grid.system === 'imperial'} onclick={() => setUnits('imperial')}>in · lb</button>
      </span>
    </p>
  {/if}

  <DayFoot
    {grid}
    {question}
    mat={mat.state === 'off' ? '' : `${MAT_WORDS[mat.state]}${matSaid === '' ? '' : `: ${matSaid}.`}`}
    editable={data.may.write}
  />
</div>

<style>
  .page {
    display: flex;
    flex-direction: column;
    min-height: calc(100vh - 62px);
    padding: 14px 16px 0;
    gap: 8px;
  }
  header {
    display: flex;
    gap: 8px 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
    margin-left: auto;
  }
  .legend {
    display: flex;
    gap: 6px 18px;
    flex-wrap: wrap;
    align-items: center;
    padding: 4px 0;
  }
  .legend .keys {
    margin-left: auto;
  }
  .stroke {
    display: inline-block;
    width: 3px;
    height: 12px;
    background: var(--ink);
    vertical-align: -1px;
  }
  .dash {
    display: inline-block;
    width: 18px;
    height: 11px;
    border: 2px dashed var(--almagre-t);
    vertical-align: -2px;
  }
  .grey {
    font-style: normal;
    color: var(--pizarra);
  }
  kbd {
    border: 1px solid var(--edge);
    padding: 0 4px;
    font: inherit;
    font-size: 11px;
    margin-left: 6px;
  }
  .units {
    display: inline-flex;
  }
  .units button {
    border: 1px solid var(--edge);
    background: transparent;
    color: var(--ink);
    min-height: 26px;
    padding: 0 8px;
    cursor: pointer;
  }
  .units button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--cal);
  }
  @media (max-width: 700px) {
    .acts {
      margin-left: 0;
    }
    .acts :global(.quiet) {
      white-space: nowrap;
    }
  }
  @media (pointer: coarse) {
    .units button {
      min-height: 44px;
    }
  }
</style>
