<script lang="ts">
  import { onDestroy } from 'svelte';
  import { contractRelax, HOLD_S, relaxAt, ROUNDS, type RelaxStep } from '$core/measure';
  import { sayIssue } from '$lib/messages';
  import { Sound } from './sound';

  const SAYS: Readonly<Record<RelaxStep['kind'], string>> = {
    ease: 'Ease to the end of the range',
    ramp: 'Press, slowly more',
    hold: 'Hold the press',
    'let-go': 'Breathe out, let go',
    further: 'A little further, and rest there',
  };
  const TONES: Readonly<Record<RelaxStep['kind'], number>> = {
    ease: 660,
    ramp: 880,
    hold: 1100,
    'let-go': 660,
    further: 550,
  };

  let rounds = $state('3');
  let hold = $state('8');
  let elapsed = $state(0);
  let running = $state(false);
  let timer: ReturnType<typeof setInterval> | null = null;
  let startedAt = 0;
  const sound = new Sound();

  const plan = $derived(contractRelax(Number(rounds), Number(hold.replace(',', '.'))));
  const steps = $derived(plan.ok ? plan.value : []);
  const total = $derived(steps.reduce((sum, { seconds }) => sum + seconds, 0));
  const now = $derived(relaxAt(steps, elapsed));

  /** The effort over the whole of it: one line, 600 wide and 80 high. */
  const line = $derived.by(() => {
    let at = 0;
    return steps.flatMap(({ seconds, effort }) => {
      const from = at;
      at += seconds;
      return [
        `${String((from / total) * 600)},${String(84 - effort[0] * 80)}`,
        `${String((at / total) * 600)},${String(84 - effort[1] * 80)}`,
      ];
    });
  });

  function start(): void {
    if (!plan.ok) return;
    sound.open();
    elapsed = 0;
    running = true;
    startedAt = performance.now();
    let last: RelaxStep | null = null;
    timer = setInterval(() => {
      elapsed = (performance.now() - startedAt) / 1000;
      const step = relaxAt(steps, elapsed)?.step ?? null;
      if (step !== last) sound.tone(step ? TONES[step.kind] : 440);
      last = step;
      if (!step) stop();
    }, 50);
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

<div class="relax">
  <p class="caution">
    Not on a muscle strained in the last weeks. Stop at tingling, numbness or pain: then it is for a clinician.
    <span class="rule-id">SAFE-9</span>
  </p>
  <div class="fields">
    <label
      ><span class="label">Rounds a side</span>
      <select bind:value={rounds} disabled={running}
        >{#each ROUNDS as n (n)}<option value={String(n)}>{n}</option>{/each}</select
      ></label
    >
    <label
      ><span class="label">Hold, {HOLD_S[0]}–{HOLD_S[1]} s</span>
      <input inputmode="decimal" bind:value={hold} aria-invalid={!plan.ok} disabled={running} /></label
    >
  </div>
  {#if !plan.ok}<p class="warn-text" role="alert">{plan.issues.map(sayIssue).join(' ')}</p>{/if}
  <p class="big" role="status" aria-live={running ? 'off' : 'polite'}>
    {#if running && now}<b>{Math.ceil(now.leftS)}</b>
      <span>{SAYS[now.step.kind]} <small>round {now.step.round} of {rounds}</small></span>
    {:else}<b>{Math.round(total)}</b>
      <span>{elapsed > 0 && elapsed >= total ? 'Done. Now the other side.' : 'seconds a side'}</span>{/if}
  </p>
  {#if plan.ok}
    <svg viewBox="0 0 600 96" role="img" aria-label="Effort over time: it rises over 2 s in each round">
      <line x1="0" x2="600" y1="84" y2="84" class="floor" />
      <polyline points={line.join(' ')} />
      {#if running}<line class="now" x1={(elapsed / total) * 600} x2={(elapsed / total) * 600} y1="0" y2="90" />{/if}
    </svg>
  {/if}
  <p><button onclick={running ? stop : start}>{running ? 'Stop' : 'Start'}</button></p>
</div>

<style>
  .relax {
    display: grid;
    gap: 14px;
    max-width: 640px;
  }
  .caution {
    border-left: 3px solid var(--almagre-t);
    background: var(--almagre-w);
    padding: 8px 12px;
  }
  .fields {
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
  .big {
    display: flex;
    gap: 16px;
    align-items: baseline;
    font-size: 20px;
    line-height: 26px;
  }
  .big b {
    font-size: 72px;
    line-height: 76px;
    font-stretch: 72%;
    min-width: 84px;
  }
  small {
    display: block;
    color: var(--ink-2);
    font-size: 14px;
  }
  svg {
    width: 100%;
    height: auto;
  }
  polyline {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2.5;
    stroke-linejoin: round;
  }
  .floor {
    stroke: var(--edge);
    stroke-width: 1;
  }
  .now {
    stroke: var(--almagre);
    stroke-width: 2.5;
  }
  button {
    border: 1px solid var(--ink);
    background: transparent;
    color: var(--ink);
    min-height: 48px;
    min-width: 96px;
    padding: 0 16px;
    font-weight: 620;
    cursor: pointer;
  }
</style>
