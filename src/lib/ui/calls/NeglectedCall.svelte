<script lang="ts">
  import type { CallOf } from '$lib/model/call';
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import AnswerButton from './AnswerButton.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { call, first, mayPlan }: { call: CallOf<'neglected'>; first: boolean; mayPlan: boolean } = $props();
</script>

<div>
  <p class="sentence">Little or nothing in {call.days} days:</p>
  <ul>
    {#each call.squads as { id, name, words, bench, sides } (id)}
      <li>
        <p><b>{name}</b>: {words}. <a class="quiet" href="/squad/{id}/balance">Balance</a></p>
        {#if mayPlan}
          <div class="buttons">
            {#each sides as side (side.id)}
              <form method="post" action="?/give" use:enhance>
                <CommandId of="give {side.id} {id}" />
                <input type="hidden" name="squadId" value={id} />
                <input type="hidden" name="programme" value={side.id} />
                <input type="hidden" name="on" value="yes" />
                <QuietButton>Give “{side.name}” beside training</QuietButton>
              </form>
            {/each}
            <a class="quiet" href={bench}>Find work for the next card</a>
          </div>
        {/if}
      </li>
    {/each}
  </ul>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  {#if mayPlan}<div class="buttons">
      <AnswerButton {call} choice="seen" words="Seen for this week" strong={first} />
    </div>{/if}
</div>
<div class="evidence" aria-hidden="true"></div>

<style>
  ul {
    list-style: none;
    margin: 4px 0 6px;
    padding: 0;
  }
  li {
    border-top: var(--rule);
    padding: 5px 0 7px;
  }
</style>
