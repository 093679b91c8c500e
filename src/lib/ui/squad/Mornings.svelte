<script lang="ts">
  import type { LightCard } from '$core/progress';
  import type { Answer } from '$core/track';
  import { WHY_LESS } from '$lib/messages';
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import MorningString from '../parts/MorningString.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  /** The last mornings, and the light card they or the coach made, with the way back to the full one. */
  let {
    mornings,
    light,
    editable,
  }: {
    mornings: readonly { readonly day: string; readonly answer: Answer; readonly place: string | null }[];
    light: LightCard | null;
    editable: boolean;
  } = $props();
</script>

<h2>Mornings</h2>
<div class="mornings">
  {#each mornings as { day, answer, place } (day)}
    <span><MorningString {answer} width={34} /><span class="label">{day.slice(8)}{place ? ` ${place}` : ''}</span></span
    >
  {:else}<span class="note">No answers yet.</span>{/each}
</div>
{#if light}
  <p>
    <strong>Light card.</strong>
    {WHY_LESS[light]} <span class="rule-id">{light === 'light-card' ? 'PROG-16' : 'PROG-10'}</span>
  </p>
  {#if editable}<form method="post" action="?/fullAgain" use:enhance>
      <CommandId of="full-again" /><QuietButton>Full card again</QuietButton>
    </form>{/if}
{/if}

<style>
  .mornings {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }
  .mornings > span {
    display: grid;
    justify-items: center;
  }
  p {
    margin: 0;
  }
</style>
