<script lang="ts">
  import { FAMILY_HUE } from '../glyphs/family-glyph';
  import type { ScoreBeat } from '$lib/model/score';

  let {
    beats,
    minutes,
    height = 13,
    hue = true,
    cursorS = null,
  }: {
    beats: readonly ScoreBeat[];
    minutes: number;
    height?: number;
    hue?: boolean;
    cursorS?: number | null;
  } = $props();
  const width = 600;
  const first = $derived(beats[0]?.startS ?? 0);
  const last = $derived(Math.max(...beats.map((beat) => beat.startS + beat.durationS), 0));
  // a card that runs over its minutes still ends inside the strip
  const scale = $derived(width / Math.max(minutes * 60, last));
</script>

<svg viewBox="0 0 {width} {height}" preserveAspectRatio="none" width="100%" {height} aria-hidden="true">
  <path
    d="M{first * scale} {height - 0.5}H{last * scale}"
    stroke="var(--ink)"
    stroke-width="1"
    vector-effect="non-scaling-stroke"
  />
  {#each beats as beat, i (i)}
    {@const w = Math.max(2, beat.durationS * scale)}
    <g fill="var(--{hue ? FAMILY_HUE[beat.family] : 'ink'})">
      {#if beat.ramp}
        <!-- one rising wedge: the load goes up set by set -->
        <path d="M{beat.startS * scale} {height}L{beat.startS * scale + w} {height / 3}V{height}Z" opacity="0.45" />
      {:else if beat.sides === 2}
        <rect x={beat.startS * scale} y="0" width={Math.max(1.5, w / 2 - 0.7)} {height} />
        <rect x={beat.startS * scale + w / 2 + 0.7} y="0" width={Math.max(1.5, w / 2 - 0.7)} {height} />
      {:else}
        <rect x={beat.startS * scale} y="0" width={w} {height} />
      {/if}
    </g>
  {/each}
  {#if cursorS !== null}<path
      d="M{cursorS * scale} -2V{height + 2}"
      stroke="var(--ink)"
      stroke-width="3"
      vector-effect="non-scaling-stroke"
    />{/if}
</svg>

<style>
  svg {
    display: block;
    overflow: visible;
  }
</style>
