<script lang="ts">
  import type { TierReading } from '$core/startline';

  let {
    tiers,
    limiting,
    said,
  }: { tiers: readonly TierReading[]; limiting: string | null; said: (tier: TierReading) => string } = $props();
  /** half widths at foot and top of each tier, in a 250 wide box */
  const SHAPE = [
    [124, 110],
    [106, 92],
    [86, 72],
    [62, 48],
  ] as const;
  const HEIGHT = 46;
</script>

<svg viewBox="0 0 252 206" role="img" aria-label={tiers.map((tier) => `${tier.tier} ${tier.state}`).join(', ')}>
  {#each tiers as tier, i (tier.tier)}
    {@const [foot, top] = SHAPE[i] ?? [40, 30]}
    {@const y = 204 - i * 51}
    {@const limits = tier.tier === limiting}
    <path
      d="M{126 - foot} {y}L{126 - top} {y - HEIGHT}H{126 + top}L{126 + foot} {y}Z"
      class:passed={tier.state === 'passed'}
      class:failed={tier.state === 'failed' && !limits}
      class:limits
      class:unknown={tier.state === 'unknown'}
    />
    <text x="126" y={y - 26} class:on={tier.state === 'passed'} class:lit={limits}>{tier.tier}</text>
    <text x="126" y={y - 11} class="said" class:on={tier.state === 'passed'} class:lit={limits}>{said(tier)}</text>
  {/each}
</svg>

<style>
  svg {
    width: 100%;
    max-width: 270px;
    display: block;
  }
  .passed {
    fill: var(--ink);
  }
  .limits {
    fill: var(--albero);
    stroke: var(--ink);
    stroke-width: 2.5;
  }
  .failed {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  .unknown {
    fill: none;
    stroke: var(--pizarra);
    stroke-dasharray: 3 3;
  }
  text {
    text-anchor: middle;
    fill: var(--ink);
    font-size: 14.5px;
    font-weight: 640;
    font-stretch: 108%;
  }
  .said {
    font-size: 11px;
    font-weight: 420;
    font-stretch: 80%;
  }
  .on {
    fill: var(--cal);
  }
  .lit {
    fill: var(--on-albero, #14162e);
  }
</style>
