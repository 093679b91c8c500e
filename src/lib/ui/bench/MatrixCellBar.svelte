<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import type { DayLine } from '$core/day';
  import type { Facts, Reason } from '$core/result';
  import { inSentence, sayReason } from '$lib/messages';
  import type { BenchState } from './bench-state.svelte';
  import type { MatrixColumn } from './matrix';

  let {
    bench,
    athlete,
    over,
    own,
    squadId,
    editable,
    placeName,
    back,
  }: {
    bench: BenchState;
    athlete: { id: string; name: string };
    /** the line the chosen cell is on */
    over: MatrixColumn;
    own: DayLine | undefined;
    squadId: string;
    editable: boolean;
    placeName: (id: string) => string;
    /** gives the cell its focus again once an action is done */
    back: (done: Promise<void>) => void;
  } = $props();

  const nameOf = (id: string): string => bench.views[id]?.name ?? id;
  const line = $derived(bench.card?.lines.find(({ slot }) => slot === over.slot));
  const placed = (facts: Facts): Facts =>
    typeof facts.place === 'string' ? { ...facts, place: placeName(facts.place) } : facts;
  const say = (reason: Reason): string => sayReason({ code: reason.code, facts: placed(reason.facts) });
  const reasons = $derived(own ? (own.stopped ? [own.stopped] : own.reasons) : []);
  const rules = $derived([...new Set(reasons.flatMap((reason) => reason.rules))]);
  const instead = $derived(
    [...new Map((line?.substitutes ?? []).map((one) => [one.exerciseId, one])).values()].filter(
      ({ exerciseId }) => exerciseId !== own?.exerciseId,
    ),
  );
</script>

<section class="why" aria-label="The chosen cell" aria-live="polite">
  <p>
    <b>{athlete.name}, {inSentence(nameOf(over.exerciseId))}.</b>
    {#each reasons as reason (reason.code)}{say(reason)}&nbsp;{:else}As the squad does.{/each}
    <span class="rule-id">{rules.join(' · ')}</span>
  </p>
  {#if editable}
    <div class="buttons">
      {#if instead.length > 0}
        <select
          aria-label="Another entry for {athlete.name}"
          value=""
          onchange={(event) => {
            const to = instead.find(({ exerciseId }) => exerciseId === event.currentTarget.value);
            if (to) back(bench.give(over.slot, athlete.id, { kind: 'entry', ...to }));
            event.currentTarget.value = '';
          }}
        >
          <option value="">Choose another</option>
          {#each instead as { exerciseId } (exerciseId)}<option value={exerciseId}>{nameOf(exerciseId)}</option>{/each}
        </select>
      {/if}
      <Button
        size="small"
        kind="tertiary"
        disabled={!own?.exerciseId}
        on:click={() => back(bench.give(over.slot, athlete.id, { kind: 'less' }))}>Less</Button
      >
      <Button
        size="small"
        kind="tertiary"
        disabled={!own?.exerciseId}
        on:click={() => back(bench.leaveOut(over.slot, athlete.id))}>Without</Button
      >
      {#if bench.card?.typed.some(({ slot, athleteId }) => slot === over.slot && athleteId === athlete.id)}
        <Button size="small" kind="ghost" on:click={() => back(bench.asRules(over.slot, athlete.id))}
          >As the rules say</Button
        >
      {/if}
      <a class="quiet" href="/squad/{squadId}/{athlete.id}">Open {athlete.name.split(' ')[0]}</a>
    </div>
  {/if}
</section>

<style>
  .why {
    border-top: 2px solid var(--ink);
    background: var(--cal-1);
    padding: 10px 12px;
    display: flex;
    flex-wrap: wrap;
    gap: 8px 24px;
    align-items: center;
    margin-top: auto;
  }
  .why p {
    flex: 1 1 320px;
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
  select {
    height: 32px;
    border: 1px solid var(--ink);
    background: var(--cal-1);
    color: var(--ink);
    font: inherit;
    padding: 0 8px;
    max-width: 180px;
  }
</style>
