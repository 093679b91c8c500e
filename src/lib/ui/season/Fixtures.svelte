<script lang="ts">
  import { Button, Select, SelectItem } from 'carbon-components-svelte';
  import type { Trouble } from '$lib/model/forms';
  import { addDays } from '$core/calendar';
  import type { SeasonPage } from '$lib/model/season';
  import { shortDate } from '$lib/messages';
  import { enhance } from '$lib/ui/parts/enhance';
  import { eventTexts } from '$lib/model/shown/squad';
  import CommandId from '../parts/CommandId.svelte';
  import DayField from '../parts/DayField.svelte';
  import TypedField from '../parts/TypedField.svelte';
  import QuietButton from '$lib/ui/parts/QuietButton.svelte';

  let {
    href,
    events,
    outside,
    today,
    editable,
    hasSeason,
    trouble,
    taken,
  }: {
    href: string;
    events: SeasonPage['events'];
    outside: number;
    today: string;
    editable: boolean;
    hasSeason: boolean;
    trouble: (form: string) => Trouble | null;
    taken: {
      added: number;
      moved: number;
      same: number;
      removed: number;
      outside: number;
      bad: readonly { line: number | null; text: string; why: string }[];
    } | null;
  } = $props();

  const KINDS = ['friendly', 'league', 'cup', 'final'];
  /** days back that a match is still asked about: who played, for how long */
  const DAYS_BACK = 14;
  const from = $derived(addDays(today, -DAYS_BACK));
  const past = $derived(events.filter(({ day }) => day < from).length);
  let all = $state(false);
  const listed = $derived(all ? events : events.filter(({ day }) => day >= from));
  let changing = $state<string | null>(null);
</script>

<section aria-label="Events">
  <h2>Events</h2>
  {#if past > 0}<QuietButton type="button" aria-expanded={all} onclick={() => (all = !all)}
      >{all ? 'Hide' : 'Show'} {past} earlier</QuietButton
    >{/if}
  <ul>
    {#each listed as { id, day, name, kind, peak, words } (id)}
      <li>
        {#if changing === id}
          <form
            class="change"
            method="post"
            action="?/changeEvent"
            use:enhance={() =>
              async ({ update, result }) => {
                await update({ reset: false });
                if (result.type === 'success') changing = null;
              }}
          >
            <CommandId of="changeEvent" shows={eventTexts({ day, kind, peak })} />
            <input type="hidden" name="id" value={id} />
            <DayField name="day" label="{name}: day" value={day} trouble={trouble('changeEvent')} />
            <Select size="sm" labelText="Kind" name="kind" selected={kind}
              >{#each KINDS as one (one)}<SelectItem value={one} text={one} />{/each}</Select
            >
            <label><input type="checkbox" name="peak" checked={peak} /> Be at the best for it</label>
            <span class="buttons"
              ><Button type="submit" size="small">Keep</Button><Button
                size="small"
                kind="ghost"
                on:click={() => (changing = null)}>Leave</Button
              ></span
            >
          </form>
        {:else}
          <span><b>{words}</b> {name} <span class="note">{kind}{peak ? ', at the best' : ''}</span></span>
          {#if editable}<span class="buttons"
              ><a class="quiet" href="{href}/event/{id}" aria-label="Who plays in {name}, {shortDate(day)}">Who</a
              ><QuietButton onclick={() => (changing = id)} aria-label="Change {name}, {shortDate(day)}"
                >Change</QuietButton
              >
              <form method="post" action="?/removeEvent" use:enhance>
                <CommandId of="removeEvent {id}" /><input type="hidden" name="id" value={id} /><QuietButton
                  aria-label="Remove {name}, {shortDate(day)}">Remove</QuietButton
                >
              </form></span
            >{/if}
        {/if}
      </li>
    {:else}<li class="note">
        {past > 0 ? 'None ahead.' : 'None yet.'} Matches shape the days around them, and the season its phases.
      </li>{/each}
  </ul>
  {#if outside > 0}<p class="note">{outside} after the season's end: they shape no phase.</p>{/if}
  {#if editable}
    <form method="post" action="?/addEvent" use:enhance>
      <CommandId of="addEvent" />
      <div class="two">
        <DayField name="day" label="Day" value={today} trouble={trouble('addEvent')} />
        <Select size="sm" labelText="Kind" name="kind" selected={trouble('addEvent')?.typed.kind ?? 'league'}
          >{#each KINDS as kind (kind)}<SelectItem value={kind} text={kind} />{/each}</Select
        >
      </div>
      <TypedField name="name" label="Against, or what" trouble={trouble('addEvent')} />
      <Button type="submit" size="small" kind="tertiary">Add event</Button>
    </form>
    {#if hasSeason}
      <form method="post" action="?/fixtures" enctype="multipart/form-data" use:enhance>
        <CommandId of="fixtures" />
        <label class="file"
          >Fixture file, .ics or .csv <input type="file" name="file" accept=".ics,.csv,text/calendar,text/csv" /></label
        >
        {#if trouble('fixtures')?.errors.file}<p class="warn-text">{trouble('fixtures')?.errors.file?.[0]}</p>{/if}
        <Button type="submit" size="small" kind="tertiary">Import fixtures</Button>
      </form>
      {#if taken}
        <div role="status">
          <p>
            <b>{taken.added} added, {taken.moved} moved, {taken.removed} called off, {taken.same} as they were.</b
            >{#if taken.outside > 0}{' '}{taken.outside} outside the season left out.{/if}
          </p>
          {#if taken.bad.length > 0}<ul>
              {#each taken.bad as { line, text, why }, i (i)}<li class="note">
                  {line === null ? '' : `Line ${String(line)}: `}“{text}” {why}
                </li>{/each}
            </ul>{/if}
        </div>
      {/if}
    {/if}
  {/if}
</section>

<style>
  section,
  section > form {
    display: grid;
    gap: 10px;
    align-content: start;
    grid-template-columns: minmax(0, 1fr);
  }
  section :global(input) {
    min-width: 0;
    width: 100%;
  }
  .two {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: 6px;
    max-height: 420px;
    overflow-y: auto;
  }
  li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
  }
  .change {
    display: grid;
    gap: 8px;
    flex: 1;
    border: 1px solid var(--edge);
    padding: 10px;
  }
  .buttons {
    display: flex;
    align-items: baseline;
    gap: 10px;
  }
  .file {
    display: grid;
    gap: 6px;
    font-size: 13px;
  }
</style>
