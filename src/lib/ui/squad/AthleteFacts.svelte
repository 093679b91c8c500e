<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, Checkbox, Select, SelectItem } from 'carbon-components-svelte';
  import { LEVELS } from '$core/library';
  import type { MassUnit } from '$core/units';
  import type { Trouble } from '$lib/model/forms';
  import { factsTexts, type PersonFacts } from '$lib/model/shown/athlete';
  import CommandId from '../parts/CommandId.svelte';
  import DayField from '../parts/DayField.svelte';
  import TypedField from '../parts/TypedField.svelte';

  let {
    person,
    mass,
    editable,
    trouble,
  }: {
    person: PersonFacts;
    mass: MassUnit;
    editable: boolean;
    trouble: Trouble | null;
  } = $props();

  const shown = $derived(factsTexts(person, mass));
  const text = (field: string): string => trouble?.typed[field] ?? shown[field] ?? '';
</script>

<section>
  <h2>Facts</h2>
  <form method="post" action="?/facts" use:enhance={keep}>
    <CommandId of="facts" shows={shown} />
    <fieldset disabled={!editable}>
      <TypedField label="Name" name="name" value={shown.name} {trouble} />
      <div class="two">
        <DayField label="Birth date" name="birthDate" value={shown.birthDate} {trouble} />
        <TypedField label="Body mass, {mass}" name="bodyMassKg" value={shown.bodyMassKg} {trouble} />
        <Select size="sm" labelText="Sex" name="sex" selected={text('sex')}>
          <SelectItem value="" text="not noted" /><SelectItem value="female" text="female" /><SelectItem
            value="male"
            text="male"
          />
        </Select>
        <TypedField label="Role" name="role" value={shown.role} {trouble} />
        <Select size="sm" labelText="Lift level" name="liftLevel" selected={text('liftLevel')}
          >{#each LEVELS as level (level)}<SelectItem value={level} text={level} />{/each}</Select
        >
        <Select size="sm" labelText="Jump level" name="jumpLevel" selected={text('jumpLevel')}
          >{#each LEVELS as level (level)}<SelectItem value={level} text={level} />{/each}</Select
        >
        <TypedField label="Jump seasons" name="jumpSeasons" value={shown.jumpSeasons} {trouble} />
        <TypedField label="Growth, cm a month" name="growthCmPerMonth" value={shown.growthCmPerMonth} {trouble} />
      </div>
      <Checkbox
        labelText="Guardian consent noted (under 18)"
        name="guardianConsent"
        checked={text('guardianConsent') !== ''}
      />
      {#each ['sex', 'liftLevel', 'jumpLevel', 'guardianConsent'] as field (field)}
        {#if trouble?.errors[field]}<p class="warn-text" role="alert">{trouble.errors[field]?.join(' ')}</p>{/if}
      {/each}
      {#if editable}<Button type="submit" size="small" kind="tertiary">Keep facts</Button>{/if}
    </fieldset>
  </form>
</section>

<style>
  section {
    padding: 14px 16px 32px;
  }
  fieldset {
    border: 0;
    margin: 10px 0 0;
    padding: 0;
    display: grid;
    gap: 12px;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 12px;
    align-items: start;
  }
  /* a whole date and the longest level fit */
  .two :global(input[type='date']) {
    padding-inline: 10px 4px;
  }
  .two :global(select) {
    padding-inline: 10px 28px;
  }
</style>
