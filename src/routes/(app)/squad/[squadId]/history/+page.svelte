<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import { HISTORY_WEEKS } from '$lib/model/athlete-history';
  import type { DrawnChart } from '$lib/ui/charts/chart';
  import PlannedDone from '$lib/ui/history/PlannedDone.svelte';
  import { figureOf, shownUnit, shownValue } from '$lib/ui/history/shown-value';
  import SquadHistory from '$lib/ui/history/SquadHistory.svelte';

  let { data } = $props();
  const { history } = $derived(data);
  let table = $state(false);
  let drawn = $state<DrawnChart | null>(null);
  const WORDS: Readonly<Record<number, string>> = { 6: '6 weeks', 14: '14 weeks', 104: '2 years' };
  const link = (weeks: number, of: string): string => `?weeks=${String(weeks)}&of=${encodeURIComponent(of)}`;
  const isEmpty = $derived(history.measures.length === 0);
</script>

<svelte:head><title>{data.squad.name}, history · Jaleo</title></svelte:head>
<header>
  <h1>{data.squad.name}, history</h1>
  {#if !isEmpty}<span class="what">
      <Select
        labelText="Measure"
        size="sm"
        selected={history.measure}
        on:update={({ detail }) => {
          if (String(detail) !== history.measure) void goto(link(history.weeks, String(detail)));
        }}
      >
        {#each history.measures as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
    </span>{/if}
  <nav aria-label="Time shown">
    {#each HISTORY_WEEKS as weeks (weeks)}
      <a href={link(weeks, history.measure)} aria-current={weeks === history.weeks ? 'true' : undefined}
        >{WORDS[weeks]}</a
      >
    {/each}
  </nav>
  <button class="quiet" aria-pressed={table} onclick={() => (table = !table)}>Table</button>
  {#if !table && !isEmpty}<button
      class="quiet"
      disabled={drawn === null}
      onclick={() => {
        const anchor = document.createElement('a');
        anchor.href = drawn?.image() ?? '';
        anchor.download = `${data.squad.name} history.svg`;
        anchor.click();
      }}>Save as image</button
    >{/if}
</header>
<div class="page">
  <section>
    <h2>Sets by week</h2>
    <p class="note">
      Written on the squad’s cards, and done by those who trained, on average{#if table}.{:else}: outline and solid.{/if}
    </p>
    {#if table}
      <table>
        <thead><tr><th>From</th><th>Written</th><th>Done</th></tr></thead>
        <tbody>
          {#each history.planned as { start, written, done } (start)}<tr
              ><td>{start}</td><td>{written}</td><td>{done}</td></tr
            >{/each}
        </tbody>
      </table>
    {:else}<PlannedDone planned={history.planned} />{/if}
  </section>
  <section>
    <h2>{history.measures.find(({ id }) => id === history.measure)?.name ?? 'Measures'}</h2>
    {#if isEmpty}<p>Nobody of the squad was measured in this time. Tests appear here by themselves.</p>
    {:else if table}
      <table>
        <thead><tr><th>Athlete</th><th>Day</th><th>Value</th><th>From</th></tr></thead>
        <tbody>
          {#each history.athletes as { id, name, series } (id)}
            {#each series?.points ?? [] as { day, value, trained } (day)}
              <tr
                ><td>{name}</td><td>{day}</td><td
                  >{series
                    ? `${figureOf(shownValue(value, series.as, data.massUnit), series.as)} ${shownUnit(series.as, data.massUnit)}`
                    : ''}</td
                ><td>{trained ? 'training' : 'test'}</td></tr
              >
            {/each}
          {/each}
        </tbody>
      </table>
    {:else}
      <p class="note">
        Each about its own middle, as high for a kilogram or a centimetre, in the band of the typical error. Filled
        points are tests, open ones sets of training.
      </p>
      <SquadHistory {history} squadId={data.squad.id} mass={data.massUnit} ready={(one) => (drawn = one)} />
    {/if}
  </section>
</div>

<style>
  header {
    display: flex;
    gap: 14px;
    align-items: center;
    flex-wrap: wrap;
    padding: 10px 16px;
    border-bottom: var(--rule);
  }
  nav {
    display: flex;
    border: 1px solid var(--ink);
    margin-left: auto;
  }
  nav a {
    padding: 6px 12px;
    color: inherit;
    text-decoration: none;
    font-weight: 560;
    font-stretch: 92%;
  }
  nav a[aria-current] {
    background: var(--ink);
    color: var(--cal);
  }
  .what {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  .page {
    padding: 14px 16px 32px;
    display: grid;
    gap: 20px;
  }
  section {
    display: grid;
    gap: 6px;
    min-width: 0;
  }
  table {
    font-size: 13px;
    border-collapse: collapse;
    width: max-content;
  }
  th,
  td {
    text-align: left;
    padding: 3px 16px 3px 0;
    border-bottom: var(--rule);
  }
</style>
