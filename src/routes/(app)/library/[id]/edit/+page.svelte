<script lang="ts">
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import CommandId from '$lib/ui/parts/CommandId.svelte';
  import { Button, Checkbox, TextArea, TextInput } from 'carbon-components-svelte';
  import { DEMANDS, MUSCLES } from '$core/library';
  import { DEMAND_WORDS, MUSCLE_WORDS } from '$lib/messages';

  let { data, form } = $props();
  const numberTyped = (typed: FormDataEntryValue | null): number =>
    typeof typed === 'string' ? Number(typed.replace(',', '.')) || 0 : 0;
  const value = (field: string): string => form?.typed[field] ?? (data.values as Record<string, string>)[field] ?? '';
  const error = (field: string): string | undefined =>
    (form?.errors as Record<string, string[]> | undefined)?.[field]?.[0];
  const SHORT = [
    ['aliases', 'Also called, with commas'],
    ['allOf', 'Needs all of, with commas'],
    ['anyOf', 'Needs any of, with commas'],
    ['secondsPerRep', 'Seconds a rep'],
    ['setUpSeconds', 'Seconds to set up'],
    ['soreness', 'Soreness it leaves, 0–3'],
    ['kneePercent', 'Knee part of leg work, % (empty = not leg work)'],
  ] as const;
  const LONG = [
    ['cues', 'Cues, one a line', 4],
    ['faults', 'Faults: seen → say [screen], one a line', 4],
    ['cautions', 'Cautions, one a line', 3],
    ['stopSigns', 'Stop signs, one a line', 3],
  ] as const;
  let total = $state(0);
  let box = $state<HTMLFormElement | null>(null);
  const count = (): void => {
    if (!box) return;
    const typed = new FormData(box);
    total = MUSCLES.reduce((sum, muscle) => sum + numberTyped(typed.get(`share.${muscle}`)), 0);
  };
  $effect(count);
</script>

<svelte:head><title>{data.isNew ? 'New exercise' : data.title} · Library · Jaleo</title></svelte:head>

<div class="page">
  <p class="note"><a href="/library/{data.id}">{data.title}</a></p>
  <h1>{data.isNew ? 'A new exercise' : 'Change for this club'}</h1>
  <p>
    {data.isNew
      ? 'It starts as a copy: tier, stance, unit and gates are as the one it comes from.'
      : data.builtIn
        ? 'The built-in entry stays; this club uses its own. A later library brings its changes to the fields you left alone.'
        : 'This is the club’s own entry.'}
  </p>
  <form method="post" action="?/keep{data.isNew ? '&new=1' : ''}" bind:this={box} oninput={count} use:enhance={keep}>
    <CommandId of="keep" shows={data.isNew ? null : data.values} />
    <div class="texts">
      <TextInput
        labelText="Name"
        name="name"
        value={value('name')}
        invalid={!!error('name')}
        invalidText={error('name')}
      />
      {#each LONG as [field, label, rows] (field)}
        <TextArea
          labelText={label}
          name={field}
          {rows}
          value={value(field)}
          invalid={!!error(field)}
          invalidText={error(field)}
        />
      {/each}
      {#each SHORT as [field, label] (field)}
        <TextInput
          size="sm"
          labelText={label}
          name={field}
          value={value(field)}
          invalid={!!error(field)}
          invalidText={error(field)}
        />
      {/each}
      <Checkbox
        labelText="A group can do it on a whistle"
        name="groupable"
        value="on"
        checked={value('groupable') !== ''}
      />
    </div>
    <fieldset>
      <legend
        >How its work divides, % <b class:off={Math.abs(total - 100) > 0.5}>{Math.round(total * 10) / 10} of 100</b
        ></legend
      >
      {#each MUSCLES as muscle (muscle)}
        <label>
          <span>{MUSCLE_WORDS[muscle]}</span>
          <input
            name="share.{muscle}"
            inputmode="decimal"
            value={value(`share.${muscle}`)}
            aria-invalid={error(`share.${muscle}`) ? 'true' : undefined}
          />
        </label>
      {/each}
      {#if error('share')}<p class="warn-text" role="alert">{error('share')}</p>{/if}
    </fieldset>
    <fieldset>
      <legend>What it trains, 0–3</legend>
      {#each DEMANDS as demand (demand)}
        <label>
          <span>{DEMAND_WORDS[demand]}</span>
          <input
            name="demand.{demand}"
            inputmode="numeric"
            value={value(`demand.${demand}`)}
            aria-invalid={error(`demand.${demand}`) ? 'true' : undefined}
          />
        </label>
        {#if error(`demand.${demand}`)}<p class="warn-text" role="alert">{error(`demand.${demand}`)}</p>{/if}
      {/each}
    </fieldset>
    <div class="acts"><Button type="submit">{data.isNew ? 'Add to the library' : 'Keep for this club'}</Button></div>
  </form>
</div>

<style>
  .page {
    padding: 14px 24px 48px;
    max-width: 1140px;
  }
  form {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) minmax(0, 1fr);
    gap: 24px 32px;
    margin-top: 14px;
  }
  .texts {
    display: grid;
    gap: 12px;
    align-content: start;
  }
  fieldset {
    border: 0;
    border-top: 2px solid var(--ink);
    padding: 8px 0 0;
    align-self: start;
  }
  legend {
    font-weight: 620;
    padding-right: 8px;
  }
  .off {
    color: var(--almagre);
  }
  label {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 31px;
  }
  input {
    width: 64px;
    height: 27px;
    border: 1px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    font: inherit;
    text-align: right;
    padding: 0 6px;
    font-variant-numeric: tabular-nums;
  }
  input[aria-invalid] {
    border: 2px solid var(--almagre);
  }
  .acts {
    grid-column: 1 / -1;
  }
  @media (max-width: 900px) {
    form {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
