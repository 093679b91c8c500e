<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, TextArea } from 'carbon-components-svelte';
  import type { MassUnit } from '$core/units';
  import type { Trouble } from '$lib/model/forms';
  import CommandId from '../parts/CommandId.svelte';

  let {
    trouble,
    first,
    joined = [],
    added = 0,
    left = [],
    unread = [],
    mass,
  }: {
    trouble: Trouble | null;
    first: boolean;
    joined?: readonly string[];
    added?: number;
    left?: readonly string[];
    unread?: readonly string[];
    mass: MassUnit;
  } = $props();
  // svelte-ignore state_referenced_locally
  let names = $state(trouble?.typed.names ?? '');
  const errors = $derived(trouble?.errors.names ?? []);
</script>

<form
  method="post"
  action="?/add"
  use:enhance={() =>
    async ({ result, update }) => {
      await update({ reset: false });
      if (result.type === 'success') names = left.join('\n');
    }}
>
  <CommandId of="add" />
  <h2>{first ? 'Add your athletes' : 'Add athletes'}</h2>
  <TextArea
    labelText="Names, one a line"
    helperText="Paste from a spreadsheet too: name, birth date, body mass in {mass}, level, sex, role; or any columns under a heading, last lifts among them (Back squat: 100 x 5). Only the name is needed."
    name="names"
    rows={first ? 8 : 3}
    bind:value={names}
    invalid={errors.length > 0}
    invalidText={errors.join(' ')}
  />
  {#if left.length > 0}<p role="status">
      {added + joined.length} were taken. {left.length} more lines stand below: send them too.
    </p>{/if}
  {#if unread.length > 0}<p role="status">
      Columns that say nothing known here were left out: {unread.join(', ')}.
    </p>{/if}
  {#if joined.length > 0}<p role="status">
      {joined.join(', ')}: already in the club, now in this squad too, with loads, complaints and history.
    </p>{/if}
  <div><Button type="submit" size="small" kind={first ? 'primary' : 'tertiary'}>Add</Button></div>
</form>

<style>
  form {
    display: grid;
    gap: 10px;
    max-width: 520px;
    padding-top: 8px;
  }
</style>
