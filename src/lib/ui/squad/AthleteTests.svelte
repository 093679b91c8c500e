<script lang="ts">
  import { formatMass } from '$core/exchange';
  import { inSentence, longDate } from '$lib/messages';
  import type { MassUnit } from '$core/units';

  let {
    tests,
    sides,
    lifts,
    jumps,
    mass,
    testDay,
    editable,
  }: {
    tests: Readonly<Partial<Record<string, 'passed' | 'failed'>>>;
    /** a leg weaker than the other (DOSE-10) */
    sides: { readonly test: string; readonly weak: 'left' | 'right'; readonly share: number } | null;
    lifts: readonly {
      id: string;
      name: string;
      day: string;
      loadKg: number;
      reps: number;
      medianKg: number | null;
      spreadKg: number | null;
      inDate: boolean;
      timesMass: number | null;
    }[];
    jumps: readonly { name: string; day: string; heightM: number }[];
    mass: MassUnit;
    /** where results are written: today's testing day */
    testDay: string;
    editable: boolean;
  } = $props();

  const known = $derived(Object.keys(tests).filter((test) => /^[RCK]/.test(test)));
</script>

<section>
  <header>
    <h2>Loads and tests</h2>
    {#if editable}<a class="quiet" href={testDay}>Write a result</a>{/if}
  </header>
  <table>
    <tbody>
      {#each lifts as lift (lift.id)}
        <tr class:old={!lift.inDate}>
          <th scope="row">{lift.name}</th>
          <td class="figure">{lift.medianKg === null ? '·' : `${formatMass(lift.medianKg, mass)} e1RM`}</td>
          <td class="note"
            >{lift.spreadKg === null ? '' : `± ${formatMass(lift.spreadKg / 2, mass)}`}{lift.timesMass === null
              ? ''
              : ` · ${lift.timesMass.toFixed(2)} ×BM`}</td
          >
          <td class="note"
            >{formatMass(lift.loadKg, mass)} × {lift.reps}, {longDate(lift.day)}{lift.inDate
              ? ''
              : ', past its time'}</td
          >
        </tr>
      {/each}
      {#each jumps as jump (jump.name + jump.day)}
        <tr
          ><th scope="row">{jump.name}</th><td class="figure">{(jump.heightM * 100).toFixed(1)} cm</td><td></td><td
            class="note">{longDate(jump.day)}</td
          ></tr
        >
      {/each}
      {#if lifts.length + jumps.length === 0}<tr
          ><td class="note" colspan="4"
            >No lift or jump yet: loads go by RIR, and the first session finds them. <span class="rule-id">DOSE-2</span
            ></td
          ></tr
        >{/if}
    </tbody>
  </table>
  {#if sides}<p>
      <b>{sides.weak === 'left' ? 'Left' : 'Right'} leg {Math.round(sides.share * 100)} % of the other</b>
      ({inSentence(sides.test)}): it goes first on every one-leg line, the other does as many.
      <span class="rule-id">DOSE-10</span>
    </p>{/if}
  <p class="screens">
    <span class="label">Screens</span>
    {#each known as screen (screen)}<b class:failed={tests[screen] === 'failed'}
        >{screen}{tests[screen] === 'failed' ? ' not passed' : ''}</b
      >{/each}
    {#if known.length === 0}<span class="note"
        >none done: the bottom of each range until they are <span class="rule-id">START-2</span></span
      >{/if}
  </p>
</section>

<style>
  section {
    display: grid;
    gap: 10px;
  }
  header {
    display: flex;
    justify-content: space-between;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th {
    text-align: left;
    font-weight: 560;
  }
  th,
  td {
    border-bottom: var(--rule);
    height: 32px;
    padding-right: 12px;
  }
  th,
  .figure {
    white-space: nowrap;
  }
  .old {
    color: var(--pizarra);
  }
  .screens {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    font-stretch: 84%;
  }
  .screens b {
    font-weight: 520;
  }
  .failed {
    color: var(--almagre-t);
  }
</style>
