<script lang="ts">
  import { enhance } from '$app/forms';
  import { Button, Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { LEVELS } from '$core/library';
  import { massFromKg, type MassUnit } from '$core/units';
  import type { Trouble } from './AddAthletes.svelte';
  import CommandId from '../parts/CommandId.svelte';

  let {
    person,
    mass,
    editable,
    trouble,
  }: {
    person: {
      name: string;
      birthDate: string | null;
      sex: string | null;
      bodyMassKg: number | null;
      liftLevel: string;
      jumpLevel: string;
      jumpSeasons: number | null;
      growthCmPerMonth: number | null;
      role: string | null;
      guardianConsent: boolean;
    };
    mass: MassUnit;
    editable: boolean;
    trouble: Trouble | null;
  } = $props();

  const shown = (value: number | null): string => (value === null ? '' : String(Math.round(value * 10) / 10));
  const text = (field: string, value: string | null): string => trouble?.typed[field] ?? value ?? '';
  const error = (field: string): string | undefined => trouble?.errors[field]?.[0];
</script>

<section>
  <h2>Facts</h2>
  <form
    method="post"
    action="?/facts"
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
  >
    <CommandId of="facts" />
    <fieldset disabled={!editable}>
      <TextInput
        size="sm"
        labelText="Name"
        name="name"
        value={text('name', person.name)}
        invalid={!!error('name')}
        invalidText={error('name')}
      />
      <div class="two">
        <TextInput
          size="sm"
          type="date"
          labelText="Birth date"
          name="birthDate"
          value={text('birthDate', person.birthDate)}
          invalid={!!error('birthDate')}
          invalidText={error('birthDate')}
        />
        <TextInput
          size="sm"
          labelText="Body mass, {mass}"
          name="bodyMassKg"
          value={text('bodyMassKg', shown(person.bodyMassKg === null ? null : massFromKg(person.bodyMassKg, mass)))}
          invalid={!!error('bodyMassKg')}
          invalidText={error('bodyMassKg')}
        />
        <Select size="sm" labelText="Sex" name="sex" selected={text('sex', person.sex)}>
          <SelectItem value="" text="not noted" /><SelectItem value="female" text="female" /><SelectItem
            value="male"
            text="male"
          />
        </Select>
        <TextInput size="sm" labelText="Role" name="role" value={text('role', person.role)} />
        <Select size="sm" labelText="Lift level" name="liftLevel" selected={text('liftLevel', person.liftLevel)}
          >{#each LEVELS as level (level)}<SelectItem value={level} text={level} />{/each}</Select
        >
        <Select size="sm" labelText="Jump level" name="jumpLevel" selected={text('jumpLevel', person.jumpLevel)}
          >{#each LEVELS as level (level)}<SelectItem value={level} text={level} />{/each}</Select
        >
        <TextInput
          size="sm"
          labelText="Jump seasons"
          name="jumpSeasons"
          value={text('jumpSeasons', shown(person.jumpSeasons))}
          invalid={!!error('jumpSeasons')}
          invalidText={error('jumpSeasons')}
        />
        <TextInput
          size="sm"
          labelText="Growth, cm a month"
          name="growthCmPerMonth"
          value={text('growthCmPerMonth', shown(person.growthCmPerMonth))}
          invalid={!!error('growthCmPerMonth')}
          invalidText={error('growthCmPerMonth')}
        />
      </div>
      <Checkbox labelText="Guardian consent noted (under 18)" name="guardianConsent" checked={person.guardianConsent} />
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
    align-items: end;
  }
</style>
