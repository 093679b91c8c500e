<script lang="ts">
  import type { MassUnit } from '$core/units';
  import { ANSWER_WORDS, longDate } from '$lib/messages';
  import type { AthleteHistory } from '$lib/model/athlete-history';
  import { figure, figureOf, shownUnit, shownValue } from './shown-value';

  let { history, mass }: { history: AthleteHistory; mass: MassUnit } = $props();
</script>

<div class="tables">
  {#each history.measured as { id, name, as, points } (id)}
    <table class="numbers">
      <caption>{name}</caption>
      <thead><tr><th>Day</th><th>Value</th><th>± error</th><th>From</th></tr></thead>
      <tbody>
        {#each points as { day, value, error, trained } (day)}
          <tr
            ><td>{longDate(day)}</td><td>{figureOf(shownValue(value, as, mass), as)} {shownUnit(as, mass)}</td><td
              >{figureOf(shownValue(value, as, mass) - shownValue(value - error, as, mass), as)}</td
            ><td>{trained ? 'training' : 'test'}</td></tr
          >
        {/each}
      </tbody>
    </table>
  {/each}
  {#each history.ladders as { id, name, rungs, steps } (id)}
    <table class="numbers">
      <caption>{name}, {rungs} rungs</caption>
      <thead><tr><th>Day</th><th>Rung</th><th>Done</th><th>Down by</th></tr></thead>
      <tbody>
        {#each steps as { day, rung, exercise, down } (day)}
          <tr><td>{longDate(day)}</td><td>{rung}</td><td>{exercise}</td><td>{down.join(' ')}</td></tr>
        {/each}
      </tbody>
    </table>
  {/each}
  <table class="numbers">
    <caption>Weeks</caption>
    <thead><tr><th>From</th><th>Sets written</th><th>done</th><th>Load</th></tr></thead>
    <tbody>
      {#each history.weeks as { start, setsWritten, setsDone, load, atLeast } (start)}
        <tr
          ><td>{longDate(start)}</td><td>{setsWritten}</td><td>{setsDone}</td><td
            >{load === null ? 'not known' : `${atLeast ? 'at least ' : ''}${figure(load)}`}</td
          ></tr
        >
      {/each}
    </tbody>
  </table>
  <table class="numbers">
    <caption>Mornings</caption>
    <tbody>
      {#each history.mornings as { day, answer } (day)}<tr><td>{longDate(day)}</td><td>{ANSWER_WORDS[answer]}</td></tr
        >{/each}
    </tbody>
  </table>
  {#if history.complaints?.length}
    <table class="numbers">
      <caption>Complaints</caption>
      <tbody>
        {#each history.complaints as { id, name, from, to, score, open } (id)}
          <tr
            ><td>{longDate(from)} – {open ? 'now' : longDate(to)}</td><td
              >{name}{open ? ` ${String(score)}` : ', gone'}</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
  {/if}
</div>

<style>
  .tables {
    display: flex;
    flex-wrap: wrap;
    gap: 20px 32px;
    align-items: start;
  }
  caption {
    text-align: left;
    font-weight: 640;
    padding-bottom: 4px;
  }
</style>
