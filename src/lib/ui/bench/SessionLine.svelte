<script lang="ts">
  import type { Line } from '$core/session';
  import { formatClock, formatDose } from '$core/exchange';
  import type { MassUnit } from '$core/units';
  import { sayReason, shortReason } from '$lib/messages';
  import { lineScore } from '$lib/model/score';
  import FamilyGlyph from '../glyphs/FamilyGlyph.svelte';
  import ScoreStrip from '../parts/ScoreStrip.svelte';
  import type { BenchState } from './bench-state.svelte';
  import DoseEditor from './DoseEditor.svelte';
  import { doseWords, whoDiffers } from './line-words';

  let {
    line,
    bench,
    minutes,
    mass,
    editable,
    editing,
    nameOf,
    onedit,
    onleave,
  }: {
    line: Line;
    bench: BenchState;
    minutes: number;
    mass: MassUnit;
    editable: boolean;
    editing: boolean;
    nameOf: (id: string) => string;
    onedit: () => void;
    onleave: () => void;
  } = $props();

  const ownExercise = $derived(
    bench.view.find((own) => own.slot === line.slot && own.athleteId === bench.shownAthlete)?.exerciseId ??
      line.exerciseId,
  );
  const view = $derived(bench.views[ownExercise]);
  const chosen = $derived(bench.selected === line.slot);
  const words = $derived(doseWords(line, bench.view, bench.shownAthlete, mass));
  const differ = $derived(whoDiffers(line, bench.view, nameOf));
  const warned = $derived(
    (bench.assessment?.findings ?? []).find(({ facts, severity }) => facts.slot === line.slot && severity !== 'note'),
  );
  const timeline = $derived(bench.assessment?.timeline);
  const beats = $derived(timeline ? lineScore(timeline, line.slot, view?.family ?? 'mobility') : []);
  const rampS = $derived(timeline?.ramps[line.slot]?.durationS ?? 0);
  /** the rest written, and the longer one of a rack that is shared (FLOOR-1) */
  const rest = $derived.by(() => {
    const turnS = timeline?.turns[line.slot];
    const turns = turnS === undefined ? '' : `${formatClock(Math.round(turnS / 5) * 5)} in turns`;
    return [words.rest, turns].filter((part) => part !== '').join(', ');
  });
  const lands = $derived(line.reasons.find((reason) => reason.code === 'lands'));
  const why = $derived(
    line.reasons.find((reason) =>
      ['guards', 'main_kept', 'covers', 'part_of_template', 'pinned'].includes(reason.code),
    ),
  );
  const under = $derived(
    lands ? `${String(lands.facts.raw)} contacts · ${String(lands.facts.tier)}` : why ? shortReason(why) : '',
  );
  const dose = $derived(bench.doseOf(line.slot));
  const DRAGGED = 'application/x-card-line';
  let over = $state(false);
  const moved = $derived(bench.moved.includes(line.slot));
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<li
  class:chosen
  class:over
  onclick={() => (bench.selected = line.slot)}
  data-slot={line.slot}
  draggable={editable && !editing}
  ondragstart={(event) => event.dataTransfer?.setData(DRAGGED, line.slot)}
  ondragover={(event) => {
    if (!event.dataTransfer?.types.includes(DRAGGED)) return;
    event.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={(event) => {
    event.preventDefault();
    over = false;
    const slot = event.dataTransfer?.getData(DRAGGED);
    if (slot) void bench.move(slot, line.slot);
  }}
>
  {#if view}<FamilyGlyph family={view.family} />{/if}
  <button class="name" aria-pressed={chosen} onclick={() => (bench.selected = line.slot)}>
    <b
      >{view?.name ?? ownExercise}{#if line.pinned}<span class="pinned" title="Yours: solving again keeps it">
          · yours</span
        >{/if}{#if moved}<span class="pinned" title="Changed with your last change"> · changed</span>{/if}</b
    >
    <span class="note">
      {#if line.note}<em>{line.note}</em> ·
      {/if}{#if line.only}for {line.only.map(nameOf).join(', ')} ·
      {/if}{#if rampS > 0}{Math.max(1, Math.round(rampS / 60))} min up to the load ·{' '}
      {/if}{under}{#if bench.shownAthlete === null}{#each line.only ? [] : differ as words (words)}&nbsp;· <strong
            >{words}</strong
          >{/each}{/if}
    </span>
  </button>
  <div class="dose">
    {#if editing && dose}
      <DoseEditor
        text={formatDose(dose, mass)}
        label="Dose of {view?.name ?? 'this line'}"
        onkeep={(text) => bench.typeDose(line.slot, text)}
        {onleave}
      />
    {:else if editable && !words.leftOut}
      <button
        class="text"
        onclick={onedit}
        aria-label="Change the dose of {view?.name ?? 'this line'}: {words.sets} {rest}"
        ><b>{words.sets}</b>{rest ? ` · ${rest}` : ''}</button
      >
    {:else}
      <span class="text"><b>{words.sets}</b>{rest ? ` · ${rest}` : ''}</span>
    {/if}
    {#if warned}<p class="warn-text warned">{sayReason(warned)}</p>{:else}<ScoreStrip {beats} {minutes} />{/if}
  </div>
</li>

<style>
  li {
    display: grid;
    grid-template-columns: 22px minmax(150px, 206px) minmax(0, 1fr);
    gap: 8px;
    align-items: center;
    height: 44px;
    padding: 0 0 0 8px;
    border: 2px solid transparent;
    position: relative;
    cursor: default;
  }
  .chosen {
    background: var(--cal-1);
    border-color: var(--ink);
  }
  .over {
    border-top-color: var(--ink);
  }
  .name {
    display: grid;
    border: 0;
    padding: 0;
    background: none;
    text-align: left;
    color: var(--ink);
    cursor: pointer;
    min-width: 0;
  }
  .name b {
    font-size: 14.5px;
    line-height: 19px;
    font-weight: 600;
    font-stretch: 92%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .name .note {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .pinned {
    font-weight: 420;
    font-size: 12px;
    color: var(--pizarra);
  }
  .dose {
    min-width: 0;
    display: grid;
    gap: 3px;
  }
  .text {
    border: 0;
    padding: 0;
    background: none;
    color: var(--ink);
    text-align: left;
    font-size: 15.5px;
    line-height: 20px;
    font-weight: 500;
    font-stretch: 78%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  button.text {
    cursor: text;
  }
  button.text:hover {
    text-decoration: underline;
    text-decoration-color: var(--edge);
    text-underline-offset: 3px;
  }
  .warned {
    font-size: 12.5px;
    line-height: 15px;
    font-stretch: 88%;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .text b {
    font-weight: 680;
  }
  @media (pointer: coarse) {
    li {
      height: 54px;
    }
  }
  @media (max-width: 760px) {
    li {
      grid-template-columns: 22px minmax(0, 1fr);
      height: auto;
      padding-block: 6px;
    }
    .dose {
      grid-column: 2;
    }
  }
</style>
