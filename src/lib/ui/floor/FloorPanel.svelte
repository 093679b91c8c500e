<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Attachment } from 'svelte/attachments';

  let { name, shown, children }: { name: string; shown?: Attachment<HTMLElement>; children: Snippet } = $props();
</script>

<!-- What opens under the racks. -->
<section aria-label={name} {@attach shown}>{@render children()}</section>

<style>
  section {
    margin-top: 12px;
    padding: 14px;
    border: 2px solid var(--ink);
    background: var(--cal-1);
    font-size: 18px;
    line-height: 24px;
  }
</style>
