<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { Line } from '$core/session';
  import type { BenchState } from './bench-state.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    bench,
    line,
    gated,
    nameOf,
  }: { bench: BenchState; line: Line; gated: readonly string[]; nameOf: (id: string) => string } = $props();

  let why = $state('');
  let missing = $state(false);
  /** asked for: it is no part of reading why */
  let open = $state(false);
  /** one of those whose gate it is; empty = everybody */
  let whom = $state('');
  function keep(): void {
    const override = why.trim();
    missing = override.length < LEAST;
    if (!missing) void bench.override(line.slot, { override, ...(whom === '' ? {} : { overrideFor: [whom] }) });
  }
  /** A word is no reason. */
  const LEAST = 8;
</script>

<div class="override">
  {#if line.override}
    <p>
      <b>Over its gate{line.overrideFor ? ` for ${line.overrideFor.map(nameOf).join(', ')}` : ''}:</b>
      {line.override} <span class="rule-id">JUMP-2</span>
    </p>
    <Button size="small" kind="ghost" on:click={() => void bench.override(line.slot, null)}>The gate holds again</Button
    >
  {:else}
    <QuietButton aria-expanded={open} onclick={() => (open = !open)}>Over the gate, with a reason</QuietButton>
    {#if open}
      {#if gated.length > 0}
        <Select size="sm" labelText="Over the gate goes" bind:selected={whom}>
          <SelectItem value="" text="everybody" />
          {#each gated as id (id)}<SelectItem value={id} text={nameOf(id)} />{/each}
        </Select>
      {/if}
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
