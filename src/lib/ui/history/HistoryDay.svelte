<script lang="ts">
  import { shortDate } from '$lib/messages';
  import type { Day } from '$core/calendar';
  import type { MassUnit } from '$core/units';
  import type { AthleteHistory, HistoryLine } from '$lib/model/athlete-history';
  import { figureOf, shownUnit, shownValue } from './shown-value';

  let { history, day, mass }: { history: AthleteHistory; day: Day; mass: MassUnit } = $props();

  /** Lines shown of each part: the newest. */
  const SHOWN = 8;
  const until = $derived(history.lines.filter((line) => line.day <= day).slice(0, SHOWN));
  const since = $derived(history.lines.filter((line) => line.day > day).slice(-SHOWN));
  const event = $derived(history.events.find((one) => one.day === day));
  const half = $derived(Math.floor(history.weeks.length / 2));
  const mean = (of: readonly number[]): number | null =>
    of.length === 0 ? null : Math.round(of.reduce((sum, value) => sum + value, 0) / of.length);
  const trained = $derived(history.weeks.filter(({ setsWritten }) => setsWritten > 0));
  const sets = $derived([
    mean(trained.filter(({ start }) => start < (history.weeks[half]?.start ?? '')).map((week) => week.setsDone)),
    mean(trained.filter(({ start }) => start >= (history.weeks[half]?.start ?? '')).map((week) => week.setsDone)),
  ]);
  const moved = (one: AthleteHistory['moved'][number]): string => {
    const by = shownValue(one.change, one.as, mass);
    return `${by >= 0 ? '+' : '−'} ${figureOf(Math.abs(by), one.as)} ${shownUnit(one.as, mass)}`;
  };
</script>

{#snippet list(lines: readonly HistoryLine[], none: string)}
  <ol>
    {#each lines as { id, day: on, who, what, from, to, rules } (id)}
      <li>
        <span class="label">{shortDate(on)}</span>
        <span
          >{what}{#if to}{' '}<b>{from ? `${from} → ` : ''}{to}</b>{/if}{' '}<span class="rule-id"
            >{rules.join(' · ')}</span
          ><br /><span class="note">{who}</span></span
        >
      </li>
    {:else}<li class="note">{none}</li>{/each}
  </ol>
{/snippet}

<section>
  <h2>Up to {shortDate(day)}</h2>
  {#if event}<p>{event.name} that day.</p>{/if}
  {@render list(until, 'Nothing was changed in the time shown before this day.')}
</section>
{#if history.moved.length > 0}
  <section>
    <h2>What moved in these weeks</h2>
    <p class="note">
      {#each history.moved as one (one.name)}
        {' '}{one.name} <b>{moved(one)}</b> since {shortDate(one.since)}, {one.beyond
          ? 'beyond its error'
          : 'within its error'}.
      {/each}
      {#if sets[0] !== null && sets[1] !== null}{' '}In the same weeks: {sets[0]} sets a week, then {sets[1]}.{/if}
      {' '}No one cause is claimed.
    </p>
  </section>
{/if}
{#if since.length > 0}
  <section>
    <h2>Since then</h2>
    {@render list(since, '')}
  </section>
{/if}

<style>
  section {
    display: grid;
    gap: 6px;
  }
  ol {
    padding: 0;
    margin: 0;
    list-style: none;
  }
  li {
    display: grid;
    grid-template-columns: 44px minmax(0, 1fr);
    gap: 6px;
    border-bottom: var(--rule);
    padding: 5px 0;
    font-stretch: 92%;
  }
</style>
