<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { formatSets } from '$core/exchange';
  import type { Facts, Reason } from '$core/result';
  import { inSentence, sayReason } from '$lib/messages';
  import { workPart } from '$core/figures';
  import Figure from '../figures/Figure.svelte';
  import { FAMILY_HUE } from '../glyphs/family-glyph';
  import FamilyGlyph from '../glyphs/FamilyGlyph.svelte';
  import LineTools from './LineTools.svelte';
  import LineWords from './LineWords.svelte';
  import OverrideGate from './OverrideGate.svelte';
  import type { BenchState } from './bench-state.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    bench,
    squadId,
    editable,
    nameOf,
    placeName,
    athletes,
  }: {
    bench: BenchState;
    squadId: string;
    editable: boolean;
    nameOf: (id: string) => string;
    placeName: (id: string) => string;
    athletes: readonly { id: string; name: string }[];
  } = $props();

  /** Athletes named one by one; beyond that they are counted. */
  const NAMED = 4;
  const line = $derived(bench.card?.lines.find((one) => one.slot === bench.selected) ?? null);
  const view = $derived(line ? bench.views[line.exerciseId] : undefined);
  const swaps = $derived(line ? (bench.swaps[line.slot] ?? []) : []);
  const runnerUp = $derived(swaps[0]);
  const rules = $derived([...new Set(line?.reasons.flatMap((reason) => reason.rules) ?? [])]);
  let all = $state(false);
  /** the line whose note was asked for */
  let wording = $state<string | null>(null);
  /** the drawings come after the card, which never waits for them */
  const drawings = import('../figures/drawings');

  const placed = (facts: Facts): Facts =>
    typeof facts.place === 'string' ? { ...facts, place: placeName(facts.place) } : facts;
  const say = (reason: Reason): string => sayReason({ code: reason.code, facts: placed(reason.facts) });

  /** Own lines gathered by what they do instead and why. */
  const others = $derived.by(() => {
    const found = new Map<string, { who: string[]; what: string; why: Reason }>();
    for (const own of bench.view) {
      if (!line || own.slot !== line.slot) continue;
      const why = own.reasons.find((reason) => reason.code !== 'load_from_e1rm' && reason.code !== 'load_to_be_found');
      if (!why) continue;
      const what =
        own.exerciseId === null
          ? 'leaves it out'
          : own.exerciseId === line.exerciseId
            ? `${own.variant === 'less' || own.variant === 'other' ? `${own.variant}, ` : ''}${formatSets(own.dose)}`
            : `${bench.views[own.exerciseId]?.name ?? own.exerciseId}, ${formatSets(own.dose)}`;
      const key = `${what} ${say(why)}`;
      const entry = found.get(key) ?? { who: [], what, why };
      entry.who.push(own.athleteId);
      found.set(key, entry);
    }
    return [...found.values()];
  });
  const isWarning = (reason: Reason): boolean => reason.rules.some((rule) => rule.startsWith('SAFE'));
</script>

