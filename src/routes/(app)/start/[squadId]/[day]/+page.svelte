<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { enhance } from '$app/forms';
  import { Button, Checkbox, TextInput } from 'carbon-components-svelte';
  import { TIER_NAMES, type TestSpec } from '$core/testing';
  import { GridState, type OpenQuestion } from '$lib/ui/startline/grid-state.svelte';
  import { MatFeed } from '$lib/ui/startline/mat-feed';
  import { MatListener } from '$lib/ui/measure/mat-listener.svelte';
  import TestGrid from '$lib/ui/startline/TestGrid.svelte';
  import { showCell, specIn, type UnitSystem } from '$lib/ui/startline/units';

  let { data, form } = $props();

  const UNITS_KEY = 'jaleo-units';
  // a day of its own keeps its own notebook
  const grid = $derived.by(() => {
    const page = data.grid;
    return untrack(() => new GridState(page, data.massUnit === 'lb' ? 'imperial' : 'metric'));
  });
  let choosing = $state(false);
  const picked = $derived(new Set(data.grid.tests));
  let toggled = $state<Record<string, boolean>>({});
  const isOn = (id: string): boolean => toggled[id] ?? picked.has(id);
  const groups = $derived(
    [...TIER_NAMES, null].map((tier) => ({
      name: tier ?? 'levers and records',
      specs: data.grid.specs.filter((spec) => spec.tier === tier),
    })),
  );
  const minutes = $derived(
    data.grid.specs.filter(({ id }) => isOn(id)).reduce((sum: number, spec: TestSpec) => sum + spec.minutes, 0),
  );

  $effect(() => {
    const mine = grid;
    void mine.start();
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
  const nameOf = (id: string): string => data.grid.athletes.find((athlete) => athlete.id === id)?.name ?? '';
  const shown = (value: number, { column }: OpenQuestion): string =>
    `${showCell({ ...BARE, value }, column.spec, grid.system)} ${specIn(column.spec, grid.system).unit}`;
  const BARE = { joints: null, loadKg: null, reps: null, rir: null };
  const sideWord = ({ column }: OpenQuestion): string => (column.side === 'both' ? '' : ` ${column.side}`);
  const focusable = $derived(
    data.grid.athletes.flatMap(({ id, focus }) => {
      const reading = grid.readings.get(id);
      // what is only preliminary is not made a focus for a whole squad at once
      const wanted = reading && (reading.limiting || !reading.preliminary) ? reading.focus : null;
      return wanted && wanted !== focus?.id ? [{ athleteId: id, focus: wanted }] : [];
    }),
  );
  function goTo({ athleteId, column }: OpenQuestion): void {
    grid.row = data.grid.athletes.findIndex(({ id }) => id === athleteId);
    grid.col = grid.columns.indexOf(column);
    grid.typing = grid.textAt(grid.row, grid.col);
  }
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
        <button
          class="quiet"
          aria-pressed={mat.state === 'on'}
          onclick={() => (mat.state === 'on' ? mat.stop() : mat.start())}
          >{mat.state === 'on' ? 'Stop the mat' : 'Listen to the mat'}</button
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
          <form
            method="post"
            action="?/focus"
            use:enhance={() =>
              ({ update }) =>
                update({ reset: false })}
          >
            <input type="hidden" name="focuses" value={JSON.stringify(focusable)} />
            <Button type="submit" size="small">Set focus for {focusable.length}</Button>
          </form>
        {/if}
      {/if}
    </span>
  </header>

  {#if choosing}
    <form
      class="choose"
      method="post"
      action="?/tests"
      use:enhance={() =>
        async ({ result, update }) => {
          await update({ reset: false });
          if (result.type === 'success') choosing = false;
        }}
    >
      {#if data.batteries.length > 0}
        <p>
          <span class="label">Kept sets</span>
          {#each data.batteries as { id, name, tests } (id)}
            <button
              type="button"
              class="quiet"
              onclick={() =>
                (toggled = Object.fromEntries(data.grid.specs.map((spec) => [spec.id, tests.includes(spec.id)])))}
              >{name}</button
            >
          {/each}
        </p>
      {/if}
      <div class="groups">
        {#each groups as { name, specs } (name)}
          <fieldset>
            <legend>{name}</legend>
            {#each specs as spec (spec.id)}
              <Checkbox
                name="tests"
                value={spec.id}
                labelText={spec.name}
                checked={isOn(spec.id)}
                on:check={({ detail }) => (toggled = { ...toggled, [spec.id]: detail })}
              />
            {/each}
          </fieldset>
        {/each}
      </div>
      <div class="keep">
        <TextInput size="sm" name="name" labelText="Keep this set as (may stay empty)" maxlength={60} />
        <Button type="submit" size="small" kind="tertiary">Use these tests</Button>
        <span class="note">about {minutes} min for each athlete in turn; stations side by side take less</span>
      </div>
      {#if form?.message}<p role="alert" class="warn-text">{form.message}</p>{/if}
    </form>
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

  <footer>
    {#if question}
      <p>
        <b>{nameOf(question.athleteId)}, {question.column.spec.short}{sideWord(question)}</b>
        {#if question.kind === 'refused'}
          {question.cell.trouble?.message}
        {:else if question.kind === 'conflict' && question.cell.view && question.cell.mine}
          {question.cell.view.by ?? 'Somebody else'} wrote
          <b>{showCell(question.cell.view, question.column.spec, grid.system) || 'nothing'}</b>; here it is
          <b>{showCell(question.cell.mine, question.column.spec, grid.system) || 'nothing'}</b>.
        {:else if question.cell.view}
          {@const last = grid.lastOf(question.athleteId, question.column)}
          {@const likely = grid.likelyOf(question.athleteId, question.column)}
          <b>{showCell(question.cell.view, question.column.spec, grid.system)}</b> is far from the last,
          {last ? `${shown(last.value, question)} on ${last.day}` : ''}.
          {#if likely}Likely is {shown(likely[0], question)} to {shown(likely[1], question)}.{/if}
        {/if}
      </p>
      {#if data.may.write}
        <span class="acts">
          {#if question.kind === 'asks'}
            <Button size="small" kind="tertiary" on:click={() => grid.keepAsked(question)}>It is right</Button>
          {:else if question.kind === 'conflict'}
            <Button size="small" kind="tertiary" on:click={() => grid.resolve(question, 'theirs')}>Theirs</Button>
            <Button size="small" kind="tertiary" on:click={() => grid.resolve(question, 'mine')}>Mine</Button>
          {/if}
          {#if question.kind !== 'conflict'}
            <Button size="small" kind="tertiary" on:click={() => goTo(question)}>Change it</Button>
            <button class="quiet" onclick={() => grid.clear(question.athleteId, question.column)}>Take it off</button>
          {/if}
        </span>
      {/if}
    {:else}
      <p class="note" role="status">
        {MAT_WORDS[mat.state]}{matSaid === '' || mat.state === 'off' ? '' : `: ${matSaid}.`}
        {grid.pasted}
        {grid.queue.away
          ? `Server away: ${String(grid.queue.waiting)} ${grid.queue.waiting === 1 ? 'value' : 'values'} kept in this browser, sent when it is back.`
          : grid.queue.waiting > 0
            ? `${String(grid.queue.waiting)} on the way`
            : 'All kept.'}
      </p>
    {/if}
  </footer>
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
  .choose {
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
    display: grid;
    gap: 12px;
  }
  .choose p {
    display: flex;
    gap: 12px;
  }
  .groups {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
    gap: 16px;
  }
  fieldset {
    border: 0;
    padding: 0;
    margin: 0;
  }
  legend {
    font-weight: 620;
    font-stretch: 108%;
    font-size: 13px;
  }
  .keep {
    display: flex;
    gap: 12px;
    align-items: end;
    flex-wrap: wrap;
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
  footer {
    position: sticky;
    bottom: 0;
    margin-top: auto;
    display: flex;
    gap: 12px;
    align-items: center;
    flex-wrap: wrap;
    min-height: 50px;
    margin-inline: -16px;
    padding: 8px 16px;
    background: var(--cal-1);
    border-top: 2px solid var(--ink);
  }
  @media (max-width: 700px) {
    .acts {
      margin-left: 0;
    }
    .acts .quiet {
      white-space: nowrap;
    }
  }
  @media (pointer: coarse) {
    .units button {
      min-height: 44px;
    }
  }
</style>
