<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import FloorButton from './FloorButton.svelte';
  import FloorPanel from './FloorPanel.svelte';
  import type { FloorState } from './floor-state.svelte';

  let { floor, onleave }: { floor: FloorState; onleave: () => void } = $props();

  let minutes = $state(untrack(() => String(floor.page.session.minutes)));
  let rpe = $state('');
  // where somebody said who is not here, all others are
  let present = $state(
    untrack(() =>
      floor.absent.size > 0
        ? floor.page.people.map(({ id }) => id).filter((id) => !floor.absent.has(id))
        : [...floor.present],
    ),
  );
  let notDone = $state<string[]>([]);
  const untouched = $derived(floor.untouched.filter(({ slot }) => !notDone.includes(slot)));
  const nameOf = (exerciseId: string): string => floor.page.views[exerciseId]?.name ?? exerciseId;
  let trouble = $state('');
  const number = (text: string): number | null => (text.trim() === '' ? null : Number(text.replace(',', '.')));

  async function close(): Promise<void> {
    const [took, hard] = [number(minutes), number(rpe)];
    if (took !== null && !(Number.isInteger(took) && took >= 1 && took <= 300)) {
      trouble = 'Minutes: a whole number from 1 to 300, or empty.';
      return;
    }
    if (hard !== null && !(Number.isInteger(hard) && hard >= 0 && hard <= 10)) {
      trouble = 'How hard: a whole number from 0 to 10, or empty.';
      return;
    }
    trouble = await floor.close(took, hard, present, notDone);
    if (trouble !== '') return;
    await invalidateAll();
    onleave();
  }
</script>

<FloorPanel name="Close the session" shown={(panel) => panel.scrollIntoView({ block: 'end' })}>
  <div class="fields">
    <label>Minutes it took <input inputmode="numeric" bind:value={minutes} /></label>
    <label>How hard, 0 to 10 <input inputmode="numeric" bind:value={rpe} /></label>
  </div>
  <fieldset>
    <legend>Who was there. For them, a line nobody tapped counts as done and raises nothing.</legend>
    {#each floor.page.people as { id, name } (id)}
      <label class="person"
        ><input type="checkbox" value={id} bind:group={present} disabled={floor.present.has(id)} /> {name}</label
      >
    {/each}
  </fieldset>
  {#if untouched.length > 0}
    <div class="untouched" role="group" aria-label="Lines nobody tapped">
      <p>Nobody tapped these. Left alone they count as done and raise nothing.</p>
      {#each untouched as { slot, exerciseId } (slot)}
        <p class="line">
          <b>{nameOf(exerciseId)}</b>
          <FloorButton onclick={() => void floor.logLine(slot)}>As written</FloorButton>
          <FloorButton onclick={() => (notDone = [...notDone, slot])}>Not done</FloorButton>
        </p>
      {/each}
    </div>
  {/if}
  {#if notDone.length > 0}<p role="status">
      Not done: {notDone
        .map((slot) => nameOf(floor.page.lines.find((line) => line.slot === slot)?.exerciseId ?? slot))
        .join(', ')}.
      <FloorButton onclick={() => (notDone = [])}>Ask again</FloorButton>
    </p>{/if}
  {#if trouble}<p role="alert">{trouble}</p>{/if}
  <p class="buttons">
    <FloorButton main onclick={() => void close()}>{floor.page.session.closed ? 'Close again' : 'Close'}</FloorButton>
    <FloorButton onclick={onleave}>Not yet</FloorButton>
  </p>
</FloorPanel>

<style>
  .fields {
    display: flex;
    flex-wrap: wrap;
    gap: 18px;
    margin-bottom: 10px;
  }
  .fields input {
    width: 84px;
    min-height: 44px;
    padding: 0 10px;
    border: 2px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    font-size: 18px;
  }
  fieldset {
    border: 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
  }
  legend {
    color: var(--ink-2);
    margin-bottom: 4px;
  }
  .untouched {
    margin: 10px 0;
    display: grid;
    gap: 6px;
  }
  .line {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
  }
  .line b {
    min-width: 240px;
  }
  .person {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
    gap: 8px;
  }
  .person input {
    width: 22px;
    height: 22px;
  }
  .buttons {
    display: flex;
    gap: 10px;
    margin-top: 10px;
  }
</style>
