<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { ANSWER_WORDS } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';
  import MorningString from '../parts/MorningString.svelte';
  import { settle } from './settle';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { call, first, mayPlan }: { call: CallOf<'cut'>; first: boolean; mayPlan: boolean } = $props();
  /** Lines named at once; the rest open on demand. */
  const NAMED = 2;
  let all = $state(false);
  let trouble = $state('');
  const shown = $derived(all ? call.changes : call.changes.slice(0, NAMED));
  const hidden = $derived(call.changes.length - shown.length);
  const why = $derived(
    call.answer === 'tight'
      ? `is ${ANSWER_WORDS.tight}${call.place ? `, ${call.place},` : ''} after ${call.session}’s session`
      : `fell short in ${call.session}’s session`,
  );
</script>

<div>
  <p class="sentence">
    {call.athlete}
    {why}.
    {#each shown as change (change.exerciseId + change.row)}{change.exercise} goes from <b>{change.words.from}</b> to
      <b>{change.words.to}</b>{'. '}{/each}{#if hidden > 0}<QuietButton onclick={() => (all = true)}
        >{hidden} more line{hidden === 1 ? '' : 's'}</QuietButton
      >{'. '}{/if}{#if call.contactsFewer > 0}<b>{call.contactsFewer}</b> contacts fewer.{/if}
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  {#if mayPlan}
    <div class="buttons">
      <Button
        size="small"
        kind={first ? 'primary' : 'tertiary'}
        on:click={async () => (trouble = await settle(call.changes, 'accepted'))}>Accept</Button
      >
      <Button size="small" kind="tertiary" on:click={async () => (trouble = await settle(call.changes, 'held'))}
        >Hold{call.changes.length === 1 ? ` at ${call.changes[0]?.words.from ?? ''}` : ''}</Button
      >
      <a class="quiet" href="/squad/{call.squadId}/{call.athleteId}">{call.athlete.split(' ')[0]}’s page</a>
    </div>
  {/if}
  {#if trouble}<p class="warn-text" role="alert">{trouble}</p>{/if}
</div>
<div class="evidence">
  {#each call.mornings as { day, answer }, i (day)}
    <span class:last={i === call.mornings.length - 1}
      ><MorningString {answer} width={34} bold={i === call.mornings.length - 1} /><span class="label"
        >{Number(day.slice(8))}</span
      ></span
    >
  {/each}
</div>

<style>
  .evidence {
    display: flex;
    gap: 12px;
    color: var(--edge);
  }
  .evidence span {
    display: grid;
    justify-items: center;
    align-content: start;
  }
  .last {
    color: var(--ink);
  }
</style>
