<script lang="ts">
  import type { SeasonApart } from '$lib/model/season';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { apart, squadId }: { apart: readonly SeasonApart[]; squadId: string } = $props();
  const FEW = 6;
  let all = $state(false);
  const shown = $derived(all ? apart : apart.slice(0, FEW));
</script>

<!-- Whose week is not the squad's, as the difference only. -->
<section class="apart" aria-label="Athletes whose week differs">
  <h3>Weeks of their own <span class="note">what differs from the squad’s</span></h3>
  <ul>
    {#each shown as { athleteId, name, words } (athleteId)}<li>
        <a href="/squad/{squadId}/{athleteId}">{name}</a>
        <span>{words.join('; ')}</span>
      </li>{/each}
  </ul>
  {#if apart.length > FEW}<QuietButton aria-expanded={all} onclick={() => (all = !all)}
      >{all ? 'Fewer' : `All ${String(apart.length)}`}</QuietButton
    >{/if}
</section>

<style>
  .apart {
    display: grid;
    gap: 4px;
    justify-items: start;
  }
  h3 {
    font-size: 14px;
    margin: 0;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    width: 100%;
  }
  li {
    display: grid;
    grid-template-columns: minmax(120px, 180px) minmax(0, 1fr);
    gap: 12px;
    padding: 3px 0;
    border-top: var(--rule);
    font-size: 13px;
  }
</style>
