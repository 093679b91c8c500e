<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, Checkbox, TextInput } from 'carbon-components-svelte';
  import type { Kit } from '$lib/model/kit';
  import type { Trouble } from '$lib/model/forms';
  import { placeTexts } from '$lib/model/shown/squad';
  import CommandId from '../parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    id,
    name,
    kit,
    equipment,
    editable,
    removable,
    trouble,
  }: {
    /** null = a new place */
    id: string | null;
    name: string;
    kit: Kit;
    equipment: readonly string[];
    editable: boolean;
    removable: boolean;
    trouble: Trouble | null;
  } = $props();

  const FIELDS = $derived([
    ['racks', 'Racks', String(kit.racks)],
    ['bars', 'Bars', String(kit.bars)],
    ['barKg', 'Bar, kg', String(kit.barKg)],
    ['smallestPlateKg', 'Smallest plate, kg', String(kit.smallestPlateKg)],
    ['laneM', 'Clear lane, m (0 = none)', String(kit.laneM)],
    ['surface', 'Floor', kit.surface],
    ['bellsKg', 'Bells, kg', kit.bellsKg.join(', ')],
  ] as const);
  const ticked = $derived(trouble ? (trouble.typed.equipment ?? '').split(', ') : kit.equipment);
  const error = (field: string): string | undefined => trouble?.errors[field]?.[0];
</script>

<form method="post" action="?/keep" use:enhance={keep}>
  <CommandId of="keep:{id ?? ''}" shows={id === null ? null : placeTexts(name, kit)} />
  <input type="hidden" name="id" value={id ?? ''} />
  <TextInput
    size="sm"
    labelText="Name"
    name="name"
    value={trouble?.typed.name ?? name}
    disabled={!editable}
    invalid={!!error('name')}
    invalidText={error('name')}
  />
  <div class="fields">
    {#each FIELDS as [field, label, value] (field)}
      <TextInput
        size="sm"
        labelText={label}
        name={field}
        value={trouble?.typed[field] ?? value}
        disabled={!editable}
        invalid={!!error(field)}
        invalidText={error(field)}
      />
    {/each}
  </div>
  <Checkbox
    labelText="Hard floor without cushioning: a fifth fewer contacts"
    name="hardSurface"
    value="on"
    checked={trouble ? (trouble.typed.hardSurface ?? '') !== '' : kit.hardSurface}
    disabled={!editable}
  />
  <div class="kit">
    {#each equipment as item (item)}
      <Checkbox labelText={item} name="equipment" value={item} checked={ticked.includes(item)} disabled={!editable} />
    {/each}
  </div>
  {#each ['equipment', 'hardSurface'] as field (field)}
    {#if error(field)}<p class="warn-text" role="alert">{error(field)}</p>{/if}
  {/each}
  {#if editable}
    <div class="row">
      <Button type="submit" size="small" kind="tertiary">{id ? 'Keep place' : 'Add place'}</Button>
      {#if id && removable}
        <QuietButton formaction="?/remove" aria-label="Remove {name}">Remove</QuietButton>
      {/if}
    </div>
  {/if}
</form>

<style>
  form {
    display: grid;
    gap: 10px;
  }
  .fields {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 10px;
  }
  .kit {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  }
  .row {
    display: flex;
    gap: 20px;
    align-items: center;
  }
  @media (max-width: 800px) {
    .fields {
      grid-template-columns: 1fr 1fr;
    }
  }
</style>
