<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';
  import type { SeasonPage } from '$lib/model/season';
  import { enhance } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';

  let {
    step,
    redo,
    trouble,
  }: { step: SeasonPage['step']; redo: string | null; trouble: (form: string) => Trouble | null } = $props();

  let back = $state<HTMLFormElement>();
  let again = $state<HTMLFormElement>();
  const said = $derived(trouble('undo')?.errors.undo?.[0] ?? trouble('redo')?.errors.redo?.[0]);

  function onkeydown(event: KeyboardEvent): void {
    const field = event.target instanceof HTMLElement && event.target.closest('input, textarea, select');
    if (field || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    const form = event.shiftKey ? again : back;
    if (!form) return;
    event.preventDefault();
    form.requestSubmit();
  }
</script>

<svelte:window {onkeydown} />
{#if step || redo}
  <section aria-label="Last change">
    <div class="line">
      {#if step}
        <p><b>Last change:</b> {step.words} <span class="note">{step.who}, {step.day}</span></p>
        <form method="post" action="?/undo" use:enhance bind:this={back}>
          <CommandId of="undo" /><Button type="submit" size="small" kind="tertiary">Take it back</Button>
        </form>
      {/if}
      {#if redo}
        <form method="post" action="?/redo" use:enhance bind:this={again}>
          <CommandId of="redo" /><Button type="submit" size="small" kind="ghost">Put back: {redo}</Button>
        </form>
      {/if}
    </div>
    {#if said}<p class="warn-text" role="alert">{said}</p>{/if}
    {#if step && step.moved.length > 0}
      <details open={step.moved.length <= 4}>
        <summary>What moved by it: {step.moved.length}</summary>
        <ul>
          {#each step.moved as words, i (i)}<li>{words}</li>{/each}
        </ul>
      </details>
    {:else if step}<p class="note">Nothing ahead moved by it.</p>{/if}
  </section>
{/if}

<style>
  section {
    display: grid;
    gap: 6px;
    border-left: 3px solid var(--anil);
    padding-left: 10px;
  }
  .line {
    display: flex;
    gap: 12px;
    align-items: center;
    flex-wrap: wrap;
  }
  ul {
    margin: 4px 0 0;
    padding-left: 18px;
    font-size: 13.5px;
    max-height: 180px;
    overflow-y: auto;
  }
</style>
