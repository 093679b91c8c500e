<script lang="ts">
  import type { SeasonWeek } from '$lib/model/season';

  let {
    weeks,
    shown,
    now,
    href,
  }: { weeks: readonly SeasonWeek[]; shown: number | null; now: number | null; href: string } = $props();

  const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
  /** Weeks next to each other that are alike, as one span. */
  const spans = <K,>(keyOf: (week: SeasonWeek) => K) =>
    weeks.reduce<{ key: K; from: number; to: number; week: SeasonWeek }[]>((all, week) => {
      const last = all.at(-1);
      if (last && last.key === keyOf(week)) last.to = week.number;
      else all.push({ key: keyOf(week), from: week.number, to: week.number, week });
      return all;
    }, []);
  const months = $derived(spans(({ start }) => start.slice(0, 7)));
  const phases = $derived(spans(({ phaseName, closed }) => (closed ? 'closed' : phaseName)));
  const blocks = $derived(spans(({ block }) => block).filter(({ key }) => key !== null));
  const eventsOf = ({ events }: SeasonWeek): string => events.map(({ name, kind }) => `${name}, ${kind}`).join('; ');
  const sizeOf = ({ from, to }: { from: number; to: number }): string =>
    `grid-column: ${String(from + 1)} / ${String(to + 2)}`;
</script>

<div class="scroll">
  <div class="strip" style="--weeks: {weeks.length}">
    {#each months as month (month.from)}<span class="month" style={sizeOf(month)}
        >{MONTHS[Number(month.key.slice(5)) - 1]}</span
      >{/each}
    <b class="row phase">Phase</b>
    {#each phases as { key, week, ...span } (span.from)}
      <span class="phase {week.closed ? 'closed' : week.phase}" style={sizeOf(span)} title={key}
        >{span.to - span.from >= Math.floor(key.length / 5) ? key : ''}</span
      >
    {/each}
    <b class="row block">Block</b>
    {#each blocks as { key, week, ...span } (key)}
      <span class="block" style={sizeOf(span)} title="Block {key}, {week.of} weeks">{key}</span>
    {/each}
    <b class="row events">Events</b>
    {#each weeks as week (week.number)}
      <span class="events" style="grid-column: {week.number + 1}" title={eventsOf(week)}>
        {#each week.events as { kind, peak }, i (i)}<i class={kind} class:peak></i>{/each}
      </span>
    {/each}
    <b class="row marks">Week</b>
    {#each weeks as week (week.number)}
      <a
        class="week"
        class:now={week.number === now}
        style="grid-column: {week.number + 1}"
        href="{href}?week={week.number}"
        data-sveltekit-noscroll
        aria-current={week.number === shown ? 'true' : undefined}
        aria-label="Week {week.number}, {week.closed ? 'closed' : week.phaseName}{week.kind === 'lighter'
          ? ', lighter'
          : ''}{week.test ? ', tests' : ''}{week.warns ? ', a warning' : ''}"
        >{week.number}<small>{week.test ? 'test' : week.kind === 'lighter' ? 'less' : ''}{week.warns ? '!' : ''}</small
        ></a
      >
    {/each}
  </div>
</div>

<style>
  .scroll {
    overflow-x: auto;
  }
  .strip {
    display: grid;
    grid-template-columns: 76px repeat(var(--weeks), minmax(16px, 1fr));
    grid-template-rows: 18px 22px 16px 22px 40px;
    row-gap: 4px;
    min-width: calc(76px + var(--weeks) * 16px);
  }
  .row {
    grid-column: 1;
    font-size: 12.5px;
    align-self: center;
  }
  .month {
    grid-row: 1;
    font-size: 12.5px;
    color: var(--ink-2);
    overflow: hidden;
  }
  .phase {
    grid-row: 2;
  }
  span.phase {
    border: 1px solid var(--ink);
    margin-left: -1px;
    font-size: 12px;
    font-weight: 600;
    display: grid;
    place-items: center;
    white-space: nowrap;
    overflow: hidden;
    background: var(--cal-1);
  }
  span.in-season {
    background: var(--ink);
    color: var(--cal);
  }
  span.peak {
    background: var(--mora);
    color: var(--cal);
  }
  span.congested {
    background: repeating-linear-gradient(135deg, var(--cal-1) 0 4px, var(--cal-3) 4px 6px);
  }
  span.closed {
    background: transparent;
    border-style: dashed;
  }
  .block {
    grid-row: 3;
  }
  span.block {
    border: 1px solid var(--edge);
    border-bottom: 0;
    font-size: 11px;
    line-height: 14px;
    padding-left: 4px;
    margin-right: 2px;
    color: var(--ink-2);
  }
  .events {
    grid-row: 4;
  }
  span.events {
    display: flex;
    flex-wrap: wrap;
    gap: 3px;
    align-items: center;
    justify-content: center;
  }
  i {
    width: 9px;
    height: 9px;
    rotate: 45deg;
    background: var(--ink);
    border: 1.5px solid var(--ink);
  }
  i.friendly {
    background: none;
  }
  i.cup {
    width: 11px;
    height: 11px;
    outline: 1px solid var(--ink);
    outline-offset: 1px;
  }
  i.final,
  i.peak {
    background: var(--cal-1);
    border: 3px solid var(--mora);
    width: 12px;
    height: 12px;
  }
  .marks,
  .week {
    grid-row: 5;
  }
  .week {
    display: grid;
    justify-items: center;
    align-content: start;
    font-size: 11.5px;
    color: var(--ink);
    text-decoration: none;
    padding-top: 4px;
    border: 2px solid transparent;
  }
  .week:visited {
    color: var(--ink);
  }
  .week:hover {
    background: var(--cal-2);
  }
  .week small {
    font-size: 10px;
    color: var(--ink-2);
  }
  .week.now {
    font-weight: 700;
    background: var(--albero-w);
  }
  .week[aria-current] {
    border-color: var(--ink);
  }
</style>
