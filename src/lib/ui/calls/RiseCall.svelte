<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { inSentence } from '$lib/messages';
  import type { CallOf } from '$lib/model/call';
  import { settle } from './settle';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { call, first, mayPlan }: { call: CallOf<'rise'>; first: boolean; mayPlan: boolean } = $props();
  let each = $state(false);
  let trouble = $state('');
  const steps = $derived.by(() => {
    const found = new Map<string, number>();
    for (const { words } of call.changes) {
      const step = `${words.from} → ${words.to}`;
      found.set(step, (found.get(step) ?? 0) + 1);
    }
    return [...found].sort((a, b) => b[1] - a[1]);
  });
  const one = $derived(call.changes.length === 1 ? call.changes[0] : null);
  /** Steps named in the sentence; the rest stand under One by one. */
  const NAMED = 2;
</script>

<div>
  <p class="sentence">
    {#if one}
      {one.athlete} did every set of {inSentence(one.exercise)} as written or better:
      <b>{one.words.from} → {one.words.to}</b>.
    {:else}
      {call.changes.length} did every set of {inSentence(call.exercise)} as written or better:
      {#each steps.slice(0, NAMED) as [step, count], i (step)}{i > 0 ? ', ' : ' '}<b>{step}</b>{count > 1
          ? ` for ${String(count)}`
          : ''}{/each}{steps.length > NAMED
        ? `, and ${String(call.changes.length - steps.slice(0, NAMED).reduce((sum, [, count]) => sum + count, 0))} more.`
        : '.'}
    {/if}
  </p>
  <p class="rule">{call.ruleWords} <span class="rule-id">{call.rules.join(' · ')}</span></p>
  {#if mayPlan}
    <div class="buttons">
      <Button
        size="small"
        kind={first ? 'primary' : 'tertiary'}
        on:click={async () => (trouble = await settle(call.changes, 'accepted'))}
        >{one ? 'Accept' : `Accept all ${String(call.changes.length)}`}</Button
      >
      <Button size="small" kind="tertiary" on:click={async () => (trouble = await settle(call.changes, 'held'))}
        >Hold</Button
      >
      {#if !one}<QuietButton aria-expanded={each} onclick={() => (each = !each)}
          >{each ? 'Together' : 'One by one'}</QuietButton
        >{/if}
    </div>
  {/if}
  {#if each}
    <ul>
      {#each call.changes as change (change.athleteId + change.row)}
        <li>
          <span>{change.athlete} <b>{change.words.from} → {change.words.to}</b></span>
          <span
            ><QuietButton
              aria-label="Accept for {change.athlete}"
              onclick={async () => (trouble = await settle([change], 'accepted'))}>Accept</QuietButton
            >
            <QuietButton
              aria-label="Hold for {change.athlete}"
              onclick={async () => (trouble = await settle([change], 'held'))}>Hold</QuietButton
            ></span
          >
        </li>
      {/each}
    </ul>
  {/if}
  {#if trouble}<p class="warn-text" role="alert">{trouble}</p>{/if}
</div>
<div class="evidence" role="img" aria-label="{call.changes.length} athletes">
  {#each call.changes as change (change.athleteId + change.row)}<i></i>{/each}
</div>

<style>
  ul {
    margin-top: 8px;
  }
  li {
    display: flex;
    justify-content: space-between;
    border-top: var(--rule);
    padding: 4px 0;
    font-stretch: 90%;
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
    background: var(--ink);
  }
</style>
