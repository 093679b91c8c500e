<script lang="ts">
  import { formatClock } from '$core/exchange';
  import { ownValue } from '$core/own';
  import { groupLines } from '$core/order';
  import { isComplex } from '$core/session';
  import type { MassUnit } from '$core/units';
  import { BLOCK_WORDS, inSentence } from '$lib/messages';
  import type { BenchState } from './bench-state.svelte';
  import SessionLine from './SessionLine.svelte';

  let {
    bench,
    mass,
    editable,
    nameOf,
    editing = $bindable(),
  }: {
    bench: BenchState;
    mass: MassUnit;
    editable: boolean;
    nameOf: (id: string) => string;
    editing: string | null;
  } = $props();

  const GROUP_WORDS: Readonly<Record<number, string>> = { 2: 'pair', 3: 'triple' };
  const MANY = 'circuit';
  const minutes = $derived(Math.max(bench.minutes, Math.ceil(bench.assessment?.minutes ?? 0)));
  const ticks = $derived(Array.from({ length: Math.floor(minutes / 10) + 1 }, (_, i) => i * 10));
  const blocks = $derived.by(() => {
    const made: {
      block: string;
      groups: ReturnType<typeof groupLines<NonNullable<BenchState['card']>['lines'][number]>>;
    }[] = [];
    for (const group of groupLines(bench.card?.lines ?? [])) {
      const block = group[0]?.block ?? '';
      const last = made.at(-1);
      if (last?.block === block) last.groups.push(group);
      else made.push({ block, groups: [group] });
    }
    return made;
  });
  /** getting warm is one block that unfolds; a line chosen in it unfolds it */
  let unfolded = $state(false);
  const isFolded = (block: string, lines: readonly { slot: string }[]): boolean =>
    block === 'prep' && !unfolded && !lines.some(({ slot }) => slot === bench.selected);
  const nameOfLine = (exerciseId: string): string => inSentence(bench.views[exerciseId]?.name ?? exerciseId);
  /** a block may stand twice where the coach moved a line: the clock has them in the same order */
  const lengthOf = (at: number): string => {
    const found = bench.assessment?.timeline.blocks[at];
    return found ? formatClock(found.endS - found.startS) : '';
  };
</script>

<div class="card" style:--minutes={minutes}>
  <div class="axis" aria-hidden="true">
    {#each ticks as tick (tick)}<span class:end={tick > minutes * 0.92} style:left="{(tick / minutes) * 100}%"
        >{tick}{tick === ticks.at(-1) ? ' min' : ''}</span
      >{/each}
  </div>
  {#each blocks as { block, groups }, at (groups[0]?.[0]?.slot ?? block)}
    <section>
      <header>
        <h3>{ownValue(BLOCK_WORDS, block) ?? block}</h3>
        <span class="figure">{lengthOf(at)}</span>
      </header>
      <div class="groups">
        {#if block === 'prep'}
          <button
            class="quiet fold"
            aria-expanded={!isFolded(block, groups.flat())}
            onclick={() => (unfolded = !unfolded)}
          >
            {isFolded(block, groups.flat()) ? 'Unfold' : 'Fold'}
          </button>
        {/if}
        {#if isFolded(block, groups.flat())}
          <p class="folded">
            {groups
              .flat()
              .map(({ exerciseId }) => nameOfLine(exerciseId))
              .join(' · ')}
          </p>
        {:else}{#each groups as group (group[0]?.slot)}
            <div class="group" class:together={group.length > 1}>
              {#if group.length > 1}<span class="bracket" aria-hidden="true"></span><span class="word"
                  >{isComplex(group[0]?.group) ? 'one set' : (GROUP_WORDS[group.length] ?? MANY)}</span
                >{/if}
              <ol>
                {#each group as line (line.slot)}
                  <SessionLine
                    {line}
                    {bench}
                    {minutes}
                    {mass}
                    {editable}
                    {nameOf}
                    editing={editing === line.slot}
                    onedit={() => {
                      bench.selected = line.slot;
                      editing = line.slot;
                    }}
                    onleave={() => {
                      if (editing === line.slot) editing = null;
                    }}
                  />
                {/each}
              </ol>
            </div>
          {/each}{/if}
      </div>
    </section>
  {/each}
</div>

<style>
  .card {
    position: relative;
  }
  .axis {
    position: relative;
    height: 20px;
    margin-left: calc(88px + 22px + 8px + 8px + 206px + 8px + 2px);
    font-size: 11px;
    color: var(--pizarra);
  }
  .axis span {
    position: absolute;
    transform: translateX(-2px);
    white-space: nowrap;
  }
  .axis .end {
    transform: translateX(-100%);
  }
  section {
    display: grid;
    grid-template-columns: 72px minmax(0, 1fr);
    gap: 16px;
    border-top: var(--rule);
    padding: 2px 0;
  }
  header {
    padding-top: 6px;
  }
  header .figure {
    font-size: 13px;
    color: var(--ink-2);
    font-weight: 440;
  }
  .groups {
    position: relative;
  }
  .fold {
    position: absolute;
    right: 12px;
    top: 4px;
    z-index: 1;
  }
  .folded {
    padding: 6px 76px 8px 8px;
    color: var(--ink-2);
    font-stretch: 90%;
  }
  .group {
    position: relative;
  }
  .bracket {
    position: absolute;
    left: -9px;
    top: 8px;
    bottom: 8px;
    width: 6px;
    border: 2px solid var(--ink);
    border-right: 0;
  }
  .word {
    position: absolute;
    left: -26px;
    top: 50%;
    transform: translateY(-50%) rotate(180deg);
    writing-mode: vertical-rl;
    font-size: 11.5px;
    line-height: 14px;
    font-stretch: 88%;
    color: var(--ink-2);
  }
  @media (max-width: 760px) {
    section {
      grid-template-columns: minmax(0, 1fr);
      gap: 0;
    }
    header {
      display: flex;
      gap: 12px;
    }
    .axis {
      display: none;
    }
    .groups {
      padding-left: 12px;
    }
  }
</style>
