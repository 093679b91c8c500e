<script lang="ts">
  import { massFromKg } from '$core/units';
  import HistoryBar from '$lib/ui/history/HistoryBar.svelte';
  import HistoryChart from '$lib/ui/history/HistoryChart.svelte';
  import HistoryDay from '$lib/ui/history/HistoryDay.svelte';
  import HistoryTable from '$lib/ui/history/HistoryTable.svelte';

  let { data } = $props();
  const { athlete } = $derived(data);
  let table = $state(false);
  let image = $state<(() => string) | null>(null);
  /** the newest day of the axis on which something was changed, until another is chosen */
  let chosen = $state<string | null>(null);
  const day = $derived(
    chosen ?? data.history.lines.find((line) => line.day <= data.history.to)?.day ?? data.history.to,
  );
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
</script>

<svelte:head><title>{athlete.name}, history · Jaleo</title></svelte:head>
<HistoryBar
  weeks={data.weeks}
  link={(weeks) => `?weeks=${String(weeks)}`}
  bind:table
  image={table ? null : image}
  file="{athlete.name} history"
>
  <h1>{athlete.name}</h1>
  <span class="note">{about}</span>
  <nav aria-label="Parts of {athlete.name}’s page">
    <a href={data.here}>Today</a><a href="{data.here}/start">Reading</a><a
      href="{data.here}/history"
      aria-current="page">History</a
    >
  </nav>
</HistoryBar>
<div class="columns">
  <div class="main">
    {#if empty}<p>
        Nothing was measured or trained in the time shown. Tests and logged sets appear here by themselves.
      </p>{:else if table}<HistoryTable history={data.history} mass={data.massUnit} />{:else}<HistoryChart
        history={data.history}
        mass={data.massUnit}
        bind:day={() => day, (to) => (chosen = to)}
        title={athlete.name}
        ready={(one) => (image = one)}
      />
      <p class="keys note">
        <kbd>←</kbd> <kbd>→</kbd> day <kbd>PgUp</kbd> <kbd>PgDn</kbd> week. Filled points are tests, open ones sets of training.
      </p>
    {/if}
  </div>
  <aside><HistoryDay history={data.history} {day} mass={data.massUnit} /></aside>
</div>

<style>
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
