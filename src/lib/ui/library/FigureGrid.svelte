<script lang="ts">
  import type { LibraryRow } from '$lib/model/library';
  import { FAMILY_HUE } from '$lib/ui/glyphs/family-glyph';
  import Figure from '$lib/ui/figures/Figure.svelte';

  let { entries }: { entries: readonly LibraryRow[] } = $props();

  /** The drawings are many: they come only when they are asked for. */
  const drawings = import('$lib/ui/figures/drawings');
</script>

{#await drawings}
  <p class="note">Drawing…</p>
{:then { drawingOf }}
  <ul>
    {#each entries as entry (entry.id)}
      {@const drawing = drawingOf(entry.id)}
      <li>
        <a href="/library/{entry.id}">
          {#if drawing}
            <Figure
              figure={drawing}
              work={entry.work}
              hue={FAMILY_HUE[entry.family]}
              height={92}
              maxWidth={196}
              label="{entry.name}, drawn"
            />
          {:else}<span class="note">not drawn yet</span>{/if}
          <span>{entry.name}</span>
        </a>
      </li>
    {/each}
  </ul>
{:catch}
  <p>The drawings did not come through. Try again with a connection.</p>
{/await}

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(212px, 1fr));
    gap: 1px;
    background: var(--cal-3);
    border: 1px solid var(--cal-3);
  }
  li {
    background: var(--cal);
    content-visibility: auto;
    contain-intrinsic-size: auto 150px;
  }
  a,
  a:visited {
    display: grid;
    grid-template-rows: 110px auto;
    align-items: end;
    justify-items: center;
    gap: 8px;
    padding: 10px 8px;
    color: var(--ink);
    text-decoration: none;
    text-align: center;
    font-size: 13px;
    font-weight: 560;
    font-stretch: 90%;
    overflow: hidden;
    height: 100%;
  }
  a:hover {
    background: var(--cal-1);
  }
</style>
