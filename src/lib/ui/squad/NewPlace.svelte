<script lang="ts">
  import { Select, SelectItem } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';
  import { KIT_NAMES, type KitName } from '$lib/model/kit';
  import TypedField from '../parts/TypedField.svelte';

  let { trouble }: { trouble: Trouble | null } = $props();
  // svelte-ignore state_referenced_locally
  let has = $state<string>(trouble?.typed.placeKit ?? '');

  const error = (field: string): string | undefined => trouble?.errors[field]?.[0];
  const WORDS: Readonly<Record<KitName, string>> = {
    gym: 'A whole gym: racks, bars, bells, boxes, bands',
    hall: 'A hall: boxes, bands, mats, medicine balls',
    bells: 'Dumbbells and kettlebells',
    landmine: 'One landmine',
    nothing: 'Nothing: a floor and a wall',
  };
</script>

<!-- A place in three words; what it has piece by piece is said under Settings, Places. -->
<div class="place">
  <TypedField name="placeName" label="Place" {trouble} />
  <Select
    size="sm"
    labelText="What it has"
    name="placeKit"
    bind:selected={has}
    invalid={!!error('placeKit')}
    invalidText={error('placeKit')}
  >
    <SelectItem value="" text="Choose" />
    {#each KIT_NAMES as name (name)}<SelectItem value={name} text={WORDS[name]} />{/each}
  </Select>
  {#if has === 'gym'}<TypedField name="placeRacks" label="Racks" {trouble} />{/if}
  <p class="note">Each piece is ticked later under Settings, Places.</p>
</div>

<style>
  .place {
    display: grid;
    gap: 12px;
  }
</style>
