<script lang="ts">
  import { v7 } from 'uuid';
  import { invalidateAll } from '$app/navigation';
  import { Select, SelectItem } from 'carbon-components-svelte';
  import type { Answer } from '$core/track';
  import { ANSWER_WORDS } from '$lib/messages';
  import MorningString from '../parts/MorningString.svelte';

  let {
    athletes,
    places,
  }: {
    /** who has not answered */
    athletes: readonly { id: string; name: string }[];
    places: readonly { id: string; name: string }[];
  } = $props();
  const QUICK: readonly Answer[] = ['fine', 'usual', 'tight'];
  let place = $state('');
  let trouble = $state('');

  async function answer(athleteId: string, given: Answer): Promise<void> {
    const checkIn = {
      id: v7(),
      answer: given,
      place: given === 'tight' && place !== '' ? place : null,
      side: null,
      score: null,
      signs: [],
    };
    try {
      const response = await fetch('/api/check-ins', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ athleteId, checkIn }),
      });
      trouble = response.ok ? '' : 'This answer could not be kept.';
      if (response.ok) await invalidateAll();
    } catch {
      trouble = 'The server is away. Nothing was changed; try again in a moment.';
    }
  }
</script>

<div class="place">
  <Select size="sm" labelText="Where, when overly tight" bind:selected={place}
    ><SelectItem value="" text="all over" />{#each places as { id, name } (id)}<SelectItem
        value={id}
        text={name}
      />{/each}</Select
  >
</div>
<ul>
  {#each athletes as { id, name } (id)}
    <li>
      <span>{name}</span>
      <span class="answers"
        >{#each QUICK as given (given)}<button
            onclick={() => void answer(id, given)}
            aria-label="{name}: {ANSWER_WORDS[given]}"
            ><MorningString answer={given} width={26} />{ANSWER_WORDS[given]}</button
          >{/each}</span
      >
    </li>
  {/each}
</ul>
<p class="note">Pain is written on the athlete’s page, with its place.</p>
{#if trouble}<p class="warn-text" role="alert">{trouble}</p>{/if}

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    border-top: var(--rule);
    padding: 4px 0;
  }
  .place {
    max-width: 220px;
    margin: 10px 0 6px;
  }
  .answers {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .answers button {
    display: flex;
    gap: 6px;
    align-items: center;
    border: 1px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    min-height: 32px;
    padding: 2px 8px;
    font-stretch: 84%;
    cursor: pointer;
  }
</style>
