<script lang="ts">
  import { onDestroy } from 'svelte';
  import { Sound } from './sound';

  let { onwrite }: { onwrite: ((test: string, value: number, side: 'left' | 'right') => void) | null } = $props();
  let perMinute = $state('60');
  let test = $state('calf-straight');
  let side = $state<'left' | 'right'>('left');
  let beats = $state(0);
  let extra = $state(0);
  let running = $state(false);
  const sound = new Sound();
  let timer: ReturnType<typeof setInterval> | null = null;

  /** Up on one beat, down on the next. */
  const BEATS_A_REP = 2;
  const rate = $derived(Number(perMinute.replace(',', '.')));
  const good = $derived(rate >= 20 && rate <= 200);
  const reps = $derived(Math.max(0, Math.floor(beats / BEATS_A_REP) + extra));

  const click = (high: boolean): void => sound.tone(high ? 1320 : 880);
  function start(): void {
    if (!good) return;
    beats = 0;
    extra = 0;
    running = true;
    sound.open();
    click(true);
    timer = setInterval(() => {
      beats += 1;
      click(beats % BEATS_A_REP === 0);
    }, 60_000 / rate);
  }
  function stop(): void {
    running = false;
    if (timer) clearInterval(timer);
    timer = null;
  }
  onDestroy(() => {
    stop();
    sound.close();
  });
</script>

<div class="counter">
  <div class="fields">
    <label
      ><span class="label">Test</span>
      <select bind:value={test}>
        <option value="calf-straight">Calf raise, knee straight</option>
        <option value="calf-bent">Calf raise, knee bent</option>
        <option value="">Bridge, one leg: count only</option>
      </select></label
    >
    <label
      ><span class="label">Side</span>
      <select bind:value={side}><option value="left">left</option><option value="right">right</option></select></label
    >
    <label
      ><span class="label">Beats a minute</span>
      <input inputmode="decimal" bind:value={perMinute} aria-invalid={!good} disabled={running} /></label
    >
  </div>
  {#if !good}<p class="warn-text" role="alert">From 20 to 200 beats a minute.</p>{/if}
  <p class="big" role="status"><b>{reps}</b> reps</p>
  <p class="buttons">
    <button onclick={running ? stop : start}>{running ? 'Stop: height or beat lost' : 'Start'}</button>
    <button onclick={() => (extra -= 1)}>−1</button>
    <button onclick={() => (extra += 1)}>+1</button>
    {#if onwrite && test !== '' && !running && reps > 0}<button onclick={() => onwrite(test, reps, side)}
        >Write it down</button
      >{/if}
  </p>
  <p class="note">
    Up on the high beat, down on the low one. The last rep that lost height does not count: take it off with −1.
  </p>
</div>

<style>
  .counter {
    display: grid;
    gap: 14px;
    max-width: 640px;
  }
  .fields,
  .buttons {
    display: flex;
    gap: 12px;
    flex-wrap: wrap;
  }
  label {
    display: grid;
    gap: 2px;
  }
  input,
  select {
    height: 40px;
    border: 0;
    border-bottom: 1px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    font: inherit;
    padding: 0 10px;
  }
  .big b {
    font-size: 72px;
    line-height: 76px;
    font-stretch: 72%;
  }
  button {
    border: 1px solid var(--ink);
    background: transparent;
    color: var(--ink);
    min-height: 48px;
    min-width: 56px;
    padding: 0 16px;
    font-weight: 620;
    cursor: pointer;
  }
</style>
