<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import type { BenchPage } from './bench-page';
  import type { BenchState } from './bench-state.svelte';

  let { bench, kinds }: { bench: BenchState; kinds: BenchPage['kinds'] } = $props();

  /** counts refusals: the list then shows the kind that stands */
  let refusals = $state(0);
  const chosen = $derived(bench.card?.shape.kind ?? '');
  const kind = $derived(kinds.find(({ id }) => id === chosen));
  const stands = $derived(kinds.find(({ id }) => id === bench.card?.template));
</script>

<div>
  {#key refusals}
    <Select
      labelText="Kind of session"
      size="sm"
      selected={chosen}
      on:update={async ({ detail }) => {
        if (detail !== chosen && !(await bench.setKind(String(detail) || null))) refusals += 1;
      }}
    >
      <SelectItem value="" text="by the day" />
      {#each kinds as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
    </Select>
  {/key}
  {#if kind}<p class="note">{kind.about}</p>{/if}
  {#if kind && bench.card?.template !== kind.id}
    <p class="note">The match day comes first: today it is a {stands?.name ?? 'lighter'} session.</p>
  {/if}
</div>

<style>
  div {
    border-bottom: var(--rule);
    padding-bottom: 10px;
  }
  @media (max-width: 1100px) {
    div {
      border: 0;
      padding: 0;
    }
  }
</style>
