<script lang="ts">
  import { onMount } from 'svelte';
  import CallItem from '$lib/ui/calls/CallItem.svelte';
  import TodaySide from '$lib/ui/calls/TodaySide.svelte';
  import { bindKeys } from '$lib/ui/shell/keys';

  let { data } = $props();
  const count = $derived(data.calls.length);
  const NUMBERS = ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine', 'Ten'];

  function step(by: number): void {
    const items = [...document.querySelectorAll<HTMLElement>('[data-call]')];
    const at = items.findIndex((item) => item.contains(document.activeElement));
    const to = items[Math.min(items.length - 1, Math.max(0, at + by))];
    // what answers the call, not what leads away from it
    const answer = ['.bx--btn:not(.quiet)', 'button', 'a'].flatMap(
      (kind) => to?.querySelector<HTMLElement>(kind) ?? [],
    )[0];
    answer?.focus();
  }
  onMount(() => bindKeys({ j: () => step(1), k: () => step(-1) }));
</script>

<svelte:head><title>Calls · Jaleo</title></svelte:head>
<div class="page">
  <section class="calls">
    <header>
      <h1>{NUMBERS[count] ?? count} {count === 1 ? 'call' : 'calls'}</h1>
      {#if count > 1}<span class="keys"><kbd>j</kbd><kbd>k</kbd> next, previous <kbd>Enter</kbd> the button</span>{/if}
    </header>
    {#each data.calls as call, i (call.key)}
      <CallItem
        {call}
        first={i === 0}
        mayPlan={data.may.plan}
        mayLog={data.may.log}
        places={data.places}
        mass={data.massUnit}
      />
    {:else}
      <div class="empty">
        {#if !data.hasSquads}
          <p>Start with a squad: its sport, its gym days, its athletes.</p>
          <p><a href="/squad">Make a squad</a></p>
        {:else}
          <p>Nothing waits for you.</p>
          {#each data.next as next (next.href)}<p>{next.squad}: <a href={next.href}>card for {next.day}</a></p>{/each}
        {/if}
      </div>
    {/each}
  </section>
  <TodaySide
    today={data.today}
    next={data.next}
    settled={data.settled}
    moved={data.moved}
    stepped={data.stepped}
    mornings={data.mornings}
    places={data.places}
    mayPlan={data.may.plan}
    mayLog={data.may.log}
  />
</div>

<style>
  .page {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 320px;
    min-height: calc(100vh - 62px);
  }
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    padding: 12px 18px 10px 16px;
    border-bottom: var(--bold-rule);
  }
  .keys {
    font-size: 12.5px;
    color: var(--ink-2);
    font-stretch: 90%;
  }
  kbd {
    border: 1px solid var(--edge);
    padding: 0 5px;
    font-family: var(--family);
    font-size: 11px;
    color: var(--ink);
    margin-left: 5px;
  }
  .empty {
    padding: 28px 16px;
    display: grid;
    gap: 8px;
    font-size: 15.5px;
  }
  @media (max-width: 960px) {
    .page {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
