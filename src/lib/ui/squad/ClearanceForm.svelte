<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';
  import CommandId from '../parts/CommandId.svelte';
  import TypedField from '../parts/TypedField.svelte';

  let { complaintId, trouble, onkept }: { complaintId: string; trouble: Trouble | null; onkept: () => void } = $props();

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
  <TypedField label="Cleared by (role)" name="role" {trouble} />
  <TypedField type="date" label="Holds through" name="expires" {trouble} />
  <TypedField label="Loads up to, % (empty = any)" name="maxPercent" {trouble} />
  <Select size="sm" labelText="Jumps up to" name="maxTier" selected={typed('maxTier')}
    ><SelectItem value="" text="any tier" /><SelectItem value="medium" text="medium tier" /><SelectItem
      value="low"
      text="low tier"
    /><SelectItem value="none" text="no jumps" /></Select
  >
  <TypedField label="In the clinician’s words (lifts nothing by itself)" name="note" {trouble} />
  <Select size="sm" labelText="Lifts down to" name="lifts" selected={typed('lifts')}
    ><SelectItem value="" text="nothing barred" /><SelectItem value="mild" text="as a score of 1–2" /><SelectItem
      value="three"
      text="as a score of 3"
    /></Select
  >
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
