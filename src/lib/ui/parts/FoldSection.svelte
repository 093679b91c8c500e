<script lang="ts">
  import type { Snippet } from 'svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    title,
    change = 'Change',
    editable,
    open = $bindable(),
    children,
    form,
  }: {
    title: string;
    /** what the button that opens the form says */
    change?: string;
    editable: boolean;
    open: boolean;
    /** how it stands */
    children: Snippet;
    form: Snippet;
  } = $props();
</script>

<section>
  <header>
    <h2>{title}</h2>
    {#if editable}<QuietButton aria-expanded={open} onclick={() => (open = !open)}
        >{open ? 'Close' : change}</QuietButton
      >{/if}
  </header>
  {@render children()}
  {#if open}{@render form()}{/if}
</section>

<style>
  section,
  section > :global(form) {
    display: grid;
    gap: 10px;
  }
  header {
    display: flex;
    justify-content: space-between;
  }
  section > :global(dl) {
    display: grid;
    grid-template-columns: 104px minmax(0, 1fr);
    gap: 2px 12px;
  }
  section > :global(dl dt) {
    color: var(--ink-2);
  }
</style>
