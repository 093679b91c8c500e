<script lang="ts">
  import type { Snippet } from 'svelte';

  let { onclick, main = false, children }: { onclick: () => void; main?: boolean; children: Snippet } = $props();
</script>

<button type="button" class:main {onclick}>{@render children()}</button>

<style>
  button {
    min-height: 50px;
    padding: 0 20px;
    border: 2px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    font-size: 18px;
    font-weight: 600;
    font-stretch: 84%;
    cursor: pointer;
  }
  .main {
    background: var(--almagre);
    border-color: var(--almagre);
    color: var(--on-almagre);
  }
</style>
