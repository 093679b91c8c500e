<script lang="ts">
  import type { Family } from '$core/library';
  import { FAMILY_WORDS } from '$lib/messages';
  import { FAMILY_HUE, GLYPHS } from './family-glyph';

  let { family, size = 22, ink = false }: { family: Family; size?: number; ink?: boolean } = $props();
  const glyph = $derived(GLYPHS[family]);
</script>

<svg
  width={size}
  height={size}
  viewBox="0 0 24 24"
  role="img"
  aria-label={FAMILY_WORDS[family]}
  style:color="var(--{ink ? 'ink' : FAMILY_HUE[family]})"
>
  {#each glyph.strokes as path (path)}<path
      d={path}
      fill="none"
      stroke="currentColor"
      stroke-width="2"
      stroke-linejoin="miter"
    />{/each}
  {#each glyph.dots as [x, y, r] (`${x} ${y}`)}<circle cx={x} cy={y} {r} fill="currentColor" />{/each}
</svg>

<style>
  svg {
    flex: none;
    display: block;
  }
</style>
