<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Difference } from '$core/load';
  import CompareChart from '$lib/ui/season/CompareChart.svelte';
  import { compareInWorker } from '$lib/workers/what-if';

  let { data } = $props();
  const { squad, other, now, asked } = $derived(data);
  let found = $state<{ fitted: boolean; days: Difference[] } | null>(null);
  const isSame = $derived(other.loading === now.loading && other.sessionsAWeek === now.sessionsAWeek);

  $effect(() => {
    let gone = false;
    found = null;
    void compareInWorker(asked).then((answer) => {
      if (!gone) found = answer;
    });
    return () => (gone = true);
  });

  const percent = (value: number): string =>
    `${value > 0 ? '+' : ''}${String(Math.round(value * 1000) / 10).replace('-', '−')} %`;
  const said = (at: number): string => {
    const day = found?.days[at];
    return day ? `${percent(day.middle)}, from ${percent(day.low)} to ${percent(day.high)}` : '';
  };
  const planWords = ({ loading, sessionsAWeek }: typeof now): string =>
    `${loading}, ${sessionsAWeek === null ? 'every gym day' : `${String(sessionsAWeek)} a week`}`;
</script>

<svelte:head><title>Two plans, {squad.name} · Jaleo</title></svelte:head>
<div class="page">
  <header>
    <h1>Two plans</h1>
    <span class="note">{planWords(now)} beside {planWords(other)}, from today on</span>
    <a class="quiet" href="/season/{squad.id}">Back to the season</a>
  </header>
  <form method="get" class="ask">
    <Select size="sm" labelText="The other plan loads by" name="loading" selected={other.loading}
      >{#each data.loadings as one (one)}<SelectItem value={one} text={one} />{/each}</Select
    >
    <Select
      size="sm"
      labelText="Sessions a week"
      name="sessions"
      selected={other.sessionsAWeek === null ? 'all' : String(other.sessionsAWeek)}
      ><SelectItem value="all" text="every gym day" />{#each [1, 2, 3, 4] as count (count)}<SelectItem
          value={String(count)}
          text={String(count)}
        />{/each}</Select
    >
    <Button type="submit" size="small">Hold them side by side</Button>
  </form>
  <table>
    <thead><tr><th scope="col">From today on</th><th scope="col">As it is</th><th scope="col">The other</th></tr></thead
    >
    <tbody>
      {#each [['Sessions', 'sessions'], ['Hard sets', 'sets'], ['Contacts, weighted', 'contacts']] as const as [name, key] (key)}
        <tr><th scope="row">{name}</th><td>{data.sums[0]?.[key]}</td><td>{data.sums[1]?.[key]}</td></tr>
      {/each}
    </tbody>
  </table>
  {#if isSame}
    <p class="note">Both are the same plan: choose another school or number of sessions.</p>
  {:else}
    <section aria-label="Fitness and fatigue">
      <h2>Fitness less fatigue</h2>
      {#if !found}<p class="note" role="status">Working it out…</p>
      {:else}
        {#each data.events as { name, words, at } (at)}
          <p>
            <b>{name}</b>, {words}: the other plan stands at <b>{said(at)}</b>
            {found.fitted ? 'of the squad’s usual jump' : 'of the fitness this plan builds'}.
          </p>
        {:else}<p class="note">No event ahead: the curve shows the whole season.</p>{/each}
        <CompareChart days={found.days} from={data.from} today={data.today} />
        <p class="note">
          {found.fitted
            ? `Fitted to ${String(asked.tests.length)} jump tests of most of the squad, with what was left over drawn again.`
            : `Fewer than ${String(asked.least)} tests of most of the squad: the band covers all that published fits allow.`}
          Two fading memories of minutes × effort are a rough picture: they know nothing of what a session trains, of sleep
          or of injury, and an event’s minutes are a guess. Where the band lies on both sides of zero, neither plan is told
          to be better.
        </p>
      {/if}
    </section>
    <section aria-label="What would move">
      <h2>What would move</h2>
      <ul>
        {#each data.moved as words, i (i)}<li>{words}</li>{:else}<li class="note">No week changes.</li>{/each}
        {#if data.more > 0}<li class="note">and {data.more} more</li>{/if}
      </ul>
      <p><a class="quiet" href="/settings?squad={squad.id}">Change the school in Settings</a></p>
    </section>
  {/if}
</div>

<style>
  .page {
    padding: 14px 16px 32px;
    display: grid;
    gap: 18px;
    max-width: 860px;
  }
  header {
    display: flex;
    gap: 18px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  header .quiet {
    margin-left: auto;
  }
  .ask {
    display: flex;
    gap: 16px;
    align-items: end;
    flex-wrap: wrap;
  }
  section {
    display: grid;
    gap: 10px;
    grid-template-columns: minmax(0, 1fr);
  }
  table {
    border-collapse: collapse;
    justify-self: start;
  }
  th,
  td {
    text-align: left;
    padding: 4px 24px 4px 0;
    border-bottom: var(--rule);
  }
  ul {
    margin: 0;
    padding-left: 18px;
  }
</style>
