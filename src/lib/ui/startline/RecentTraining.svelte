<script lang="ts">
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Audit } from '$core/startline';
  import { workTexts } from '$lib/model/shown/athlete';
  import CommandId from '../parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    audit,
    work,
    typed,
    exercises,
    editable,
    message,
  }: {
    audit: Audit;
    work: readonly { exerciseId: string; setsPerWeek: number }[];
    /** from memory; else from the log */
    typed: boolean;
    exercises: readonly { id: string; name: string }[];
    editable: boolean;
    message: string | null;
  } = $props();

  const percent = (share: number): string => `${String(Math.round(share * 100))} %`;
  /** Lines of the memory form: what is known, and room for more. */
  let extra = $state(1);
  let remembering = $state(false);
</script>

<section>
  <h2>Recent training <span class="rule-id">START-4</span></h2>
  {#if audit.kneeShare === null}
    <p class="note">No leg work known in the last four weeks.</p>
  {:else}
    <p>
      Knee : hip <b>{percent(audit.kneeShare)} : {percent(1 - audit.kneeShare)}</b> of {Math.round(audit.legSets * 10) /
        10} leg sets a week{#if audit.hamstringToGlute !== null}, hamstring : glute <b
          >{audit.hamstringToGlute.toFixed(2)}</b
        >{/if}{#if audit.singleLegShare !== null}, on one leg <b>{percent(audit.singleLegShare)}</b>{/if}.
      {#if audit.neglected.length > 0}Neglected: <b>{audit.neglected.join(', ')}</b>.{/if}
      {#if audit.leans === 'hip' || audit.leans === 'knee'}The history leans to the {audit.leans}.{/if}
    </p>
  {/if}
  <p class="note">
    {typed ? 'Typed from memory.' : 'Read from the log of the last four weeks.'}
    {#if editable}<QuietButton aria-expanded={remembering} onclick={() => (remembering = !remembering)}
        >{remembering ? 'Close' : 'Type it from memory'}</QuietButton
      >{/if}
  </p>
  {#if remembering}
    <form
      class="memory"
      method="post"
      action="?/work"
      use:enhance={() =>
        async ({ result, update }) => {
          await update({ reset: false });
          if (result.type === 'success') remembering = false;
        }}
    >
      <CommandId of="work" shows={workTexts(typed ? work : null)} />
      {#each [...work.slice(0, 8), ...Array.from( { length: extra }, () => ({ exerciseId: '', setsPerWeek: 3 }) )] as line, i (i)}
        <Select size="sm" labelText="Exercise {i + 1}" name="exercise" selected={line.exerciseId}>
          <SelectItem value="" text="—" />
          {#each exercises as { id, name } (id)}<SelectItem value={id} text={name} />{/each}
        </Select>
        <label
          ><span class="label">sets a week</span><input
            name="sets"
            inputmode="decimal"
            value={line.setsPerWeek}
          /></label
        >
      {/each}
      <QuietButton type="button" onclick={() => (extra += 1)}>One more</QuietButton>
      <Button type="submit" size="small" kind="tertiary">Use this</Button>
      {#if message}<p role="alert" class="warn-text">{message}</p>{/if}
    </form>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 10px;
  }
  .memory {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 90px;
    gap: 8px 12px;
    align-items: end;
    background: var(--cal-1);
    border: var(--rule);
    padding: 12px;
  }
  .memory label {
    display: grid;
  }
  .memory input {
    height: 32px;
    border: 0;
    border-bottom: 1px solid var(--edge);
    background: var(--cal);
    color: var(--ink);
    padding: 0 8px;
  }
</style>
