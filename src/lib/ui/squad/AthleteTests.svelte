<script lang="ts">
  import { enhance } from '$app/forms';
  import { Button, Select, SelectItem, SelectItemGroup, TextInput } from 'carbon-components-svelte';
  import { formatMass } from '$core/exchange';
  import type { MassUnit } from '$core/units';
  import type { Trouble } from './AddAthletes.svelte';

  let {
    tests,
    lifts,
    jumps,
    screens,
    liftNames,
    jumpNames,
    mass,
    today,
    editable,
    trouble,
    asks,
  }: {
    tests: Readonly<Partial<Record<string, 'passed' | 'failed'>>>;
    lifts: readonly {
      id: string;
      name: string;
      day: string;
      loadKg: number;
      reps: number;
      medianKg: number | null;
      spreadKg: number | null;
      inDate: boolean;
      timesMass: number | null;
    }[];
    jumps: readonly { name: string; day: string; heightM: number }[];
    screens: readonly string[];
    liftNames: Readonly<Record<string, string>>;
    jumpNames: Readonly<Record<string, string>>;
    mass: MassUnit;
    today: string;
    editable: boolean;
    trouble: Trouble | null;
    /** where a result just typed waits to be confirmed; null = nothing waits */
    asks: { day: string; href: string } | null;
  } = $props();

  let open = $state(false);
  // svelte-ignore state_referenced_locally
  let test = $state(trouble?.typed.test ?? 'back-squat');
  const text = (field: string, value = ''): string => trouble?.typed[field] ?? value;
  const error = (field: string): string | undefined => trouble?.errors[field]?.[0];
  const known = $derived(screens.filter((screen) => tests[screen]));
</script>

<section>
  <header>
    <h2>Loads and tests</h2>
    {#if editable}<button class="quiet" aria-expanded={open} onclick={() => (open = !open)}
        >{open ? 'Close' : 'Add a result'}</button
      >{/if}
  </header>
  {#if asks}
    <p role="status">
      This is far from the last value: it counts once you say so <a href={asks.href}>on the testing day of {asks.day}</a
      >.
    </p>
  {/if}
  {#if open || trouble}
    <form
      method="post"
      action="?/result"
      use:enhance={() =>
        async ({ result, update }) => {
          await update({ reset: false });
          if (result.type === 'success') open = false;
        }}
    >
      <Select size="sm" labelText="What" name="test" bind:selected={test}>
        <SelectItemGroup label="Lift"
          >{#each Object.entries(liftNames) as [id, name] (id)}<SelectItem
              value={id}
              text={name}
            />{/each}</SelectItemGroup
        >
        <SelectItemGroup label="Jump"
          >{#each Object.entries(jumpNames) as [id, name] (id)}<SelectItem
              value={id}
              text={name}
            />{/each}</SelectItemGroup
        >
        <SelectItemGroup label="Screen"
          >{#each screens as id (id)}<SelectItem value={id} text={id} />{/each}</SelectItemGroup
        >
      </Select>
      <TextInput
        size="sm"
        type="date"
        labelText="Day"
        name="day"
        value={text('day', today)}
        invalid={!!error('day')}
        invalidText={error('day')}
      />
      {#if test in liftNames}
        <TextInput
          size="sm"
          labelText="Load, {mass}"
          name="load"
          value={text('load')}
          invalid={!!error('load')}
          invalidText={error('load')}
        />
        <TextInput
          size="sm"
          labelText="Reps"
          name="reps"
          value={text('reps')}
          invalid={!!error('reps')}
          invalidText={error('reps')}
        />
        <TextInput
          size="sm"
          labelText="RIR"
          name="rir"
          value={text('rir', '0')}
          invalid={!!error('rir')}
          invalidText={error('rir')}
        />
      {:else if test in jumpNames}
        <TextInput
          size="sm"
          labelText="Height, cm"
          name="height"
          value={text('height')}
          invalid={!!error('height')}
          invalidText={error('height')}
        />
      {:else}
        <Select size="sm" labelText="Result" name="passed" selected={text('passed', 'passed')}
          ><SelectItem value="passed" text="passed" /><SelectItem value="failed" text="failed" /></Select
        >
      {/if}
      <Button type="submit" size="small" kind="tertiary">Keep result</Button>
    </form>
  {/if}
  <table>
    <tbody>
      {#each lifts as lift (lift.id)}
        <tr class:old={!lift.inDate}>
          <th scope="row">{lift.name}</th>
          <td class="figure">{lift.medianKg === null ? '·' : `${formatMass(lift.medianKg, mass)} e1RM`}</td>
          <td class="note"
            >{lift.spreadKg === null ? '' : `± ${formatMass(lift.spreadKg / 2, mass)}`}{lift.timesMass === null
              ? ''
              : ` · ${lift.timesMass.toFixed(2)} ×BM`}</td
          >
          <td class="note"
            >{formatMass(lift.loadKg, mass)} × {lift.reps}, {lift.day}{lift.inDate ? '' : ', past its time'}</td
          >
        </tr>
      {/each}
      {#each jumps as jump (jump.name + jump.day)}
        <tr
          ><th scope="row">{jump.name}</th><td class="figure">{(jump.heightM * 100).toFixed(1)} cm</td><td></td><td
            class="note">{jump.day}</td
          ></tr
        >
      {/each}
      {#if lifts.length + jumps.length === 0}<tr
          ><td class="note" colspan="4"
            >No lift or jump yet: loads go by RIR, and the first session finds them. <span class="rule-id">DOSE-2</span
            ></td
          ></tr
        >{/if}
    </tbody>
  </table>
  <p class="screens">
    <span class="label">Screens</span>
    {#each known as screen (screen)}<b class:failed={tests[screen] === 'failed'}
        >{screen}{tests[screen] === 'failed' ? ' not passed' : ''}</b
      >{/each}
    {#if known.length === 0}<span class="note"
        >none done: the bottom of each range until they are <span class="rule-id">START-2</span></span
      >{/if}
  </p>
</section>

<style>
  section {
    display: grid;
    gap: 10px;
  }
  header {
    display: flex;
    justify-content: space-between;
  }
  form {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
    gap: 10px;
    align-items: end;
    background: var(--cal-1);
    padding: 12px;
    border: var(--rule);
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th {
    text-align: left;
    font-weight: 560;
  }
  th,
  td {
    border-bottom: var(--rule);
    height: 32px;
    padding-right: 12px;
  }
  th,
  .figure {
    white-space: nowrap;
  }
  .old {
    color: var(--pizarra);
  }
  .screens {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    font-stretch: 84%;
  }
  .screens b {
    font-weight: 520;
  }
  .failed {
    color: var(--almagre-t);
  }
</style>
