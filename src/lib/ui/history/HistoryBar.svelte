<script lang="ts">
  import type { Snippet } from 'svelte';
  import { HISTORY_WEEKS, type HistoryWeeks } from '$lib/model/athlete-history';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    weeks,
    link,
    table = $bindable(),
    image,
    file,
    children,
  }: {
    weeks: HistoryWeeks;
    link: (weeks: HistoryWeeks) => string;
    table: boolean;
    /** null = nothing is drawn */
    image: (() => string) | null;
    file: string;
    children: Snippet;
  } = $props();

  const WORDS: Readonly<Record<HistoryWeeks, string>> = { 6: '6 weeks', 14: '14 weeks', 104: '2 years' };
  const save = (): void => {
    const anchor = document.createElement('a');
    anchor.href = image?.() ?? '';
    anchor.download = `${file}.svg`;
    anchor.click();
  };
</script>

<header>
  {@render children()}
  <nav aria-label="Time shown">
    {#each HISTORY_WEEKS as one (one)}
      <a href={link(one)} aria-current={one === weeks ? 'true' : undefined}>{WORDS[one]}</a>
    {/each}
  </nav>
  <QuietButton aria-pressed={table} onclick={() => (table = !table)}>Table</QuietButton>
  {#if image}<QuietButton onclick={save}>Save as image</QuietButton>{/if}
</header>

<style>
  header {
    display: flex;
    gap: 14px;
    align-items: center;
    flex-wrap: wrap;
    padding: 10px 16px;
    border-bottom: var(--rule);
  }
  nav {
    margin-left: auto;
  }
  /* the parts of an athlete's page and the time shown are chosen alike */
  header :global(nav) {
    display: flex;
    border: 1px solid var(--ink);
  }
  header :global(nav a) {
    padding: 6px 12px;
    color: inherit;
    text-decoration: none;
    font-weight: 560;
    font-stretch: 92%;
  }
  header :global(nav a[aria-current]) {
    background: var(--ink);
    color: var(--cal);
  }
</style>
