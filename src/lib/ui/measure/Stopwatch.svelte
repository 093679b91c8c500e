<script lang="ts">
  import { onDestroy } from 'svelte';

  let { set }: { set: (field: string, text: string) => void } = $props();
  const DISTANCES = [5, 10, 20, 30, 40];
  let began = $state<number | null>(null);
  let shown = $state(0);
  let splits = $state.raw<readonly number[]>([]);
  let frame = 0;

  function tick(): void {
    if (began === null) return;
    shown = (performance.now() - began) / 1000;
    frame = requestAnimationFrame(tick);
  }
  onDestroy(() => {
    if (typeof cancelAnimationFrame !== 'undefined') cancelAnimationFrame(frame);
  });
  /** Starts, takes a split for the next distance, and stops after the last. */
  function press(): void {
    if (began === null) {
      began = performance.now();
      splits = [];
      tick();
      return;
    }
    splits = [...splits, (performance.now() - began) / 1000];
    const lines = splits.map((time, i) => `${String(DISTANCES[i] ?? 0)} ${time.toFixed(2)}`);
    set('splits', lines.join('\n'));
    if (splits.length >= DISTANCES.length) stop();
  }
  function stop(): void {
    cancelAnimationFrame(frame);
    began = null;
  }
</script>

<div class="watch">
  <b aria-live="off">{shown.toFixed(2)} s</b>
  <button onclick={press}>{began === null ? 'Start' : `Split ${String(DISTANCES[splits.length] ?? '')} m`}</button>
  {#if began !== null}<button onclick={stop}>Stop</button>{/if}
  <span class="note"
    >Space or Enter presses it. By hand a split is good to 0.1–0.2 s: type timed gates below instead where you have
    them.</span
  >
</div>

<style>
  .watch {
    display: flex;
    gap: 16px;
    align-items: center;
    flex-wrap: wrap;
  }
  b {
    font-size: 32px;
    line-height: 40px;
    font-stretch: 78%;
    min-width: 110px;
  }
  button {
    border: 1px solid var(--ink);
    background: transparent;
    color: var(--ink);
    min-height: 48px;
    padding: 0 20px;
    cursor: pointer;
    font-weight: 620;
  }
</style>
