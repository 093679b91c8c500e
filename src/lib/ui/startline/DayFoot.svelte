<script lang="ts">
  import { longDate } from '$lib/messages';
  import { Button } from 'carbon-components-svelte';
  import type { GridState, OpenQuestion } from './grid-state.svelte';
  import { showCell, specIn } from './units';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    grid,
    question,
    mat,
    editable,
  }: {
    grid: GridState;
    /** what waits for the coach; null = nothing */
    question: OpenQuestion | null;
    /** what the mat says; empty = not listening */
    mat: string;
    editable: boolean;
  } = $props();

  const nameOf = (id: string): string => grid.page.athletes.find((athlete) => athlete.id === id)?.name ?? '';
  const shown = (value: number, { column }: OpenQuestion): string =>
    `${showCell({ ...BARE, value }, column.spec, grid.system)} ${specIn(column.spec, grid.system).unit}`;
  const BARE = { joints: null, loadKg: null, reps: null, rir: null };
  const sideWord = ({ column }: OpenQuestion): string => (column.side === 'both' ? '' : ` ${column.side}`);
  function goTo({ athleteId, column }: OpenQuestion): void {
    grid.row = grid.page.athletes.findIndex(({ id }) => id === athleteId);
    grid.col = grid.columns.indexOf(column);
    grid.typing = grid.textAt(grid.row, grid.col);
  }
</script>

<footer>
  {#if question}
    <p>
      <b>{nameOf(question.athleteId)}, {question.column.spec.short}{sideWord(question)}</b>
      {#if question.kind === 'refused'}
        {question.cell.trouble?.message}
      {:else if question.kind === 'conflict' && question.cell.view && question.cell.mine}
        {question.cell.view.by ?? 'Somebody else'} wrote
        <b>{showCell(question.cell.view, question.column.spec, grid.system) || 'nothing'}</b>; here it is
        <b>{showCell(question.cell.mine, question.column.spec, grid.system) || 'nothing'}</b>.
      {:else if question.cell.view}
        {@const last = grid.lastOf(question.athleteId, question.column)}
        {@const likely = grid.likelyOf(question.athleteId, question.column)}
        <b>{showCell(question.cell.view, question.column.spec, grid.system)}</b> is far from the last,
        {last ? `${shown(last.value, question)} on ${longDate(last.day)}` : ''}.
        {#if likely}Likely is {shown(likely[0], question)} to {shown(likely[1], question)}.{/if}
      {/if}
    </p>
    {#if editable}
      <span class="acts">
        {#if question.kind === 'asks'}
          <Button size="small" kind="tertiary" on:click={() => grid.keepAsked(question)}>It is right</Button>
        {:else if question.kind === 'conflict'}
          <Button size="small" kind="tertiary" on:click={() => grid.resolve(question, 'theirs')}>Theirs</Button>
          <Button size="small" kind="tertiary" on:click={() => grid.resolve(question, 'mine')}>Mine</Button>
        {/if}
        {#if question.kind !== 'conflict'}
          <Button size="small" kind="tertiary" on:click={() => goTo(question)}>Change it</Button>
          <QuietButton onclick={() => grid.clear(question.athleteId, question.column)}>Take it off</QuietButton>
        {/if}
      </span>
    {/if}
  {:else}
    <p class="note" role="status">
      {mat}
      {grid.pasted}
      {grid.queue.away
        ? `Server away: ${String(grid.queue.waiting)} ${grid.queue.waiting === 1 ? 'value' : 'values'} kept in this browser, sent when it is back.`
        : grid.queue.waiting > 0
          ? `${String(grid.queue.waiting)} on the way`
          : 'All kept.'}
    </p>
  {/if}
</footer>

<style>
  footer {
    position: sticky;
    bottom: 0;
    margin-top: auto;
    display: flex;
    gap: 12px;
    align-items: center;
    flex-wrap: wrap;
    min-height: 50px;
    margin-inline: -16px;
    padding: 8px 16px;
    background: var(--cal-1);
    border-top: 2px solid var(--ink);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 12px;
    align-items: center;
    margin-left: auto;
  }
  @media (max-width: 700px) {
    .acts {
      margin-left: 0;
    }
  }
</style>
