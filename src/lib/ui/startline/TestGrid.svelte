<script lang="ts">
  import { tick } from 'svelte';
  import { TIER_NAMES } from '$core/testing';
  import type { GridState } from './grid-state.svelte';
  import ReadingCells from './ReadingCells.svelte';
  import { shownCell, spokenCell, unitOf } from './shown-cell';

  let { grid, focuses, editable }: { grid: GridState; focuses: Readonly<Record<string, string>>; editable: boolean } =
    $props();

  let table = $state<HTMLTableElement | null>(null);
  let input = $state<HTMLInputElement | null>(null);

  /** Columns under the name of their tier. */
  const tiers = $derived(
    [...TIER_NAMES, null]
      .map((tier) => ({ name: tier ?? 'levers', span: grid.columns.filter(({ spec }) => spec.tier === tier).length }))
      .filter(({ span }) => span > 0),
  );
  async function focusCell(): Promise<void> {
    await tick();
    // somebody who types on at once is already in the next cell
    if (grid.typing !== null) return;
    table?.querySelector<HTMLElement>(`[data-cell="${String(grid.row)}-${String(grid.col)}"]`)?.focus();
  }
  async function type(text: string): Promise<void> {
    if (!editable) return;
    grid.typing = text;
    await tick();
    input?.focus();
    input?.setSelectionRange(text.length, text.length);
  }
  // wherever typing was started from, the caret goes to the cell
  $effect(() => {
    if (grid.typing !== null && input && document.activeElement !== input) input.focus();
  });
  async function done(rows: number, cols: number): Promise<void> {
    // the next cell is ready at once; keeping goes on behind
    void grid.commit();
    grid.move(rows, cols);
    await focusCell();
  }
  async function go(rows: number, cols: number): Promise<void> {
    grid.move(rows, cols);
    await focusCell();
  }

  const MOVES: Readonly<Record<string, [number, number]>> = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
    Enter: [1, 0],
  };
  function onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const move = MOVES[event.key];
    if (move) {
      event.preventDefault();
      void go(...move);
    } else if (event.key === '/') {
      event.preventDefault();
      grid.otherSide();
      void focusCell();
    } else if ((event.key === '-' || event.key === 'Delete' || event.key === 'Backspace') && editable) {
      event.preventDefault();
      void clear();
    } else if (event.key === 'F2') {
      event.preventDefault();
      void type(grid.textAt(grid.row, grid.col));
    } else if (event.key.length === 1 && editable) {
      event.preventDefault();
      void type(event.key);
    }
  }
  async function clear(): Promise<void> {
    const athlete = grid.page.athletes[grid.row];
    const column = grid.columns[grid.col];
    if (athlete && column) await grid.clear(athlete.id, column);
    await focusCell();
  }
  function onTyping(event: KeyboardEvent): void {
    if (event.key === 'Escape') {
      grid.typing = null;
      void focusCell();
    } else if (event.key === 'Enter' || event.key === 'ArrowDown') {
      event.preventDefault();
      void done(1, 0);
    } else if (event.key === 'ArrowUp') {
      event.preventDefault();
      void done(-1, 0);
    } else if (event.key === 'Tab') {
      event.preventDefault();
      void done(0, event.shiftKey ? -1 : 1);
    }
    event.stopPropagation();
  }
  function onPaste(event: ClipboardEvent): void {
    if (grid.typing !== null || !editable) return;
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (text === '') return;
    event.preventDefault();
    void grid.paste(text);
  }
</script>

