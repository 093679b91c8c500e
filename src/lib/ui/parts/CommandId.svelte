<script lang="ts">
  import { page } from '$app/state';

  /** Names the form on its page: the same form sent twice is one command. */
  let { of }: { of: string } = $props();
  const formId = $derived((page.data as { formId: string }).formId);
</script>

<input type="hidden" name="commandId" value="{formId} {of}" />
