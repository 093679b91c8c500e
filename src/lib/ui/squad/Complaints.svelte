<script lang="ts">
  import type { Clearance } from '$core/safety';
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Checkbox, Select, SelectItem } from 'carbon-components-svelte';
  import BodyPlaces from '../checkin/BodyPlaces.svelte';
  import type { Trouble } from '$lib/model/forms';
  import { checkWords, longDate, wayBackWords } from '$lib/messages';
  import type { WayBack } from '$lib/model/way-back';
  import ReturnStages from '../parts/ReturnStages.svelte';
  import ClearanceForm from './ClearanceForm.svelte';
  import DayField from '../parts/DayField.svelte';
  import { complaintText } from '$lib/model/shown/athlete';
  import CommandId from '../parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    complaints,
    stops,
    places,
    stages,
    signs,
    sides,
    today,
    editable,
    trouble,
  }: {
    complaints: readonly {
      id: string;
      place: string;
      placeId: string;
      side: string | null;
      score: number;
      signs: readonly string[];
      since: string;
      column: string | null;
      clearance: Clearance | null;
      needsNewNote: boolean;
      referred: boolean;
      way: WayBack | null;
    }[];
    /** what each place stops at each column, in words */
    stops: Readonly<Record<string, Readonly<Record<string, string>>>>;
    places: readonly { id: string; name: string }[];
    /** of the way back, in order */
    stages: readonly { id: string; name: string }[];
    signs: readonly string[];
    sides: readonly string[];
    today: string;
    editable: boolean;
    trouble: (form: string) => Trouble | null;
  } = $props();

  let place = $state('');
  let score = $state<number | null>(null);
  let seen = $state<readonly string[]>([]);
  const column = $derived(
    score === null ? null : score >= 4 || seen.length > 0 ? 'stop' : score === 3 ? 'three' : score >= 1 ? 'mild' : null,
  );
  /** said before it is kept */
  const will = $derived(place === '' || column === null ? '' : (stops[place]?.[column] ?? ''));
  const SCORES = Array.from({ length: 11 }, (_, i) => i);
  let adding = $state(false);
  let clearing = $state<string | null>(null);
  const error = (form: string, field: string): string | undefined => trouble(form)?.errors[field]?.[0];
  const typed = (form: string, field: string, value: string): string => trouble(form)?.typed[field] ?? value;
</script>