<div class="scroll">
  <table bind:this={table} role="grid" aria-label="Results of the day" aria-rowcount={grid.page.athletes.length + 2}>
    <thead>
      <tr class="tiers">
        <td></td>
        {#each tiers as { name, span } (name)}<th scope="colgroup" colspan={span}>{name}</th>{/each}
        <th scope="colgroup" colspan="3">reading</th>
      </tr>
      <tr class="tests">
        <th scope="col">athlete</th>
        {#each grid.columns as column (`${column.spec.id} ${column.side}`)}
          <th scope="col" title={column.spec.how} class:number={column.spec.kind !== 'grade'}>
            {#if column.side !== 'right'}{column.spec.short}{/if}<small
              >{column.side === 'both' ? '' : `${column.side} `}{unitOf(column, grid.system)}</small
            >
          </th>
        {/each}
        <th scope="col" colspan="2">what limits</th>
        <th scope="col">test or train next</th>
      </tr>
    </thead>
    <tbody>
      {#each grid.page.athletes as athlete, row (athlete.id)}
        {@const reading = grid.readings.get(athlete.id)}
        <tr class:here={row === grid.row}>
          <th scope="row"><a href="/squad/{grid.page.squadId}/{athlete.id}/start">{athlete.name}</a></th>
          {#each grid.columns as column, col (`${column.spec.id} ${column.side}`)}
            {@const s = shownCell(grid, athlete.id, column)}
            {@const chosen = row === grid.row && col === grid.col}
            <td
              role="gridcell"
              data-cell="{row}-{col}"
              tabindex={chosen ? 0 : -1}
              aria-label={spokenCell(athlete.name, column, s)}
              class:number={column.spec.kind !== 'grade'}
              class:chosen
              class:failed={s.failed}
              class:asks={s.cell.view?.asks || s.cell.mine}
              class:trouble={s.cell.trouble}
              class:waiting={s.cell.waiting}
              onfocus={() => {
                grid.row = row;
                grid.col = col;
              }}
              onmousedown={() => {
                if (grid.typing !== null && !chosen) void grid.commit();
              }}
              ondblclick={() => type(grid.textAt(row, col))}
              onkeydown={onKey}
              onpaste={onPaste}
            >
              {#if chosen && grid.typing !== null}
                <input
                  bind:this={input}
                  bind:value={grid.typing}
                  aria-label="{athlete.name}, {column.spec.name}{column.side === 'both' ? '' : `, ${column.side}`}"
                  autocomplete="off"
                  inputmode={column.spec.kind === 'number' || column.spec.kind === 'joints' ? 'decimal' : 'text'}
                  onkeydown={onTyping}
                  onblur={() => void grid.commit()}
                />
              {:else if s.text !== ''}{s.text}{#if s.joint}<small>{s.joint.joint}</small>{/if}
              {:else if s.last !== ''}<span class="last">{s.last}</span>
              {:else}<span class="none">·</span>{/if}
            </td>
          {/each}
          {#if reading}
            <ReadingCells {reading} specs={grid.specs} system={grid.system} {focuses} />
          {/if}
        </tr>
      {/each}
    </tbody>
  </table>
</div>

<style>
  .scroll {
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  .tiers th {
    text-align: left;
    font-size: 13px;
    font-weight: 620;
    font-stretch: 108%;
    border-bottom: 2px solid var(--ink);
    padding: 0 8px 2px 2px;
  }
  .tests th {
    text-align: left;
    vertical-align: bottom;
    font-size: 12px;
    line-height: 15px;
    font-weight: 420;
    font-stretch: 84%;
    color: var(--ink-2);
    border-bottom: 1px solid var(--ink);
    padding: 4px 8px 3px 2px;
    max-width: 84px;
  }
  .tests small {
    display: block;
    font-size: 11px;
    line-height: 14px;
  }
  th.number,
  td.number {
    text-align: right;
  }
  tbody th {
    position: sticky;
    left: 0;
    background: var(--cal);
    text-align: left;
    font-weight: 600;
    font-stretch: 92%;
    white-space: nowrap;
    padding-right: 12px;
    min-width: 120px;
  }
  tbody th a,
  tbody th a:visited {
    color: var(--ink);
    text-decoration: none;
  }
  tbody th a:hover {
    text-decoration: underline;
  }
  tbody tr {
    height: 28px;
  }
  tbody td,
  tbody th {
    border-bottom: var(--rule);
    font-size: 14.5px;
    line-height: 18px;
  }
  td[role='gridcell'] {
    font-stretch: 82%;
    font-weight: 500;
    padding: 0 8px 0 6px;
    min-width: 48px;
    cursor: cell;
    white-space: nowrap;
  }
  td small {
    display: block;
    font-size: 11px;
    line-height: 11px;
  }
  tr.here,
  tr.here th {
    background: var(--cal-1);
  }
  td.failed {
    font-weight: 700;
    box-shadow: inset 3px 0 0 var(--ink);
  }
  td.asks,
  td.trouble {
    outline: 2px dashed var(--almagre-t);
    outline-offset: -2px;
    color: var(--almagre-t);
  }
  td.waiting {
    font-style: italic;
  }
  td.chosen,
  td:focus-visible {
    outline: 2px solid var(--ink);
    outline-offset: -2px;
  }
  .none,
  .last {
    color: var(--pizarra);
  }
  .last {
    font-weight: 400;
  }
  input {
    width: 100%;
    min-width: 44px;
    height: 24px;
    border: 0;
    background: transparent;
    color: var(--ink);
    font: inherit;
    text-align: inherit;
    padding: 0;
  }
  input:focus {
    outline: 0;
  }
  @media (pointer: coarse) {
    tbody tr {
      height: 44px;
    }
  }
  @media (max-width: 700px) {
    .tiers th:last-child,
    .tests th:nth-last-child(-n + 2) {
      display: none;
    }
    td[role='gridcell'] {
      min-width: 60px;
    }
  }
</style>
