<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { listWords } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';
  import DoorAnswers from './DoorAnswers.svelte';

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
  let answering = $state(false);
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
    <DoorAnswers athletes={call.athletes} {places} />
  {/if}
</div>
<div class="evidence" role="img" aria-label="{call.athletes.length} without an answer">
  {#each call.athletes as { id } (id)}<i></i>{/each}
</div>

<style>
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
