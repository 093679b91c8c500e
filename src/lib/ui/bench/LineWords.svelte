<script lang="ts">
  import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { Line } from '$core/session';
  import type { BenchState } from './bench-state.svelte';

  let { bench, line, athletes }: { bench: BenchState; line: Line; athletes: readonly { id: string; name: string }[] } =
    $props();

  // svelte-ignore state_referenced_locally
  let words = $state(line.note ?? '');
  function keep(): void {
    if (words.trim() !== (line.note ?? '')) void bench.note(line.slot, words);
  }
</script>

<div class="words">
  <TextInput
    size="sm"
    labelText="Note on this line"
    helperText="Everybody reads it: nothing about health."
    maxlength={200}
    bind:value={words}
    on:blur={keep}
    on:keydown={(event) => {
      if (event.key === 'Enter') keep();
    }}
  />
  {#if athletes.length > 1}
    <Select
      size="sm"
      labelText="For"
      selected={line.only?.[0] ?? ''}
      on:update={({ detail }) => {
        const to = detail ? String(detail) : null;
        if (to !== (line.only?.[0] ?? null)) void bench.reserve(line.slot, to);
      }}
    >
      <SelectItem value="" text="everybody" />
      {#each athletes as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
    </Select>
  {/if}
</div>

<style>
  .words {
    display: grid;
    gap: 8px;
    padding: 4px 0 8px;
    border-bottom: var(--rule);
  }
</style>
