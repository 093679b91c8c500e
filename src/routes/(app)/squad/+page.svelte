<script lang="ts">
  import { Button, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
  import { NEW_PLACE } from '$lib/model/forms';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import GymTimes from '$lib/ui/squad/GymTimes.svelte';
  import NewPlace from '$lib/ui/squad/NewPlace.svelte';

  let { data, form } = $props();
  // svelte-ignore state_referenced_locally
  let name = $state(form?.typed.name ?? '');
  // svelte-ignore state_referenced_locally
  let names = $state(form?.typed.names ?? '');
  // svelte-ignore state_referenced_locally
  const [first, second] = data.places;
  // svelte-ignore state_referenced_locally
  let place = $state(form?.typed.facilityId ?? (second ? '' : (first?.id ?? NEW_PLACE)));
  const error = (field: string): string | undefined => form?.errors[field]?.[0];
</script>

<svelte:head><title>New squad · Jaleo</title></svelte:head>
<form method="post" action="?/make" use:enhance={keep}>
  <CommandId of="make" />
  <header>
    <h1>{data.squads.length === 0 ? 'Your first squad' : 'A new squad'}</h1>
    <p>Who they are, when and where they train: enough for a first card. All of it can be changed later.</p>
  </header>
  <section>
    <h2>Squad</h2>
    <TextInput
      size="sm"
      labelText="Squad"
      name="name"
      placeholder="First team"
      bind:value={name}
      invalid={!!error('name')}
      invalidText={error('name')}
    />
    <Select
      size="sm"
      labelText="Sport"
      name="sportId"
      selected={form?.typed.sportId ?? ''}
      invalid={!!error('sportId')}
      invalidText={error('sportId')}
    >
      <SelectItem value="" text="Choose the sport" />
      {#each data.sports as { id, name: sport } (id)}<SelectItem value={id} text={sport} />{/each}
    </Select>
    <GymTimes gymDays={[]} trouble={form} />
    <h2>Place</h2>
    {#if data.places.length === 0}
      <input type="hidden" name="facilityId" value={NEW_PLACE} />
    {:else}
      <Select
        size="sm"
        labelText="Where it trains"
        name="facilityId"
        bind:selected={place}
        invalid={!!error('facilityId')}
        invalidText={error('facilityId')}
      >
        {#if data.places.length > 1}<SelectItem value="" text="Choose the place" />{/if}
        {#each data.places as { id, name: there } (id)}<SelectItem value={id} text={there} />{/each}
        <SelectItem value={NEW_PLACE} text="Another place" />
      </Select>
    {/if}
    {#if place === NEW_PLACE}<NewPlace trouble={form} />{/if}
  </section>
  <section>
    <h2>People</h2>
    <TextArea
      labelText="Names, one a line"
      helperText="Paste from a spreadsheet too: name, birth date, body mass in {data.massUnit}, level, sex, role; or any columns under a heading, last lifts among them (Back squat: 100 x 5). Only the name is needed, and they may come later."
      name="names"
      rows={14}
      bind:value={names}
      invalid={!!error('names')}
      invalidText={form?.errors.names?.join(' ')}
    />
    <div><Button type="submit">Make the squad</Button></div>
  </section>
</form>

<style>
  form {
    max-width: 1000px;
    padding: 24px 32px 48px;
    display: grid;
    grid-template-columns: minmax(0, 360px) minmax(0, 1fr);
    gap: 20px 48px;
    align-items: start;
  }
  header {
    grid-column: 1 / -1;
    display: grid;
    gap: 6px;
  }
  section {
    display: grid;
    gap: 14px;
    align-content: start;
  }
  h2 {
    border-top: var(--rule);
    padding-top: 10px;
  }
  @media (max-width: 800px) {
    form {
      grid-template-columns: minmax(0, 1fr);
      padding-inline: 16px;
    }
  }
</style>
