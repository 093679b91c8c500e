<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Checkbox, TextInput } from 'carbon-components-svelte';
  import { TIER_NAMES, type TestSpec } from '$core/testing';
  import CommandId from '../parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    specs,
    chosen,
    kept,
    batteries,
    message,
    onkept,
  }: {
    specs: readonly TestSpec[];
    /** tests of the day as it stands */
    chosen: readonly string[];
    /** those chosen for this day; null = they are only proposed */
    kept: readonly string[] | null;
    batteries: readonly { id: string; name: string; tests: readonly string[] }[];
    message: string | null;
    onkept: () => void;
  } = $props();

  const picked = $derived(new Set(chosen));
  let toggled = $state<Record<string, boolean>>({});
  const isOn = (id: string): boolean => toggled[id] ?? picked.has(id);
  const groups = $derived(
    [...TIER_NAMES, null].map((tier) => ({
      name: tier ?? 'levers and records',
      specs: specs.filter((spec) => spec.tier === tier),
    })),
  );
  const minutes = $derived(specs.filter(({ id }) => isOn(id)).reduce((sum, spec) => sum + spec.minutes, 0));
</script>

<form
  class="choose"
  method="post"
  action="?/tests"
  use:enhance={() =>
    async ({ result, update }) => {
      await update({ reset: false });
      if (result.type === 'success') onkept();
    }}
>
  <CommandId of="tests" shows={kept && { tests: kept.join(', ') }} />
  {#if batteries.length > 0}
    <p>
      <span class="label">Kept sets</span>
      {#each batteries as { id, name, tests } (id)}
        <QuietButton
          type="button"
          onclick={() => (toggled = Object.fromEntries(specs.map((spec) => [spec.id, tests.includes(spec.id)])))}
          >{name}</QuietButton
        >
      {/each}
    </p>
  {/if}
  <div class="groups">
    {#each groups as { name, specs } (name)}
      <fieldset>
        <legend>{name}</legend>
        {#each specs as spec (spec.id)}
          <Checkbox
            name="tests"
            value={spec.id}
            labelText={spec.name}
            checked={isOn(spec.id)}
            on:check={({ detail }) => (toggled = { ...toggled, [spec.id]: detail })}
          />
        {/each}
      </fieldset>
    {/each}
  </div>
  <div class="keep">
    <TextInput size="sm" name="name" labelText="Keep this set as (may stay empty)" maxlength={60} />
    <Button type="submit" size="small" kind="tertiary">Use these tests</Button>
    <span class="note">about {minutes} min for each athlete in turn; stations side by side take less</span>
  </div>
  {#if message}<p role="alert" class="warn-text">{message}</p>{/if}
</form>

<style>
  .choose {
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
    display: grid;
    gap: 12px;
  }
  p {
    display: flex;
    gap: 12px;
  }
  .groups {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
    gap: 16px;
  }
  fieldset {
    border: 0;
    padding: 0;
    margin: 0;
  }
  legend {
    font-weight: 620;
    font-stretch: 108%;
    font-size: 13px;
  }
  .keep {
    display: flex;
    gap: 12px;
    align-items: end;
    flex-wrap: wrap;
  }
</style>
