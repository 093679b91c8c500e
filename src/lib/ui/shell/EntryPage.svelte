<script lang="ts">
  import type { Snippet } from 'svelte';

  let { title, children }: { title: string; children: Snippet } = $props();
</script>

<svelte:head><title>{title} · Jaleo</title></svelte:head>
<main>
  <p class="brand">Jaleo</p>
  <h1>{title}</h1>
  {@render children()}
</main>

<style>
  main {
    width: min(400px, 100%);
    margin: 0 auto;
    padding: 72px 24px 48px;
    display: grid;
    gap: 20px;
  }
  .brand {
    font-size: 20px;
    font-weight: 700;
    font-stretch: 122%;
    border-bottom: var(--bold-rule);
    padding-bottom: 12px;
  }
</style>
