<script lang="ts">
  import { longDate } from '$lib/messages';
  import { JOINTS, type RecordSide, type TestSpec } from '$core/testing';
  import Figure from '../figures/Figure.svelte';
  import { FAMILY_HUE } from '../glyphs/family-glyph';
  import type { GridState } from './grid-state.svelte';
  import { showCell } from './units';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    grid,
    spec,
    figure,
    look,
    flags,
    editable,
  }: {
    grid: GridState;
    spec: TestSpec;
    figure: Parameters<typeof Figure>[1]['figure'];
    look: readonly string[];
    flags: readonly string[];
    editable: boolean;
  } = $props();

  const athlete = $derived(grid.page.athletes[0]);
  const sides = $derived(spec.sides ? (['left', 'right'] as const) : (['both'] as const));
  const cellOf = (side: RecordSide) => grid.cell(athlete?.id ?? '', spec.id, side);
  /** flags ticked: a pass beside them is questioned */
  let seen = $state<readonly string[]>([]);
  let doubt = $state<{ side: RecordSide; at: number } | null>(null);
  const scores = (side: RecordSide): readonly number[] => cellOf(side).view?.joints ?? [];

  const NOTHING = { value: null, trials: null, joints: null, loadKg: null, reps: null, rir: null };
  const column = (side: RecordSide) => ({ spec, side });
  /** joints scored so far on a side: nothing is kept until all four were looked at */
  let partial = $state<Partial<Record<RecordSide, readonly (number | null)[]>>>({});
  const shown = (side: RecordSide): readonly (number | null)[] =>
    partial[side] ?? (scores(side).length > 0 ? scores(side) : JOINTS.map(() => null));
  const unseen = (side: RecordSide): string[] => JOINTS.filter((_, i) => shown(side)[i] == null);

  async function score(side: RecordSide, joint: number, value: number): Promise<void> {
    await scored(
      side,
      JOINTS.map((_, i) => (i === joint ? value : (shown(side)[i] ?? null))),
    );
  }
  const restClean = (side: RecordSide): Promise<void> =>
    scored(
      side,
      shown(side).map((one) => one ?? 0),
    );
  async function scored(side: RecordSide, now: readonly (number | null)[]): Promise<void> {
    if (!athlete) return;
    const joints = now.filter((one) => one !== null);
    if (joints.length < JOINTS.length) {
      partial = { ...partial, [side]: now };
      return;
    }
    partial = { ...partial, [side]: undefined };
    await grid.take(
      athlete.id,
      column(side),
      { ...NOTHING, joints, value: joints.reduce((sum, one) => sum + one, 0) },
      'screen',
    );
  }
  async function grade(side: RecordSide, at: number, sure = false): Promise<void> {
    if (!athlete) return;
    // a fault seen and a pass do not go together: ask before it is kept
    if (at > 0 && seen.length > 0 && !sure) {
      doubt = { side, at };
      return;
    }
    doubt = null;
    await grid.take(athlete.id, column(side), { ...NOTHING, value: at }, 'screen');
  }
  async function measure(side: RecordSide, text: string): Promise<void> {
    const col = grid.columns.findIndex((one) => one.spec.id === spec.id && one.side === side);
    await grid.write([{ row: 0, col, text }], 'screen');
  }
  const stateOf = $derived(athlete ? grid.readings.get(athlete.id)?.outcomes.get(spec.id) : undefined);
  const word = $derived(
    stateOf?.state === 'passed' ? 'passed' : stateOf?.state === 'failed' ? 'not passed' : 'not known',
  );
</script>

