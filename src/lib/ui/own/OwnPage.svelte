<script lang="ts">
  import type { Snippet } from 'svelte';

  let { title, day, children }: { title: string; day: string; children: Snippet } = $props();
</script>

<!-- what an athlete sees by a personal link, on a phone: never in a search engine -->
<svelte:head><title>{title} · Jaleo</title><meta name="robots" content="noindex" /></svelte:head>
<header><b>Jaleo</b><span>{day}</span></header>
<main>{@render children()}</main>

<style>
  header {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    padding: 12px 20px;
    border-bottom: var(--bold-rule);
  }
  header b {
    font-size: 18px;
    font-weight: 720;
    font-stretch: 122%;
  }
  main {
    max-width: 480px;
    margin: 0 auto;
    padding: 14px 20px 32px;
    font-size: 16px;
    line-height: 22px;
  }
  main :global(h1) {
    font-size: 25px;
    line-height: 32px;
  }
  main :global(fieldset) {
    border: 0;
    padding: 0;
    margin: 0 0 12px;
    min-width: 0;
  }
  main :global(label:has(input:focus-visible)) {
    outline: 2px solid var(--cds-focus);
    outline-offset: 2px;
  }
  main :global(.main) {
    min-height: 52px;
    border: 0;
    background: var(--almagre);
    color: var(--on-almagre);
    font-size: 18px;
    font-weight: 640;
    cursor: pointer;
  }
  main > :global(p) {
    margin-top: 12px;
  }
</style>
