<script lang="ts">
  import FloorPanel from './FloorPanel.svelte';
  import type { FloorState } from './floor-state.svelte';

  let { floor }: { floor: FloorState } = $props();
</script>

<FloorPanel name="Who is here">
  <p>One tap for who is not here: the rack moves up, and nothing of today counts for them.</p>
  <p class="people">
    {#each floor.page.people as { id, name } (id)}
      {@const gone = floor.absent.has(id)}
      <button
        type="button"
        aria-pressed={gone}
        class:gone
        disabled={floor.present.has(id)}
        onclick={() => floor.setAbsent(id, !gone)}
        ><span>{name}</span><small>{gone ? 'not here' : 'here'}</small></button
      >
    {/each}
  </p>
</FloorPanel>

<style>
  .people {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 10px;
  }
  button {
    min-height: 52px;
    padding: 0 14px;
    border: 2px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    font-size: 18px;
    font-stretch: 84%;
    cursor: pointer;
    display: inline-flex;
    align-items: center;
    gap: 10px;
  }
  button:disabled {
    opacity: 0.6;
  }
  small {
    color: var(--ink-2);
  }
  .gone {
    border-style: dashed;
  }
  .gone span {
    text-decoration: line-through;
  }
  .gone small {
    color: var(--ink);
  }
</style>
