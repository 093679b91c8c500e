<script lang="ts">
  import { tick } from 'svelte';
  import { monthWord } from '$core/calendar';
  import { shortDate } from '$lib/messages';
  import type { Trouble } from '$lib/model/forms';
  import type { SeasonWeek } from '$lib/model/season';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import type { Texts } from '$lib/model/merge-texts';
  import { eventTexts } from '$lib/model/shown/squad';
  import CommandId from '../parts/CommandId.svelte';
  import { eventDayIn, isGiven, moveBlockEnd, moveEdge } from './strip-moves';

  let {
    weeks,
    shown,
    now,
    today,
    href,
    editable,
    trouble,
  }: {
    weeks: readonly SeasonWeek[];
    shown: number | null;
    now: number | null;
    today: string;
    href: string;
    editable: boolean;
    trouble: (form: string) => Trouble | null;
  } = $props();

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
  type Event = SeasonWeek['events'][number];
  /** what is carried: an event, or the edge between two phases or blocks, by its week */
  type Carried =
    { what: 'event'; event: Event; from: number } | { what: 'edge'; week: number } | { what: 'block'; first: number };

  let strip = $state<HTMLElement>();
  let carried = $state<Carried | null>(null);
  /** the week it would be dropped in */
  let over = $state<number | null>(null);
  /** what is sent, in the season's own forms */
  let sent = $state<{ action: string; fields: Record<string, string>; shows: Texts | null } | null>(null);
  let form = $state<HTMLFormElement>();
  const said = $derived(sent && Object.values(trouble(sent.action)?.errors ?? {}).flatMap((lines) => lines ?? [])[0]);

  async function send(action: string, fields: Record<string, string>, shows: Texts | null): Promise<void> {
    sent = { action, fields, shows };
    await tick();
    form?.requestSubmit();
  }

  /** Puts what is carried into a week; what has already been stays. */
  function put(what: Carried, to: number): void {
    const week = weeks[to - 1];
    const first = now ?? 1;
    if (what.what === 'event') {
      const from = weeks[what.from - 1];
      if (!week || !from || week === from) return;
      const day = eventDayIn(what.event.day, from, week);
      if (day < today) return;
      const { id, kind, peak } = what.event;
      void send('changeEvent', { id, day, kind, ...(peak ? { peak: 'on' } : {}) }, eventTexts(what.event));
    } else if (what.what === 'edge') {
      const move = moveEdge(weeks, what.week, Math.max(first, to));
      if (move) void send('phase', { ...move }, null);
    } else {
      const move = moveBlockEnd(weeks, what.first, to);
      if (move) void send('block', { from: move.from, weeks: String(move.weeks) }, null);
    }
  }

  /** The week under a pointer; an edge snaps to the nearer side. */
  function weekAt(x: number, what: Carried): number {
    const cells = strip?.querySelectorAll<HTMLElement>('a.week') ?? [];
    const found = [...cells].findIndex((cell) => {
      const { right, width } = cell.getBoundingClientRect();
      return x < (what.what === 'event' ? right : right - width / 2);
    });
    return found < 0 ? weeks.length + (what.what === 'event' ? 0 : 1) : found + 1;
  }

  const carry = (what: Carried) => (event: DragEvent) => {
    carried = what;
    event.dataTransfer?.setData('text/plain', what.what);
    if (event.dataTransfer) event.dataTransfer.effectAllowed = 'move';
  };
  const byKeys = (what: Carried, at: number) => (event: KeyboardEvent) => {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (by === 0) return;
    event.preventDefault();
    put(what, at + by);
  };
  const isAhead = (week: number): boolean => editable && week > (now ?? 0);
  const dropped = (event: DragEvent): void => {
    event.preventDefault();
    if (carried) put(carried, weekAt(event.clientX, carried));
    carried = null;
    over = null;
  };
  const eventsOf = ({ events }: SeasonWeek): string => events.map(({ name, kind }) => `${name}, ${kind}`).join('; ');
  const sizeOf = ({ from, to }: { from: number; to: number }): string =>
    `grid-column: ${String(from + 1)} / ${String(to + 2)}`;
</script>

