<script lang="ts">
  import { weekdayOf } from '$core/calendar';
  import { dayWords } from '$lib/messages';
  import type { BalancePage } from '$lib/model/balance';

  let { load }: { load: BalancePage['load'] } = $props();
  const most = $derived(Math.max(1, ...load.weeks.flatMap(({ daily }) => daily.map((day) => day ?? 0))));
  const FLAGS: Readonly<Record<string, string>> = {
    'LOAD-1': 'a steep rise: above 1.3 × the four weeks before',
    'LOAD-2': 'much and every day alike',
  };
  const DAYS = ['M', 'T', 'W', 'T', 'F', 'S', 'S'];
  const said = (day: number | null, i: number): string =>
    `${DAYS[i] ?? ''} ${day === null ? 'unknown' : String(Math.round(day))}`;
</script>

<section>
  <h2>Load of the weeks</h2>
  <p class="note">
    How hard it was (0 to 10) × minutes, sessions and practices. A day nobody rated is unknown, never nothing.
  </p>
  {#if !load.counted}
    <p>No session of these weeks yet.</p>
  {:else}
    <table>
      <thead>
        <tr
          ><th scope="col">Week of</th><th scope="col">Days</th><th scope="col">Total</th><th scope="col">Monotony</th
          ><th scope="col">Strain</th><th scope="col">Said</th></tr
        >
      </thead>
      <tbody>
        {#each load.weeks as week (week.start)}
          <tr>
            <th scope="row">{dayWords(week.start, weekdayOf(week.start))}</th>
            <td>
              <span class="days" role="img" aria-label={week.daily.map(said).join(', ')}>
                {#each week.daily as day, i (i)}<i
                    class:unknown={day === null}
                    style:height="{day === null ? 6 : Math.max(1, (day / most) * 30)}px"
                  ></i>{/each}
              </span>
            </td>
            <td class="figure">{week.atLeast ? 'at least ' : ''}{Math.round(week.total)}</td>
            <td class="figure">{week.monotony === null ? 'not defined' : week.monotony.toFixed(2)}</td>
            <td class="figure">{week.strain === null ? '' : Math.round(week.strain)}</td>
            <td
              >{#each week.flags as flag (flag)}{FLAGS[flag]} <span class="rule-id">{flag}</span>
              {/each}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
    {#if load.acute !== null && load.chronic !== null}
      <p class="note">
        Fading averages a day: {Math.round(load.acute)} over 7 days, {Math.round(load.chronic)} over 28. Context only: their
        ratio is disputed and stops nothing.
      </p>
    {/if}
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 6px;
    overflow-x: auto;
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th,
  td {
    text-align: left;
    font-weight: 400;
    border-bottom: var(--rule);
    padding: 6px 12px 6px 0;
    vertical-align: bottom;
  }
  thead th {
    font-size: 12.5px;
    color: var(--ink-2);
  }
  tbody th {
    white-space: nowrap;
  }
  .days {
    display: flex;
    gap: 3px;
    align-items: end;
    height: 32px;
  }
  i {
    width: 11px;
    background: var(--ink);
  }
  i.unknown {
    background: none;
    border: 1px dashed var(--edge);
  }
</style>
