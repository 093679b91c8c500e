<script lang="ts">
  import { longDate } from '$lib/messages';
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import CommandId from '../parts/CommandId.svelte';

  let {
    moment,
    moments,
    editable,
    message,
  }: {
    moment: { id: string; name: string | null; since: string; by: 'coach' | 'athlete' } | null;
    moments: readonly { id: string; name: string }[];
    editable: boolean;
    message: string | null;
  } = $props();

  const running = $derived(moment?.name ?? null);
</script>

<h2>Weak moment <span class="rule-id">START-12</span></h2>
{#if running}
  <p>
    <b>{running}</b>
    <span class="note"
      >named {moment?.by === 'athlete' ? 'by the athlete ' : ''}on {moment ? longDate(moment.since) : ''}, for one block</span
    >
  </p>
{:else if moment}
  <p class="note">The one named on {longDate(moment.since)} has had its block. Is it still there?</p>
{:else}
  <p class="note">None named. Name one, and the next cards lean to what lies behind it.</p>
{/if}
{#if editable}
  <form method="post" action="?/moment" use:enhance>
    <CommandId of="moment" shows={{ moment: moment?.id ?? '' }} />
    <Select size="sm" labelText="Where it goes wrong in play" name="moment" selected={running ? moment?.id : ''}>
      <SelectItem value="" text="none" />
      {#each moments as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
    </Select>
    <Button type="submit" size="small" kind="tertiary">Keep</Button>
    {#if message}<p role="alert" class="warn-text">{message}</p>{/if}
  </form>
{/if}

<style>
  form {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 12px;
    align-items: end;
  }
</style>
