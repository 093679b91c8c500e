<script lang="ts">
  import { page } from '$app/state';
  import type { Texts } from '$lib/model/merge-texts';

  /**
   * Names the form on its page: the same form sent twice is one command. `shows` is the record as the form's fields show
   * it, so that what somebody else changed meanwhile is told and not written over.
   */
  let { of, shows = null }: { of: string; shows?: Texts | null } = $props();
  const formId = $derived((page.data as { formId: string }).formId);
  /** what came back with a refusal is what its fields show now */
  const refused = $derived(page.form as { form?: string; seen?: Texts | null; errors?: object } | null);
  const seen = $derived(
    refused?.form === of && refused.seen && Object.keys(refused.errors ?? {}).length > 0 ? refused.seen : shows,
  );
</script>

<input type="hidden" name="commandId" value="{formId} {of}" />
{#if seen}<input type="hidden" name="seen" value={JSON.stringify(seen)} />{/if}
