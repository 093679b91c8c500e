<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';
  import CommandId from '../parts/CommandId.svelte';
  import DayField from '../parts/DayField.svelte';
  import TypedField from '../parts/TypedField.svelte';

  let {
    complaintId,
    answered,
    stages,
    upTo,
    trouble,
    onkept,
  }: {
    complaintId: string;
    /** the complaint as it stands on this page */
    answered: string;
    stages: readonly { id: string; name: string }[];
    /** the furthest stage of the note before; null = none went by stages */
    upTo: string | null;
    trouble: Trouble | null;
    onkept: () => void;
  } = $props();

  // svelte-ignore state_referenced_locally
  let lifts = $state(trouble?.typed.lifts ?? (upTo === null ? '' : 'stages'));

  const typed = (field: string): string => trouble?.typed[field] ?? '';
</script>

<form
  method="post"
  action="?/clearance"
  use:enhance={() =>
    async ({ result, update }) => {
      await update({ reset: false });
      if (result.type === 'success') onkept();
    }}
>
  <CommandId of="clearance" />
  <input type="hidden" name="complaintId" value={complaintId} />
  <input type="hidden" name="answered" value={answered} />
  <TypedField label="Cleared by (role)" name="role" {trouble} />
  <DayField label="Holds through" name="expires" {trouble} />
  <Select size="sm" labelText="Lifts" name="lifts" bind:selected={lifts}
    ><SelectItem value="" text="everything at once" /><SelectItem
      value="stages"
      text="stage by stage (return)"
    /><SelectItem value="mild" text="down to a score of 1–2" /><SelectItem
      value="three"
      text="down to a score of 3"
    /></Select
  >
  {#if lifts === 'stages'}
    <Select size="sm" labelText="This note opens up to" name="upTo" selected={typed('upTo') || upTo || stages[0]?.id}
      >{#each stages as { id, name } (id)}<SelectItem value={id} text={name} />{/each}</Select
    >
    <p class="note">
      Each stage opens after two fine mornings at the one before; pain of 3 or more goes one back. <span class="rule-id"
        >SAFE-2</span
      >
    </p>
  {/if}
  <TypedField label="Loads up to, % (empty = any)" name="maxPercent" {trouble} />
  <Select size="sm" labelText="Jumps up to" name="maxTier" selected={typed('maxTier')}
    ><SelectItem value="" text="any tier" /><SelectItem value="medium" text="medium tier" /><SelectItem
      value="low"
      text="low tier"
    /><SelectItem value="none" text="no jumps" /></Select
  >
  <TypedField label="In the clinician’s words (lifts nothing by itself)" name="note" {trouble} />
  <Button type="submit" size="small" kind="tertiary">Keep clearance</Button>
</form>

<style>
  form {
    display: grid;
    gap: 10px;
    justify-self: stretch;
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
  }
</style>
