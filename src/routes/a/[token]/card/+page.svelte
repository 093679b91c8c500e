<script lang="ts">
  import { page } from '$app/state';
  import type { Family } from '$core/library';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';

  let { data } = $props();
</script>

<svelte:head><title>{data.name} · Jaleo</title><meta name="robots" content="noindex" /></svelte:head>
<header><b>Jaleo</b><span>{data.day ?? ''}</span></header>
<main>
  <h1>{data.name}</h1>
  <ol>
    {#each data.lines as { slot, name, family, dose, cues, caution } (slot)}
      <li>
        <FamilyGlyph family={family as Family} size={26} />
        <div>
          <b>{name}</b>
          <p class="dose">{dose}</p>
          <p class="note">{cues.join(' ')}</p>
          <p class="note">{caution}</p>
        </div>
      </li>
    {:else}<li>No card yet.</li>{/each}
  </ol>
  <p><a href={page.url.pathname.replace(/\/card$/, '')}>Morning check-in</a></p>
</main>

<style>
  header {
    display: flex;
    justify-content: space-between;
    padding: 12px 20px;
    border-bottom: var(--bold-rule);
  }
  header b {
    font-size: 18px;
    font-weight: 720;
    font-stretch: 122%;
  }
  main {
    max-width: 520px;
    margin: 0 auto;
    padding: 14px 20px 32px;
    font-size: 16px;
    line-height: 22px;
  }
  li {
    display: flex;
    gap: 14px;
    padding: 10px 0;
    border-bottom: var(--rule);
  }
  .dose {
    font-size: 18px;
    line-height: 24px;
    font-weight: 600;
    font-stretch: 78%;
  }
  main > p {
    margin-top: 16px;
  }
</style>
