<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import { goto } from '$app/navigation';
  import Ratios from '$lib/ui/balance/Ratios.svelte';
  import WeekLoads from '$lib/ui/balance/WeekLoads.svelte';
  import { MUSCLE_WORDS } from '$lib/messages';

  let { data } = $props();
  const base = $derived(`/squad/${data.squad.id}/balance`);
</script>

<svelte:head><title>Balance · {data.squad.name} · Jaleo</title></svelte:head>
<div class="page">
  <header>
    <h1>Balance and load</h1>
    <a class="quiet" href="/squad/{data.squad.id}">{data.squad.name}</a>
    <span class="who">
      <Select
        labelText="Whose"
        size="sm"
        selected={data.athleteId ?? ''}
        on:update={({ detail }) => {
          if (String(detail) !== (data.athleteId ?? '')) void goto(detail ? `${base}?for=${String(detail)}` : base);
        }}
      >
        <SelectItem value="" text="{data.squad.name}, the average athlete" />
        {#each data.athletes as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
      </Select>
    </span>
  </header>
  <Ratios windows={data.windows} />
  <section>
    <h2>Forgotten</h2>
    {#if data.neglected.length === 0 && data.slowOnly.length === 0}
      <p class="note">Nothing in the last {data.forgottenDays} days.</p>
    {/if}
    {#each data.neglected as muscle (muscle)}
      <p class="line">
        <span><b>{MUSCLE_WORDS[muscle]}</b>: under two hard sets in {data.forgottenDays} days</span>
        <span
          >{#if data.may.plan}<a class="quiet" href="{data.next}?find={encodeURIComponent(MUSCLE_WORDS[muscle])}"
              >Find work for the next card</a
            >{/if} <span class="rule-id">LED-1</span></span
        >
      </p>
    {/each}
    {#each data.slowOnly as muscle (muscle)}
      <p class="line">
        <span><b>{MUSCLE_WORDS[muscle]}</b>: slow work only, nothing fast in {data.forgottenDays} days</span>
        <span class="rule-id">LED-3</span>
      </p>
    {/each}
  </section>
  <WeekLoads load={data.load} />
</div>

<style>
  .page {
    padding: 14px 20px 32px 16px;
    display: grid;
    gap: 22px;
    align-content: start;
    max-width: 980px;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .who {
    margin-left: auto;
    min-width: 240px;
  }
  section {
    display: grid;
    gap: 4px;
  }
  .line {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 4px 12px;
    border-bottom: var(--rule);
    padding: 6px 0;
  }
</style>
