<script lang="ts">
  import { tick } from 'svelte';
  import { formatDose } from '$core/exchange';
  import type { MassUnit } from '$core/units';
  import FamilyGlyph from '../glyphs/FamilyGlyph.svelte';
  import { bindKeys } from '../shell/keys';
  import type { BenchState } from './bench-state.svelte';
  import DoseEditor from './DoseEditor.svelte';
  import { matrixCell, matrixColumns, matrixRacks } from './matrix';
  import MatrixCellBar from './MatrixCellBar.svelte';
  import MatrixRacks from './MatrixRacks.svelte';

  let {
    bench,
    athletes,
    squadId,
    racks,
    mass,
    editable,
    placeName,
  }: {
    bench: BenchState;
    athletes: readonly { id: string; name: string }[];
    squadId: string;
    racks: number;
    mass: MassUnit;
    editable: boolean;
    placeName: (id: string) => string;
  } = $props();

  const VARIANT_WORDS = {
    squad: 'as written',
    less: 'less',
    other: 'other',
    safe: 'safe',
    typed: 'yours',
    without: '–',
  };
  const nameOf = (id: string): string => bench.views[id]?.name ?? id;
  const lines = $derived(bench.card?.lines ?? []);
  const columns = $derived(matrixColumns(lines, bench.view, athletes.length, mass));
  const cells = $derived(new Map(bench.view.map((own) => [`${own.slot} ${own.athleteId}`, own])));
  const stations = $derived(matrixRacks(lines, bench.view, racks, mass));
  const rackOf = $derived(
    new Map(stations.flatMap((rack, i) => rack.athletes.map(({ id }) => [id, String(i + 1)] as const))),
  );
  let row = $state(0);
  let column = $state(0);
  let editing = $state(false);
  const athlete = $derived(athletes[Math.min(row, athletes.length - 1)]);
  const over = $derived(columns[Math.min(column, columns.length - 1)]);
  const own = $derived(athlete && over ? cells.get(`${over.slot} ${athlete.id}`) : undefined);
  const cellId = (r: number, c: number): string => `cell-${String(r)}-${String(c)}`;
  function go(r: number, c: number): void {
    row = Math.min(athletes.length - 1, Math.max(0, r));
    column = Math.min(columns.length - 1, Math.max(0, c));
    editing = false;
    void tick().then(() => document.getElementById(cellId(row, column))?.focus());
  }
  const back = (done: Promise<void>): void =>
    void done.then(() => document.getElementById(cellId(row, column))?.focus());
  const give = (kind: 'less' | 'other'): void => {
    if (editable && athlete && over) back(bench.give(over.slot, athlete.id, { kind }));
  };
  const leaveOut = (): void => {
    if (editable && athlete && over) back(bench.leaveOut(over.slot, athlete.id));
  };
  const asRules = (): void => {
    if (editable && athlete && over) back(bench.asRules(over.slot, athlete.id));
  };

  $effect(() => {
    const move = (r: number, c: number) => (event: KeyboardEvent) => {
      event.preventDefault();
      go(row + r, column + c);
    };
    return bindKeys({
      ArrowUp: move(-1, 0),
      ArrowDown: move(1, 0),
      ArrowLeft: move(0, -1),
      ArrowRight: move(0, 1),
      Home: () => go(row, 0),
      End: () => go(row, columns.length - 1),
      Enter: (event) => {
        if (event.target instanceof Element && event.target.closest('button:not(.cell), a, summary')) return;
        event.preventDefault();
        if (editable && own?.exerciseId != null) editing = true;
      },
      l: () => give('less'),
      o: () => give('other'),
      x: leaveOut,
      Backspace: asRules,
    });
  });
</script>

