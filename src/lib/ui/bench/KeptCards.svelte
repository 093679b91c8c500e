<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { BenchState } from './bench-state.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { bench }: { bench: BenchState } = $props();

  let open = $state(false);
  let name = $state('');
  let messages = $state.raw<readonly string[]>([]);
  const over = $derived(bench.kept.some((one) => one.name === name.trim()));

  async function keep(): Promise<void> {
    messages = name.trim() === '' ? ['Give it a name.'] : await bench.keepAs(name.trim());
    if (messages.length > 0) return;
    name = '';
    open = false;
  }
</script>

{#if bench.kept.length > 0}
  <Select
    labelText="Start from a kept card"
    size="sm"
    selected=""
    on:update={({ detail }) => {
      const kept = bench.kept.find((one) => one.name === detail);
      if (kept) void bench.startFrom(kept);
    }}
  >
    <SelectItem value="" text="choose one" />
    {#each bench.kept as kept (kept.name)}<SelectItem value={kept.name} text="{kept.name}, {kept.minutes} min" />{/each}
  </Select>
{/if}
<QuietButton aria-expanded={open} onclick={() => (open = !open)}>Keep this card to start from</QuietButton>
{#if open}
  <form
    onsubmit={(event) => {
      event.preventDefault();
      void keep();
    }}
  >
    <TextInput
      size="sm"
      labelText="Name of the kept card"
      bind:value={name}
      maxlength={60}
      invalid={messages.length > 0}
      invalidText={messages.join(' ')}
      helperText={over ? 'Writes over the one of this name.' : ''}
    />
    <Button size="small" type="submit">Keep</Button>
    {#each bench.kept as kept (kept.name)}
      <p class="note">
        {kept.name}
        <QuietButton
          type="button"
          onclick={async () => (messages = await bench.dropKept(kept.name))}
          aria-label="Take {kept.name} away">Take away</QuietButton
        >
      </p>
    {/each}
  </form>
{/if}

<style>
  form {
    display: grid;
    gap: 8px;
    justify-items: start;
    margin-top: 8px;
  }
  .note {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    width: 100%;
  }
</style>
