<script lang="ts">
  import { outputKind } from '$core/jumps';
  import { massFromKg, massToKg, type MassUnit } from '$core/units';
  import type { FloorAthlete, FloorState } from './floor-state.svelte';

  let {
    floor,
    athlete,
    mass,
    onleave,
  }: { floor: FloorState; athlete: FloorAthlete; mass: MassUnit; onleave: () => void } = $props();

  const MOST = { reps: 100, seconds: 600, metres: 400, minutes: 60, breaths: 60, laps: 40 } as const;
  // svelte-ignore state_referenced_locally
  const kind = outputKind(floor.page.views[athlete.exerciseId]?.intent ?? null, athlete.dose);
  const faults = $derived(floor.page.views[athlete.exerciseId]?.faults ?? []);
  // svelte-ignore state_referenced_locally
  const takesLoad = !['bodyweight', 'band', 'ball'].includes(
    floor.page.views[athlete.exerciseId]?.load ?? 'bodyweight',
  );
  // svelte-ignore state_referenced_locally
  let amount = $state(String(athlete.dose.amount));
  // svelte-ignore state_referenced_locally
  let load = $state(
    athlete.dose.loadKg === null ? '' : String(Math.round(massFromKg(athlete.dose.loadKg, mass) * 4) / 4),
  );
  // svelte-ignore state_referenced_locally
  let rir = $state(athlete.dose.rir === null ? '' : String(athlete.dose.rir));
  let fault = $state('');
  let output = $state('');
  let messages = $state<Record<string, string>>({});

  /** the best attempt of the set, in what a tape or mat shows */
  const OUTPUT = { height: [150, 'cm'], distance: [380, 'cm'], reps: [300, 'reps'] } as const;
  const read = (text: string): number => Number(text.trim().replace(',', '.'));

  async function keep(): Promise<void> {
    const found: Record<string, string> = {};
    const most = MOST[athlete.dose.unit];
    if (amount.trim() === '' || !(read(amount) >= 0 && read(amount) <= most))
      found.amount = `From 0 to ${String(most)} ${athlete.dose.unit}.`;
    if (load.trim() !== '' && !(read(load) > 0 && massToKg(read(load), mass) <= 500))
      found.load = 'A load from 0.5 to 500 kg, or nothing.';
    if (rir.trim() !== '' && !(Number.isInteger(read(rir)) && read(rir) >= 0 && read(rir) <= 10))
      found.rir = 'RIR from 0 to 10.';
    const [top, unit] = kind === null ? [0, ''] : OUTPUT[kind];
    if (kind !== null && output.trim() !== '' && !(read(output) > 0 && read(output) <= top))
      found.output = `From 1 to ${String(top)} ${unit}, or nothing.`;
    messages = found;
    if (Object.keys(found).length > 0) return;
    await floor.log(athlete.id, {
      amount: read(amount),
      loadKg: load.trim() === '' ? null : massToKg(read(load), mass),
      rir: rir.trim() === '' ? null : read(rir),
      fault: fault === '' ? null : fault,
      output: kind === null || output.trim() === '' ? null : kind === 'reps' ? read(output) : read(output) / 100,
    });
    onleave();
  }
</script>

<form
  onsubmit={(event) => {
    event.preventDefault();
    void keep();
  }}
>
  <label
    >{athlete.dose.unit}<input
      bind:value={amount}
      inputmode="decimal"
      aria-invalid={!!messages.amount}
    />{#if messages.amount}<em role="alert">{messages.amount}</em>{/if}</label
  >
  {#if takesLoad}<label
      >load, {mass}<input bind:value={load} inputmode="decimal" aria-invalid={!!messages.load} />{#if messages.load}<em
          role="alert">{messages.load}</em
        >{/if}</label
    >{/if}
  {#if athlete.dose.unit === 'reps' && athlete.dose.rir !== null}<label
      >RIR<input bind:value={rir} inputmode="numeric" aria-invalid={!!messages.rir} />{#if messages.rir}<em role="alert"
          >{messages.rir}</em
        >{/if}</label
    >{/if}
  {#if kind !== null}<label
      >{kind === 'reps' ? 'reps in the time' : `best ${kind}, cm`}<input
        bind:value={output}
        inputmode="decimal"
        aria-invalid={!!messages.output}
      />{#if messages.output}<em role="alert">{messages.output}</em>{/if}</label
    >{/if}
  <label class="fault"
    >fault seen
    <select bind:value={fault}
      ><option value="">none</option>{#each faults as { seen } (seen)}<option value={seen}>{seen}</option
        >{/each}</select
    >
  </label>
  <button type="submit">Keep set</button>
  <button type="button" onclick={onleave}>Leave</button>
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: end;
  }
  label {
    display: grid;
    font-size: 16px;
    color: var(--ink-2);
  }
  input,
  select {
    width: 96px;
    min-height: 48px;
    border: 0;
    border-bottom: 2px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    font-size: 24px;
    font-stretch: 80%;
    padding: 0 10px;
  }
  select {
    width: 190px;
    font-size: 19px;
  }
  input[aria-invalid='true'] {
    border-color: var(--almagre-t);
  }
  em {
    color: var(--almagre-t);
    font-style: normal;
    max-width: 160px;
    line-height: 20px;
  }
  button {
    min-height: 48px;
    border: 2px solid var(--ink);
    background: var(--cal);
    color: var(--ink);
    padding: 0 16px;
    font-size: 19px;
    font-weight: 600;
    font-stretch: 84%;
    cursor: pointer;
  }
  button[type='button'] {
    border-color: transparent;
    text-decoration: underline;
  }
</style>