<div class="matrix">
  <div class="scroll">
    <table role="grid" aria-label="Everybody, line by line" style:min-width="{170 + columns.length * 88}px">
      <thead>
        <tr>
          <th scope="col" class="who"><span class="visually-hidden">Athlete</span></th>
          {#if stations.length > 0}<th scope="col" class="rack label">rack</th>{/if}
          {#each columns as { slot, exerciseId, sets, rest } (slot)}
            <th scope="col">
              {#if bench.views[exerciseId]}<FamilyGlyph family={bench.views[exerciseId].family} size={20} />{/if}
              <span class="name">{nameOf(exerciseId)}</span>
              <b>{sets}</b>
              <span class="note">{rest}</span>
            </th>
          {/each}
        </tr>
      </thead>
      <tbody>
        {#each athletes as { id, name }, r (id)}
          <tr class:chosen={r === row}>
            <th scope="row">{name}</th>
            {#if stations.length > 0}<td class="rack">{rackOf.get(id) ?? '–'}</td>{/if}
            {#each columns as { slot, exerciseId, sets }, c (slot)}
              {@const found = matrixCell(cells.get(`${slot} ${id}`), { slot, exerciseId }, mass, nameOf)}
              <td>
                {#if editing && r === row && c === column && own}
                  <DoseEditor
                    text={formatDose(own.dose, mass)}
                    label="Dose of {name}"
                    onkeep={(text) => bench.typeDose(slot, text, id)}
                    onleave={() => {
                      editing = false;
                      void tick().then(() => document.getElementById(cellId(r, c))?.focus());
                    }}
                  />
                {:else}
                  <button
                    id={cellId(r, c)}
                    class="cell {found.variant}"
                    tabindex={r === row && c === column ? 0 : -1}
                    aria-pressed={r === row && c === column}
                    title={found.words}
                    onclick={() => go(r, c)}
                    ondblclick={() => {
                      if (editable && own?.exerciseId != null) editing = true;
                    }}
                  >
                    {#if found.words === ''}<span class="dot" aria-hidden="true"></span><span class="visually-hidden"
                        >as written, {sets}</span
                      >{:else}{found.words}{#if found.rule}&nbsp;<span class="rule">{found.rule}</span>{/if}{/if}
                  </button>
                {/if}
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
      <tfoot>
        <tr>
          <th scope="row" class="label">how many</th>
          {#if stations.length > 0}<td></td>{/if}
          {#each columns as { slot, counts } (slot)}
            <td>
              <span class="marks" aria-hidden="true">
                {#each counts as [variant, count] (variant)}{#each { length: count }, i (i)}<i class={variant}
                    ></i>{/each}{/each}
              </span>
              <span class="note"
                >{counts
                  .map(([variant, count]) =>
                    variant === 'squad' ? String(count) : `${String(count)} ${VARIANT_WORDS[variant]}`,
                  )
                  .join(' · ')}</span
              >
            </td>
          {/each}
        </tr>
      </tfoot>
    </table>
  </div>
  {#if athlete && over}
    <MatrixCellBar {bench} {athlete} {over} {own} {squadId} {editable} {placeName} {back} />
  {/if}
  {#if stations.length > 0}<MatrixRacks {stations} {athletes} />{/if}
</div>

<style>
  .matrix {
    display: flex;
    flex-direction: column;
    min-height: 0;
    flex: 1;
    padding-right: 12px;
  }
  .scroll {
    position: relative;
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
    width: 100%;
    table-layout: fixed;
    font-stretch: 84%;
  }
  thead th {
    text-align: left;
    vertical-align: bottom;
    padding: 0 6px 6px;
    border-bottom: 2px solid var(--ink);
    font-weight: 420;
    font-size: 13px;
  }
  thead .who {
    width: 128px;
  }
  thead .rack {
    width: 40px;
  }
  thead th > * {
    display: block;
  }
  thead .name {
    font-weight: 640;
    line-height: 16px;
  }
  thead b {
    font-weight: 640;
  }
  tbody th {
    text-align: left;
    font-size: 13.5px;
    font-weight: 520;
    white-space: nowrap;
    padding: 0 8px 0 0;
    font-stretch: 92%;
  }
  tr.chosen th {
    font-weight: 680;
  }
  tbody td,
  tbody th {
    border-bottom: var(--rule);
    height: 27px;
  }
  td {
    padding: 0;
  }
  .rack {
    padding: 0 8px;
    color: var(--ink-2);
  }
  .cell {
    width: 100%;
    height: 100%;
    min-height: 27px;
    padding: 0 6px;
    border: 2px solid transparent;
    background: none;
    color: var(--ink);
    text-align: left;
    font: inherit;
    font-size: 13.5px;
    font-weight: 560;
    font-stretch: 78%;
    line-height: 15px;
    cursor: pointer;
  }
  .cell.less,
  .cell.typed {
    box-shadow: inset 0 0 0 1px var(--ink);
  }
  .cell.other,
  .cell.safe {
    background: var(--anil-w);
  }
  .cell.without {
    color: var(--almagre-t);
    font-weight: 640;
  }
  .cell[aria-pressed='true'] {
    border-color: var(--ink);
  }
  .rule {
    white-space: nowrap;
    font-size: 11px;
  }
  .dot {
    display: inline-block;
    width: 4px;
    height: 4px;
    background: var(--pizarra);
  }
  tfoot th,
  tfoot td {
    padding: 6px 6px 8px;
    vertical-align: top;
    text-align: left;
  }
  .marks {
    display: flex;
    flex-wrap: wrap;
    gap: 1px;
  }
  .marks i {
    width: 4px;
    height: 8px;
    background: var(--ink);
  }
  .marks i.less,
  .marks i.typed {
    background: none;
    box-shadow: inset 0 0 0 1px var(--ink);
  }
  .marks i.other,
  .marks i.safe {
    background: var(--anil);
  }
  .marks i.without {
    background: none;
    box-shadow: inset 0 0 0 1px var(--edge);
  }
  @media (pointer: coarse) {
    .cell {
      min-height: 44px;
    }
  }
</style>
