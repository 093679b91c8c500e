<script lang="ts">
  import { checkWords, wayBackWords } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';
  import { mayLeave } from '$lib/model/way-back';
  import ReturnStages from '../parts/ReturnStages.svelte';
  import AnswerButton from './AnswerButton.svelte';

  let { call, first, mayPlan }: { call: CallOf<'return'>; first: boolean; mayPlan: boolean } = $props();
  const where = $derived(`${call.side && call.side !== 'both' ? `${call.side} ` : ''}${call.place}`);
  const over = $derived(mayLeave(call.way));
  const asksTests = $derived(call.way.next === null && !over);
</script>

<div>
  <p class="sentence">
    {call.athlete} is on the way back, {where}: <b>{call.way.name}</b>. {wayBackWords(call.way)}
  </p>
  {#if call.way.next === null}
    <p class="note">{call.way.checks.map((check) => checkWords(check, call.way.symmetryFrom)).join(' · ')}</p>
  {/if}
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  <div class="buttons">
    {#if mayPlan}
      {#if over}<AnswerButton {call} choice="leave" words="Back for good" strong={first} />{/if}
      {#if asksTests || over}<AnswerButton {call} choice="later" words="Not yet" />
      {:else}<AnswerButton {call} choice="talk" words="The clinician is asked" />{/if}
    {/if}
    {#if asksTests}<a class="quiet" href={call.href}>Take the tests</a>{/if}
    <a class="quiet" href="/squad/{call.squadId}/{call.athleteId}"
      >{over || asksTests ? 'Open the complaint' : 'Write the next note'}</a
    >
  </div>
</div>
<ReturnStages way={call.way} />