{#if sent}
  <form method="post" action="?/{sent.action}" use:enhance={keep} bind:this={form} hidden>
    <CommandId of={sent.action} shows={sent.shows} />
    {#each Object.entries(sent.fields) as [name, value] (name)}<input {name} {value} />{/each}
  </form>
{/if}
{#if said}<p class="warn-text" role="alert">{said}</p>{/if}
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div
  class="strip"
  style="--weeks: {weeks.length}"
  bind:this={strip}
  ondragover={(event) => {
    if (!carried) return;
    event.preventDefault();
    over = weekAt(event.clientX, carried);
  }}
  ondrop={dropped}
  ondragend={() => {
    carried = null;
    over = null;
  }}
>
  {#each months as month (month.from)}<span class="month" style={sizeOf(month)}>{monthWord(month.key.slice(5))}</span
    >{/each}
  <b class="row phase">Phase</b>
  {#each phases as { key, week, ...span } (span.from)}
    <span class="phase {week.closed ? 'closed' : week.phase}" style={sizeOf(span)} title={key}
      >{span.to - span.from >= Math.floor(key.length / 5) ? key : ''}</span
    >
    {#if isAhead(span.from) && isGiven(weeks, span.from)}<button
        class="edge on-phase"
        style="grid-column: {span.from + 1}"
        draggable="true"
        ondragstart={carry({ what: 'edge', week: span.from })}
        onkeydown={byKeys({ what: 'edge', week: span.from }, span.from)}
        aria-label="{key} begins in week {span.from}: arrow keys move it"
        title="Drag, or arrow keys"
      ></button>{/if}
  {/each}
  <b class="row block">Block</b>
  {#each blocks as { key, week, ...span } (key)}
    <span class="block" style={sizeOf(span)} title="Block {key}, {week.of} weeks">{key}</span>
    {#if isAhead(span.from) && span.to < weeks.length}<button
        class="edge on-block"
        style="grid-column: {span.to + 2}"
        draggable="true"
        ondragstart={carry({ what: 'block', first: span.from })}
        onkeydown={byKeys({ what: 'block', first: span.from }, span.to + 1)}
        aria-label="Block {key} ends in week {span.to}: arrow keys move its end"
        title="Drag, or arrow keys"
      ></button>{/if}
  {/each}
  <b class="row events">Events</b>
  {#each weeks as week (week.number)}
    <span class="events" style="grid-column: {week.number + 1}" title={eventsOf(week)}>
      {#each week.events as event (event.id)}
        {#if editable && event.day >= today}<button
            class="mark"
            draggable="true"
            ondragstart={carry({ what: 'event', event, from: week.number })}
            onkeydown={byKeys({ what: 'event', event, from: week.number }, week.number)}
            aria-label="{event.name}, {event.kind}, {shortDate(event.day)}: arrow keys move it by a week"
            ><i class={event.kind} class:peak={event.peak}></i></button
          >{:else}<i class={event.kind} class:peak={event.peak}></i>{/if}
      {/each}
    </span>
  {/each}
  {#if over !== null}<span class="over" style="grid-column: {Math.min(over, weeks.length) + 1}"></span>{/if}
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

<style>
  .strip {
    display: grid;
    grid-template-columns: 76px repeat(var(--weeks), minmax(16px, 1fr));
    grid-template-rows: 18px 22px 16px minmax(24px, auto) 40px;
    row-gap: 4px;
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
  .edge,
  .mark {
    border: 0;
    background: none;
    padding: 0;
    cursor: grab;
  }
  .edge {
    position: relative;
    z-index: 1;
    width: 11px;
    justify-self: start;
    margin-left: -6px;
    cursor: ew-resize;
  }
  .edge:hover,
  .edge:focus-visible {
    background: var(--anil);
  }
  .on-phase {
    grid-row: 2;
  }
  .on-block {
    grid-row: 3;
  }
  .mark {
    display: grid;
    place-items: center;
    min-width: 15px;
    min-height: 24px;
  }
  .over {
    grid-row: 2 / 6;
    background: color-mix(in srgb, var(--anil) 20%, transparent);
    outline: 2px solid var(--anil);
    pointer-events: none;
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
