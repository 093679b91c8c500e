<script lang="ts">
  import { v7 } from 'uuid';
  import { invalidateAll } from '$app/navigation';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Answer } from '$core/track';
  import { ANSWER_WORDS, listWords } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';
  import MorningString from '../parts/MorningString.svelte';

  let {
    call,
    mayLog,
    places,
  }: { call: CallOf<'silent'>; mayLog: boolean; places: readonly { id: string; name: string }[] } = $props();
  const NAMED = 3;
  const who = $derived(
    call.athletes.length <= NAMED + 1
      ? listWords(call.athletes.map(({ name }) => name))
      : listWords([
          ...call.athletes.slice(0, NAMED).map(({ name }) => name),
          `${String(call.athletes.length - NAMED)} more`,
        ]),
  );
  const QUICK: readonly Answer[] = ['fine', 'usual', 'tight'];
  let answering = $state(false);
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

<div>
  <p class="sentence">
    {who}
    {call.athletes.length === 1 ? 'has' : 'have'} not answered since {call.session}’s session. {call.athletes.length ===
    1
      ? 'The dose repeats'
      : 'Their doses repeat'}.
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  {#if mayLog}
    <div class="buttons">
      <Button size="small" kind="tertiary" on:click={() => (answering = !answering)}
        >{answering ? 'Close' : 'Answer for them'}</Button
      >
    </div>
  {/if}
  {#if answering}
    <div class="place">
      <Select size="sm" labelText="Where, when overly tight" bind:selected={place}
        ><SelectItem value="" text="all over" />{#each places as { id, name } (id)}<SelectItem
            value={id}
            text={name}
          />{/each}</Select
      >
    </div>
    <ul>
      {#each call.athletes as { id, name } (id)}
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
  {/if}
  {#if trouble}<p class="warn-text" role="alert">{trouble}</p>{/if}
</div>
<div class="evidence" role="img" aria-label="{call.athletes.length} without an answer">
  {#each call.athletes as { id } (id)}<i></i>{/each}
</div>

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
  .evidence {
    display: flex;
    flex-wrap: wrap;
    gap: 3px;
    align-content: start;
    padding-top: 4px;
  }
  i {
    width: 12px;
    height: 14px;
    border: 1.5px dashed var(--ink);
  }
</style>
