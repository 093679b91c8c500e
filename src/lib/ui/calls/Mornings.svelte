<script lang="ts">
  import type { Mornings } from '$lib/model/call';
  import DoorAnswers from './DoorAnswers.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    mornings,
    mayLog,
    places,
  }: {
    mornings: readonly Mornings[];
    mayLog: boolean;
    places: readonly { id: string; name: string }[];
  } = $props();
  /** the squad whose silent are answered for */
  let open = $state<string | null>(null);
</script>

{#if mornings.length > 0}
  <section>
    <h2>Mornings</h2>
    {#each mornings as { squadId, squad, session, trained, silent } (squadId)}
      <p class="line">
        <span>{squad}, {session}: <b>{trained - silent.length} of {trained}</b> answered</span>
        {#if mayLog && silent.length > 0}
          <QuietButton aria-expanded={open === squadId} onclick={() => (open = open === squadId ? null : squadId)}
            >{open === squadId ? 'Close' : `Answer for ${String(silent.length)}`}</QuietButton
          >
        {/if}
      </p>
      {#if open === squadId}<DoorAnswers athletes={silent} {places} />{/if}
    {/each}
  </section>
{/if}

<style>
  section {
    display: grid;
    gap: 6px;
  }
  section :global(.quiet) {
    white-space: nowrap;
  }
</style>
