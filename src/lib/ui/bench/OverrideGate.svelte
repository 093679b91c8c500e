<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import type { Line } from '$core/session';
  import type { BenchState } from './bench-state.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { bench, line }: { bench: BenchState; line: Line } = $props();

  let why = $state('');
  let missing = $state(false);
  /** asked for: it is no part of reading why */
  let open = $state(false);
  function keep(): void {
    missing = why.trim().length < LEAST;
    if (!missing) void bench.override(line.slot, why);
  }
  /** A word is no reason. */
  const LEAST = 8;
</script>

<div class="override">
  {#if line.override}
    <p><b>Over its gate:</b> {line.override} <span class="rule-id">JUMP-2</span></p>
    <Button size="small" kind="ghost" on:click={() => void bench.override(line.slot, '')}>The gate holds again</Button>
  {:else}
    <QuietButton aria-expanded={open} onclick={() => (open = !open)}>Over the gate, with a reason</QuietButton>
    {#if open}
      <TextInput
        size="sm"
        labelText="Let it stand over its gate, because"
        helperText="Kept with the card and in its history. Age, complaints and match days still hold."
        maxlength={200}
        invalid={missing}
        invalidText="Write why, in a few words."
        bind:value={why}
        on:keydown={(event) => {
          if (event.key === 'Enter') keep();
        }}
      />
      <Button size="small" kind="tertiary" on:click={keep}>Let it stand</Button>
    {/if}
  {/if}
</div>

<style>
  .override {
    display: grid;
    gap: 8px;
    justify-items: start;
  }
  .override :global(.bx--form-item) {
    width: 100%;
  }
</style>
