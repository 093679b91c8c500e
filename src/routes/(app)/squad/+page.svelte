<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import CommandId from '$lib/ui/parts/CommandId.svelte';

  let { data, form } = $props();
  // svelte-ignore state_referenced_locally
  let name = $state(form?.typed.name ?? '');
</script>

<svelte:head><title>New squad · Jaleo</title></svelte:head>
<div class="page">
  <h1>{data.squads.length === 0 ? 'Your first squad' : 'A new squad'}</h1>
  <p>Name it and choose its sport. Athletes come next: type them, or paste names from a spreadsheet.</p>
  <form method="post" action="?/make" use:enhance={keep}>
    <CommandId of="make" />
    <TextInput
      labelText="Squad"
      name="name"
      placeholder="First team"
      bind:value={name}
      invalid={!!form?.errors.name}
      invalidText={form?.errors.name?.[0]}
    />
    <Select labelText="Sport" name="sportId" selected={form?.typed.sportId ?? data.sports[0]?.id}>
      {#each data.sports as { id, name: sport } (id)}<SelectItem value={id} text={sport} />{/each}
    </Select>
    {#if data.places.length > 1}
      <Select
        labelText="Where it trains"
        name="facilityId"
        selected={form?.typed.facilityId ?? ''}
        invalid={!!form?.errors.facilityId}
        invalidText={form?.errors.facilityId?.[0]}
      >
        <SelectItem value="" text="Choose the place" />
        {#each data.places as { id, name: place } (id)}<SelectItem value={id} text={place} />{/each}
      </Select>
    {:else if data.places[0]}
      <p class="note">It trains at {data.places[0].name}. Settings, Places adds another.</p>
    {/if}
    <Button type="submit">Make the squad</Button>
  </form>
</div>

<style>
  .page {
    max-width: 480px;
    padding: 28px 32px;
    display: grid;
    gap: 16px;
    align-content: start;
  }
  form {
    display: grid;
    gap: 16px;
  }
</style>
