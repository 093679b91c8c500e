<script lang="ts">
  import { OverflowMenu, OverflowMenuItem } from 'carbon-components-svelte';
  import { isComplex, type Line } from '$core/session';
  import { inSentence } from '$lib/messages';
  import type { BenchState } from './bench-state.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { bench, line, name, onwords }: { bench: BenchState; line: Line; name: string; onwords: () => void } = $props();

  const lines = $derived(bench.card?.lines ?? []);
  const at = $derived(lines.findIndex(({ slot }) => slot === line.slot));
  const below = $derived(lines[at + 1]);
  const paired = $derived(line.group !== null && lines.filter(({ group }) => group === line.group).length > 1);
  const together = $derived(line.group !== null && below?.group === line.group);
  const complex = $derived(isComplex(line.group));
  const nameOf = (exerciseId: string): string => inSentence(bench.views[exerciseId]?.name ?? exerciseId);
</script>

<div class="tools" role="toolbar" aria-label="Change {inSentence(name)}">
  <QuietButton disabled={at <= 0} onclick={() => void bench.moveBy(line.slot, -1)}>Up</QuietButton>
  <QuietButton disabled={!below} onclick={() => void bench.moveBy(line.slot, 1)}>Down</QuietButton>
  <QuietButton onclick={() => void bench.remove(line.slot)}>Take off</QuietButton>
  <OverflowMenu size="sm" flipped iconDescription="More" aria-label="More for {inSentence(name)}">
    {#if paired}
      <OverflowMenuItem text="Stand alone" on:click={() => void bench.part(line.slot)} />
    {/if}
    {#if below}
      {#if !together || complex}
        <OverflowMenuItem text="In turn with {nameOf(below.exerciseId)}" on:click={() => void bench.pair(line.slot)} />
      {/if}
      {#if !together || !complex}
        <OverflowMenuItem
          text="Straight on into {nameOf(below.exerciseId)}"
          on:click={() => void bench.pair(line.slot, 'complex')}
        />
      {/if}
    {/if}
    {#if line.pinned}
      <OverflowMenuItem text="Leave it to the rules" on:click={() => void bench.hold(line.slot, false)} />
    {:else}
      <OverflowMenuItem text="Keep it" on:click={() => void bench.hold(line.slot, true)} />
    {/if}
    <OverflowMenuItem text="Note, and who it is for" on:click={onwords} />
    <OverflowMenuItem text="Once more" on:click={() => void bench.double(line.slot)} />
    <OverflowMenuItem text="Not on this card" hasDivider on:click={() => void bench.ban(line.exerciseId)} />
  </OverflowMenu>
</div>

<style>
  .tools {
    display: flex;
    align-items: center;
    gap: 2px 14px;
    border-bottom: var(--rule);
    padding-bottom: 4px;
  }
  .tools :global(.bx--overflow-menu) {
    margin-left: auto;
  }
  .tools :global(.bx--overflow-menu-options) {
    width: 16rem;
  }
  .tools :global(.bx--overflow-menu-options__btn) {
    max-width: none;
  }
</style>
