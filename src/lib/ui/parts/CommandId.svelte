<script lang="ts">
  import { v5 } from 'uuid';
  import { page } from '$app/state';

  /** Names the form on its page: the same form sent twice is one command. */
  let { of }: { of: string } = $props();
  const id = $derived(v5(of, (page.data as { formId: string }).formId));
</script>

<input type="hidden" name="commandId" value={id} />
