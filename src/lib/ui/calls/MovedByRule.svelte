<script lang="ts">
  import { inSentence } from '$lib/messages';
  import type { Moved, Stepped } from '$lib/model/call';
  import { settle } from './settle';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    moved,
    stepped,
    mayPlan,
  }: {
    moved: readonly Moved[];
    stepped: readonly Stepped[];
    mayPlan: boolean;
  } = $props();

  let open = $state(false);
  let trouble = $state('');
  const loads = $derived(moved.reduce((sum, { changes }) => sum + changes.length, 0));
  const count = $derived(loads + stepped.length);
  const back = async (changes: Moved['changes']): Promise<void> => {
    trouble = await settle(changes, 'back');
  };
</script>

<section>
  <h2>Moved by rule</h2>
  <p class="note"><a class="quiet" href="/settings/policy">What is applied without asking</a></p>
  {#if count === 0}
    <p class="note">Nothing in the last three days.</p>
  {:else}
    <p>
      {count === 1 ? 'One thing moved' : `${String(count)} things moved`} by rule.
      <QuietButton aria-expanded={open} onclick={() => (open = !open)}>{open ? 'Close' : 'Look'}</QuietButton>
    </p>
  {/if}
  {#if open}
    {#each stepped as { key, href, squad, exercise, to, rise, above } (key)}
      <p class="line">
        <span
          >{squad}: <a {href}>{exercise}</a>
          {above ? `a rung above ${inSentence(above)}, at` : rise ? 'up to' : 'down to'} <b>{to}</b></span
        ><span class="rule-id">PROG-16</span>
      </p>
    {/each}
    {#each moved as { exercise, changes } (exercise)}
      <div class="entry">
        <p class="line">
          <b>{exercise}</b>
          {#if mayPlan && changes.length > 1}
            <QuietButton onclick={() => void back(changes)} aria-label="Take back {exercise} for all"
              >Take back all {changes.length}</QuietButton
            >
          {/if}
        </p>
        {#each changes as change (change.athleteId + change.row)}
          <p class="line who">
            <span
              >{change.athlete}
              {change.words.from} → <b>{change.words.to}</b>{#if change.otherwise}<span class="warn-text">
                  · answered otherwise since</span
                >{/if}</span
            >
            {#if mayPlan}<QuietButton
                onclick={() => void back([change])}
                aria-label="Take back {exercise} for {change.athlete}">Back</QuietButton
              >{/if}
          </p>
        {/each}
      </div>
    {/each}
  {/if}
  {#if trouble}<p class="warn-text" role="alert">{trouble}</p>{/if}
</section>

<style>
  section {
    display: grid;
    gap: 6px;
  }
  .who {
    padding-left: 10px;
  }
  a {
    color: var(--ink);
    text-underline-offset: 3px;
  }
</style>
