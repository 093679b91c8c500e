<script lang="ts">
  import { DEMAND_WORDS } from '$lib/messages';
  import type { LibraryRow } from '$lib/model/library';
  import FamilyGlyph from '$lib/ui/glyphs/FamilyGlyph.svelte';

  let {
    entries,
    ladders,
  }: { entries: readonly LibraryRow[]; ladders: readonly { readonly id: string; readonly name: string }[] } = $props();

  const ladderName = $derived(new Map(ladders.map(({ id, name }) => [id, name])));
  const needs = (entry: { allOf: readonly string[]; anyOf: readonly string[] }): string =>
    [...entry.allOf, ...(entry.anyOf.length > 0 ? [entry.anyOf.join(' or ')] : [])].join(' + ') || 'nothing';
</script>

<ul>
  {#each entries as entry (entry.id)}
    <li>
      <a href="/library/{entry.id}">
        <FamilyGlyph family={entry.family} size={22} />
        <span class="name"
          >{entry.name}{#if entry.own}{' '}<i>own</i>{/if}</span
        >
        <span class="note">{needs(entry)}</span>
        <span class="note">{entry.demands.map((d) => DEMAND_WORDS[d as keyof typeof DEMAND_WORDS]).join(', ')}</span>
        <span class="note"
          >{[
            entry.tier && `${entry.tier} tier`,
            entry.ladder && ladderName.get(entry.ladder),
            entry.level !== 'foundation' && `from ${entry.level}`,
          ]
            .filter(Boolean)
            .join(' · ')}</span
        >
      </a>
    </li>
  {/each}
</ul>

<style>
  li {
    border-bottom: var(--rule);
    content-visibility: auto;
    contain-intrinsic-size: auto 40px;
  }
  li a,
  li a:visited {
    display: grid;
    grid-template-columns: 26px minmax(0, 1.3fr) minmax(0, 0.8fr) minmax(0, 1.2fr) minmax(0, 0.9fr);
    gap: 12px;
    align-items: center;
    min-height: 40px;
    color: var(--ink);
    text-decoration: none;
  }
  li a:hover {
    background: var(--cal-1);
  }
  .name {
    font-size: 14.5px;
    font-weight: 600;
    font-stretch: 92%;
  }
  i {
    font-style: normal;
    font-size: 11.5px;
    border: 1px solid var(--ink);
    padding: 0 4px;
  }
  @media (pointer: coarse) {
    li a {
      min-height: 48px;
    }
  }
  @media (max-width: 900px) {
    li a,
    li a:visited {
      grid-template-columns: 26px minmax(0, 1fr) minmax(0, 1fr);
      padding: 6px 0;
    }
    li a .note:nth-of-type(n + 3) {
      display: none;
    }
  }
</style>
