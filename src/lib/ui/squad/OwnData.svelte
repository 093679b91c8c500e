<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { enhance } from '$lib/ui/parts/enhance';
  import type { Trouble } from '$lib/model/forms';
  import CommandId from '../parts/CommandId.svelte';
  import TypedField from '../parts/TypedField.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let { name, here, editable, trouble }: { name: string; here: string; editable: boolean; trouble: Trouble | null } =
    $props();
  let erasing = $state(false);
</script>

<section>
  <h2>Their own data</h2>
  <p>
    <a class="quiet" href="{here}/data.json" download>Everything as one file</a>
    <span class="note">JSON, sets and results as CSV inside</span>
  </p>
  {#if editable}
    <QuietButton aria-expanded={erasing} onclick={() => (erasing = !erasing)}>Erase on request</QuietButton>
    {#if erasing || trouble}
      <form method="post" action="?/erase" use:enhance>
        <CommandId of="erase" />
        <p class="note">
          Name, facts, health notes, results and free text go for good. Sets and doses stay in the squad’s counts, under
          no name. <span class="rule-id">SAFE-7</span>
        </p>
        <TypedField label="To confirm, write {name}" name="name" {trouble} />
        <Button type="submit" size="small" kind="danger-tertiary">Erase {name}</Button>
      </form>
    {/if}
  {/if}
</section>

<style>
  section,
  form {
    display: grid;
    gap: 10px;
    justify-items: start;
  }
  form {
    justify-items: stretch;
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
  }
</style>
