<script lang="ts">
  import FloorPanel from './FloorPanel.svelte';
  import FloorButton from './FloorButton.svelte';
  import type { FloorState, Scope } from './floor-state.svelte';

  let { floor, name, word }: { floor: FloorState; name: string; word: string } = $props();

  const scopes = $derived<{ words: string; scope: Scope }[]>([
    { words: name, scope: 'line' },
    ...(floor.stations.length > 1
      ? floor.stations.map(({ name: at, ids }) => ({ words: `${name}, ${word} ${at}`, scope: ids }))
      : []),
    { words: 'The whole session', scope: 'session' },
  ]);
  const sets = (count: number): string => (count === 1 ? '1 set' : `${String(count)} sets`);
</script>

<FloorPanel name="All as written">
  <p>Everything that is left, as it is written, of who is here. Change what was otherwise afterwards.</p>
  <p class="buttons">
    {#each scopes as { words, scope } (words)}
      {@const count = floor.leftOf(scope)}
      {#if count > 0}<FloorButton main={scope === 'line'} onclick={() => void floor.logLeft(scope)}
          >{words}: {sets(count)}</FloorButton
        >{/if}
    {:else}<span>Nothing is left.</span>{/each}
  </p>
  {#if floor.together.length > 0}
    <p class="buttons" role="status">
      <span>{sets(floor.together.length)} logged as written.</span>
      <FloorButton onclick={() => void floor.takeTogetherBack()}>Take these back</FloorButton>
    </p>
  {/if}
</FloorPanel>

<style>
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
    margin-top: 10px;
  }
</style>