<section>
  <header>
    <h2>Complaints</h2>
    {#if editable}<QuietButton aria-expanded={adding} onclick={() => (adding = !adding)}
        >{adding ? 'Close' : 'Add'}</QuietButton
      >{/if}
  </header>
  {#each complaints as one (one.id)}
    <div class="one">
      <p>
        <b>{one.side && one.side !== 'both' ? `${one.side} ` : ''}{one.place}, {one.score} of 10</b>{one.signs.length >
        0
          ? ` · ${one.signs.join(', ')}`
          : ''} <span class="note">since {longDate(one.since)}</span>
      </p>
      <p class="note" class:warn-text={one.column === 'stop'}>
        {one.column
          ? stops[one.placeId]?.[one.column]
          : one.way?.holds
            ? `On the way back: ${one.way.name}. ${wayBackWords(one.way)}`
            : one.clearance
              ? 'Lifted for now.'
              : 'Stops nothing.'}
        <span class="rule-id">{one.way?.holds ? 'SAFE-2' : 'SAFE-8'}</span>{one.referred ? ' · referred' : ''}
      </p>
      {#if one.clearance}<p class="note">
          Cleared by {one.clearance.role} until {longDate(one.clearance.expires)}{one.clearance.scope.maxTier
            ? one.clearance.scope.maxTier === 'none'
              ? ', no jumps'
              : `, jumps up to ${one.clearance.scope.maxTier} tier`
            : ''}{one.clearance.scope.maxIntensity === null
            ? ''
            : `, loads up to ${String(Math.round(one.clearance.scope.maxIntensity * 100))} %`}{one.clearance.scope.note
            ? `: ${one.clearance.scope.note}`
            : ''}.
        </p>
        {#if one.needsNewNote}<p class="warn-text">
            A later answer was worse than what this was given for. It counts no longer: a new note is needed.
          </p>{/if}{/if}
      {#if one.way && !one.way.holds}<p class="note">
          The way back waits at “{one.way.name}” for a new note.
        </p>{:else if one.way}
        <ReturnStages way={one.way} />
        {#if one.way.next === null}<ul class="checks">
            {#each one.way.checks as check (`${check.of} ${check.test ?? ''}`)}<li class="note">
                {checkWords(check, one.way.symmetryFrom)}
              </li>{/each}
          </ul>{/if}
      {/if}
      {#if editable && (one.column === 'stop' || one.column === 'three' || one.clearance)}
        <QuietButton onclick={() => (clearing = clearing === one.id ? null : one.id)}>Note a clearance</QuietButton>
        {#if clearing === one.id}
          <ClearanceForm
            complaintId={one.id}
            answered={complaintText(one)}
            {stages}
            upTo={one.clearance?.upTo ?? null}
            trouble={trouble('clearance')}
            onkept={() => (clearing = null)}
          />
        {/if}
      {/if}
    </div>
  {:else}<p class="note">None open.</p>{/each}
  {#if adding || trouble('complaint')}
    <form
      method="post"
      action="?/complaint"
      use:enhance={() =>
        async ({ result, update }) => {
          await update({ reset: false });
          if (result.type === 'success') adding = false;
        }}
    >
      <CommandId of="complaint" />
      <p class="note">
        Chest pain, fainting, suspected concussion, heat illness or fever: stop everything and get help first. <span
          class="rule-id">SAFE-2</span
        >
      </p>
      <BodyPlaces {places} bind:place optional={false} />
      {#if error('complaint', 'place')}<p class="warn-text" role="alert">{error('complaint', 'place')}</p>{/if}
      <Select size="sm" labelText="Side" name="side" selected={typed('complaint', 'side', '')}
        ><SelectItem value="" text="not one side" />{#each sides as side (side)}<SelectItem
            value={side}
            text={side}
          />{/each}</Select
      >
      <fieldset class="scores">
        <legend class="label">Score, 0 to 10</legend>
        {#each SCORES as one (one)}
          <label><input type="radio" name="score" value={one} bind:group={score} /><span>{one}</span></label>
        {/each}
      </fieldset>
      {#if error('complaint', 'score')}<p class="warn-text" role="alert">{error('complaint', 'score')}</p>{/if}
      <DayField label="Since" name="since" value={today} trouble={trouble('complaint')} />
      <div>
        {#each signs as sign (sign)}<Checkbox
            labelText={sign}
            name="signs"
            value={sign}
            on:check={({ detail }) => (seen = detail ? [...seen, sign] : seen.filter((one) => one !== sign))}
          />{/each}
      </div>
      {#if will}<p class:warn-text={column === 'stop'} role="status">
          {will}
          {column === 'stop' ? 'Only a dated clearance lifts it.' : ''}
          <span class="rule-id">SAFE-8</span>
        </p>{/if}
      <Button type="submit" size="small" kind="tertiary">Keep complaint</Button>
    </form>
  {/if}
</section>

<style>
  section,
  form {
    display: grid;
    gap: 10px;
  }
  header {
    display: flex;
    justify-content: space-between;
  }
  .one {
    display: grid;
    gap: 6px;
    justify-items: start;
    border-bottom: var(--rule);
    padding-bottom: 8px;
  }
  form {
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
  }
  .checks {
    margin: 0;
    padding-left: 16px;
  }
  .scores {
    border: 0;
    padding: 0;
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }
  .scores legend {
    margin-bottom: 4px;
  }
  .scores label {
    position: relative;
  }
  .scores input {
    position: absolute;
    opacity: 0;
  }
  .scores span {
    display: grid;
    place-items: center;
    min-width: 34px;
    min-height: 36px;
    border: 1px solid var(--edge);
    cursor: pointer;
  }
  .scores input:checked + span {
    background: var(--ink);
    color: var(--cal);
  }
  .scores input:focus-visible + span {
    outline: 2px solid var(--focus, var(--ink));
    outline-offset: 2px;
  }
</style>
