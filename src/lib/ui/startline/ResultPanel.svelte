<script lang="ts">
  import { longDate } from '$lib/messages';
  import { enhance } from '$lib/ui/parts/enhance';
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import type { Ceiling, ResultCheck, Trend } from '$core/startline';
  import { showValue, type TestSpec } from '$core/testing';
  import { specIn, type UnitSystem } from './units';
  import CommandId from '../parts/CommandId.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    check,
    ceilings,
    atCeiling,
    specs,
    system,
    squadId,
    editable,
    trouble,
  }: {
    /** null = the squad has named no result */
    check: ResultCheck | null;
    ceilings: readonly Ceiling[];
    /** lifts that are at a ceiling, the athlete's or the squad's */
    atCeiling: readonly string[];
    specs: ReadonlyMap<string, TestSpec>;
    system: UnitSystem;
    squadId: string;
    editable: boolean;
    trouble: { typed: Readonly<Record<string, string>>; message: string } | null;
  } = $props();

  let typing = $state(false);
  const MOVED = { better: 'better', flat: 'within its error', worse: 'worse' } as const;
  const lifts = $derived([...specs.values()].filter(({ kind, tier }) => kind === 'lift' && tier === 'force'));
  const name = (id: string): string => specs.get(id)?.name ?? id;
  const show = (id: string, value: number): string => {
    const spec = specs.get(id);
    if (!spec) return '';
    const shown = specIn(spec, system);
    return `${showValue(shown, value)} ${shown.unit}`;
  };
  const trendWords = ({ test, from, to, error }: Trend): string =>
    `${show(test, from)} → ${show(test, to)} (± ${show(test, error)})`;
  /** Lifts to settle: risen without the result, and not yet said to be enough. */
  const open = $derived((check?.enough ?? []).filter((lift) => !ceilings.some((one) => one.lift === lift)));
  const kgOf = (lift: string): number => Math.floor(check?.lifts.find(({ test }) => test === lift)?.to ?? 0);
  const others = $derived(atCeiling.filter((lift) => !ceilings.some((one) => one.lift === lift)));
</script>

<section>
  <h2>Lifts and the result <span class="rule-id">START-11</span></h2>
  {#if !check}
    <p class="note">
      The squad has named no result. <a href="/squad/{squadId}">Name it under Aims</a>: then a lift that rises without
      it is told.
    </p>
  {:else if !check.result}
    <p class="note">The result needs two values of the last eight weeks, three weeks apart, to say anything.</p>
  {:else}
    <p>{name(check.result.test)}: {trendWords(check.result)}, <b>{MOVED[check.result.moved]}</b>.</p>
    {#each check.lifts as lift (lift.test)}
      <p>{name(lift.test)}: {trendWords(lift)}, <b>{MOVED[lift.moved]}</b>.</p>
    {/each}
    {#if check.lifts.length === 0}<p class="note">No lift was measured twice in the same weeks.</p>{/if}
    {#if check.belowTarget.length > 0}
      <p class="note">
        {check.belowTarget.map(name).join(', ')} rose without the result, but {check.belowTarget.length === 1
          ? 'is'
          : 'are'} still below the force target: on it goes.
      </p>
    {/if}
  {/if}
  {#each open as lift (lift)}
    <form class="call" method="post" action="?/ceiling" use:enhance>
      <CommandId of="ceiling" shows={{ kg: '' }} />
      <input type="hidden" name="lift" value={lift} /><input type="hidden" name="kg" value={kgOf(lift)} />
      <input type="hidden" name="why" value="result" />
      <p>
        {name(lift)} rose for a block while the result did not. Strong enough at {show(lift, kgOf(lift))}? It would be
        kept, not raised. <span class="rule-id">DOSE-6</span>
      </p>
      {#if editable}<Button type="submit" size="small" kind="tertiary">Strong enough</Button>{/if}
    </form>
  {/each}
  {#each ceilings as one (one.lift)}
    <form class="call" method="post" action="?/rise" use:enhance>
      <CommandId of="rise" />
      <input type="hidden" name="lift" value={one.lift} />
      <p>
        {name(one.lift)} is strong enough at <b>{show(one.lift, one.kg)}</b>
        <span class="note"
          >since {longDate(one.since)}{one.why === 'result' ? ', as the result did not follow' : ''}{atCeiling.includes(
            one.lift,
          )
            ? ''
            : '; not there yet'}</span
        >
      </p>
      {#if editable}<QuietButton>Let it rise again</QuietButton>{/if}
    </form>
  {/each}
  {#if others.length > 0}
    <p>At the squad's ceiling: {others.map(name).join(', ')}. <span class="rule-id">DOSE-6</span></p>
  {/if}
  {#if editable}
    <p>
      <QuietButton aria-expanded={typing} onclick={() => (typing = !typing)}
        >{typing ? 'Close' : 'Say a lift is strong enough'}</QuietButton
      >
    </p>
    {#if typing || trouble}
      <form
        class="type"
        method="post"
        action="?/ceiling"
        use:enhance={() =>
          async ({ result, update }) => {
            await update({ reset: false });
            if (result.type === 'success') typing = false;
          }}
      >
        <CommandId of="ceiling" shows={{ kg: '' }} />
        <Select size="sm" labelText="Lift" name="lift" selected={trouble?.typed.lift ?? lifts[0]?.id}>
          {#each lifts as lift (lift.id)}<SelectItem value={lift.id} text={lift.name} />{/each}
        </Select>
        <TextInput
          size="sm"
          labelText="Strong enough at, kg"
          name="kg"
          value={trouble?.typed.kg ?? ''}
          invalid={!!trouble?.message}
          invalidText={trouble?.message ?? ''}
        />
        <Button type="submit" size="small" kind="tertiary">Keep</Button>
      </form>
    {/if}
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 8px;
  }
  .call {
    display: flex;
    gap: 16px;
    justify-content: space-between;
    align-items: center;
    border-left: 3px solid var(--ink);
    padding: 4px 0 4px 10px;
  }
  .type {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 160px auto;
    gap: 12px;
    align-items: end;
  }
</style>
