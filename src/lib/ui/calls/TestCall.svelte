<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { inSentence, listWords } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';

  let { call, mayLog }: { call: CallOf<'test'>; mayLog: boolean } = $props();
  const who = $derived(
    listWords(
      call.athletes.map(({ name, detail }) =>
        call.why === 'layoff' ? `${name} (${detail})` : `${name} on ${inSentence(detail)}`,
      ),
    ),
  );
</script>

<div>
  <p class="sentence">
    {#if call.why === 'layoff'}
      {who}: screen again before the work goes on. Until then the card starts one rung down and finds each load anew.
    {:else}
      {who}: sent down twice for tightness. Test what opens that rung before it is tried again.
    {/if}
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  {#if mayLog}
    <div class="buttons"><Button size="small" kind="tertiary" href={call.href}>Open the testing day</Button></div>
  {/if}
</div>
<div class="evidence" role="img" aria-label="{call.athletes.length} to test"></div>
