<script lang="ts">
  import type { CallOf } from '$lib/model/call';
  import AnswerButton from './AnswerButton.svelte';

  let { call, first, mayPlan }: { call: CallOf<'neglected'>; first: boolean; mayPlan: boolean } = $props();
</script>

<div>
  <p class="sentence">
    Little or nothing for <b>{call.words}</b> in {call.days} days.
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  {#if mayPlan}
    <div class="buttons">
      <AnswerButton {call} choice="seen" words="Seen for this week" strong={first} />
      {#each call.muscles as { name, href } (name)}
        <a class="quiet" {href}>Find work for {name}</a>
      {/each}
    </div>
  {/if}
</div>
<div class="evidence"><a class="quiet" href="/squad/{call.squadId}/balance">Balance of four weeks</a></div>
