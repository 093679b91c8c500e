<script lang="ts">
  import FloorButton from './FloorButton.svelte';
  import type { FloorState } from './floor-state.svelte';

  let { floor }: { floor: FloorState } = $props();
</script>

<section role="alert" aria-label="Sets laid aside">
  <h2>Not kept yet</h2>
  <ul>
    {#each floor.outbox.parked as { item, why } (item.id)}
      <li>
        <span><b>{floor.wordsOf(item)}</b>. {why}</span>
        <span class="buttons">
          <FloorButton onclick={() => void floor.outbox.retry(item)}>Try again</FloorButton>
          <FloorButton onclick={() => void floor.outbox.drop(item)}>Leave it out</FloorButton>
        </span>
      </li>
    {/each}
  </ul>
</section>

<style>
  section {
    margin-top: 12px;
    padding: 10px 14px;
    background: var(--albero-w);
    border-left: 4px solid var(--albero);
  }
  h2 {
    font-size: 19px;
    font-weight: 640;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 8px 18px;
    padding: 6px 0;
    font-size: 17px;
    line-height: 22px;
  }
  .buttons {
    display: flex;
    gap: 8px;
  }
</style>
