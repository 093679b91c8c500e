<script lang="ts">
  import type { TierReading } from '$core/startline';

  let {
    tiers,
    limiting,
    size = 22,
  }: { tiers: readonly TierReading[]; limiting: string | null; size?: number } = $props();
  /** half widths from the ground up, in a 24 box */
  const WIDTH = [10, 8, 5.5, 3];
</script>

<svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true">
  {#each tiers as { tier, state }, i (tier)}
    {@const y = 18.5 - i * 4.6}
    {@const w = WIDTH[i] ?? 3}
    {#if state === 'unknown'}
      <path d="M{12 - w} {y + 2}H{12 + w}" class="unknown" />
    {:else}
      <rect
        x={12 - w}
        {y}
        width={2 * w}
        height="3.6"
        class:limits={tier === limiting}
        class:failed={state === 'failed'}
      />
    {/if}
  {/each}
</svg>

<style>
  rect {
    fill: var(--ink);
  }
  .failed {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.4;
  }
  .limits {
    fill: var(--albero);
    stroke: var(--ink);
    stroke-width: 1.6;
  }
  .unknown {
    stroke: var(--pizarra);
    stroke-width: 1.6;
    stroke-dasharray: 2 2;
  }
</style>
