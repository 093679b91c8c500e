<script lang="ts">
  import { untrack } from 'svelte';
  import { GridState } from '$lib/ui/startline/grid-state.svelte';
  import ScreenCard from '$lib/ui/startline/ScreenCard.svelte';
  import PyramidDrawing from '$lib/ui/startline/PyramidDrawing.svelte';

  let { data } = $props();
  const grid = $derived.by(() => {
    const page = data.grid;
    return untrack(() => new GridState(page, 'metric'));
  });
  $effect(() => {
    const mine = grid;
    void mine.start(data.person.id);
    return () => mine.stop();
  });
  const reading = $derived(grid.readings.get(data.athlete.id));
  const PARTS = [
    ['range', 'Range'],
    ['control', 'Control: 0 clean, 1 wobble, 2 fault, each joint'],
    ['skill', 'Skill'],
  ] as const;
  /** the heels are tried only after the deep squat failed */
  const isOpen = (id: string): boolean => id !== 'R3' || reading?.outcomes.get('R2')?.state === 'failed';
  const SHORT = {
    ankle: 'ankle or upper body; the hips are fine',
    hip: 'hip',
    'hip-flexor': 'hip flexor',
    posterior: 'back of the legs',
  } as const;
</script>

<svelte:head><title>Screens · {data.athlete.name} · Jaleo</title></svelte:head>

<div class="page">
  <header>
    <h1>Screens</h1>
    <p class="note">{data.athlete.name}, {data.grid.day}</p>
    <a class="quiet" href="/squad/{data.squad.id}/{data.athlete.id}/start">The reading</a>
    <span class="note kept" role="status"
      >{grid.queue.away
        ? `Server away: ${String(grid.queue.waiting)} kept in this browser.`
        : grid.queue.waiting > 0
          ? 'On the way'
          : 'All kept.'}</span
    >
  </header>
  {#key grid}
    {#each PARTS as [tier, title] (tier)}
      <section>
        <h2>{title}</h2>
        <div class="cards">
          {#each data.grid.specs.filter((spec) => spec.tier === tier && data.drawings[spec.id] && isOpen(spec.id)) as spec (spec.id)}
            {@const drawing = data.drawings[spec.id]}
            {#if drawing}<ScreenCard
                {grid}
                {spec}
                figure={drawing.figure}
                look={drawing.look}
                flags={drawing.flags}
                editable={data.may.write}
              />{/if}
          {/each}
        </div>
      </section>
    {/each}
  {/key}
  {#if reading}
    <footer>
      <div class="pyramid">
        <PyramidDrawing tiers={reading.tiers} limiting={reading.limiting} said={({ state }) => state} />
      </div>
      <p>
        {#if reading.rangeShort}Short at the <b>{SHORT[reading.rangeShort]}</b>.{/if}
        {#if reading.controlRung !== null}Control starts on rung <b>{reading.controlRung}</b>.{/if}
        {#if reading.next[0]}Next: <b>{grid.specs.get(reading.next[0].test)?.name}</b>.{/if}
        <a href="/squad/{data.squad.id}/{data.athlete.id}/start">Drills, doses and when to look again</a>
      </p>
    </footer>
  {/if}
</div>

<style>
  .page {
    padding: 14px 16px 24px;
    display: grid;
    gap: 18px;
  }
  header {
    display: flex;
    gap: 16px;
    align-items: baseline;
    flex-wrap: wrap;
  }
  .kept {
    margin-left: auto;
  }
  section {
    display: grid;
    gap: 8px;
  }
  section > h2 {
    border-bottom: 2px solid var(--ink);
    padding-bottom: 2px;
  }
  .cards {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
    gap: 12px;
  }
  footer {
    display: flex;
    gap: 24px;
    align-items: center;
    border-top: 2px solid var(--ink);
    padding-top: 12px;
    flex-wrap: wrap;
  }
  .pyramid {
    width: 200px;
  }
</style>
