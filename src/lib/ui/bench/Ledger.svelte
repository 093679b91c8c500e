<script lang="ts">
  import type { Demand } from '$core/library';
  import { DEMAND_WORDS, sayReason } from '$lib/messages';
  import BandBar from './BandBar.svelte';
  import type { BenchState } from './bench-state.svelte';

  let {
    bench,
    sport,
    covered,
    kneeHip,
  }: {
    bench: BenchState;
    sport: { name: string; asks: readonly Demand[] } | null;
    covered: Readonly<Partial<Record<Demand, number>>>;
    kneeHip: readonly [number, number];
  } = $props();

  const SQUARES = 5;
  /** demand × sets that one square stands for */
  const PER_SQUARE = 5;
  const measured = $derived(bench.assessment);
  const ratio = (value: number | null): string => (value === null ? 'from 6 sets' : value.toFixed(2));
  const asks = $derived(
    (sport?.asks ?? []).map((demand) => {
      const card = (bench.card?.lines ?? []).reduce(
        (sum, line) => sum + (bench.views[line.exerciseId]?.demands[demand] ?? 0) * line.dose.sets,
        0,
      );
      const week = Math.min(SQUARES, Math.round((covered[demand] ?? 0) / PER_SQUARE));
      return { demand, week, card: Math.min(SQUARES - week, Math.round(card / PER_SQUARE)) };
    }),
  );
  const said = $derived(
    (measured?.findings ?? []).filter(
      (finding, i, all) => all.findIndex((other) => sayReason(other) === sayReason(finding)) === i,
    ),
  );
</script>

<section class="ledger">
  <header>
    <h2>Ledger</h2>
    <span class="label"
      >{#if measured?.kneeShareBefore != null}○ before ·
      {/if}▮ with this card</span
    >
  </header>
  {#if measured}
    <BandBar
      name="Minutes"
      low={0}
      high={bench.minutes}
      max={Math.max(bench.minutes * 1.15, measured.minutes)}
      after={measured.minutes}
      words="{Math.round(measured.minutes)} of {bench.minutes}"
    />
    <BandBar
      name="Contacts, weighted"
      low={measured.budget.target}
      high={measured.budget.limit}
      max={Math.max(measured.budget.limit * 1.3, measured.contacts.weighted)}
      after={measured.contacts.weighted}
      words="{Math.round(measured.contacts.weighted)} of {measured.budget.target}–{measured.budget.limit}"
    />
    <BandBar
      name="Knee : hip, 14 days"
      low={kneeHip[0]}
      high={kneeHip[1]}
      max={1}
      before={measured.kneeShareBefore}
      after={measured.kneeShareAfter}
      words={measured.kneeShareBefore === null
        ? ratio(measured.kneeShareAfter)
        : `${ratio(measured.kneeShareBefore)} → ${ratio(measured.kneeShareAfter)}`}
    />
    {#each said as finding (finding.code + JSON.stringify(finding.facts))}
      <p class="finding" class:warn={finding.severity !== 'note'}>
        {sayReason(finding)} <span class="rule-id">{finding.rules.join(' · ')}</span>
      </p>
    {/each}
    {#if sport}
      <h3>
        {sport.name
          .split(' ')
          .at(-1)
          ?.replace(/^./, (c) => c.toUpperCase())} asks <span class="label">■ this week ▨ this card</span>
      </h3>
      <ul>
        {#each asks as { demand, week, card } (demand)}
          <li>
            <span>{DEMAND_WORDS[demand]}</span>
            <span class="squares" role="img" aria-label="{week} of {SQUARES} this week, {card} from this card">
              {#each { length: SQUARES } as _, i (i)}<i
                  class:solid={i < week}
                  class:ruled={i >= week && i < week + card}
                ></i>{/each}
            </span>
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
</section>

<style>
  .ledger {
    padding: 14px 16px 10px;
  }
  header,
  h3 {
    display: flex;
    justify-content: space-between;
    align-items: baseline;
    margin-bottom: 6px;
  }
  h3 {
    margin: 6px 0 2px;
  }
  li {
    display: flex;
    justify-content: space-between;
    font-size: 13px;
    line-height: 18px;
    font-stretch: 90%;
  }
  .squares {
    display: flex;
    gap: 2px;
    align-items: center;
  }
  i {
    width: 16px;
    height: 10px;
    border: 1px solid var(--cal-3);
  }
  .solid {
    background: var(--ink);
    border-color: var(--ink);
  }
  .ruled {
    border-color: var(--ink);
    background: repeating-linear-gradient(135deg, var(--ink) 0 1px, transparent 1px 4px);
  }
  .finding {
    font-size: 12.5px;
    line-height: 16px;
    font-stretch: 88%;
    color: var(--ink-2);
    margin-bottom: 6px;
  }
  .warn {
    color: var(--almagre-t);
  }
</style>
