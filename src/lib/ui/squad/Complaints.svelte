<script lang="ts">
  import { enhance } from '$app/forms';
  import { Button, Checkbox, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { Trouble } from './AddAthletes.svelte';

  let {
    complaints,
    places,
    signs,
    sides,
    today,
    editable,
    trouble,
  }: {
    complaints: readonly {
      id: string;
      place: string;
      side: string | null;
      score: number;
      signs: readonly string[];
      since: string;
      column: string | null;
      clearance: { role: string; expires: string } | null;
      referred: boolean;
    }[];
    places: readonly { id: string; name: string }[];
    signs: readonly string[];
    sides: readonly string[];
    today: string;
    editable: boolean;
    trouble: (form: string) => Trouble | null;
  } = $props();

  const STOPS: Readonly<Record<string, string>> = {
    mild: 'eases the work there',
    three: 'slow and low only, one rung down',
    stop: 'stops the work there until a clinician clears it',
  };
  let adding = $state(false);
  let clearing = $state<string | null>(null);
  const error = (form: string, field: string): string | undefined => trouble(form)?.errors[field]?.[0];
  const typed = (form: string, field: string, value: string): string => trouble(form)?.typed[field] ?? value;
</script>

<section>
  <header>
    <h2>Complaints</h2>
    {#if editable}<button class="quiet" aria-expanded={adding} onclick={() => (adding = !adding)}
        >{adding ? 'Close' : 'Add'}</button
      >{/if}
  </header>
  {#each complaints as one (one.id)}
    <div class="one">
      <p>
        <b>{one.side && one.side !== 'both' ? `${one.side} ` : ''}{one.place}, {one.score} of 10</b>{one.signs.length >
        0
          ? ` · ${one.signs.join(', ')}`
          : ''} <span class="note">since {one.since}</span>
      </p>
      <p class="note" class:warn-text={one.column === 'stop'}>
        {one.column ? STOPS[one.column] : one.clearance ? 'lifted for now' : 'bars nothing'}
        <span class="rule-id">SAFE-8</span>{one.referred ? ' · referred' : ''}
      </p>
      {#if one.clearance}<p class="note">Cleared by {one.clearance.role} until {one.clearance.expires}.</p>{/if}
      {#if editable && (one.column === 'stop' || one.clearance)}
        <button class="quiet" onclick={() => (clearing = clearing === one.id ? null : one.id)}>Note a clearance</button>
        {#if clearing === one.id}
          <form
            method="post"
            action="?/clearance"
            use:enhance={() =>
              async ({ result, update }) => {
                await update({ reset: false });
                if (result.type === 'success') clearing = null;
              }}
          >
            <input type="hidden" name="complaintId" value={one.id} />
            <TextInput
              size="sm"
              labelText="Cleared by (role)"
              name="role"
              value={typed('clearance', 'role', '')}
              invalid={!!error('clearance', 'role')}
              invalidText={error('clearance', 'role')}
            />
            <TextInput
              size="sm"
              type="date"
              labelText="Holds through"
              name="expires"
              value={typed('clearance', 'expires', '')}
              invalid={!!error('clearance', 'expires')}
              invalidText={error('clearance', 'expires')}
            />
            <Select size="sm" labelText="Lifts down to" name="lifts"
              ><SelectItem value="" text="nothing barred" /><SelectItem
                value="mild"
                text="as a score of 1–2"
              /><SelectItem value="three" text="as a score of 3" /></Select
            >
            <Button type="submit" size="small" kind="tertiary">Keep clearance</Button>
          </form>
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
      <p class="note">
        Chest pain, fainting, suspected concussion, heat illness or fever: stop everything and get help first. <span
          class="rule-id">SAFE-2</span
        >
      </p>
      <Select size="sm" labelText="Where" name="place" selected={typed('complaint', 'place', 'knee')}
        >{#each places as { id, name } (id)}<SelectItem value={id} text={name} />{/each}</Select
      >
      <Select size="sm" labelText="Side" name="side" selected={typed('complaint', 'side', '')}
        ><SelectItem value="" text="not one side" />{#each sides as side (side)}<SelectItem
            value={side}
            text={side}
          />{/each}</Select
      >
      <TextInput
        size="sm"
        labelText="Score, 0 to 10"
        name="score"
        value={typed('complaint', 'score', '')}
        invalid={!!error('complaint', 'score')}
        invalidText={error('complaint', 'score')}
      />
      <TextInput
        size="sm"
        type="date"
        labelText="Since"
        name="since"
        value={typed('complaint', 'since', today)}
        invalid={!!error('complaint', 'since')}
        invalidText={error('complaint', 'since')}
      />
      <div>
        {#each signs as sign (sign)}<Checkbox labelText={sign} name="signs" value={sign} />{/each}
      </div>
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
    border-bottom: var(--rule);
    padding-bottom: 8px;
  }
  form {
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
  }
</style>
