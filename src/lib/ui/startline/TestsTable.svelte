<script lang="ts">
  import { shortDate } from '$lib/messages';
  import { JOINTS, type TestSpec } from '$core/testing';
  import type { TestLine } from '$lib/model/start-line';
  import { showCell, specIn, type UnitSystem } from './units';

  let {
    lines,
    specs,
    system,
  }: { lines: readonly TestLine[]; specs: ReadonlyMap<string, TestSpec>; system: UnitSystem } = $props();

  const BARE = { joints: null, loadKg: null, reps: null, rir: null };
  const short = (id: string): string => specs.get(id)?.short ?? id;
  const show = (id: string, value: number): string => {
    const spec = specs.get(id);
    return spec ? showCell({ ...BARE, value }, spec, system) : '';
  };
  const unit = (id: string): string => {
    const spec = specs.get(id);
    if (!spec || spec.kind === 'grade' || spec.kind === 'joints') return '';
    const shown = specIn(spec, system).unit;
    return spec.kind === 'lift' ? `${shown} e1RM` : shown;
  };
  const sign = (value: number): string => (value < 0 ? '−' : '+');
</script>

<!-- a region that scrolls must be reachable with the keyboard -->
<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
<div class="scroll" role="region" aria-label="Tests" tabindex="0">
  <table>
    <thead>
      <tr
        ><th scope="col">test</th><th scope="col" class="number">value</th><th scope="col">since the last</th><th
          scope="col"
          class="number"><abbr title="percentile in own squad">squad</abbr></th
        ><th scope="col" class="number"
          ><abbr title="percentile in this sport at this lifting level, over all your squads">level</abbr></th
        ><th scope="col" class="number"><abbr title="percentile of own history">own</abbr></th><th scope="col">day</th
        ></tr
      >
    </thead>
    <tbody>
      {#each lines as line (`${line.id} ${line.side}`)}
        <tr class:old={line.stale} class:failed={line.passed === false}>
          <th scope="row">{short(line.id)}{line.side === 'both' ? '' : `, ${line.side}`}</th>
          <td class="number"
            >{show(line.id, line.value)}
            <small
              >{unit(line.id)}{line.trained ? ', from training' : ''}{line.spread === null
                ? ''
                : ` ±${show(line.id, line.spread / 2)}`}{line.joints
                ? line.joints.flatMap((score, i) => (score > 0 ? ` ${JOINTS[i] ?? ''} ${String(score)}` : [])).join('')
                : ''}</small
            ></td
          >
          <td
            >{#if line.change}{sign(line.change.by)}{show(line.id, Math.abs(line.change.by))}, {line.change.kind}
              <small title="90 % interval"
                >({sign(line.change.interval[0])}{show(line.id, Math.abs(line.change.interval[0]))} to {sign(
                  line.change.interval[1],
                )}{show(line.id, Math.abs(line.change.interval[1]))}{line.change.own ? '' : ', assumed'})</small
              >{/if}</td
          >
          <td class="number">{line.inSquad === null ? '' : Math.round(line.inSquad)}</td>
          <td class="number">{line.inLevel === null ? '' : Math.round(line.inLevel)}</td>
          <td class="number">{line.ofOwn === null ? '' : Math.round(line.ofOwn)}</td>
          <td class="note">{shortDate(line.day)}{line.stale ? ', past its time' : ''}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="note">
  Percentiles are of your own athletes only: squad, this sport at the same lifting level, own history. Assumed: this
  squad has not repeated the test often enough to know its own error.
</p>

<style>
  .scroll {
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th {
    text-align: left;
    font-weight: 560;
  }
  thead th {
    font-size: 12px;
    font-weight: 420;
    color: var(--ink-2);
    border-bottom: 1px solid var(--ink);
    padding-right: 10px;
    white-space: nowrap;
  }
  abbr {
    text-decoration: none;
  }
  tbody th,
  tbody td {
    border-bottom: var(--rule);
    height: 28px;
    padding-right: 8px;
    white-space: nowrap;
    font-stretch: 80%;
  }
  .number {
    text-align: right;
  }
  small {
    font-size: 11.5px;
    color: var(--ink-2);
    font-stretch: 80%;
  }
  .old {
    color: var(--pizarra);
  }
  .failed th,
  .failed .number {
    font-weight: 700;
  }
  .failed th {
    box-shadow: inset 3px 0 0 var(--ink);
    padding-left: 8px;
  }
</style>
