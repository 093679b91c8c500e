<script lang="ts">
  let {
    name,
    low,
    high,
    max,
    before = null,
    after,
    words,
  }: {
    name: string;
    low: number;
    high: number;
    max: number;
    before?: number | null;
    after: number | null;
    words: string;
  } = $props();
  const at = (value: number): number => Math.min(100, Math.max(0, (value / max) * 100));
</script>

<div class="bar">
  <p><span>{name}</span><span class="figure">{words}</span></p>
  <div class="line" aria-hidden="true">
    <i class="band" style:left="{at(low)}%" style:width="{at(high) - at(low)}%"></i>
    {#if before !== null && after !== null}<i
        class="join"
        style:left="{Math.min(at(before), at(after))}%"
        style:width="{Math.abs(at(after) - at(before))}%"
      ></i>{/if}
    {#if before !== null}<i class="before" style:left="{at(before)}%"></i>{/if}
    {#if after !== null}<i class="after" style:left="{at(after)}%"></i>{/if}
  </div>
</div>

<style>
  p {
    display: flex;
    justify-content: space-between;
    font-size: 13px;
    line-height: 17px;
    font-stretch: 90%;
  }
  .line {
    position: relative;
    height: 12px;
    margin-bottom: 5px;
  }
  .line::before {
    content: '';
    position: absolute;
    inset: 5.5px 0 auto;
    border-top: var(--rule);
  }
  i {
    position: absolute;
  }
  .band {
    top: 2px;
    height: 8px;
    background: var(--pizarra-w);
    border-inline: 2px solid var(--edge);
  }
  .join {
    top: 5px;
    height: 2px;
    background: var(--ink);
  }
  .before {
    top: 2px;
    width: 8px;
    height: 8px;
    margin-left: -4px;
    border: 2px solid var(--ink);
    border-radius: 50%;
    background: var(--cal);
  }
  .after {
    top: 0;
    width: 6px;
    height: 12px;
    margin-left: -3px;
    background: var(--ink);
  }
</style>
