<script lang="ts">
  import { longDate } from '$lib/messages';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import HistoryBar from '$lib/ui/history/HistoryBar.svelte';
  import PlannedDone from '$lib/ui/history/PlannedDone.svelte';
  import { figureOf, shownUnit, shownValue } from '$lib/ui/history/shown-value';
  import SquadHistory from '$lib/ui/history/SquadHistory.svelte';

  let { data } = $props();
  const { history } = $derived(data);
  let table = $state(false);
  let image = $state<(() => string) | null>(null);
  const link = (weeks: number, of: string): string => `?weeks=${String(weeks)}&of=${encodeURIComponent(of)}`;
  const isEmpty = $derived(history.measures.length === 0);
</script>

<svelte:head><title>{data.squad.name}, history · Jaleo</title></svelte:head>
<HistoryBar
  weeks={history.weeks}
  link={(weeks) => link(weeks, history.measure)}
  bind:table
  image={table ? null : image}
  file="{data.squad.name} history"
>
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
</HistoryBar>
<div class="page">
  <section>
    <h2>Sets by week</h2>
    <p class="note">
      Written on the squad’s cards, and done by those who trained, on average{#if table}.{:else}: outline and solid.{/if}
    </p>
    {#if table}
      <table class="numbers">
        <thead><tr><th>From</th><th>Written</th><th>Done</th></tr></thead>
        <tbody>
          {#each history.planned as { start, written, done } (start)}<tr
              ><td>{longDate(start)}</td><td>{written}</td><td>{done}</td></tr
            >{/each}
        </tbody>
      </table>
    {:else}<PlannedDone planned={history.planned} />{/if}
  </section>
  <section>
    <h2>{history.measures.find(({ id }) => id === history.measure)?.name ?? 'Measures'}</h2>
    {#if isEmpty}<p>Nobody of the squad was measured in this time. Tests appear here by themselves.</p>
    {:else if table}
      <table class="numbers">
        <thead><tr><th>Athlete</th><th>Day</th><th>Value</th><th>From</th></tr></thead>
        <tbody>
          {#each history.athletes as { id, name, series } (id)}
            {#each series?.points ?? [] as { day, value, trained } (day)}
              <tr
                ><td>{name}</td><td>{longDate(day)}</td><td
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
      <SquadHistory {history} squadId={data.squad.id} mass={data.massUnit} ready={(one) => (image = one)} />
    {/if}
  </section>
</div>

<style>
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
</style>