<article aria-label={spec.name}>
  <header>
    <h2>{spec.name}</h2>
    <span class="note" class:bad={stateOf?.state === 'failed'}
      >{word}{stateOf?.day ? `, ${stateOf.day === grid.page.day ? 'today' : longDate(stateOf.day)}` : ''}</span
    >
  </header>
  <div class="drawing">
    <Figure
      {figure}
      work="thigh"
      hue={FAMILY_HUE.squat}
      height={104}
      maxWidth={240}
      captions
      label="{spec.name}: passes, does not"
    />
  </div>
  <p class="how">{spec.how}</p>
  <ul class="look">
    {#each look as line (line)}<li>{line}</li>{/each}
  </ul>
  {#if editable}
    {#if flags.length > 0}
      <div class="flags" role="group" aria-label="Seen">
        {#each flags as flag (flag)}
          <button
            aria-pressed={seen.includes(flag)}
            onclick={() => (seen = seen.includes(flag) ? seen.filter((one) => one !== flag) : [...seen, flag])}
            >{flag}</button
          >
        {/each}
      </div>
    {/if}
    {#each sides as side (side)}
      {@const cell = cellOf(side)}
      <div class="side">
        {#if side !== 'both' && spec.kind !== 'number'}<b>{side}</b>{/if}
        {#if spec.kind === 'joints'}
          <table>
            <tbody>
              {#each JOINTS as joint, i (joint)}
                <tr>
                  <th scope="row">{joint}</th>
                  {#each ['clean', 'wobble', 'fault'] as name, value (name)}
                    <td
                      ><button
                        aria-pressed={shown(side)[i] === value}
                        aria-label="{spec.name}{side === 'both' ? '' : ` ${side}`}, {joint}: {name}"
                        onclick={() => score(side, i, value)}>{value}</button
                      ></td
                    >
                  {/each}
                </tr>
              {/each}
            </tbody>
          </table>
          {#if partial[side]}
            <p class="note" role="status">
              Not looked at yet: {unseen(side).join(', ')}. Kept once all four are scored.
              <QuietButton onclick={() => void restClean(side)}>The rest is clean</QuietButton>
            </p>
          {/if}
        {:else if spec.kind === 'grade'}
          <div class="grades" role="group" aria-label="{spec.name}{side === 'both' ? '' : ` ${side}`}">
            {#each spec.grades as name, at (name)}
              <button aria-pressed={cell.view?.value === at} onclick={() => grade(side, at)}>{name}</button>
            {/each}
          </div>
        {:else}
          <label
            ><span class="label">{spec.unit}{side === 'both' ? '' : `, ${side}`}</span>
            <input
              inputmode="decimal"
              aria-label="{spec.name}{side === 'both' ? '' : ` ${side}`}, {spec.unit}"
              value={cell.trouble?.typed ?? (cell.view ? showCell(cell.view, spec, grid.system) : '')}
              onchange={(event) => measure(side, event.currentTarget.value)}
            /></label
          >
        {/if}
        {#if cell.trouble}<p class="warn-text" role="alert">{cell.trouble.message}</p>{/if}
        {#if cell.mine}<p class="warn-text" role="alert">Somebody else scored this too: settle it on the grid.</p>{/if}
      </div>
    {/each}
    {#if doubt}
      <p class="warn-text" role="alert">
        You saw “{seen.join(', ')}”: that is not a pass.
        <QuietButton onclick={() => doubt && grade(doubt.side, 0, true)}>Write it as {spec.grades[0]}</QuietButton>
        <QuietButton
          onclick={() => {
            const kept = doubt;
            seen = [];
            if (kept) void grade(kept.side, kept.at, true);
          }}>It was clean: {spec.grades[doubt.at]}</QuietButton
        >
      </p>
    {/if}
  {/if}
</article>

<style>
  article {
    border: var(--rule);
    padding: 12px;
    display: grid;
    gap: 8px;
    align-content: start;
  }
  header {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    align-items: baseline;
  }
  .bad {
    color: var(--almagre-t);
    font-weight: 620;
  }
  .drawing {
    min-height: 128px;
    display: flex;
    align-items: end;
  }
  .how {
    font-stretch: 88%;
  }
  .look {
    font-size: 12.5px;
    line-height: 16px;
    font-stretch: 88%;
    color: var(--ink-2);
  }
  .side {
    display: grid;
    gap: 4px;
  }
  table {
    border-collapse: collapse;
  }
  th {
    text-align: left;
    font-weight: 420;
    font-stretch: 88%;
    padding-right: 12px;
    width: 56px;
  }
  button:not(.quiet) {
    border: 1px solid var(--edge);
    background: transparent;
    color: var(--ink);
    min-width: 44px;
    min-height: 34px;
    font-weight: 560;
    cursor: pointer;
  }
  button[aria-pressed='true']:not(.quiet) {
    background: var(--ink);
    color: var(--cal);
  }
  .flags,
  .grades {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
  }
  .flags button:not(.quiet) {
    font-weight: 420;
    font-size: 12.5px;
    padding: 0 8px;
    font-stretch: 88%;
  }
  .grades button:not(.quiet) {
    padding: 0 14px;
  }
  label {
    display: grid;
    max-width: 120px;
  }
  input {
    height: 34px;
    border: 0;
    border-bottom: 1px solid var(--edge);
    background: var(--cal-1);
    color: var(--ink);
    padding: 0 8px;
    font: inherit;
  }
  @media (pointer: coarse) {
    button:not(.quiet) {
      min-height: 46px;
      min-width: 48px;
    }
  }
</style>
