<script lang="ts">
  import { tick } from 'svelte';
  import type { Trouble } from '$lib/model/forms';
  import type { Texts } from '$lib/model/merge-texts';
  import { eventTexts } from '$lib/model/shown/squad';
  import type { SeasonDay } from '$lib/model/season';
  import { enhance, keep } from '$lib/ui/parts/enhance';
  import CommandId from '../parts/CommandId.svelte';
  import DaySession from './DaySession.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    days,
    squadId,
    editable,
    trouble,
  }: {
    days: readonly SeasonDay[];
    squadId: string;
    editable: boolean;
    trouble: (form: string) => Trouble | null;
  } = $props();

  /** what is carried is an event, not a session */
  const EVENT = 'application/x-event';
  let form = $state<HTMLFormElement>();
  let eventForm = $state<HTMLFormElement>();
  let moved = $state<{ id: string; day: string; kind: string; peak: boolean; was: Texts } | null>(null);
  let move = $state({ from: '', to: '' });
  let over = $state<string | null>(null);
  const said = $derived(
    trouble('move')?.errors.to?.[0] ?? trouble('move')?.errors.from?.[0] ?? trouble('changeEvent')?.errors.day?.[0],
  );

  async function put(from: string, to: string): Promise<void> {
    if (from === to) return;
    move = { from, to };
    await tick();
    form?.requestSubmit();
  }

  async function putEvent(id: string, day: string): Promise<void> {
    const on = days.find(({ events }) => events.some((one) => one.id === id))?.day;
    const event = days.flatMap(({ events }) => events).find((one) => one.id === id);
    if (!event || on === undefined) return;
    moved = { id, day, kind: event.kind, peak: event.peak, was: eventTexts({ ...event, day: on }) };
    await tick();
    eventForm?.requestSubmit();
  }

  /** The next day of the week without a session: where one goes by keyboard or tap. */
  function freeDay(day: string, by: 1 | -1): string | null {
    const at = days.findIndex((one) => one.day === day);
    for (let i = at + by; days[i] && !days[i]?.isOver; i += by) if (!days[i]?.session) return days[i]?.day ?? null;
    return null;
  }
</script>

<form method="post" action="?/move" use:enhance={keep} bind:this={form} hidden>
  <CommandId of="move {move.from} {move.to}" />
  <input name="from" value={move.from} /><input name="to" value={move.to} /><input name="start" value="" />
</form>
{#if moved}<form method="post" action="?/changeEvent" use:enhance={keep} bind:this={eventForm} hidden>
    <CommandId of="changeEvent" shows={moved.was} />
    <input name="id" value={moved.id} /><input name="day" value={moved.day} /><input name="kind" value={moved.kind} />
    {#if moved.peak}<input name="peak" value="on" />{/if}
  </form>{/if}
{#if said}<p class="warn-text" role="alert">{said}</p>{/if}
<ol>
  {#each days as { day, words, isToday, isOver, tag, allows, events, practices, session } (day)}
    <li
      class:today={isToday}
      class:event={events.length > 0}
      class:over={over === day}
      ondragover={(event) => {
        // an event may fall on a day with a session, which then shifts; two sessions do not share a day
        if (!editable || isOver || (session && !event.dataTransfer?.types.includes(EVENT))) return;
        event.preventDefault();
        over = day;
      }}
      ondragleave={() => (over = null)}
      ondrop={(event) => {
        event.preventDefault();
        over = null;
        const id = event.dataTransfer?.getData(EVENT) ?? '';
        if (id !== '') return void putEvent(id, day);
        const from = event.dataTransfer?.getData('text/plain') ?? '';
        if (days.some((one) => one.day === from)) void put(from, day);
      }}
    >
      <header>
        <b>{words}</b>{#if tag}<b class="tag">{tag}</b>{/if}
      </header>
      <p class="note">{allows}</p>
      {#each events as { id, name, kind } (id)}<p
          class:carried={editable && !isOver}
          draggable={editable && !isOver}
          ondragstart={(event) => event.dataTransfer?.setData(EVENT, id)}
          role="group"
          aria-label="{name}, {kind}"
        >
          <b>{name}</b><br /><span class="note">{kind}</span>
        </p>{/each}
      {#if session}
        <DaySession
          {session}
          {day}
          href="/bench/{squadId}/{day}"
          earlier={editable && !isOver ? freeDay(day, -1) : null}
          later={editable && !isOver ? freeDay(day, 1) : null}
          {put}
        />
      {/if}
      {#each practices as { id, start, minutes, hardness, hard, off } (id)}
        <div class="practice">
          <span class:off
            >{start} Practice
            <span class="note">{minutes} min, {hard ? 'hard' : 'not hard'} ({hardness})</span></span
          >
          {#if editable && !isOver}<form method="post" action="?/practiceDay" use:enhance>
              <CommandId of="practiceDay {id} {day} {String(off)}" />
              <input type="hidden" name="id" value={id} /><input type="hidden" name="day" value={day} />
              <input type="hidden" name="minutes" value={off ? '' : '0'} />
              <QuietButton aria-label="{off ? 'On again' : 'Off'}: practice of {words}"
                >{off ? 'On again' : 'Off this day'}</QuietButton
              >
            </form>{/if}
        </div>
      {/each}
    </li>
  {/each}
</ol>

<style>
  ol {
    display: grid;
    grid-template-columns: repeat(7, minmax(112px, 1fr));
    overflow-x: auto;
    list-style: none;
    margin: 0;
    padding: 0;
  }
  li {
    border-right: var(--rule);
    padding: 10px;
    display: grid;
    gap: 6px;
    align-content: start;
    background: var(--cal-1);
    min-height: 150px;
  }
  li.today {
    background: var(--albero-w);
  }
  li.event {
    background: var(--ink);
    color: var(--cal);
  }
  li.event .note,
  li.event :global(.quiet) {
    color: var(--cal);
  }
  .carried {
    cursor: grab;
  }
  li.over {
    outline: 3px solid var(--anil);
    outline-offset: -3px;
  }
  header {
    display: flex;
    justify-content: space-between;
    flex-wrap: wrap;
    gap: 0 6px;
    font-size: 13px;
  }
  .off {
    text-decoration: line-through;
  }
  .practice,
  .note {
    font-size: 12.5px;
  }
</style>
