<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { inSentence, listWords } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';
  import AnswerButton from './AnswerButton.svelte';

  let { call, mayLog, mayPlan }: { call: CallOf<'test'>; mayLog: boolean; mayPlan: boolean } = $props();
  const who = $derived(
    listWords(
      call.athletes.map(({ name, detail }) =>
        call.why === 'layoff'
          ? `${name} (${detail})`
          : `${name} ${call.why === 'next-rung' ? 'for' : 'on'} ${inSentence(detail)}`,
      ),
    ),
  );
</script>

<div>
  <p class="sentence">
    {#if call.why === 'layoff'}
      {who}: screen again before the work goes on. Until then the card starts one rung down and finds each load anew.
    {:else if call.why === 'next-rung'}
      {who}: clean at the most of the rung below, {call.asks.clearTimes} times running. What stands before it is
      <b>{call.test}</b>.
    {:else if call.why === 'lift-up'}
      {who}: up by more than the error of the test. Test <b>{inSentence(call.test ?? 'a jump')}</b> within {call.asks
        .jumpWithinDays} days, to see what it brought.
    {:else}
      {who}: sent down twice for tightness. Test what opens that rung before it is tried again.
    {/if}
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  {#if mayLog}
    <div class="buttons">
      <Button size="small" kind="tertiary" href={call.href}>Open the testing day</Button>
      {#if call.mayWait && mayPlan}<AnswerButton {call} choice="later" words="Not this block" />{/if}
    </div>
  {/if}
</div>
<div class="evidence" role="img" aria-label="{call.athletes.length} to test"></div>
