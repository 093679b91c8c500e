<script lang="ts">
  import { HISTORY_WEEKS } from '$lib/model/athlete-history';
  import { massFromKg } from '$core/units';
  import type { DrawnChart } from '$lib/ui/charts/chart';
  import HistoryChart from '$lib/ui/history/HistoryChart.svelte';
  import HistoryDay from '$lib/ui/history/HistoryDay.svelte';
  import { labelledImage } from '$lib/ui/history/labelled-image';
  import { ticksOf } from '$lib/ui/history/history-rows';
  import { labelsOf } from '$lib/ui/history/row-labels';
  import HistoryTable from '$lib/ui/history/HistoryTable.svelte';

  let { data } = $props();
  const { athlete } = $derived(data);
  let table = $state(false);
  let drawn = $state<DrawnChart | null>(null);
  /** the newest day on which something was changed, until another is chosen */
  let chosen = $state<string | null>(null);
  const day = $derived(chosen ?? data.history.lines[0]?.day ?? data.history.to);
  const empty = $derived(
    data.history.measured.length === 0 && data.history.weeks.every(({ setsWritten }) => setsWritten === 0),
  );
  const about = $derived(
    [
      athlete.role,
      athlete.age === null ? null : `${String(athlete.age)} years`,
      athlete.bodyMassKg === null
        ? null
        : `${String(Math.round(massFromKg(athlete.bodyMassKg, data.massUnit)))} ${data.massUnit}`,
    ]
      .filter(Boolean)
      .join(', '),
  );
  const WORDS: Readonly<Record<number, string>> = { 6: '6 weeks', 14: '14 weeks', 104: '2 years' };
</script>

<svelte:head><title>{athlete.name}, history · Jaleo</title></svelte:head>
<header>
  <h1>{athlete.name}</h1>
  <span class="note">{about}</span>
  <nav aria-label="Parts of {athlete.name}’s page">
    <a href={data.here}>Today</a><a href="{data.here}/start">Reading</a><a
      href="{data.here}/history"
      aria-current="page">History</a
    >
  </nav>
  <nav class="end" aria-label="Time shown">
    {#each HISTORY_WEEKS as weeks (weeks)}
      <a href="?weeks={weeks}" aria-current={weeks === data.weeks ? 'true' : undefined}>{WORDS[weeks]}</a>
    {/each}
  </nav>
  <button class="quiet" aria-pressed={table} onclick={() => (table = !table)}>Table</button>
  {#if !table && !empty}<button
      class="quiet"
      disabled={drawn === null}
      onclick={() => {
        const link = document.createElement('a');
        link.href = drawn
          ? labelledImage(
              drawn.image(),
              labelsOf(data.history, data.massUnit),
              ticksOf(data.history),
              athlete.name,
              getComputedStyle(document.documentElement).getPropertyValue('--ink').trim(),
            )
          : '';
        link.download = `${athlete.name} history.svg`;
        link.click();
      }}>Save as image</button
    >{/if}
</header>
<div class="columns">
  <div class="main">
    {#if empty}<p>
        Nothing was measured or trained in the time shown. Tests and logged sets appear here by themselves.
      </p>{:else if table}<HistoryTable history={data.history} mass={data.massUnit} />{:else}<HistoryChart
        history={data.history}
        mass={data.massUnit}
        bind:day={() => day, (to) => (chosen = to)}
        ready={(one) => (drawn = one)}
      />
      <p class="keys note">
        <kbd>←</kbd> <kbd>→</kbd> day <kbd>PgUp</kbd> <kbd>PgDn</kbd> week. Filled points are tests, open ones sets of training.
      </p>
    {/if}
  </div>
  <aside><HistoryDay history={data.history} {day} mass={data.massUnit} /></aside>
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
  .end {
    margin-left: auto;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 262px;
  }
  .main {
    padding: 12px 16px 24px;
  }
  aside {
    border-left: var(--rule);
    padding: 14px 16px 32px;
    display: grid;
    gap: 18px;
    align-content: start;
  }
  .keys {
    margin: 8px 0 0;
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    aside {
      border-left: 0;
      border-top: var(--rule);
    }
  }
</style>