<section class="why" aria-live="polite">
  {#if line && view}
    <header>
      <FamilyGlyph family={view.family} ink />
      <h2>Why {inSentence(view.name)}</h2>
      <span class="rule-id">{rules.slice(0, 2).join(' · ')}</span>
    </header>
    {#if editable}
      <LineTools {bench} {line} name={view.name} onwords={() => (wording = line.slot)} />
      {#if wording === line.slot || line.note !== null || line.only}
        {#key line.slot + (line.note ?? '')}<LineWords {bench} {line} {athletes} />{/key}
      {/if}
    {:else if line.note}<p><b>{line.note}</b></p>{/if}
    {#each line.reasons as reason (reason.code)}<p>
        {say(reason)} <span class="rule-id">{reason.rules.join(' · ')}</span>
      </p>{/each}
    {#each others as { who, what, why } (what + why.code + JSON.stringify(why.facts))}
      <p class:warn-text={isWarning(why)}>
        <b
          >{#if who.length > NAMED}{who.length} athletes{:else}{#each who as id, i (id)}{i > 0 ? ', ' : ''}<a
                class="person"
                href="/squad/{squadId}/{id}">{nameOf(id)}</a
              >{/each}{/if}:</b
        >
        {what}. {say(why)} <span class="rule-id">{why.rules.join(' · ')}</span>
      </p>
    {/each}
    {#if editable && (line.override || others.some(({ why }) => why.code === 'gate_not_met'))}
      {#key line.slot + (line.override ?? '')}<OverrideGate
          {bench}
          {line}
          {nameOf}
          gated={others.filter(({ why }) => why.code === 'gate_not_met').flatMap(({ who }) => who)}
        />{/key}
    {:else if line.override}<p>
        <b>Over its gate{line.overrideFor ? ` for ${line.overrideFor.map(nameOf).join(', ')}` : ''}:</b>
        {line.override} <span class="rule-id">JUMP-2</span>
      </p>{/if}
    {#if runnerUp}
      <p>
        <span class="label">Runner-up</span> <b>{bench.views[runnerUp.exerciseId]?.name ?? runnerUp.exerciseId}</b>
        {runnerUp.lossPoints <= 0
          ? 'covers as much'
          : runnerUp.lossShare < 0.005
            ? 'loses under 1 %'
            : `loses ${String(Math.round(runnerUp.lossShare * 100))} %`}
      </p>
    {/if}
    {#await drawings then { drawingOf }}
      {@const figure = drawingOf(view.id)}
      {#if figure}
        <div class="drawing">
          <Figure
            {figure}
            work={workPart(view.share)}
            hue={FAMILY_HUE[view.family]}
            height={84}
            maxWidth={270}
            label="{view.name}, drawn"
          />
        </div>
      {/if}
    {/await}
    <div class="cues">
      {view.cues.join(' ')}
      {#if view.partner}<b>Partner {view.partner}.</b>{/if}
      {#if view.pins}<b>Pins at the right height.</b>{/if}
      <span class="note">{view.cautions.join(' ')}</span>
    </div>
    {#if editable && runnerUp}
      <div class="buttons">
        <Button size="small" kind="tertiary" on:click={() => void bench.swap(line.slot, runnerUp.exerciseId)}
          >Swap for {bench.views[runnerUp.exerciseId]?.name ?? 'runner-up'}</Button
        >
        {#if swaps.length > 1}<QuietButton onclick={() => (all = !all)} aria-expanded={all}
            >{all ? 'Fewer' : `All swaps, ${String(swaps.length)}`}</QuietButton
          >{/if}
      </div>
      {#if all}
        <ul>
          {#each swaps as swap (swap.exerciseId)}
            <li>
              <button
                onclick={() => {
                  all = false;
                  void bench.swap(line.slot, swap.exerciseId);
                }}>{bench.views[swap.exerciseId]?.name ?? swap.exerciseId}</button
              ><span class="figure"
                >{swap.lossPoints <= 0 ? 'same' : `−${String(Math.max(1, Math.round(swap.lossShare * 100)))} %`}</span
              >
            </li>
          {/each}
        </ul>
      {/if}
    {/if}
  {:else}
    <p class="note">Choose a line to see why it is there.</p>
  {/if}
</section>

<style>
  .person {
    color: inherit;
    text-decoration-thickness: 1px;
  }
  .drawing {
    --paper: var(--cal-1);
    padding: 4px 0;
  }
  .why {
    background: var(--cal-1);
    border-top: var(--bold-rule);
    padding: 12px 16px 16px;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
    align-content: start;
    flex: 1;
  }
  header {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  header .rule-id {
    margin-left: auto;
    white-space: nowrap;
  }
  h2 {
    line-height: 20px;
  }
  p {
    font-size: 13.5px;
    line-height: 18px;
    font-stretch: 92%;
  }
  .cues {
    border-top: var(--rule);
    padding-top: 6px;
    font-size: 13px;
    line-height: 18px;
    font-stretch: 90%;
    color: var(--ink-2);
  }
  .buttons {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
  }
  .buttons :global(.quiet) {
    white-space: nowrap;
  }
  li {
    display: flex;
    justify-content: space-between;
    border-bottom: var(--rule);
  }
  li button {
    border: 0;
    background: none;
    padding: 5px 0;
    color: var(--ink);
    text-align: left;
    cursor: pointer;
    flex: 1;
  }
  li button:hover {
    text-decoration: underline;
  }
</style>
